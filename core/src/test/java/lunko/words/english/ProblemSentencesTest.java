package lunko.words.english;

import static lunko.engine.sql.TeachingScript.DEMO;
import static lunko.engine.sql.TeachingScript.answer;
import static lunko.engine.sql.TeachingScript.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.Said;
import lunko.engine.sql.ResultTable;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.TableEdit;
import lunko.problem.Origin;
import lunko.query.KeyPair;
import lunko.query.sql.SqlParser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said where a query, a statement or a change of the lesson goes wrong: where, and what to do. */
class ProblemSentencesTest {
    private static final Lesson LESSON = DemoLesson.lesson();

    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "SELECT * FROM hives WHERE hive = 'Clover | query:1:34: This text has no end: add a single quote.",
            "SELECT (1 + 2 FROM t | query:1:15: A closing parenthesis is missing before FROM.",
            "SELECT (1 + 2 | query:1:14: A parenthesis is still open at the end: add the closing one.",
            "SELECT * FROM | query:1:14: The text ends in the middle of a statement: finish it.",
            "SELECT * FROM group | query:1:15: GROUP is a keyword of SQL and cannot be a name as it is: write "
                    + "\"group\", in"
                    + " double quotes.",
            "SELECT a FROM t WHERE x ~ 1 | query:1:25: ~ has no meaning in SQL here: remove it.",
            "SELECT DATE '2026-02-30' | query:1:8: '2026-02-30' is not a date: write one like DATE '2026-05-01'.",
            "CREATE TABLE t (a BLOB) | query:1:19: Lunko has no type BLOB: use INTEGER, DECIMAL, TEXT, BOOLEAN or "
                    + "DATE.",
            "SELECT /* never | query:1:8: This comment has no end: add */.",
            "SELECT sum(*) FROM t | query:1:8: Only COUNT takes *: sum needs a column or an expression.",
    })
    void whatCannotBeReadIsSaidWithItsPlace(String text, String sentence) {
        assertThat(new SqlParser(new Origin.Query()).parse(text).either(Object::toString, Said::inColons))
                .isEqualTo(sentence);
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
                    + "are hive_no, hive, keeper_id, keeper and village.",
            "SELECT * FROM hives h, harvests v JOIN keepers k ON h.keeper_id = k.keeper_id → 53: A comma stands "
                    + "between h and this join, and ON sees only the tables of its own join: "
                    + "write CROSS JOIN for the comma, or the condition into WHERE.",
            "SELECT * FROM hives WHERE hive = 3 → 27: hive is text and 3 is integer, and SQL does not compare the "
                    + "two: write '3'.",
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
            "SELECT DATE '9999-12-31' + 1 → 8: DATE '9999-12-31' + 1 is a day before the year 1 or after the year "
                    + "9999: take fewer days.",
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

    @Test
    void whatCannotBeChangedInALessonIsSaid() {
        assertThat(new TableEdit.Rename("keepers", "Hives").applyTo(LESSON).either(_ -> "", Said::fault))
                .isEqualTo("Another table is already called Hives: choose another name.");
        Lesson typed =
                new LinkEdit.Match("hives", "keepers", new KeyPair("hive_no", "village")).applyTo(LESSON).expect();
        assertThat(typed.staged().result().either(_ -> "", Said::fault))
                .isEqualTo("hives.hive_no is integer and keepers.village is text, and SQL does not compare the two: "
                        + "match columns of one type, or CAST one of them.");
    }
}
