package lunko.exchange.page;

import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Value;

/** Tables as Markdown (GitHub Flavored Markdown, tables), each under its name. */
public final class MarkdownText {
    private MarkdownText() {}

    /** Writes tables one below the other. */
    public static void write(List<Table> tables, Appendable out) throws IOException {
        for (Table table : tables) {
            out.append("## ").append(table.name()).append("\n\n")
                    .append(line(table.columns().stream().map(Column::name)))
                    .append(line(table.columns().stream().map(column -> column.type().isNumeric() ? "---:" : "---")));
            for (var row : table.rows()) out.append(line(row.written().stream().map(MarkdownText::cell)));
            out.append("\n");
        }
    }

    private static String line(Stream<String> cells) {
        return cells.collect(Collectors.joining(" | ", "| ", " |\n"));
    }

    /** What Markdown would take for a sign of its own is escaped. */
    private static String cell(Value value) {
        return value.shown().replaceAll("([\\\\|`*_\\[\\]<>&#~])", "\\\\$1").replaceAll("\\R", " ");
    }
}
