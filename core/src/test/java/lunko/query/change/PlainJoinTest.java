package lunko.query.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.problem.Origin;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import lunko.query.sql.Statement;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Joins as they are drawn, as SQL text, and the texts that are such joins. */
class PlainJoinTest {
    private final Table hives = Table.empty("hives", new Column("no", Type.INTEGER), new Column("order", Type.TEXT));
    private final Table huts =
            Table.empty("hut list", new Column("no", Type.INTEGER), new Column("say \"x\"", Type.TEXT));

    @Test
    void namesThatSqlWouldMisreadAreQuotedAndAliasesDiffer() {
        PlainJoin join = PlainJoin.of(hives, JoinKind.FULL_OUTER, huts,
                List.of(new KeyPair("no", "no"), new KeyPair("order", "say \"x\"")));
        assertThat(new SqlWriter().query(join.query())).isEqualTo(
                "SELECT * FROM hives l FULL JOIN \"hut list\" r ON l.no = r.no AND l.\"order\" = r.\"say \"\"x\"\"\"");
        assertThat(new SqlWriter().query(join.of(JoinKind.CROSS).query()))
                .isEqualTo("SELECT * FROM hives l CROSS JOIN \"hut list\" r");
    }

    /** What stands behind → is the join that a text is: its sides with their aliases, its kind and its keys. */
    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '→', quoteCharacter = '`', value = {
            "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id → hives h left outer keepers k "
                    + "[keeper_id = keeper_id]",
            "SELECT * FROM hives h JOIN keepers k ON k.keeper_id = h.hive_no AND hive = keeper → hives h inner "
                    + "keepers k "
                    + "[hive_no = keeper_id, hive = keeper]",
            "SELECT * FROM hives NATURAL JOIN keepers → hives hives inner keepers keepers [keeper_id = keeper_id]",
            "SELECT * FROM hives h CROSS JOIN keepers k → hives h cross keepers k []",
            "SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE h.keeper_id = k.keeper_id) → "
                    + "hives h left semi keepers k [keeper_id = keeper_id]",
            "SELECT * FROM keepers k WHERE NOT EXISTS (SELECT * FROM hives h WHERE h.keeper_id = k.keeper_id) → "
                    + "hives h right anti keepers k [keeper_id = keeper_id]",
            "SELECT * FROM hives h WHERE h.keeper_id IN (SELECT k.keeper_id FROM keepers k) → hives h left semi "
                    + "keepers k [keeper_id = keeper_id]",
            "SELECT * FROM keepers k WHERE keeper IN (SELECT hive FROM hives h) → hives h right semi keepers k "
                    + "[hive = keeper]",
            "SELECT * FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id WHERE h.keeper_id IS NULL OR "
                    + "k.keeper_id IS NULL → hives h full anti keepers k [keeper_id = keeper_id]",
            "SELECT * FROM hives h WHERE h.keeper_id NOT IN (SELECT k.keeper_id FROM keepers k) → none",
            "SELECT * FROM hives h WHERE h.keeper_id IN (SELECT k.keeper_id FROM keepers k WHERE keeper = 'Oda') → "
                    + "none",
            "SELECT * FROM hives h WHERE h.keeper_id IN (SELECT DISTINCT k.keeper_id FROM keepers k) → none",
            "SELECT * FROM hives h WHERE h.keeper_id IN (SELECT 11 FROM keepers k) → none",
            "WITH keepers AS (SELECT * FROM hives) SELECT * FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id → "
                    + "none",
            "SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE h.keeper_id > k.keeper_id) → none",
            "SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k) → none",
            "SELECT * FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id WHERE h.keeper_id IS NULL → none",
            "SELECT * FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id WHERE h.hive_no = 1 → none",
            "SELECT * FROM hives h JOIN keepers k ON h.keeper_id > k.keeper_id → none",
            "SELECT * FROM hives h JOIN keepers k USING (keeper_id) → none",
            "SELECT * FROM hives h JOIN keepers h ON h.keeper_id = h.keeper_id → none",
            "SELECT hive FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id → none",
            "SELECT DISTINCT * FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id → none",
            "SELECT * FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id ORDER BY hive → none",
            "SELECT * FROM hives h, keepers k → none",
            "SELECT * FROM hives h JOIN nothing n ON h.keeper_id = n.keeper_id → none",
    })
    void aTextIsTheJoinThatItSaysOrNone(String text, String join) {
        Table bees = Table.empty("hives", new Column("hive_no", Type.INTEGER), new Column("hive", Type.TEXT),
                new Column("keeper_id", Type.INTEGER));
        Table keepers =
                Table.empty("keepers", new Column("keeper_id", Type.INTEGER), new Column("keeper", Type.TEXT));
        Script script = new SqlParser(new Origin.Query()).parse(text).expect();
        assertThat(script.statements().getFirst()).isInstanceOfSatisfying(Statement.Query.class, query -> assertThat(
                PlainJoin.in(query.query(), List.of(bees, keepers), "keepers").map(PlainJoinTest::said).orElse("none"))
                .isEqualTo(join));
    }

    private static String said(PlainJoin join) {
        return join.left().table() + " " + join.left().alias() + " " + join.kind().id() + " " + join.right().table()
                + " " + join.right().alias() + " "
                + join.on().stream().map(pair -> pair.left() + " = " + pair.right()).toList();
    }
}
