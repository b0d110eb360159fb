package lunko.exchange.csv;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lunko.engine.Outcome;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.exchange.Watch;
import lunko.exchange.WholeFile;
import lunko.problem.Checked;
import lunko.table.Value;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;

/** Writes a result as CSV, so that {@link CsvReader} reads the same values back. */
public record CsvWriter(Outcome outcome) {
    private static final CSVFormat PLAIN = CSVFormat.RFC4180;
    private static final CSVFormat QUOTED = PLAIN.builder().setQuoteMode(QuoteMode.ALL).get();

    /**
     * Writes all rows to a file, which is there whole or not at all. Gives the number of rows; a
     * problem if the file cannot be written or the watch says stop.
     */
    public Checked<Long> write(Path file, Watch watch) {
        return new WholeFile(file).write(draft -> write(watch, Files.newBufferedWriter(draft)))
                .map(_ -> outcome.size());
    }

    private boolean write(Watch watch, Writer to) throws IOException {
        List<ResultColumn> columns = outcome.columns();
        try (Writer out = to) {
            boolean first = true;
            for (ResultColumn column : columns) {
                PLAIN.print(outcome.name(column), out, first);
                first = false;
            }
            PLAIN.println(out);
            for (long number = 0; number < outcome.size(); number++) {
                if (!watch.goesOn(number, outcome.size())) return false;
                ResultRow row = outcome.row(number);
                for (int i = 0; i < columns.size(); i++) {
                    print(outcome.cell(row, columns.get(i)).value(), out, i == 0);
                }
                PLAIN.println(out);
            }
        }
        return true;
    }

    /** Quotes the empty text, which would otherwise be read back as NULL, and NULL never. */
    private static void print(Value value, Writer out, boolean first) throws IOException {
        if (value.isNull()) {
            if (!first) out.append(PLAIN.getDelimiterString());
        } else {
            (value.shown().isEmpty() ? QUOTED : PLAIN).print(value.shown(), out, first);
        }
    }
}
