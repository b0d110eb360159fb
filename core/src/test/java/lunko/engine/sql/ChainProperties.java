package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.beside.RealDatabase;
import lunko.beside.Sqlite;
import lunko.engine.Rearranged;
import lunko.engine.Stage;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.problem.QueryNote;
import lunko.problem.RunFault;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Many tables, tied by conditions in any order, are joined in an order that can be done; the result is that of SQL. */
class ChainProperties {
    private static final int ROWS = 10;
    private static final int VALUES = 6;
    private static final int MOST_REFUSED = 3;

    private static int refused;

    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void manyTablesInAnyOrderGiveTheRowsOfARealDatabaseInTheOrderOfTheText(@ForAll long seed) throws Exception {
        Random random = new Random(seed);
        int count = 3 + random.nextInt(15);
        List<Table> tables = IntStream.range(0, count).mapToObj(i -> table(i, random)).toList();
        String text = query(count, random);
        Script script = new SqlParser(new Origin.Query()).parse(text).expect();
        Checked<Database.Answer> ran = Database.of(tables).run(script.statements().getFirst(), script);
        if (ran instanceof Checked.Invalid<Database.Answer>(Problem problem)) {
            // Of thousands of such queries a few have too many rows on the way in the order that is found for them.
            assertThat(problem.fault()).isInstanceOf(RunFault.TooManyRows.class);
            assertThat(++refused).as(text).isLessThan(MOST_REFUSED);
            return;
        }
        Database.Answer answer = ran.expect();
        ResultTable result = answer.result().orElseThrow();
        try (RealDatabase sqlite = Sqlite.start()) {
            sqlite.load(tables);
            List<Optional<Type>> types = result.columns().stream().map(ResultTable.Column::type).toList();
            assertThat(result.rows().stream().map(row -> row.stream().map(RealDatabase::spelt).toList()).toList())
                    .as(text).containsExactlyInAnyOrderElementsOf(sqlite.rows(text, types));
        }
        // Every table begins with the numbers of its rows.
        assertThat(result.rows()).as(text).isSortedAccordingTo((one, other) -> IntStream.range(0, count)
                .map(i -> one.get(i).sql().length() == other.get(i).sql().length()
                        ? one.get(i).sql().compareTo(other.get(i).sql())
                        : one.get(i).sql().length() - other.get(i).sql().length())
                .filter(compared -> compared != 0).findFirst().orElse(0));
        Stage stages = answer.stages().orElseThrow();
        boolean rearranged = stages.all().stream().anyMatch(Rearranged.class::isInstance);
        assertThat(answer.notes().stream().anyMatch(note -> note.fault() instanceof QueryNote.JoinedInAnotherOrder))
                .as(text).isEqualTo(rearranged);
        Timeline timeline = Timeline.of(stages, JoinAlgorithm.values()[0]);
        assertThat(timeline.at(timeline.last()).shown()).isNotNull();
    }

    private static Table table(int number, Random random) {
        return Table.of("t" + number, List.of(new Column("n" + number, Type.INTEGER),
                new Column("a" + number, Type.INTEGER), new Column("b" + number, Type.INTEGER)),
                IntStream.range(0, ROWS).mapToObj(row -> List.of(Value.of((long) row), value(random), value(random)))
                        .toList());
    }

    /** One of fewer values than there are rows, so that a row has more than one match; some are NULL. */
    private static Value value(Random random) {
        int value = random.nextInt(VALUES + 1);
        return value == VALUES ? Value.NULL : Value.of((long) value);
    }

    /** A chain written with commas or JOIN, or both, its tables in any order. */
    private static String query(int count, Random random) {
        List<Integer> order = new ArrayList<>(IntStream.range(0, count).boxed().toList());
        Collections.shuffle(order, random);
        List<String> where = new ArrayList<>(List.of("b" + order.getFirst() + " IN (1, 2, 3)", "a" + order.getLast()
                + " < 7"));
        StringBuilder from = new StringBuilder("t0");
        for (int table = 1; table < count; table++) {
            // In the order of the text, tables may have nothing to do with those before them.
            where.add(tie(order.get(table), order.get(random.nextInt(table)), random));
            from.append(switch (random.nextInt(8)) {
                case 0 -> " JOIN t" + table + " ON " + tie(table, table - 1, random);
                case 1 -> " CROSS JOIN t" + table;
                default -> ", t" + table;
            });
        }
        Collections.shuffle(where, random);
        return "SELECT " + IntStream.range(0, count).mapToObj(i -> "n" + i).collect(Collectors.joining(", ")) + " FROM "
                + from + " WHERE " + String.join(" AND ", where);
    }

    private static String tie(int one, int other, Random random) {
        return (random.nextBoolean() ? "a" : "b") + one + " = " + (random.nextBoolean() ? "a" : "b") + other;
    }
}
