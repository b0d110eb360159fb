package lunko.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import lunko.exchange.SourceText;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;

/** Reads a CSV file as a table: its first line names the columns, and each column gets the narrowest type that fits. */
public final class CsvReader {
    /** The most rows that a file may have. */
    public static final int MOST_ROWS = 10_000;
    /** The most columns that a file may have. */
    public static final int MOST_COLUMNS = 200;

    /** Of the quote modes, this one makes the parser tell an empty field (null) from {@code ""}. */
    private static final CSVFormat FORMAT = CSVFormat.RFC4180.builder()
            .setQuoteMode(QuoteMode.ALL_NON_NULL).setIgnoreEmptyLines(false).get();

    private final String source;

    private CsvReader(String source) {
        this.source = source;
    }

    /** Reads a file; a problem if it cannot be read, is no CSV with a header and rows, or is too large to show. */
    public static Checked<Table> read(Path file) {
        return SourceText.read(file).then(text -> new CsvReader(text.source()).table(tableName(file), text));
    }

    private static String tableName(Path file) {
        String name = Objects.toString(file.getFileName(), "");
        String stem = (name.lastIndexOf('.') > 0 ? name.substring(0, name.lastIndexOf('.')) : name).strip();
        return stem.isEmpty() ? "table" : stem;
    }

    /** A record and the line, counted from 1, on which it starts. */
    private record Line(int number, CSVRecord fields) {}

    private Checked<Table> table(String name, SourceText source) {
        if (source.text().isBlank()) {
            return problem("The file is empty: it needs a line with the column names, and a line for each row.");
        }
        List<Line> lines = new ArrayList<>();
        int line = 1;
        try (CSVParser parser = CSVParser.parse(source.text(), FORMAT)) {
            Iterator<CSVRecord> records = parser.iterator();
            while (records.hasNext()) {
                lines.add(new Line(line, records.next()));
                if (lines.size() > MOST_ROWS + 1) return tooManyRows(line);
                line = (int) parser.getCurrentLineNumber() + 1;
            }
        } catch (UncheckedIOException malformed) {
            return quotes(source, line);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return header(lines.getFirst()).then(names -> rows(names, lines.subList(1, lines.size())))
                .map(columns -> columns.table(name));
    }

    private Checked<List<String>> header(Line line) {
        int size = line.fields.size();
        if (size > MOST_COLUMNS) {
            return problem(line, "The file has " + count(size) + " columns; a lesson can show " + MOST_COLUMNS
                    + ": leave out those that nobody will look at.");
        }
        Map<String, Integer> seen = new LinkedHashMap<>();
        List<String> names = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            String name = Objects.toString(line.fields.get(i), "").strip();
            if (name.isEmpty()) {
                return problem(line, "Column " + (i + 1) + " has no name: give it one in this line.");
            }
            Integer earlier = seen.putIfAbsent(name.toLowerCase(Locale.ROOT), i);
            if (earlier != null) {
                return problem(line, "Columns " + (earlier + 1) + " and " + (i + 1) + " are both called " + name
                        + ": rename one of them in this line.");
            }
            names.add(name);
        }
        return Checked.valid(names);
    }

    private Checked<Content> rows(List<String> names, List<Line> lines) {
        List<List<String>> rows = new ArrayList<>();
        for (Line line : lines) {
            int size = line.fields.size();
            boolean blank = size == 1 && line.fields.get(0) == null;
            if (blank && names.size() > 1) continue;
            if (size != names.size()) {
                return problem(line, "This line has " + fields(size) + ", but the first line names "
                        + names.size() + (names.size() == 1 ? " column" : " columns")
                        + (size > names.size() ? ": put a field that contains a comma in double quotes."
                        : ": write nothing between two commas for NULL."));
            }
            rows.add(line.fields.toList());
        }
        if (rows.isEmpty()) {
            return problem("The file names its columns but has no rows: add at least one line below the first.");
        }
        return Checked.valid(new Content(names, rows));
    }

    /** The fields of a well-formed file; {@code null} is what the parser gives for an empty one. */
    private record Content(List<String> names, List<List<String>> rows) {

        Table table(String name) {
            List<Column> columns = IntStream.range(0, names.size()).mapToObj(i -> new Column(names.get(i),
                    Type.narrowest(rows.stream().map(row -> row.get(i)).filter(Objects::nonNull).toList()))).toList();
            return Table.of(name, columns, rows.stream().map(row -> IntStream.range(0, columns.size())
                    .mapToObj(i -> value(columns.get(i).type(), row.get(i))).toList()).toList());
        }

        private static Value value(Type type, String field) {
            return field == null ? Value.NULL : type.read(field).orElseThrow();
        }
    }

    private <T> Checked<T> tooManyRows(int line) {
        return Checked.invalid(Problem.at(Place.line(source, line), "The file has more than " + count(MOST_ROWS)
                + " rows, the most that Lunko opens, because a lesson shows every row and every comparison of two rows:"
                + " cut it down to the rows that make your point."));
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

    private <T> Checked<T> problem(Line line, String sentence) {
        return Checked.invalid(Problem.at(Place.line(source, line.number), sentence));
    }

    private static String fields(int size) {
        return size + (size == 1 ? " field" : " fields");
    }

    private static String count(int number) {
        return String.format(Locale.ROOT, "%,d", number);
    }
}
