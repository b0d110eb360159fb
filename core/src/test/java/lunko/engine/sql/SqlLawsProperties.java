package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.problem.Origin;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Queries that say the same in different words give the same rows, whatever is in the tables. */
class SqlLawsProperties {
    private static final String ON = " ON h.keeper_id = k.keeper_id ";
    private static final String HIVES_ALONE =
            " FROM hives h WHERE NOT EXISTS (SELECT * FROM keepers k WHERE k.keeper_id = h.keeper_id) ";
    private static final String KEEPERS_ALONE =
            " FROM keepers k WHERE NOT EXISTS (SELECT * FROM hives h WHERE k.keeper_id = h.keeper_id) ";

    @Property(tries = 300, edgeCases = EdgeCasesMode.NONE)
    void outerJoinsAreTheInnerJoinAndTheUnmatchedRows(@ForAll long seed) {
        String inner = "SELECT h.*, k.* FROM hives h JOIN keepers k" + ON;
        String left = inner + "UNION ALL SELECT h.*, NULL, NULL, NULL, NULL" + HIVES_ALONE;
        String rightAlone = "UNION ALL SELECT NULL, NULL, NULL, k.*" + KEEPERS_ALONE;
        same(seed, "SELECT h.*, k.* FROM hives h LEFT JOIN keepers k" + ON, left);
        same(seed, "SELECT h.*, k.* FROM hives h RIGHT JOIN keepers k" + ON, inner + rightAlone,
                "SELECT h.*, k.* FROM keepers k LEFT JOIN hives h" + ON);
        same(seed, "SELECT h.*, k.* FROM hives h FULL JOIN keepers k" + ON, left + rightAlone);
        same(seed, inner, "SELECT * FROM hives h, keepers k WHERE h.keeper_id = k.keeper_id",
                "SELECT * FROM hives h CROSS JOIN keepers k WHERE h.keeper_id = k.keeper_id");
    }

    @Property(tries = 300, edgeCases = EdgeCasesMode.NONE)
    void naturalIsUsingTheCommonColumnsIsTheCoalescedJoin(@ForAll long seed) {
        for (String kind : List.of("", "LEFT ", "RIGHT ", "FULL ")) {
            same(seed, "SELECT * FROM hives NATURAL " + kind + "JOIN keepers",
                    "SELECT * FROM hives " + kind + "JOIN keepers USING (keeper_id)",
                    "SELECT COALESCE(h.keeper_id, k.keeper_id), hive_no, hive, keeper, village, active FROM hives h "
                            + kind + "JOIN keepers k" + ON);
        }
    }

    @Property(tries = 300, edgeCases = EdgeCasesMode.NONE)
    void semiAndAntiDivideTheRowsInAllTheirWords(@ForAll long seed) {
        String semi = "SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE h.keeper_id = k.keeper_id)";
        same(seed, "SELECT * FROM hives", semi + " UNION ALL SELECT *" + HIVES_ALONE);
        same(seed, semi, "SELECT * FROM hives WHERE keeper_id IN (SELECT keeper_id FROM keepers)");
        same(seed, semi.replace("SELECT * FROM hives", "SELECT DISTINCT * FROM hives"),
                "SELECT DISTINCT h.* FROM hives h JOIN keepers k" + ON);
        same(seed, "SELECT *" + HIVES_ALONE,
                "SELECT h.* FROM hives h LEFT JOIN keepers k" + ON + "WHERE k.keeper_id IS NULL");
        same(seed, "SELECT *" + KEEPERS_ALONE,
                "SELECT k.* FROM hives h RIGHT JOIN keepers k" + ON + "WHERE h.keeper_id IS NULL");
    }

    /**
     * NOT IN says more than NOT EXISTS: a NULL among the values, or before NOT IN unless there are none, keeps a row
     * out.
     */
    @Property(tries = 300, edgeCases = EdgeCasesMode.NONE)
    void notInIsNotExistsWhereNoNullIsInTheWay(@ForAll long seed) {
        String known = " AND (h.keeper_id IS NOT NULL OR NOT EXISTS (SELECT * FROM keepers))";
        same(seed, "SELECT * FROM hives WHERE keeper_id NOT IN (SELECT keeper_id FROM keepers)",
                "SELECT *" + HIVES_ALONE + known
                        + " AND NOT EXISTS (SELECT * FROM keepers k WHERE k.keeper_id IS NULL)");
        same(seed,
                "SELECT * FROM hives WHERE keeper_id NOT IN (SELECT keeper_id FROM keepers WHERE keeper_id IS NOT "
                        + "NULL)",
                "SELECT *" + HIVES_ALONE + known.replace("keepers)", "keepers WHERE keeper_id IS NOT NULL)"));
    }

    private static void same(long seed, String first, String... others) {
        Database database = Database.of(new QueryMaker(seed).tables());
        List<String> expected = rows(database, first);
        for (String other : others)
            assertThat(rows(database, other)).as(other).containsExactlyInAnyOrderElementsOf(expected);
    }

    private static List<String> rows(Database database, String query) {
        Script script = new SqlParser(new Origin.Query()).parse(query).expect();
        return database.run(script.statements().getFirst(), script).expect().result().orElseThrow().rows().stream()
                .map(row -> row.stream().map(Value::sql).toList().toString()).toList();
    }
}
