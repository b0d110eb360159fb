package lunko.query.sql;

import static org.assertj.core.api.Assertions.assertThat;

import lunko.Said;
import lunko.problem.Origin;
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
    void saysWhereItGoesWrongAndWhatToDo(String text, String sentence) {
        assertThat(problem(text)).isEqualTo(sentence);
    }

    @Test
    void aScriptIsReadStatementByStatement() {
        Script script = new SqlParser(new Origin.Query()).parse("""
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
        assertThat(Said.inColons(script.place(script.statements().getLast()).orElseThrow())).isEqualTo("query:7:1");
    }

    @Test
    void whatIsNestedTooDeepOrTooLongIsRefusedAtOnce() {
        assertThat(problem("SELECT " + "(".repeat(1000) + "1" + ")".repeat(1000)))
                .contains("nested more than 60 levels deep");
        assertThat(problem("SELECT " + "NOT ".repeat(10_000) + "a")).contains("nested more than 60 levels deep");
        assertThat(problem("SELECT 1" + ",1".repeat(300_000)))
                .contains("more than 200,000 words: divide it into several");
    }

    private static String problem(String text) {
        return new SqlParser(new Origin.Query()).parse(text).either(Object::toString, Said::inColons);
    }
}
