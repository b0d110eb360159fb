package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lunko.Said;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Queries with words swapped, taken out and put in give rows or a problem, and nothing else. */
class SqlFuzzProperties {
    private static final List<String> WORDS =
            List.of("NULL", "t0", "hive", "keeper_id", "1", "''", "COUNT(*)", "*", "(", ")",
                    "DISTINCT", "AND", "NOT", "LEFT", "NATURAL", "FULL", "USING", "keepers", "SUM", "-", "/ 0", "CASE",
                    "END", "GROUP BY", ",");
    private static final String SIGNS = "'\"();,.*/-|<>=%\n?\\ä\0";

    private static final int TRIES = 2_000;
    private static final int TEXTS_PER_TRY = Integer.getInteger("lunko.spoilt", 4_000) / TRIES;
    private static final long LONGEST = 1_000_000_000;

    /** How long one takes is told in time of this thread, so that what else the machine does is not counted. */
    @Property(tries = TRIES, edgeCases = EdgeCasesMode.NONE)
    void aSpoiltQueryGivesRowsOrAProblemInLessThanASecond(@ForAll long seed) {
        for (int i = 0; i < TEXTS_PER_TRY; i++) {
            QueryMaker maker = new QueryMaker(seed + i);
            Database database = Database.of(maker.tables());
            String text = spoilt(new SqlWriter().query(maker.query()), new Random(seed + i));
            long start = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            run(text, database);
            assertThat(ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - start).as(text)
                    .isLessThan(LONGEST);
        }
    }

    private static void run(String text, Database database) {
        for (Checked<Script> statement : new SqlParser(new Origin.Query()).statements(text)) {
            Checked<Database.Answer> answer =
                    statement.then(script -> database.run(script.statements().getFirst(), script));
            if (answer instanceof Checked.Invalid<Database.Answer>(Problem problem)) {
                assertThat(Said.fault(problem)).as(text).matches("(?s).*[.?]");
                assertThat(problem.place()).as(text).isPresent();
            }
        }
    }

    private static String spoilt(String query, Random random) {
        String text = spoiltWords(query, random);
        if (random.nextInt(4) > 0) return text;
        int at = random.nextInt(text.length() + 1);
        return switch (random.nextInt(3)) {
            case 0 -> text.substring(0, at);
            case 1 -> text.substring(0, at) + SIGNS.charAt(random.nextInt(SIGNS.length())) + text.substring(at);
            default -> text.substring(0, Math.max(0, at - 1)) + text.substring(at);
        };
    }

    private static String spoiltWords(String query, Random random) {
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
