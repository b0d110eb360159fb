package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.Said;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Teaching scripts: what they give, and what is said where they go wrong. */
class DatabaseTest {
    private static final String DEMO = """
            CREATE TABLE keepers (keeper_id INTEGER PRIMARY KEY, keeper TEXT NOT NULL, village TEXT);
            CREATE TABLE hives (hive_no INTEGER PRIMARY KEY, hive TEXT UNIQUE, keeper_id INTEGER);
            CREATE TABLE harvests (hive_no INTEGER REFERENCES hives, kg DECIMAL(5, 2));
            INSERT INTO keepers VALUES (11, 'Oda', 'Ashholt'), (12, 'Tam', 'Reedmere'), (13, 'Bert', 'Ashholt');
            INSERT INTO hives VALUES (1, 'Clover', 11), (2, 'Heather', 12), (3, 'Linden', NULL), (4, 'Bramble', 11);
            INSERT INTO harvests VALUES (1, 2.5), (1, 3), (4, 1.25);
            """;

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
        assertThat(said(DEMO + doubled.repeat(40)))
                .endsWith("The text of keeper || keeper has more than 100,000 characters, the most that a cell holds: "
                        + "leave such rows out.");
        String columns = IntStream.rangeClosed(1, 201).mapToObj(i -> "c" + i + " INTEGER")
                .collect(Collectors.joining(", "));
        assertThat(said("CREATE TABLE wide (" + columns + ")"))
                .endsWith(
                        "There are 201 columns, and a lesson can show 200: leave out those that nobody will look at.");
        String rows = IntStream.rangeClosed(1, 10_001).mapToObj(i -> "(" + i + ")").collect(Collectors.joining(", "));
        assertThat(said("CREATE TABLE tall (no INTEGER); INSERT INTO tall VALUES " + rows))
                .contains("There are more than 10,000 rows");
        assertThat(said("CREATE TABLE t (n DECIMAL); INSERT INTO t VALUES (" + "9".repeat(900) + ".5);"
                + "UPDATE t SET n = n * n")).contains("The value of n * n has more digits");
    }

    private static String said(String script) {
        return run(script).either(_ -> "", Said::fault);
    }

    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '→', quoteCharacter = '`', value = {
            "SELECT * FROM hive → 15: There is no table hive. Did you mean hives?",
            "SELECT hiev FROM hives → 8: There is no column hiev. Did you mean hive?",
            "SELECT k.hive FROM hives h → 8: There is no table k in FROM. There is h.",
            "SELECT keeper_id FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id → 8: The column keeper_id is "
                    + "in h and in k: write which one, as in h.keeper_id.",
            "SELECT * FROM hives JOIN keepers → 26: This join has no ON, so every row would be paired with every "
                    + "row, 4 × 3 = 12 rows: write"
                    + " ON and the columns that belong together, or CROSS JOIN if you mean that.",
            "SELECT * FROM hives JOIN keepers ON k = 1 JOIN harvests k ON 1 = 1 → 37: There is no column k. There "
                    + "is hive_no, hive, keeper_id, keeper and village.",
            "SELECT * FROM hives h, harvests v JOIN keepers k ON h.keeper_id = k.keeper_id → 53: A comma stands "
                    + "between h and this join, and ON sees only the tables of its own join: "
                    + "write CROSS JOIN for the comma, or the condition into WHERE.",
            "SELECT * FROM hives WHERE hive = 3 → 27: hive is text and 3 is integer, and SQL does not compare the "
                    + "two: write CAST(3 AS TEXT).",
            "SELECT * FROM hives JOIN keepers USING (hive) → 41: USING needs a column on both sides, and there is "
                    + "no hive in keepers: match columns of "
                    + "different names with ON.",
            "SELECT kg * 2 AS twice FROM harvests WHERE twice > 3 → 44: twice is a name given in SELECT, and WHERE "
                    + "comes before that: write kg * 2 instead.",
            "SELECT village, keeper FROM keepers GROUP BY village → 17: keeper has a value for each row, and here "
                    + "there is one row for each group: add it to "
                    + "GROUP BY, or take MIN, MAX or another aggregate of it.",
            "SELECT keeper FROM keepers WHERE COUNT(*) > 1 → 34: COUNT(*) counts the rows of a group, and there are "
                    + "no groups here: use it in SELECT, HAVING or ORDER BY.",
            "SELECT * FROM hives, hives → 22: Two tables in FROM are called hives: give one of them another name, "
                    + "as in hives AS other.",
            "SELECT (SELECT hive FROM hives) → 8: One value is expected here, and this subquery gives 4 rows: "
                    + "narrow it down, or take MIN,"
                    + " MAX or another aggregate.",
            "SELECT 9223372036854775807 + 1 → 8: The value of 9223372036854775807 + 1 does not fit a 64-bit "
                    + "integer: use a DECIMAL.",
            "SELECT 1 FROM hives UNION SELECT hive, 2 FROM hives → 1: UNION needs the same number of columns on "
                    + "both sides, and there are 1 and 2: select as "
                    + "many on both.",
            "SELECT uper(hive) FROM hives → 8: There is no function uper. Did you mean UPPER?",
            "INSERT INTO keepers VALUES (11, 'Ula', NULL) → 1: 11 would occur twice in keepers, and the primary key "
                    + "keeper_id must be unique: choose "
                    + "another value.",
            "INSERT INTO keepers (keeper_id) VALUES (15) → 1: keepers.keeper cannot be NULL, because it is NOT "
                    + "NULL: give it a value.",
            "INSERT INTO harvests VALUES (9, 1) → 1: harvests would have 9 in hive_no, and no row of hives has that "
                    + "in hive_no: this violates"
                    + " the foreign key.",
            "DELETE FROM hives WHERE hive_no = 1 → 1: harvests would have 1 in hive_no, and no row of hives has "
                    + "that in hive_no: this violates"
                    + " the foreign key.",
            "DROP TABLE hives → 12: harvests refers to hives: drop it first.",
            "INSERT INTO hives VALUES ('x', 'y', 1) → 27: hive_no is integer, and 'x' is text: write a whole number "
                    + "such as 12.",
    })
    void problemsSayWhereAndWhatToDo(String statement, String problem) {
        assertThat(run(DEMO + statement).<String>either(ResultTable::toString,
                p -> p.place().orElseThrow().column().orElseThrow() + ": " + Said.fault(p))).isEqualTo(problem);
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
            "SELECT * FROM hives WHERE hive = 3 → SELECT * FROM hives WHERE hive = CAST(3 AS TEXT)",
            "SELECT * FROM hives WHERE '3' < hive_no → SELECT * FROM hives WHERE '3' < CAST(hive_no AS TEXT) | "
                    + "SELECT * FROM hives WHERE CAST('3' AS INTEGER) < hive_no",
            "SELECT kg * 2 AS twice FROM harvests WHERE twice > 3 → SELECT kg * 2 AS twice FROM harvests WHERE (kg "
                    + "* 2) > 3",
            "SELECT village, keeper FROM keepers GROUP BY village → SELECT village, keeper FROM keepers GROUP BY "
                    + "village, keeper | SELECT village, MIN(keeper) FROM keepers GROUP BY village",
            "SELECT village, COUNT(*) FROM keepers WHERE keeper_id > 1 → SELECT village, COUNT(*) FROM keepers "
                    + "WHERE keeper_id > 1 GROUP BY village | SELECT MIN(village), COUNT(*) FROM keepers WHERE "
                    + "keeper_id > 1",
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
        assertThat(run(text + "SELECT * FROM t0, t1, t2, t3, t4, t5, t6, t7, t8, t9").<String>either(_ -> "",
                Said::fault))
                .startsWith("This would give more than 2,000,000 rows");
    }

    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '→', quoteCharacter = '`', value = {
            "SELECT * FROM hives WHERE keeper_id = NULL → 27: keeper_id = NULL is never true, whatever the value "
                    + "is: write keeper_id IS NULL.",
            "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE k.village = 'Ashholt' → "
                    + "78: k.village is NULL in the unmatched rows that the outer join keeps, so this WHERE removes"
                    + " them again: to keep them, write k.village = 'Ashholt' into the ON of the join.",
            "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE k.keeper_id IS NULL → ",
            "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE h.hive_no > 1 → ",
            "SELECT * FROM keepers NATURAL JOIN harvests → 36: The two tables have no column name in common, so "
                    + "NATURAL matches nothing and every row "
                    + "is paired with every row: write ON and the columns that belong together.",
            "SELECT * FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives) → 29: keeper_id of hives is "
                    + "NULL in a row, so this NOT IN is never true: add WHERE keeper_id "
                    + "IS NOT NULL to the subquery, or write NOT EXISTS.",
            "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE k.village = 'Ashholt' OR "
                    + "hive_no = 1 → ",
            "SELECT * FROM hives NATURAL JOIN keepers → ",
            "SELECT * FROM hives NATURAL JOIN (SELECT keeper AS hive FROM keepers) k → 34: NATURAL matches hive, "
                    + "and by that no row has a match: if you mean other columns, write "
                    + "ON and those.",
            "SELECT * FROM (SELECT keeper_id FROM hives) h NATURAL JOIN (SELECT keeper_id, hive FROM hives) o → 60: "
                    + "NATURAL matches keeper_id, which repeats values on both sides and so is no key: if you "
                    + "mean other columns, write ON and those.",
            "SELECT * FROM hives a NATURAL JOIN hives b → 36: NATURAL matches all columns that both tables have, "
                    + "here hive_no, hive and keeper_id: if "
                    + "you do not mean all of them, write USING and those you mean.",
    })
    void whatIsSurelyNotMeantIsNoted(String query, String note) {
        assertThat(answer(DEMO + query).expect().notes())
                .map(n -> n.place().orElseThrow().column().orElseThrow() + ": " + Said.fault(n))
                .isEqualTo(note == null ? List.of() : List.of(note));
    }

    /** The result of the last statement of a script, which is a query. */
    private static Checked<ResultTable> run(String text) {
        return answer(text).map(last -> last.result().orElse(new ResultTable(List.of(), List.of())));
    }

    private static Checked<Database.Answer> answer(String text) {
        Checked<Database.Answer> answer =
                Checked.valid(new Database.Answer(Database.of(List.of()), Optional.empty(), List.of()));
        for (Checked<Script> statement : new SqlParser(new Origin.Query()).statements(text)) {
            answer = answer.then(
                    before -> statement.then(script -> before.database().run(script.statements().getFirst(), script)));
        }
        return answer;
    }
}
