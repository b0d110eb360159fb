package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import lunko.engine.Stage;
import lunko.lesson.WrittenQuery;
import lunko.problem.ChangeFault;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.change.SqlDialect;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Table;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.statistics.Statistics;

/** A query said without FULL JOIN, NATURAL and USING gives the same rows, whatever is in the tables. */
class DialectAdapterProperties {
    private static final List<String> TABLES = List.of("hives", "keepers", "visits");
    private static final List<String> KINDS = List.of("", "LEFT ", "RIGHT ", "FULL ", "FULL ");

    @Property(tries = 1500, edgeCases = EdgeCasesMode.NONE)
    void anyQueryKeepsItsRows(@ForAll long seed) {
        QueryMaker maker = new QueryMaker(seed);
        List<Table> tables = maker.tables();
        QueryExpression query = maker.query();
        same(new SqlWriter().query(query), tables);
    }

    @Property(tries = 1500, edgeCases = EdgeCasesMode.NONE)
    void chainsKeepTheirRows(@ForAll long seed) {
        Random random = new Random(seed);
        String from = chain(random, random.nextInt(3));
        String items = pick(random, List.of("*", "*", "keeper_id, village", "DISTINCT hive", "a0.*", "COUNT(*)",
                "keeper_id AS k, a0.keeper_id"));
        String where = pick(random,
                List.of("", "", " WHERE keeper_id IS NULL OR village <> 'oda'", " WHERE hive IS NOT NULL"));
        String order =
                pick(random, List.of("", "", " ORDER BY 1", " ORDER BY keeper_id, village", " ORDER BY a0.keeper_id"));
        same("SELECT " + items + " FROM " + from + where + order, new QueryMaker(seed).tables());
    }

    @Example
    void whatAnInstructorWouldWriteIsSaid() {
        for (String sql : List.of(
                "SELECT * FROM hives a0 FULL JOIN keepers a1 ON a0.keeper_id = a1.keeper_id LEFT JOIN visits a2 ON "
                        + "a2.hive_no = a0.hive_no ORDER BY a0.hive",
                "SELECT DISTINCT a1.village FROM hives a0 FULL JOIN keepers a1 ON a0.keeper_id < a1.keeper_id",
                "SELECT * FROM hives a0 FULL JOIN keepers a1 ON a0.keeper_id = a1.keeper_id FULL JOIN visits a2 ON "
                        + "a2.keeper_id = a1.keeper_id",
                "SELECT keeper, kg FROM hives NATURAL JOIN keepers NATURAL LEFT JOIN visits WHERE keeper_id > 1 "
                        + "ORDER BY keeper_id, kg",
                "SELECT keeper_id, COUNT(*) FROM hives NATURAL RIGHT JOIN keepers GROUP BY keeper_id",
                "SELECT * FROM visits a0 LEFT JOIN (hives a1 FULL JOIN keepers a2 ON a1.keeper_id = a2.keeper_id) "
                        + "ON a0.hive_no = a1.hive_no")) {
            for (long seed = 0; seed < 40; seed++)
                assertThat(same(sql, new QueryMaker(seed).tables())).as(sql).isTrue();
        }
    }

    @Example
    void whatIsTooMuchIsSaidInASentence() {
        String full = " hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id";
        for (String sql : List.of(
                "SELECT * FROM (SELECT village FROM keepers) AS q CROSS JOIN" + full + " ORDER BY k.keeper",
                "SELECT village, COUNT(*) FROM" + full + " GROUP BY village",
                "SELECT * FROM" + full + " OR h.hive = k.keeper",
                "SELECT * FROM hives NATURAL JOIN keepers WHERE EXISTS (SELECT * FROM visits v WHERE v.keeper_id = "
                        + "keeper_id)",
                "SELECT hive FROM" + full + " UNION SELECT village FROM keepers")) {
            assertThat(WrittenQuery.of(sql).writtenFor(SqlDialect.PLAINEST, new QueryMaker(1).tables()).either(_ -> "",
                    Problem::fault)).as(sql).isInstanceOf(ChangeFault.class);
        }
    }

    private static String chain(Random random, int more) {
        StringBuilder from = new StringBuilder(pick(random, TABLES) + " a0");
        for (int i = 1; i <= 1 + more; i++) {
            String right = pick(random, TABLES) + " a" + i;
            from.append(" ").append(switch (random.nextInt(4)) {
                case 0 -> "NATURAL " + pick(random, KINDS) + "JOIN " + right;
                case 1 -> pick(random, KINDS) + "JOIN " + right + " USING (keeper_id)";
                default -> pick(random, KINDS) + "JOIN " + right + " ON a" + random.nextInt(i) + ".keeper_id "
                        + pick(random, List.of("=", "=", "<", "<>")) + " a" + i + ".keeper_id";
            });
        }
        return from.toString();
    }

    private static <T> T pick(Random random, List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    /** Compares, and says whether it can be said so. */
    private static boolean same(String sql, List<Table> tables) {
        if (!(WrittenQuery.of(sql).on(tables) instanceof Checked.Valid<Stage>(Stage own))) return false;
        Optional<String> adapted =
                WrittenQuery.of(sql).writtenFor(SqlDialect.PLAINEST, tables).either(Optional::of,
                        _ -> Optional.empty());
        Statistics.collect(adapted.isEmpty() ? "too much" : adapted.get().equals(sql) ? "as it is" : "said otherwise");
        if (adapted.isEmpty()) return false;
        assertThat(adapted.get()).doesNotContain("FULL", "NATURAL", "USING");
        Stage said = WrittenQuery.of(adapted.get()).on(tables).expect();
        assertThat(said.headings()).extracting(Stage.Heading::name).as(adapted.get())
                .isEqualTo(own.headings().stream().map(Stage.Heading::name).toList());
        // A part of rows that are in no order need not be the same part.
        if (!sql.contains("FETCH") && !sql.contains("OFFSET"))
            assertThat(said.rows()).as(sql + "\n" + adapted.get()).containsExactlyInAnyOrderElementsOf(own.rows());
        return true;
    }
}
