package lunko.exchange.csv;

import java.io.IOException;
import java.util.List;
import lunko.table.Value;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;

/** Writes lines of values as CSV, so that {@link CsvReader} reads the same values back. */
public record CsvText(Appendable out) {
    private static final CSVFormat PLAIN = CSVFormat.RFC4180;
    private static final CSVFormat QUOTED = PLAIN.builder().setQuoteMode(QuoteMode.ALL).get();

    /** Writes a line. The empty text is quoted, which would otherwise be read back as NULL, and NULL is nothing. */
    public void line(List<Value> values) throws IOException {
        for (int i = 0; i < values.size(); i++) {
            String shown = values.get(i).shown();
            if (!values.get(i).isNull()) (shown.isEmpty() ? QUOTED : PLAIN).print(shown, out, i == 0);
            else if (i > 0) out.append(PLAIN.getDelimiterString());
        }
        PLAIN.println(out);
    }
}
