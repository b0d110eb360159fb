package lunko.engine.sql;

import static lunko.engine.sql.TeachingScript.DEMO;
import static lunko.engine.sql.TeachingScript.answer;
import static lunko.engine.sql.TeachingScript.run;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.problem.QueryNote;
import lunko.problem.RunFault;
import lunko.problem.TableFault;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Teaching scripts: what they give, and what mends those that go wrong. */
class DatabaseTest {
    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '→', quoteCharacter = '`', value = {
            "SELECT * FROM hives NATURAL JOIN keepers WHERE hive_no = 1 → [11, 1, Clover, Oda, Ashholt]",
            "SELECT * FROM hives h RIGHT JOIN keepers k USING (keeper_id) WHERE keeper_id = 13 → [13, NULL, NULL, "
                    + "Bert, Ashholt]",
            "SELECT h.*, k.keeper FROM hives h FULL JOIN keepers k USING (keeper_id) WHERE hive = 'Linden' → [3, "
                    + "Linden, NULL, NULL]",
            "SELECT keeper FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives) → ",
            "SELECT keeper FROM keepers k WHERE NOT EXISTS (SELECT 1 FROM hives h WHERE h.keeper_id = k.keeper_id) "
                    + "→ [Bert]",
            "SELECT hive, (SELECT SUM(kg) FROM harvests v WHERE v.hive_no = h.hive_no) FROM hives h WHERE hive_no < "
                    + "3 → [Clover, 5.5] [Heather, NULL]",
            "SELECT village, COUNT(*), COUNT(DISTINCT village) FROM keepers GROUP BY village HAVING COUNT(*) > 1 → "
                    + "[Ashholt, 2, 1]",
            "SELECT COUNT(*), SUM(kg), MIN(kg) FROM harvests WHERE kg > 100 → [0, NULL, NULL]",
            "SELECT hive FROM hives ORDER BY keeper_id DESC NULLS LAST, hive OFFSET 1 FETCH FIRST 2 ROWS ONLY → "
                    + "[Bramble] [Clover]",
            "SELECT village FROM keepers EXCEPT ALL SELECT 'Ashholt' → [Reedmere] [Ashholt]",
            "SELECT -7 / 2, 7.0 / 2, CAST(2.5 AS INTEGER), CAST(' 12 ' AS INTEGER) → [-3, 3.5000000000000000, 3, 12]",
            "SELECT CASE WHEN NULL = NULL THEN 'yes' ELSE 'no' END, NULL IS NOT DISTINCT FROM NULL → [no, true]",
            "SELECT 'Oda' LIKE '_d%', 'oda' LIKE 'O%', TRIM('  x ') || 'y' → [true, false, xy]",
    })
    void queriesGiveWhatTheStandardSays(String query, String rows) {
        ResultTable result = run(DEMO + query).expect();
        assertThat(String.join(" ",
                result.rows().stream().map(row -> row.stream().map(Value::shown).toList().toString()).toList()))
                .isEqualTo(rows == null ? "" : rows);
    }

    @Test
    void whatNoLessonCanHoldIsRefusedWhereItIsMade() {
        String doubled = "UPDATE keepers SET keeper = keeper || keeper;";
        assertThat(fault(DEMO + doubled.repeat(40))).isEqualTo(new RunFault.TextTooLong("keeper || keeper", 100_000));
        String columns = IntStream.rangeClosed(1, 201).mapToObj(i -> "c" + i + " INTEGER")
                .collect(Collectors.joining(", "));
        assertThat(fault("CREATE TABLE wide (" + columns + ")")).isEqualTo(new TableFault.TooManyColumns(201, 200));
        String rows = IntStream.rangeClosed(1, 10_001).mapToObj(i -> "(" + i + ")").collect(Collectors.joining(", "));
        assertThat(fault("CREATE TABLE tall (no INTEGER); INSERT INTO tall VALUES " + rows))
                .isEqualTo(new TableFault.TooManyRows(10_000));
        assertThat(fault("CREATE TABLE t (n DECIMAL); INSERT INTO t VALUES (" + "9".repeat(900) + ".5);"
                + "UPDATE t SET n = n * n")).isEqualTo(new RunFault.TooManyDigits("n * n"));
    }

    private static Fault fault(String script) {
        return run(script).either(result -> fail("no problem: " + result), Problem::fault);
    }

    /** What stands behind → is what differs, each fix after a bar; all of them run. */
    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '→', quoteCharacter = '`', value = {
            "SELECT * FROM hive → SELECT * FROM hives",
            "SELECT hiev FROM hives → SELECT hive FROM hives",
            "SELECT x.hive FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id → SELECT h.hive FROM hives h "
                    + "JOIN keepers k ON h.keeper_id = k.keeper_id",
            "SELECT keeper_id FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id → SELECT h.keeper_id FROM "
                    + "hives h JOIN keepers k ON h.keeper_id = k.keeper_id | SELECT k.keeper_id FROM hives h JOIN "
                    + "keepers k ON h.keeper_id = k.keeper_id",
            "SELECT * FROM hives JOIN keepers k → SELECT * FROM hives JOIN keepers k ON hives.keeper_id = "
                    + "k.keeper_id | SELECT * FROM hives CROSS JOIN keepers k",
            "SELECT * FROM hives h JOIN keepers k ON h.hive_no = v.hive_no JOIN harvests v ON h.keeper_id = "
                    + "k.keeper_id → SELECT * FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id JOIN "
                    + "harvests v ON h.hive_no = v.hive_no",
            "SELECT * FROM hives WHERE hive = 3 → SELECT * FROM hives WHERE hive = '3'",
            "SELECT * FROM hives WHERE '3' < hive_no → SELECT * FROM hives WHERE 3 < hive_no",
            "SELECT kg * 2 AS twice FROM harvests WHERE twice > 3 → SELECT kg * 2 AS twice FROM harvests WHERE (kg "
                    + "* 2) > 3",
            "SELECT village, keeper FROM keepers GROUP BY village → SELECT village, keeper FROM keepers GROUP BY "
                    + "village, keeper",
            "SELECT village, COUNT(*) FROM keepers WHERE keeper_id > 1 → SELECT village, COUNT(*) FROM keepers "
                    + "WHERE keeper_id > 1 GROUP BY village",
            "SELECT * FROM hives JOIN keepers USING (keper_id) → SELECT * FROM hives JOIN keepers USING (keeper_id)",
            "SELECT * FROM hives, hives → SELECT * FROM hives, hives AS hives2",
            "SELECT * FROM (SELECT 1 AS one) → SELECT * FROM (SELECT 1 AS one) AS q",
            "SELECT uper(hive) FROM hives → SELECT UPPER(hive) FROM hives",
            "SELECT * FROM hives WHERE hive = 'Clover → SELECT * FROM hives WHERE hive = 'Clover'",
            "SELECT * FROM hives WHERE (hive = 'Clover' → SELECT * FROM hives WHERE (hive = 'Clover')",
            "SELECT hive AS order FROM hives → SELECT hive AS \"order\" FROM hives",
            "SELECT * FROM hives /* all → SELECT * FROM hives /* all */",
            "SELECT * FROM hives WHERE keeper_id = NULL → SELECT * FROM hives WHERE keeper_id IS NULL",
            "SELECT * FROM hives WHERE NULL <> keeper_id → SELECT * FROM hives WHERE keeper_id IS NOT NULL",
            "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE k.village = 'Ashholt' → "
                    + "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id AND k.village = "
                    + "'Ashholt'",
            "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE hive_no > 1 AND k.village "
                    + "= 'A' ORDER BY 1 → SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id "
                    + "AND k.village = 'A' WHERE hive_no > 1 ORDER BY 1",
            "SELECT * FROM keepers NATURAL JOIN harvests → SELECT * FROM keepers CROSS JOIN harvests",
            "SELECT * FROM hives a NATURAL JOIN (SELECT hive_no, hive FROM hives) b → SELECT * FROM hives a INNER "
                    + "JOIN (SELECT hive_no, hive FROM hives) b USING (hive_no) | SELECT * FROM hives a INNER JOIN "
                    + "(SELECT hive_no, hive FROM hives) b USING (hive)",
    })
    void fixesAreTheWholeTextMended(String query, String fixes) {
        List<String> offered = answer(DEMO + query).either(answer -> answer.notes(), List::of).stream()
                .flatMap(problem -> problem.fixes().stream()).toList();
        assertThat(String.join(" | ", offered)).isEqualTo(fixes);
        assertThat(offered).allSatisfy(fix -> assertThat(answer(DEMO + fix).expect().stages()).isPresent());
    }

    /** What follows from deleting a row that others refer to is told. */
    @Test
    void whatGoesWithADeletedRowIsSaid() {
        assertThat(answer("""
                CREATE TABLE keepers (keeper_id INTEGER PRIMARY KEY);
                CREATE TABLE hives (keeper_id INTEGER REFERENCES keepers ON DELETE SET NULL);
                CREATE TABLE visits (keeper_id INTEGER REFERENCES keepers ON DELETE CASCADE);
                INSERT INTO keepers VALUES (11), (12);
                INSERT INTO hives VALUES (11), (11), (12);
                INSERT INTO visits VALUES (11), (12);
                DELETE FROM keepers WHERE keeper_id = 11""").expect().notes()).extracting(Problem::fault)
                .containsExactly(new QueryNote.FollowsDelete("hives", List.of("keeper_id"), "keepers", 2, false),
                        new QueryNote.FollowsDelete("visits", List.of("keeper_id"), "keepers", 1, true));
    }

    /** A table that is just being built may have a key that tells nothing apart. */
    @Test
    void aKeyThatRepeatsSaysNothingOfItsGroup() {
        Table hives = Table.of("hives", List.of(new Column("hive_no", Type.INTEGER).key(true),
                new Column("hive", Type.TEXT)),
                List.of(List.of(Value.of(1), Value.of("Clover")),
                        List.of(Value.of(1), Value.of("Heather"))));
        Script script = new SqlParser(new Origin.Query()).parse("SELECT hive FROM hives GROUP BY hive_no").expect();
        assertThat(Database.of(List.of(hives)).run(script.statements().getFirst(), script))
                .isInstanceOf(Checked.Invalid.class);
    }

    @Test
    void tablesChangeStatementByStatement() {
        assertThat(run(DEMO + """
                UPDATE hives SET keeper_id = keeper_id + 1, hive = UPPER(hive) WHERE keeper_id = 11;
                DELETE FROM harvests;
                DELETE FROM hives WHERE keeper_id IS NULL;
                SELECT * FROM hives""").expect().rows()).extracting(row -> row.stream().map(Value::shown).toList())
                .containsExactly(List.of("1", "CLOVER", "12"), List.of("2", "Heather", "12"),
                        List.of("4", "BRAMBLE", "12"));
    }

    @Test
    void aCommaJoinOfTenTablesWithNineEqualitiesAnswersAtOnce() {
        StringBuilder text = new StringBuilder();
        StringBuilder where = new StringBuilder(" WHERE 1 = 1");
        for (int t = 0; t < 10; t++) {
            text.append("CREATE TABLE t").append(t).append(" (a INTEGER); INSERT INTO t").append(t)
                    .append(" VALUES (0)");
            for (int i = 1; i < 10; i++) text.append(", (").append(i).append(")");
            text.append(";");
            if (t > 0) where.append(" AND t").append(t - 1).append(".a = t").append(t).append(".a");
        }
        assertThat(run(text + "SELECT * FROM t0, t1, t2, t3, t4, t5, t6, t7, t8, t9" + where).expect().rows())
                .hasSize(10);
        assertThat(fault(text + "SELECT * FROM t0, t1, t2, t3, t4, t5, t6, t7, t8, t9"))
                .isEqualTo(new RunFault.TooManyRows(2_000_000));
    }

}
