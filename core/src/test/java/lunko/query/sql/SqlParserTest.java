package lunko.query.sql;

import static org.assertj.core.api.Assertions.assertThat;

import lunko.problem.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What SQL text means, and what is said of text that is none. */
class SqlParserTest {

    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '→', quoteCharacter = '`', value = {
            "select * from hives h left join keepers k on h.id = k.id → SELECT * FROM hives h LEFT JOIN keepers k "
                    + "ON h.id = k.id",
            "SELECT a b, \"Q\".c /* x */ FROM t -- end → SELECT a AS b, \"Q\".c FROM t",
            "SELECT 1 WHERE NOT a = 1 AND b = 2 OR c → SELECT 1 WHERE NOT a = 1 AND b = 2 OR c",
            "SELECT 1 WHERE a = 1 AND (b = 2 OR NOT (c AND d)) → SELECT 1 WHERE a = 1 AND (b = 2 OR NOT (c AND d))",
            "SELECT 1 - (2 - 3) * -4 || 'x' → SELECT 1 - (2 - 3) * -4 || 'x'",
            "SELECT (1 - 2) - 3, 1 - - 2 → SELECT 1 - 2 - 3, 1 - -2",
            "SELECT * FROM a JOIN b JOIN c ON x ON y → SELECT * FROM a INNER JOIN (b INNER JOIN c ON x) ON y",
            "SELECT * FROM a NATURAL FULL OUTER JOIN b, c CROSS JOIN d → SELECT * FROM a NATURAL FULL JOIN b, c "
                    + "CROSS JOIN d",
            "SELECT 1 UNION SELECT 2 INTERSECT ALL SELECT 3 → SELECT 1 UNION SELECT 2 INTERSECT ALL SELECT 3",
            "SELECT a FROM t ORDER BY a DESC NULLS LAST LIMIT 3 → SELECT a FROM t ORDER BY a DESC NULLS LAST FETCH "
                    + "FIRST 3 ROWS ONLY",
            "SELECT a FROM t OFFSET 1 FETCH FIRST ROW ONLY → SELECT a FROM t OFFSET 1 ROWS FETCH FIRST 1 ROWS ONLY",
            "SELECT x NOT IN (SELECT y FROM t) IS NOT UNKNOWN → SELECT (x NOT IN (SELECT y FROM t)) IS NOT UNKNOWN",
    })
    void isReadAsTheStandardSays(String text, String written) {
        assertThat(new SqlWriter().query(Queries.parsed(text))).isEqualTo(written);
    }

    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "SELECT * FROM hives WHERE hive = 'Clover | q:1:34: This text is never closed: add a single quote at "
                    + "its end.",
            "SELECT (1 + 2 FROM t | q:1:15: A closing parenthesis is missing before FROM.",
            "SELECT (1 + 2 | q:1:14: The text ends within parentheses: add the closing parenthesis.",
            "SELECT * FROM | q:1:14: The text ends in the middle of a statement: finish it.",
            "SELECT * FROM group | q:1:15: GROUP is a word of SQL and cannot be a name as it is: write \"group\", "
                    + "in double quotes.",
            "SELECT a FROM t WHERE x ~ 1 | q:1:25: The sign ~ has no meaning here: take it out.",
            "SELECT DATE '2026-02-30' | q:1:8: '2026-02-30' is no day: write one as DATE '2026-05-01'.",
            "CREATE TABLE t (a BLOB) | q:1:19: Lunko has no type BLOB: take INTEGER, DECIMAL, TEXT, BOOLEAN or DATE.",
            "SELECT /* never | q:1:8: This comment is never closed: add */ at its end.",
            "SELECT sum(*) FROM t | q:1:8: Only COUNT counts rows with *: sum needs a column or an expression.",
    })
    void saysWhereItGoesWrongAndWhatToDo(String text, String sentence) {
        assertThat(problem(text)).isEqualTo(sentence);
    }

    @Test
    void aScriptIsReadStatementByStatement() {
        Script script = new SqlParser("q").parse("""
                CREATE TABLE hives (hive_no INTEGER PRIMARY KEY, hive VARCHAR(20) NOT NULL,
                    keeper_id INT REFERENCES keepers);;
                INSERT INTO hives VALUES (1, 'Clover', 11), (2, 'Heather', NULL);
                UPDATE hives SET keeper_id = 12 WHERE hive_no = 2;
                DELETE FROM hives WHERE keeper_id IS NULL;
                DROP TABLE IF EXISTS hives;
                SELECT * FROM keepers
                """).expect();
        assertThat(script.statements()).extracting(statement -> statement.getClass().getSimpleName())
                .containsExactly("CreateTable", "Insert", "Update", "Delete", "DropTable", "Query");
        assertThat(script.place(script.statements().getLast()).orElseThrow().inColons()).isEqualTo("q:7:1");
    }

    @Test
    void whatIsNestedTooDeepOrTooLongIsRefusedAtOnce() {
        assertThat(problem("SELECT " + "(".repeat(1000) + "1" + ")".repeat(1000))).contains("nested more than 60 deep");
        assertThat(problem("SELECT " + "NOT ".repeat(10_000) + "a")).contains("nested more than 60 deep");
        assertThat(problem("SELECT 1" + ",1".repeat(300_000)))
                .contains("more than 200000 words: divide it into several");
    }

    private static String problem(String text) {
        return new SqlParser("q").parse(text).either(Object::toString, Problem::inColons);
    }
}
