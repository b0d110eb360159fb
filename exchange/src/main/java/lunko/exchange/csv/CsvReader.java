package lunko.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import lunko.exchange.file.SourceText;
import lunko.exchange.grid.Grid;
import lunko.exchange.grid.Grid.Line;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Table;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;

/** Reads a CSV file as a table: its first line names the columns, and each column gets the narrowest type that fits. */
public final class CsvReader {
    /** Of the quote modes, this one makes the parser tell an empty field (null) from {@code ""}. */
    private static final CSVFormat FORMAT = CSVFormat.RFC4180.builder()
            .setQuoteMode(QuoteMode.ALL_NON_NULL).setIgnoreEmptyLines(false).get();

    private final String source;

    private CsvReader(String source) {
        this.source = source;
    }

    /** Reads a file; a problem if it cannot be read, is no CSV with a header and rows, or is too large to show. */
    public static Checked<Table> read(Path file) {
        return SourceText.read(file).then(text -> grid(tableName(file), text)).then(Grid::table);
    }

    /** The fields of a text that is CSV; a problem if it is none or is too large to show. */
    public static Checked<Grid> grid(String name, SourceText text) {
        return new CsvReader(text.source()).lines(name, text);
    }

    private static String tableName(Path file) {
        String name = Objects.toString(file.getFileName(), "");
        String stem = (name.lastIndexOf('.') > 0 ? name.substring(0, name.lastIndexOf('.')) : name).strip();
        return stem.isEmpty() ? "table" : stem;
    }

    private Checked<Grid> lines(String name, SourceText source) {
        if (source.text().isBlank()) {
            return problem("The file is empty: it needs a line with the column names, and a line for each row.");
        }
        List<Line> lines = new ArrayList<>();
        int line = 1;
        try (CSVParser parser = CSVParser.parse(source.text(), FORMAT.builder().setDelimiter(separator(source.text())).get())) {
            Iterator<CSVRecord> records = parser.iterator();
            while (records.hasNext()) {
                Line next = new Line(Place.line(this.source, line), fields(records.next()));
                // A line with nothing in it is no row, unless a row has one field only.
                if (lines.isEmpty() || !next.isBlank() || next.fields().size() > 1 || lines.getFirst().fields().size() == 1) lines.add(next);
                if (lines.size() > Grid.MOST_ROWS + 1) return Grid.tooManyRows(next.place());
                line = (int) parser.getCurrentLineNumber() + 1;
            }
        } catch (UncheckedIOException malformed) {
            return quotes(source, line);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return Checked.valid(new Grid(name, Place.in(this.source), lines));
    }

    /** The sign between fields: of comma, semicolon and tab, the one that stands most often in the first line. */
    private static char separator(String text) {
        String first = text.lines().findFirst().orElse("").replaceAll("\"[^\"]*\"", "");
        // The first of those that stand there as often is the comma.
        char most = ',';
        for (char sign : new char[] {';', '\t'}) {
            if (count(first, sign) > count(first, most)) most = sign;
        }
        return most;
    }

    private static long count(String text, char sign) {
        return text.chars().filter(c -> c == sign).count();
    }

    /** The fields of a record; {@code null} is what the parser gives for an empty one. */
    private static List<Optional<String>> fields(CSVRecord line) {
        return line.toList().stream().map(field -> Optional.ofNullable(field).map(CellText::read)).toList();
    }

    /** The parser refuses a text for its quotes alone: one that is not closed, or one with text right behind it. */
    private <T> Checked<T> quotes(SourceText text, int line) {
        int open = openQuote(text.text(), text.start(line));
        if (open < 0) {
            return Checked.invalid(Problem.at(Place.line(source, line),
                    "A closing quote is followed by more text: put a comma behind it, or double the quotes inside."));
        }
        return Checked.invalid(Problem.at(text.place(open),
                "The quote that opens here is never closed: add the closing quote."));
    }

    /** Where the quote stands that is still open at the end of the text, or -1; two quotes inside are one of the text. */
    private static int openQuote(String text, int start) {
        int open = -1;
        int closed = -1;
        int opened = -1;
        for (int at = text.indexOf('"', start); at >= 0; at = text.indexOf('"', at + 1)) {
            if (open >= 0) {
                closed = at;
                open = -1;
            } else {
                if (closed < 0 || closed != at - 1) opened = at;
                open = opened;
            }
        }
        return open;
    }

    private <T> Checked<T> problem(String sentence) {
        return Checked.invalid(Problem.at(Place.in(source), sentence));
    }
}
