package lunko.exchange.csv;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import lunko.engine.Outcome;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.exchange.Watch;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Value;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;

/** Writes a result as CSV, so that {@link CsvReader} reads the same values back. */
public final class CsvWriter {
    private static final CSVFormat PLAIN = CSVFormat.RFC4180;
    private static final CSVFormat QUOTED = PLAIN.builder().setQuoteMode(QuoteMode.ALL).get();

    private CsvWriter() {}

    /**
     * Writes all rows of a result to a file, which is there whole or not at all. Gives the number of rows; a
     * problem if the file cannot be written or the watch says stop.
     */
    public static Checked<Long> write(Outcome outcome, Path file, Watch watch) {
        Path absolute = file.toAbsolutePath();
        Path folder = absolute.getParent();
        try {
            if (folder == null || Files.isDirectory(absolute)) return problem(file, "This is a folder: name a file in it.");
            Path draft = Files.createTempFile(folder, ".lunko", ".csv");
            try {
                if (!write(outcome, watch, Files.newBufferedWriter(draft))) {
                    return problem(file, "Saving was stopped, and nothing was written.");
                }
                Files.move(draft, absolute, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(draft);
            }
            return Checked.valid(outcome.size());
        } catch (NoSuchFileException missing) {
            return problem(file, "There is no such folder: choose one that exists.");
        } catch (AccessDeniedException denied) {
            return problem(file, "The folder may not be written to: choose another one.");
        } catch (IOException failed) {
            return problem(file, "The file could not be written (" + failed.getMessage() + "): choose another place.");
        }
    }

    private static boolean write(Outcome outcome, Watch watch, Writer to) throws IOException {
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

    private static <T> Checked<T> problem(Path file, String sentence) {
        return Checked.invalid(Problem.at(Place.in(file.toString()), sentence));
    }
}
