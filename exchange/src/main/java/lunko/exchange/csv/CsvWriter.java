package lunko.exchange.csv;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lunko.engine.JoinResult;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.exchange.file.Watch;
import lunko.exchange.file.WholeFile;
import lunko.problem.Checked;

/** Writes a result as CSV, so that {@link CsvReader} reads the same values back. */
public record CsvWriter(JoinResult outcome) {
    /**
     * Writes all rows to a file, which is there whole or not at all. Gives the number of rows; a problem if the file
     * cannot be written or the watch says stop.
     */
    public Checked<Long> write(Path file, Watch watch) {
        return new WholeFile(file).write(draft -> write(watch, Files.newBufferedWriter(draft)));
    }

    private Checked<Long> write(Watch watch, Writer to) throws IOException {
        List<ResultColumn> columns = outcome.columns();
        try (Writer out = to) {
            CsvText csv = CsvText.of(out, ',');
            csv.names(columns.stream().map(outcome::name).toList());
            for (long number = 0; number < outcome.size(); number++) {
                if (!watch.goesOn(number, outcome.size())) return Watch.stopped();
                ResultRow row = outcome.row(number);
                csv.line(columns.stream().map(column -> outcome.cell(row, column).value()).toList());
            }
        }
        return Checked.valid(outcome.size());
    }
}
