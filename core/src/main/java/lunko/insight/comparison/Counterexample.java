package lunko.insight.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.problem.Checked;
import lunko.table.Chance;
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
    private static final long SEED = 11;

    /** A query, as what it comes to on tables. */
    public interface Run extends Function<List<Table>, Checked<Stage>> {}

    /** Whether two results are alike. */
    public interface Likeness {
        /** Whether that of the one query and that of the other are. */
        boolean of(Stage one, Stage other);
    }

    /**
     * Looks for one among {@linkplain SmallTables small tables} like these, for which what they declare holds; nothing,
     * if none is found soon. The same tables and queries always give the same one.
     */
    public static Optional<Counterexample> of(List<Table> tables, Run one, Run other, Likeness likeness) {
        return of(tables, one, other, likeness, true);
    }

    /** The same, of tables for which what they declare does not hold, where there are no others. */
    public static Optional<Counterexample> ofAny(List<Table> tables, Run one, Run other, Likeness likeness) {
        return of(tables, one, other, likeness, true).or(() -> of(tables, one, other, likeness, false));
    }

    private static Optional<Counterexample> of(List<Table> tables, Run one, Run other, Likeness likeness,
            boolean declared) {
        List<String> used = Stream.of(one, other).flatMap(query -> query.apply(tables)
                .<Stream<Stage>>either(result -> result.all().stream(), _ -> Stream.empty()))
                .filter(Source.class::isInstance).map(stage -> ((Source) stage).table().name()).toList();
        List<Table> own = tables.stream().filter(table -> used.contains(table.name())).toList();
        SmallTables small = new SmallTables(own, declared, new Chance(SEED));
        Search search = new Search(one, other, likeness);
        for (int i = 0; i < TRIES; i++) {
            List<Table> made = small.made();
            if (search.differ(made)) return Optional.of(search.least(made));
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

    /** Two queries, and when what they give is alike. */
    private record Search(Run one, Run other, Likeness likeness) {

        boolean differ(List<Table> tables) {
            return one.apply(tables) instanceof Checked.Valid<Stage>(Stage left)
                    && other.apply(tables) instanceof Checked.Valid<Stage>(Stage right)
                    && !likeness.of(left, right);
        }

        /** Takes rows out as long as the queries differ without them. */
        Counterexample least(List<Table> tables) {
            List<Table> now = tables;
            Optional<List<Table>> fewer = Optional.of(tables);
            while (fewer.isPresent()) {
                now = fewer.get();
                fewer = oneRowLess(now).stream().filter(this::differ).findFirst();
            }
            return new Counterexample(now, one.apply(now).expect(), other.apply(now).expect());
        }
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
