package lunko.insight.comparison;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.table.Chance;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Value;

/**
 * Makes small tables like some that there are: of rows of theirs, some twice, some with NULLs and some with values of
 * other columns.
 *
 * @param declared whether what a table declares of its columns holds for those that are made, as long as it holds for
 * itself: a key has no value twice, and NULL stands only where it may
 */
record SmallTables(List<Table> like, boolean declared, Chance chance) {
    private static final int MOST_ROWS = 3;

    /** One for each of those that there are. */
    List<Table> made() {
        return like.stream().map(this::made).toList();
    }

    private Table made(Table table) {
        List<List<Value>> rows = new ArrayList<>();
        Set<List<Value>> keys = new HashSet<>();
        boolean keyed = declared && keepsItsKey(table);
        int wanted = table.rows().isEmpty() ? 0 : chance.below(MOST_ROWS + 1);
        for (int i = 0; i < wanted; i++) {
            List<Value> row = !rows.isEmpty() && chance.onceIn(4) ? rows.getLast() : row(table);
            if (!keyed || keys.add(key(table, row))) rows.add(row);
        }
        return Table.of(table.name(), table.columns(), rows);
    }

    private List<Value> row(Table table) {
        List<Value> row = new ArrayList<>(chance.of(table.rows()).values());
        for (int at = 0; at < row.size(); at++) {
            Column column = table.columns().get(at);
            switch (chance.below(8)) {
                case 0 -> row.set(at, mayBeNull(table, at) ? Value.NULL : row.get(at));
                case 1 -> row.set(at, chance.of(table.rows()).value(at));
                case 2, 3 -> {
                    List<Value> others = values(column, mayBeNull(table, at));
                    if (!others.isEmpty()) row.set(at, chance.of(others));
                }
                default -> {}
            }
        }
        return row;
    }

    /** What stands in columns of the same type, and NULL where it may stand. */
    private List<Value> values(Column column, boolean orNull) {
        Stream<Value> there = like.stream().flatMap(table -> IntStream.range(0, table.columns().size())
                .filter(at -> table.columns().get(at).type() == column.type()).boxed()
                .flatMap(at -> table.rows().stream().map(row -> row.value(at))));
        return Stream.concat(Stream.of(Value.NULL), there).filter(value -> orNull || !value.isNull()).toList();
    }

    private boolean mayBeNull(Table table, int column) {
        return !declared || table.columns().get(column).nullable()
                || table.rows().stream().anyMatch(row -> row.value(column).isNull());
    }

    private static boolean keepsItsKey(Table table) {
        Set<List<Value>> keys = new HashSet<>();
        return !table.key().isEmpty()
                && table.rows().stream().allMatch(row -> keys.add(key(table, row.values())));
    }

    private static List<Value> key(Table table, List<Value> row) {
        return table.key().stream().map(row::get).toList();
    }
}
