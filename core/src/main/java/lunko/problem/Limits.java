package lunko.problem;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

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
    /** The most scenes of a lesson. */
    public static final int SCENES = 200;
    /** The most characters of a text in a cell. */
    public static final int TEXT = 100_000;
    /** The most characters of the name of a table or column. */
    public static final int NAME = 200;

    private Limits() {}

    /** Why a table of more than {@link #ROWS} rows is too long. */
    public static TableFault tooManyRows() {
        return new TableFault.TooManyRows(ROWS);
    }

    /** Why a table with so many columns is too wide, if it is. */
    public static Optional<TableFault> ofColumns(int columns) {
        return columns <= COLUMNS ? Optional.empty()
                : Optional.of(new TableFault.TooManyColumns(columns, COLUMNS));
    }

    /** Why a table of so many rows and columns is too large, if it is. */
    public static Optional<TableFault> ofSize(int rows, int columns) {
        if (rows > ROWS) return Optional.of(tooManyRows());
        long cells = (long) rows * columns;
        return ofColumns(columns).or(() -> cells <= CELLS ? Optional.empty()
                : Optional.of(new TableFault.TooManyCells(cells, CELLS)));
    }

    /** Why so many tables are too many for a lesson, if they are. */
    public static Optional<TableFault> ofTables(int tables) {
        return tables <= TABLES ? Optional.empty()
                : Optional.of(new TableFault.TooManyTables(tables, TABLES));
    }

    /** Why so many links are too many for a lesson, if they are. */
    public static Optional<TableFault> ofLinks(int links) {
        return links <= LINKS ? Optional.empty()
                : Optional.of(new TableFault.TooManyLinks(links, LINKS));
    }

    /** Why so many scenes are too many for a lesson, if they are. */
    public static Optional<TableFault> ofScenes(int scenes) {
        return scenes <= SCENES ? Optional.empty()
                : Optional.of(new TableFault.TooManyScenes(scenes, SCENES));
    }

    /** Why a name cannot be one, if it cannot. */
    public static Optional<TableFault> ofName(String name) {
        if (name.length() > NAME) return Optional.of(new TableFault.NameTooLong(name.length(), NAME));
        return ofCharacters(name);
    }

    /** Why a text cannot stand in a cell, or be one of a lesson, if it cannot. */
    public static Optional<TableFault> ofText(String text) {
        if (text.length() > TEXT) return Optional.of(new TableFault.TextTooLong(text.length(), TEXT));
        return ofCharacters(text);
    }

    /** Half of a pair of surrogates is no character, and no file could hold it (RFC 3629, 3). */
    private static Optional<TableFault> ofCharacters(String text) {
        return text.codePoints().anyMatch(c -> c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE)
                ? Optional.of(new TableFault.HalfCharacter())
                : Optional.empty();
    }

    /** Why a number as it is written is too long, if it is. */
    public static Optional<TableFault> ofDigits(String written) {
        return written.length() <= Type.MOST_DIGITS ? Optional.empty() : Optional.of(tooManyDigits());
    }

    /** What is wrong with a number as it is written with a power of ten, such as {@code 1e3}, if something is. */
    public static Optional<TableFault> ofPower(String written) {
        String power =
                written.substring(written.toLowerCase(Locale.ROOT).indexOf('e') + 1).replaceFirst("^[+-]?0*", "");
        return power.length() > String.valueOf(Type.MOST_DIGITS).length() ? Optional.of(tooManyDigits())
                : ofDigits(new BigDecimal(written).toPlainString());
    }

    private static TableFault tooManyDigits() {
        return new TableFault.TooManyDigits(Type.MOST_DIGITS);
    }

    /** Whether a number has more digits than are read again. */
    public static boolean isTooLong(BigDecimal number) {
        long scale = Math.abs((long) number.scale());
        return number.precision() + scale > Type.MOST_DIGITS - 3 && (number.precision() + scale > 2L * Type.MOST_DIGITS
                || number.toPlainString().length() > Type.MOST_DIGITS);
    }

    /** Why what stands in a cell cannot, if it cannot. */
    private static Optional<TableFault> of(Entry entry) {
        if (entry.misfit().isPresent()) return ofText(entry.misfit().get());
        return switch (entry.value()) {
            case Value.TextValue(String text) -> ofText(text);
            case Value.DecimalValue(BigDecimal number) when isTooLong(number) ->
                Optional.of(tooManyDigits());
            case Value.DateValue(var day) when Type.DATE.read(day.toString()).isEmpty() ->
                Optional.of(new TableFault.DateTooFar(day));
            default -> Optional.empty();
        };
    }

    /** What is beyond the limits in a table and was not in the one before it, if anything is. */
    public static Optional<TableFault> fault(Table now, Optional<Table> before) {
        if (before.filter(same -> same == now).isPresent()) return Optional.empty();
        List<Row> known = before.map(Table::rows).orElse(List.of());
        return Stream.<Optional<TableFault>>concat(
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
}
