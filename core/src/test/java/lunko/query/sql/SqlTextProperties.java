package lunko.query.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.Said;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Problem;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** Queries written and read, and texts that are almost queries. */
class SqlTextProperties {
    private static final List<String> SCRAPS =
            List.of("(", ")", "'", "\"", ",", ".", ";", "SELECT ", " JOIN ", " ON ", "NOT ",
                    " IS ", "--", "/*", "*/", "CASE ", " END", "0", "1.5", "-", "\u0000", "ä", " NULL",
                    "DATE '2026-02-30'", " UNION ");

    @Domain(Queries.class)
    @Property(tries = 400, edgeCases = EdgeCasesMode.NONE)
    void aWrittenQueryIsReadBackAsItself(@ForAll QueryExpression query) {
        String text = new SqlWriter().query(query);
        assertThat(Queries.parsed(text)).as(text).isEqualTo(query);
    }

    @Domain(Queries.class)
    @Domain(DomainContext.Global.class)
    @Property(tries = 1000, edgeCases = EdgeCasesMode.NONE)
    void aSpoiltQueryIsAQueryOrAProblemWithAPlace(@ForAll QueryExpression query,
            @ForAll @Size(min = 1, max = 4) List<@IntRange(max = 1_000_000) Integer> cuts) {
        StringBuilder text = new StringBuilder(new SqlWriter().query(query));
        for (int cut : cuts) {
            int at = cut % (text.length() + 1);
            if (cut % 3 == 0) text.delete(at, Math.min(text.length(), at + 1 + cut % 7));
            else text.insert(at, SCRAPS.get(cut % SCRAPS.size()));
        }
        switch (new SqlParser(new Origin.Query()).parse(text.toString())) {
            case Checked.Valid<Script>(Script script) ->
                script.statements().forEach(statement -> assertThat(script.place(statement)).isPresent());
            case Checked.Invalid<Script>(Problem problem) -> {
                assertThat(Said.fault(problem)).matches("(?s).*[.?]");
                assertThat(problem.place().orElseThrow().column()).isPresent();
            }
        }
    }
}
