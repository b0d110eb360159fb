package lunko.table;

import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * What the rows of a table are called in sentences and diagrams: by the first text column that tells all rows apart, a
 * key column only if there is no other; by its number where that gives no name.
 */
public final class RowNames {
    private static final int LONGEST = 24;

    private final Table table;
    private final Supplier<OptionalInt> column;

    private RowNames(Table table, Set<Integer> keys) {
        this.table = table;
        // Most tables are never spoken of.
        this.column = new Lazy<>(() -> column(table, keys));
    }

    /** The names for a table whose key columns, counted from 0, are these. */
    public static RowNames of(Table table, Set<Integer> keys) {
        return new RowNames(table, keys);
    }

    private static OptionalInt column(Table table, Set<Integer> keys) {
        List<Integer> telling = IntStream.range(0, table.columns().size())
                .filter(i -> table.columns().get(i).type() == Type.TEXT && tellsApart(table, i)).boxed().toList();
        OptionalInt column = telling.stream().filter(i -> !keys.contains(i)).mapToInt(i -> i).findFirst();
        return column.isPresent() ? column : telling.stream().mapToInt(i -> i).findFirst();
    }

    /** The name of a row, counted from 0. */
    public RowName of(int row) {
        OptionalInt named = column.get();
        if (named.isPresent()
                && table.rows().get(row).value(named.getAsInt()) instanceof Value.TextValue(String text)
                && !text.isBlank()) {
            String name = text.strip();
            return new RowName.Called(name.length() <= LONGEST ? name
                    : name.substring(0, LONGEST - 1).stripTrailing() + "…");
        }
        return new RowName.Numbered(table.name(), row);
    }

    private static boolean tellsApart(Table table, int column) {
        Set<String> seen = new HashSet<>();
        return table.rows().stream().map(row -> row.value(column)).filter(value -> !value.isNull())
                .allMatch(value -> seen.add(value.shown()));
    }
}
