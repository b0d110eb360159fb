package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import lunko.Said;
import lunko.lesson.Diagnostic;
import lunko.lesson.Evaluation;
import lunko.lesson.WrittenQuery;
import lunko.problem.Problem;
import lunko.query.sql.Lexeme;
import lunko.query.sql.SqlWriter;
import lunko.table.Table;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.AfterContainer;

/** A query with one slip in it: what is offered to mend it gives the rows that the query gave without the slip. */
class MendedQueriesProperties {
    private static int mended;

    @AfterContainer
    static void wereMended() {
        // Otherwise nothing could come to be offered at all, and nobody would notice.
        assertThat(mended).isGreaterThan(200);
    }

    @Property(tries = 800, edgeCases = EdgeCasesMode.NONE)
    void aFixGivesTheRowsThatWereMeant(@ForAll long seed) {
        QueryMaker maker = new QueryMaker(seed);
        List<Table> tables = maker.tables();
        String right = new SqlWriter().query(maker.query());
        String wrong = withSlip(right, new Random(seed));
        Optional<List<List<Value>>> meant = rows(right, tables);
        if (meant.isEmpty() || rows(wrong, tables).isPresent()) return;
        List<Diagnostic> found = Evaluation.of(WrittenQuery.of(wrong), tables).diagnostics();
        for (String fix : found.isEmpty() ? List.<String>of() : found.getFirst().mended()) {
            mended++;
            rows(fix, tables).ifPresent(rows -> assertThat(rows)
                    .as(Said.fault(found.getFirst().problem()) + "\n" + wrong + "\n" + fix + "\n" + right)
                    .containsExactlyInAnyOrderElementsOf(meant.get()));
        }
    }

    private static Optional<List<List<Value>>> rows(String sql, List<Table> tables) {
        return WrittenQuery.of(sql).on(tables).either(stage -> Optional.of(List.copyOf(stage.rows())),
                (Problem _) -> Optional.empty());
    }

    /** The text with something wrong as people write it. */
    private static String withSlip(String sql, Random random) {
        List<Lexeme> all = new ArrayList<>(Lexeme.of(sql));
        Lexeme one = all.get(random.nextInt(all.size()));
        String word = one.at().of(sql);
        String before = sql.substring(0, one.at().start());
        String behind = sql.substring(one.at().end());
        return before + switch (one.kind()) {
            case WORD, NAME -> word.length() < 4 ? word + " " + word : misspelt(word, random);
            case TEXT -> random.nextBoolean() ? word.substring(0, word.length() - 1) : word.replace('\'', '"');
            case SIGN -> switch (word) {
                case "=" -> random.nextBoolean() ? "==" : "";
                case "," -> random.nextBoolean() ? ",," : "";
                case ")" -> random.nextBoolean() ? "))" : "";
                case "(" -> "";
                default -> word + word;
            };
            case NUMBER, COMMENT, STRANGE -> word + " " + word;
        } + behind;
    }

    private static String misspelt(String word, Random random) {
        int at = 1 + random.nextInt(word.length() - 2);
        return switch (random.nextInt(3)) {
            case 0 -> word.substring(0, at) + word.substring(at + 1);
            case 1 -> word.substring(0, at) + word.charAt(at + 1) + word.charAt(at) + word.substring(at + 2);
            default -> word.substring(0, at) + word.charAt(at) + word.substring(at);
        };
    }
}
