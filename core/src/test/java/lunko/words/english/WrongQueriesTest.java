package lunko.words.english;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.Said;
import lunko.lesson.DemoLesson;
import lunko.lesson.Diagnostic;
import lunko.lesson.Evaluation;
import lunko.lesson.WrittenQuery;
import lunko.problem.Problem;
import lunko.table.Table;
import lunko.table.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Wrong queries as learners write them: each is told what it must be told, and no fix leads to rows of another meaning.
 */
class WrongQueriesTest {
    private static final List<Table> TABLES = DemoLesson.lesson().tables();
    /** So many fixes one after the other lead to the end. */
    private static final int MOST = 6;

    /** A wrong query, some words of its sentence, and the query that is meant. */
    record Wrong(String written, String says, String meant) {}

    static Stream<Wrong> wrong() throws IOException {
        try (InputStream in = WrongQueriesTest.class.getResourceAsStream("/wrong-queries.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank()).map(line -> line.split(" ⟹ "))
                    .map(parts -> new Wrong(parts[0], parts[1], parts[2])).toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("wrong")
    void isToldWhatIsWrongAndMendedToWhatIsMeant(Wrong wrong) {
        List<Diagnostic> found = diagnostics(wrong.written());
        assertThat(found).isNotEmpty();
        assertThat(Said.fault(found.getFirst().problem())).contains(wrong.says());
        List<List<Value>> meant = rows(wrong.meant()).orElseGet(() -> fail("does not run: " + wrong.meant()));
        for (String mended : found.getFirst().mended()) assertLeadsTo(meant, mended, MOST);
    }

    /** A fix gives what is meant, or there is another problem, which is mended in turn. */
    private static void assertLeadsTo(List<List<Value>> meant, String sql, int left) {
        Optional<List<List<Value>>> rows = rows(sql);
        if (rows.isPresent()) {
            // A cross join is what was written, said in other words.
            if (!sql.contains("CROSS JOIN")) assertThat(rows.get()).as(sql)
                    .containsExactlyInAnyOrderElementsOf(meant);
        } else if (left > 0) {
            for (String next : diagnostics(sql).getFirst().mended()) assertLeadsTo(meant, next, left - 1);
        }
    }

    private static List<Diagnostic> diagnostics(String sql) {
        return Evaluation.of(WrittenQuery.of(sql), TABLES).diagnostics();
    }

    private static Optional<List<List<Value>>> rows(String sql) {
        return WrittenQuery.of(sql).on(TABLES).either(stage -> Optional.of(List.copyOf(stage.rows())),
                (Problem _) -> Optional.empty());
    }
}
