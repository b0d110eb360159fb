package lunko.table;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How large a table and what is in it may be. What is made here is also saved and opened again, and a lesson shows
 * every row.
 */
public final class Limits {
    /** The most rows of a table. */
    public static final int ROWS = 10_000;
    /** The most columns of a table. */
    public static final int COLUMNS = 200;
    /** The most cells of a table. */
    public static final int CELLS = 400_000;
    /** The most tables of a lesson. */
    public static final int TABLES = 200;
    /** The most links of a lesson. */
    public static final int LINKS = 1_000;
    /** The most characters of a text in a cell. */
    public static final int TEXT = 100_000;
    /** The most characters of the name of a table or column. */
    public static final int NAME = 200;

    private Limits() {}

    /** Why a table of more than {@link #ROWS} rows is too long, in a sentence. */
    public static String tooManyRows() {
        return "There are more than " + number(ROWS)
                + " rows, the most that Lunko opens, because a lesson shows every row and every comparison of two "
                + "rows: cut it down to the rows that make your point.";
    }

    /** Why a table with so many columns is too wide, in a sentence, if it is. */
    public static Optional<String> ofColumns(int columns) {
        return columns <= COLUMNS ? Optional.empty() : Optional.of("There are " + number(columns)
                + " columns; a lesson can show " + COLUMNS + ": leave out those that nobody will look at.");
    }

    /** Why a table of so many rows and columns is too large, in a sentence, if it is. */
    public static Optional<String> ofSize(int rows, int columns) {
        if (rows > ROWS) return Optional.of(tooManyRows());
        long cells = (long) rows * columns;
        return ofColumns(columns).or(() -> cells <= CELLS ? Optional.empty() : Optional.of("There are "
                + number((int) cells) + " cells; a lesson can show " + number(CELLS)
                + " of a table: leave out rows and columns that nobody will look at."));
    }

    /** Why so many tables are too many for a lesson, in a sentence, if they are. */
    public static Optional<String> ofTables(int tables) {
        return tables <= TABLES ? Optional.empty() : Optional.of("There are " + number(tables)
                + " tables; a lesson can have " + TABLES + ": leave out those that nobody will look at.");
    }

    /** Why so many links are too many for a lesson, in a sentence, if they are. */
    public static Optional<String> ofLinks(int links) {
        return links <= LINKS ? Optional.empty() : Optional.of("There are " + number(links)
                + " links; a lesson can have " + number(LINKS) + ": leave out those that nobody will look at.");
    }

    /** Why a name cannot be one, in a sentence, if it cannot. */
    public static Optional<String> ofName(String name) {
        if (name.length() > NAME) return Optional.of("A name of " + number(name.length())
                + " characters is too long: use " + NAME + " at most.");
        return ofCharacters(name);
    }

    /** Why a text cannot stand in a cell, or be one of a lesson, in a sentence, if it cannot. */
    public static Optional<String> ofText(String text) {
        if (text.length() > TEXT) return Optional.of("A text of " + number(text.length())
                + " characters is too long: a cell holds " + number(TEXT) + ".");
        return ofCharacters(text);
    }

    /** Half of a pair of surrogates is no character, and no file could hold it (RFC 3629, 3). */
    private static Optional<String> ofCharacters(String text) {
        return text.codePoints().anyMatch(c -> c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE)
                ? Optional.of("There is half of a character in it, which no file can hold: take it out.")
                : Optional.empty();
    }

    /** Why a number as it is written is too long, in a sentence, if it is. */
    public static Optional<String> ofDigits(String written) {
        return written.length() <= Type.MOST_DIGITS ? Optional.empty() : Optional.of(tooManyDigits());
    }

    private static String tooManyDigits() {
        return "A number of more than " + number(Type.MOST_DIGITS) + " digits is too long.";
    }

    /** Whether a number has more digits than are read again. */
    public static boolean isTooLong(BigDecimal number) {
        long scale = Math.abs((long) number.scale());
        return number.precision() + scale > Type.MOST_DIGITS - 3 && (number.precision() + scale > 2L * Type.MOST_DIGITS
                || number.toPlainString().length() > Type.MOST_DIGITS);
    }

    /** Why what stands in a cell cannot, in a sentence, if it cannot. */
    private static Optional<String> of(Entry entry) {
        if (entry.misfit().isPresent()) return ofText(entry.misfit().get());
        return switch (entry.value()) {
            case Value.TextValue(String text) -> ofText(text);
            case Value.DecimalValue(BigDecimal number) when isTooLong(number) ->
                Optional.of(tooManyDigits());
            case Value.DateValue(var day) when Type.DATE.read(day.toString()).isEmpty() ->
                Optional.of("The day " + day + " is too far away.");
            default -> Optional.empty();
        };
    }

    /** What is beyond the limits in a table and was not in the one before it, in a sentence, if anything is. */
    public static Optional<String> fault(Table now, Optional<Table> before) {
        if (before.filter(same -> same == now).isPresent()) return Optional.empty();
        List<Row> known = before.map(Table::rows).orElse(List.of());
        return Stream.<Optional<String>>concat(
                Stream.concat(
                        Stream.of(ofSize(now.rows().size(), now.columns().size()), ofName(now.name())),
                        now.columns().stream().map(column -> ofName(column.name()))),
                changed(now.rows(), known).flatMap(row -> row.entries().stream().map(Limits::of)))
                .flatMap(Optional::stream).findFirst();
    }

    private static Stream<Row> changed(List<Row> rows, List<Row> known) {
        return IntStream.range(0, rows.size())
                .filter(i -> i >= known.size() || rows.get(i) != known.get(i)).mapToObj(rows::get);
    }

    private static String number(int number) {
        return String.format(Locale.ROOT, "%,d", number);
    }
}
