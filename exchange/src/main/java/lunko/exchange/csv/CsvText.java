package lunko.exchange.csv;

import java.io.IOException;
import java.util.List;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;

/** Writes lines of values as CSV, so that {@link CsvReader} reads the same values back. */
public final class CsvText {
    private final Appendable out;
    private final CSVFormat plain;
    private final CSVFormat quoted;
    private final boolean guarded;

    private CsvText(Appendable out, CSVFormat plain, boolean guarded) {
        this.out = out;
        this.plain = plain;
        this.guarded = guarded;
        this.quoted = plain.builder().setQuoteMode(QuoteMode.ALL).get();
    }

    /** Text with that sign between its fields, for a file: what a spreadsheet would run is guarded. */
    public static CsvText of(Appendable out, char separator) {
        return new CsvText(out, CSVFormat.RFC4180.builder().setDelimiter(separator).get(), true);
    }

    /** Text with commas between its fields, for another program: every text as it is. */
    public static CsvText plain(Appendable out) {
        return new CsvText(out, CSVFormat.RFC4180, false);
    }

    /** Writes a table, the names of its columns first. What does not fit its column is written as it was typed. */
    public void table(Table table) throws IOException {
        names(table.columns().stream().map(Column::name).toList());
        for (Row row : table.rows()) line(row.written());
    }

    /**
     * Writes the first line. A name with any sign that could be a separator is quoted: the first line tells which is.
     */
    public void names(List<String> names) throws IOException {
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i);
            boolean unclear = Dialect.SEPARATORS.stream().anyMatch(sign -> name.indexOf(sign) >= 0);
            (unclear ? quoted : plain).print(guarded ? CellText.written(name) : name, out, i == 0);
        }
        plain.println(out);
    }

    /** Writes a line. The empty text is quoted, which would otherwise be read back as NULL, and NULL is nothing. */
    public void line(List<Value> values) throws IOException {
        for (int i = 0; i < values.size(); i++) {
            String text = guarded && values.get(i) instanceof Value.TextValue(String written)
                    ? CellText.written(written) : values.get(i).shown();
            if (!values.get(i).isNull()) (text.isEmpty() ? quoted : plain).print(text, out, i == 0);
            else if (i > 0) out.append(plain.getDelimiterString());
        }
        plain.println(out);
    }
}
