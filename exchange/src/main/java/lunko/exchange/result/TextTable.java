package lunko.exchange.result;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.sql.ResultTable;
import lunko.exchange.page.MarkdownText;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.Language;

/** A result as columns of characters, numbers to the right. */
final class TextTable {
    private TextTable() {}

    static String aligned(ResultTable result, Language in) {
        List<List<String>> lines = lines(result, UnaryOperator.identity());
        List<Integer> widths = widths(lines);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < lines.size(); i++) {
            text.append(padded(result, lines.get(i), widths, "  ").stripTrailing()).append('\n');
            if (i == 0) text.append(widths.stream().map("─"::repeat).collect(Collectors.joining("  "))).append('\n');
        }
        return text.append(in.counts().rows(result.rows().size())).append("\n\n").toString();
    }

    static String markdown(ResultTable result) {
        List<List<String>> lines = lines(result, MarkdownText::escaped);
        List<Integer> widths = widths(lines).stream().map(width -> Math.max(width, 3)).toList();
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < lines.size(); i++) {
            text.append("| ").append(padded(result, lines.get(i), widths, " | ")).append(" |\n");
            if (i == 0) {
                text.append(IntStream.range(0, widths.size()).mapToObj(c -> isNumber(result, c)
                        ? " " + "-".repeat(widths.get(c) - 1) + ": " : " " + "-".repeat(widths.get(c)) + " ")
                        .collect(Collectors.joining("|", "|", "|\n")));
            }
        }
        return text.append('\n').toString();
    }

    private static List<List<String>> lines(ResultTable result, UnaryOperator<String> escape) {
        List<List<String>> lines = new ArrayList<>();
        lines.add(result.columns().stream().map(column -> escape.apply(column.name())).toList());
        result.rows().forEach(row -> lines.add(row.stream().map(Value::shown).map(escape).toList()));
        return lines;
    }

    private static List<Integer> widths(List<List<String>> lines) {
        return IntStream.range(0, lines.getFirst().size())
                .mapToObj(c -> lines.stream().mapToInt(line -> length(line.get(c))).max().orElse(0)).toList();
    }

    private static String padded(ResultTable result, List<String> line, List<Integer> widths, String between) {
        return IntStream.range(0, line.size()).mapToObj(c -> {
            String blanks = " ".repeat(widths.get(c) - length(line.get(c)));
            return isNumber(result, c) ? blanks + line.get(c) : line.get(c) + blanks;
        }).collect(Collectors.joining(between));
    }

    private static int length(String text) {
        return text.codePointCount(0, text.length());
    }

    private static boolean isNumber(ResultTable result, int column) {
        return result.columns().get(column).type().map(Type::isNumeric).orElse(false);
    }
}
