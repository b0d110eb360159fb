package lunko.exchange.page;

import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.table.Table;

/** Tables as Markdown (GitHub Flavored Markdown, tables), each under its name. */
public final class MarkdownText {
    private static final Pattern SIGNS =
            Pattern.compile("[\\\\|`*\\[\\]<>&#~]|(?<!\\p{Alnum})_|_(?!\\p{Alnum})");

    private MarkdownText() {}

    /** Writes tables one below the other. */
    public static void write(List<Table> tables, Appendable out) throws IOException {
        for (Table table : tables) {
            out.append("## ").append(escaped(table.name())).append("\n\n")
                    .append(line(table.columns().stream().map(column -> escaped(column.name()))))
                    .append(line(table.columns().stream().map(column -> column.type().isNumeric() ? "---:" : "---")));
            for (var row : table.rows()) out.append(line(row.written().stream().map(value -> escaped(value.shown()))));
            out.append("\n");
        }
    }

    private static String line(Stream<String> cells) {
        return cells.collect(Collectors.joining(" | ", "| ", " |\n"));
    }

    /** A text in which nothing is a sign of Markdown's own; the underscore within a word is none. */
    public static String escaped(String text) {
        return SIGNS.matcher(text).replaceAll("\\\\$0").replaceAll("\\R", "<br>");
    }
}
