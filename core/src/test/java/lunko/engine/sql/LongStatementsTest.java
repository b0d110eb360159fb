package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.problem.SyntaxFault.ChainTooLong;
import lunko.problem.SyntaxFault.NestedTooDeep;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * However long a statement is, there is an answer or a sentence; nothing goes deeper than the stack of an ordinary
 * thread.
 */
class LongStatementsTest {
    private static final int AS_LONG_AS_READ = 200;
    private static final Database DATABASE = Database.of(List.of(
            Table.of("t", List.of(new Column("a", Type.INTEGER)), List.of(List.of(Value.of(1)), List.of(Value.NULL)))));

    /** However often something is written wrongly, the first of it is said, and looking for a fix comes to an end. */
    @ParameterizedTest
    @CsvSource(delimiter = '→', quoteCharacter = '`', value = {"SELECT a, FORM t → SELECT a, FORM t UNION `",
            "SELECT a → `, CASE WHEN a == 1 THEN 2`", "SELECT a FROM t WHERE a → ` IN 1, 2 AND a NOT NULL AND a`",
            "SELECT a::x → `, ‘a’ b.c d.e`", "SELECT * FROM t → ` JOIN t OUTER JOIN t a.b = c.d, `"})
    void whatIsWrongManyTimesIsSaid(String start, String more) {
        assertThat(answer(start + more.repeat(2_000)).either(_ -> "", Problem::fault)).isInstanceOf(Fault.class);
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '`', value = {"`SELECT 1 WHERE `,` AND `,1 = 1", "`SELECT 1 WHERE `,` OR `,1 = 2",
            "`SELECT `,` + `,1",
            "`SELECT `,` || `,'x'", "``,` UNION ALL `,SELECT 1"})
    void aChainIsAnsweredOrRefused(String start, String between, String link) {
        String[] parts = {start, between, link};
        assertThat(answer(chain(parts, AS_LONG_AS_READ))).isInstanceOf(Checked.Valid.class);
        assertThat(answer(chain(parts, 40_000)).either(_ -> "", Problem::fault))
                .isEqualTo(new ChainTooLong(200));
    }

    private static String chain(String[] parts, int length) {
        return parts[0] + Stream.generate(() -> parts[2]).limit(length).collect(Collectors.joining(parts[1]));
    }

    @Test
    void aChainOfJoinsIsGoneThroughStepByStep() {
        String query = "SELECT COUNT(*) FROM t t0 " + IntStream.range(1, AS_LONG_AS_READ)
                .mapToObj(i -> "JOIN t t" + i + " ON t" + (i - 1) + ".a = t" + i + ".a")
                .collect(Collectors.joining(" "));
        Database.Answer answer = answer(query).expect();
        Timeline timeline = Timeline.of(answer.stages().orElseThrow(), JoinAlgorithm.NESTED_LOOP);
        assertThat(timeline.at(timeline.last()).number()).isEqualTo(timeline.last());
        assertThat(answer.result().orElseThrow().rows()).containsExactly(List.of(Value.of(1)));
    }

    @Test
    void whatIsNestedTooDeeplyIsRefusedAndManyValuesAreNot() {
        assertThat(answer("SELECT " + "(".repeat(59) + "1" + ")".repeat(59))).isInstanceOf(Checked.Valid.class);
        assertThat(answer("SELECT " + "(".repeat(5_000) + "1" + ")".repeat(5_000)).either(_ -> "", Problem::fault))
                .isEqualTo(new NestedTooDeep(60));
        assertThat(answer("SELECT 1 WHERE 1 IN (" + "2, ".repeat(50_000) + "1)").expect().result().orElseThrow().rows())
                .hasSize(1);
        String nestedChains = "(".repeat(50) + chain(new String[] {"", " + ", "1"}, 150) + IntStream.range(0, 50)
                .mapToObj(_ -> ") + " + chain(new String[] {"", " + ", "1"}, 150)).collect(Collectors.joining());
        assertThat(answer("SELECT " + nestedChains).either(_ -> "", Problem::fault))
                .isEqualTo(new ChainTooLong(200));
    }

    private static Checked<Database.Answer> answer(String text) {
        return new SqlParser(new Origin.Query()).statements(text).getFirst()
                .then((Script script) -> DATABASE.run(script.statements().getFirst(), script));
    }
}
