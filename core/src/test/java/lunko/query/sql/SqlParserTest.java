package lunko.query.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import lunko.problem.Fault;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.problem.SyntaxFault.NestedTooDeep;
import lunko.problem.SyntaxFault.TooManyWords;
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
        assertThat(script.place(script.statements().getLast()).orElseThrow().line()).hasValue(7);
    }

    @Test
    void whatIsNestedTooDeepOrTooLongIsRefusedAtOnce() {
        assertThat(fault("SELECT " + "(".repeat(1000) + "1" + ")".repeat(1000))).isEqualTo(new NestedTooDeep(60));
        assertThat(fault("SELECT " + "NOT ".repeat(10_000) + "a")).isEqualTo(new NestedTooDeep(60));
        assertThat(fault("SELECT 1" + ",1".repeat(300_000))).isEqualTo(new TooManyWords(200_000));
    }

    private static Fault fault(String text) {
        return new SqlParser(new Origin.Query()).parse(text).either(read -> fail("read: " + read), Problem::fault);
    }
}
