package lunko.exchange.csv;

import java.util.regex.Pattern;

/**
 * Texts that a spreadsheet would run as a formula when it opens a CSV file: those that begin with {@code =}, {@code +},
 * {@code -} or {@code @}, or with a tab or line end. They are written with a single quote before them, which makes a
 * text of them there, and which is taken away again when Lunko reads them.
 */
final class CellText {
    private static final Pattern RUNS = Pattern.compile("(?s)'*[=+\\-@\\t\\r\\n].*");

    private CellText() {}

    static String written(String text) {
        return RUNS.matcher(text).matches() ? "'" + text : text;
    }

    static String read(String field) {
        return field.startsWith("'") && RUNS.matcher(field).matches() ? field.substring(1) : field;
    }
}
