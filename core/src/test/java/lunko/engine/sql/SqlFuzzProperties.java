package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Queries with words swapped, taken out and put in give rows or a problem, and nothing else. */
class SqlFuzzProperties {
    private static final List<String> WORDS = List.of("NULL", "t0", "hive", "keeper_id", "1", "''", "COUNT(*)", "*", "(", ")",
            "DISTINCT", "AND", "NOT", "LEFT", "NATURAL", "FULL", "USING", "keepers", "SUM", "-", "/ 0", "CASE", "END", "GROUP BY", ",");

    @Property(tries = 4000, edgeCases = EdgeCasesMode.NONE)
    void aSpoiltQueryGivesRowsOrAProblem(@ForAll long seed) {
        QueryMaker maker = new QueryMaker(seed);
        Database database = Database.of(maker.tables());
        String text = spoilt(new SqlWriter().query(maker.query()), new Random(seed));
        for (Checked<Script> statement : new SqlParser("query").statements(text)) {
            Checked<Database.Answer> answer = statement.then(script ->
                    database.run(script.statements().getFirst(), script));
            if (answer instanceof Checked.Invalid<Database.Answer>(Problem problem)) {
                assertThat(problem.sentence()).as(text).matches("(?s).*[.?]");
            }
        }
    }

    private static String spoilt(String query, Random random) {
        List<String> words = new ArrayList<>(List.of(query.split(" ")));
        for (int i = random.nextInt(4); i >= 0; i--) {
            int at = random.nextInt(words.size());
            switch (random.nextInt(4)) {
                case 0 -> words.add(at, WORDS.get(random.nextInt(WORDS.size())));
                case 1 -> words.set(at, WORDS.get(random.nextInt(WORDS.size())));
                case 2 -> words.set(at, words.get(random.nextInt(words.size())));
                default -> {
                    if (words.size() > 1) words.remove(at);
                }
            }
        }
        return String.join(" ", words);
    }
}
