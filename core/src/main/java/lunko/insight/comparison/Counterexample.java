package lunko.insight.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Stage;
import lunko.problem.Checked;
import lunko.table.Chance;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;
import lunko.words.Language;

/**
 * Small tables on which two queries give different rows.
 *
 * @param tables those of the tables that either query uses, with only the rows that it takes
 * @param one what the one gives there
 * @param other what the other gives there
 */
public record Counterexample(List<Table> tables, Stage one, Stage other) {
    private static final int TRIES = 1_500;
    private static final int MOST_ROWS = 3;
    private static final long SEED = 11;

    /** A query, as what it comes to on tables. */
    public interface Run extends Function<List<Table>, Checked<Stage>> {}

    /**
     * Looks for one, in tables made of rows of these, some of them twice, some with NULLs and some with values of other
     * columns; nothing, if none is found soon. The same tables and queries always give the same one.
     */
    public static Optional<Counterexample> of(List<Table> tables, List<String> used, Run one, Run other) {
        Chance random = new Chance(SEED);
        List<Table> own = tables.stream().filter(table -> used.contains(table.name())).toList();
        for (int i = 0; i < TRIES; i++) {
            List<Table> made = own.stream().map(table -> few(table, own, random)).toList();
            if (differ(made, one, other)) return Optional.of(least(made, one, other));
        }
        return Optional.empty();
    }

    /** The tables in a line each: {@code hives: (1, 'Clover', 11)}. */
    public List<String> told(Language in) {
        return tables.stream().map(table -> table.name() + ": " + (table.rows().isEmpty() ? in.counts().rows(0)
                : table.rows().stream().map(Counterexample::told).collect(Collectors.joining(" ")))).toList();
    }

    private static String told(Row row) {
        return row.values().stream().map(Value::sql).collect(Collectors.joining(", ", "(", ")"));
    }

    private static boolean differ(List<Table> tables, Run one, Run other) {
        return one.apply(tables) instanceof Checked.Valid<Stage>(Stage left)
                && other.apply(tables) instanceof Checked.Valid<Stage>(Stage right)
                && !Sameness.of(left, right).isSame();
    }

    /** A table of a few rows like those of another. */
    private static Table few(Table table, List<Table> all, Chance random) {
        List<List<Value>> rows = new ArrayList<>();
        int wanted = random.below(MOST_ROWS + 1);
        for (int i = 0; i < wanted; i++) {
            if (!rows.isEmpty() && random.onceIn(4)) rows.add(rows.getLast());
            else if (!table.rows().isEmpty()) rows.add(row(table, all, random));
        }
        return Table.of(table.name(), table.columns(), rows);
    }

    private static List<Value> row(Table table, List<Table> all, Chance random) {
        List<Value> row = new ArrayList<>(random.of(table.rows()).values());
        for (int column = 0; column < row.size(); column++) {
            switch (random.below(8)) {
                case 0 -> row.set(column, Value.NULL);
                case 1 -> row.set(column, random.of(table.rows()).value(column));
                case 2, 3 -> row.set(column, random.of(values(table.columns().get(column), all)));
                default -> {}
            }
        }
        return row;
    }

    /** What stands in columns of the same type, and NULL. */
    private static List<Value> values(Column column, List<Table> all) {
        return Stream.concat(Stream.of(Value.NULL), all.stream().flatMap(table -> IntStream
                .range(0, table.columns().size()).filter(at -> table.columns().get(at).type() == column.type()).boxed()
                .flatMap(at -> table.rows().stream().map(row -> row.value(at))))).toList();
    }

    /** Takes rows out as long as the queries differ without them. */
    private static Counterexample least(List<Table> tables, Run one, Run other) {
        List<Table> now = tables;
        boolean found = true;
        while (found) {
            found = false;
            for (List<Table> fewer : oneRowLess(now)) {
                if (!differ(fewer, one, other)) continue;
                now = fewer;
                found = true;
                break;
            }
        }
        return new Counterexample(now, one.apply(now).expect(), other.apply(now).expect());
    }

    private static List<List<Table>> oneRowLess(List<Table> tables) {
        List<List<Table>> all = new ArrayList<>();
        for (int t = 0; t < tables.size(); t++) {
            for (int r = 0; r < tables.get(t).rows().size(); r++) {
                Table table = tables.get(t);
                int without = r;
                List<List<Value>> rest = IntStream.range(0, table.rows().size()).filter(row -> row != without)
                        .mapToObj(row -> table.rows().get(row)).map(Row::values).toList();
                List<Table> fewer = new ArrayList<>(tables);
                fewer.set(t, Table.of(table.name(), table.columns(), rest));
                all.add(fewer);
            }
        }
        return all;
    }
}
