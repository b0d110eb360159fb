package lunko.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import lunko.exchange.file.SourceBytes;
import lunko.exchange.file.SourceText;
import lunko.exchange.file.Watch;
import lunko.exchange.grid.Grid.Line;
import lunko.exchange.grid.Grid;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Limits;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;

/** Reads separated values as a table; each column gets the narrowest type that fits. */
public final class CsvReader {
    /** Of the quote modes, this one makes the parser tell an empty field (null) from {@code ""}. */
    private static final CSVFormat FORMAT = CSVFormat.RFC4180.builder()
            .setQuoteMode(QuoteMode.ALL_NON_NULL).setIgnoreEmptyLines(false).get();

    private final Origin source;
    private final Dialect dialect;

    private CsvReader(Origin source, Dialect dialect) {
        this.source = source;
        this.dialect = dialect;
    }

    /**
     * What was read of a file.
     *
     * @param isCut whether there are more rows than these
     */
    public record Read(Grid grid, boolean isCut) {}

    /** The name for a table of a file: that of the file, without its ending. */
    public static String tableName(Path file) {
        String name = Objects.toString(file.getFileName(), "");
        String stem = (name.lastIndexOf('.') > 0 ? name.substring(0, name.lastIndexOf('.')) : name).strip();
        return stem.isEmpty() ? "table" : stem.substring(0, Math.min(stem.length(), Limits.NAME));
    }

    /**
     * The first lines of a file, as many as a table may have, in the dialect it seems to have but always in UTF-8; a
     * problem if it is none.
     */
    public static Checked<Read> read(Path file, Watch watch) {
        return SourceBytes.read(file, SourceText.MOST_BYTES, watch)
                .then(bytes -> SourceText.utf8(Origin.file(bytes.source()), bytes.bytes())
                        .then(text -> read(tableName(file), text,
                                Dialect.PLAIN.separated(Dialect.separator(text.text())), bytes.isCut())));
    }

    /** The first lines of a file in a dialect, as many as a table may have; a problem if it is none. */
    public static Checked<Read> read(String name, SourceBytes bytes, Dialect dialect) {
        return SourceText.decoded(Origin.file(bytes.source()), bytes.bytes(), dialect.encoding())
                .then(text -> read(name, text, dialect, bytes.isCut()));
    }

    /** The fields of a text whose first line names the columns; a problem if it is none or is too large to show. */
    public static Checked<Grid> grid(String name, SourceText text) {
        return grid(name, text, Dialect.PLAIN.separated(Dialect.separator(text.text())));
    }

    /** The fields of a text in a dialect; a problem if it is none or is too large to show. */
    public static Checked<Grid> grid(String name, SourceText text, Dialect dialect) {
        return read(name, text, dialect, false)
                .then(read -> read.isCut() ? Grid.tooManyRows(Place.in(text.source())) : Checked.valid(read.grid()));
    }

    private static Checked<Read> read(String name, SourceText text, Dialect dialect, boolean isCut) {
        return new CsvReader(text.source(), dialect).lines(name, text, isCut)
                .map(read -> dialect.header() ? read : new Read(read.grid().unnamed(), read.isCut()));
    }

    private Checked<Read> lines(String name, SourceText source, boolean isCut) {
        if (source.text().isEmpty()) { return problem(new FileFault.EmptyFile()); }
        List<Line> lines = new ArrayList<>();
        int most = Limits.ROWS + (dialect.header() ? 1 : 0);
        int line = 1;
        try (CSVParser parser = CSVParser.parse(source.text(),
                FORMAT.builder().setDelimiter(dialect.separator()).setQuote(dialect.quote().orElse(null)).get())) {
            Iterator<CSVRecord> records = parser.iterator();
            while (records.hasNext()) {
                Line next = new Line(Place.line(this.source, line), fields(records.next()));
                // A line with nothing in it is no row, unless a row has one field only.
                if (lines.isEmpty() || !next.isBlank() || next.fields().size() > 1
                        || lines.getFirst().fields().size() == 1)
                    lines.add(next);
                if (lines.size() > most)
                    return Checked.valid(new Read(new Grid(name, Place.in(this.source), lines.subList(0, most)), true));
                line = (int) parser.getCurrentLineNumber() + 1;
            }
        } catch (UncheckedIOException malformed) {
            return quotes(source, line);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return Checked.valid(new Read(new Grid(name, Place.in(this.source), lines), isCut));
    }

    /** The fields of a record; {@code null} is what the parser gives for an empty one. */
    private static List<Optional<String>> fields(CSVRecord line) {
        return line.toList().stream().map(field -> Optional.ofNullable(field).map(CellText::read)).toList();
    }

    /** The parser refuses a text for its quotes alone: one that is not closed, or one with text right behind it. */
    private <T> Checked<T> quotes(SourceText text, int line) {
        int open = openQuote(text.text(), text.start(line), dialect.quote().orElse('"'));
        if (open < 0) { return Checked.invalid(Problem.at(Place.line(source, line),
                new FileFault.TextAfterQuote())); }
        return Checked.invalid(Problem.at(text.place(open),
                new FileFault.OpenQuote()));
    }

    /**
     * Where the quote stands that is still open at the end of the text, or -1; two quotes inside are one of the text.
     */
    private static int openQuote(String text, int start, char quote) {
        int open = -1;
        int closed = -1;
        int opened = -1;
        for (int at = text.indexOf(quote, start); at >= 0; at = text.indexOf(quote, at + 1)) {
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

    private <T> Checked<T> problem(FileFault fault) {
        return Checked.invalid(Problem.at(Place.in(source), fault));
    }
}
