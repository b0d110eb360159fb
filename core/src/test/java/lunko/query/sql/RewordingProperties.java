package lunko.query.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import lunko.lesson.WrittenQuery;
import lunko.problem.Origin;
import lunko.query.JoinKind;
import lunko.query.change.ConditionSite;
import lunko.query.change.QueryChange;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.grammar.SqlLexer;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.Token;

/** What is done to a query is done to its text, of which everything else stays. */
@Domain(Queries.class)
@Domain(DomainContext.Global.class)
class RewordingProperties {
    private static final Pattern COMMENT = Pattern.compile("-- \\w+");
    private static final String LAID_OUT = """
            -- first
            SELECT h.hive,      -- second
                   k.keeper
            FROM hives AS h     -- third
              LEFT OUTER JOIN keepers k  -- fourth
                ON h.keeper_id = k.keeper_id AND k.village <> 'Ashholt' -- fifth
            WHERE h.hive_no < 4 -- sixth
            ORDER BY h.hive""";

    @Property(tries = 200, edgeCases = EdgeCasesMode.NONE)
    void theTextOfWhateverAQueryBecomesIsThatQuery(@ForAll QueryExpression before, @ForAll QueryExpression after,
            @ForAll Random random) {
        String text = spacedOut(new SqlWriter().query(before), random);
        Script script = new SqlParser(new Origin.Query()).parse(text).expect();
        Statement.Query statement = (Statement.Query) script.statements().getFirst();
        assertThat(Queries.parsed(Rewording.of(script, statement, after))).isEqualTo(after);
        assertThat(Rewording.of(script, statement, before)).isEqualTo(text);
        // Its tables and conditions, in a query that is otherwise another.
        if (statement.query().body() instanceof QueryBody.Select was && after.body() instanceof QueryBody.Select is) {
            QueryExpression mixed = QueryExpression.of(new QueryBody.Select(is.distinct(), is.items(), was.from(),
                    was.where().map(
                            where -> is.where().<Expression>map(more -> new Expression.And(where, more)).orElse(where)),
                    is.groupBy(), was.having()));
            assertThat(Queries.parsed(Rewording.of(script, statement, mixed)))
                    .isEqualTo(Queries.parsed(new SqlWriter().query(mixed)));
        }
    }

    @Example
    void layoutAndCommentsStay() {
        Expression light = condition("h.hive_no <> 3");
        assertChanged(new QueryChange.OfKind(0, JoinKind.FULL_OUTER, new JoinSpecification.Nothing()),
                "LEFT OUTER JOIN", "FULL JOIN");
        assertChanged(new QueryChange.AddCondition(new ConditionSite.Where(), light), "h.hive_no < 4",
                "h.hive_no < 4 AND h.hive_no <> 3");
        assertChanged(new QueryChange.SendCondition(new ConditionSite.On(0), 1, new ConditionSite.Where()),
                " AND k.village <> 'Ashholt' --", " --", "h.hive_no < 4", "h.hive_no < 4 AND k.village <> 'Ashholt'");
        assertChanged(new QueryChange.SendCondition(new ConditionSite.Where(), 0, new ConditionSite.On(0)), "'Ashholt'",
                "'Ashholt' AND h.hive_no < 4", "WHERE h.hive_no < 4", "");
        assertChanged(new QueryChange.SortBy(List.of()), "\nORDER BY h.hive", "");
        assertChanged(new QueryChange.First(OptionalLong.of(2)), "ORDER BY h.hive",
                "ORDER BY h.hive\nFETCH FIRST 2 ROWS ONLY");
        assertChanged(new QueryChange.Call(1, Name.of("w")), "keepers k ", "keepers w ", "k.", "w.");
        assertChanged(new QueryChange.Show(true, List.of(item("h.hive"))), "SELECT", "SELECT DISTINCT",
                "h.hive,      -- second\n       k.keeper\n", "h.hive\n");
        assertChanged(
                new QueryChange.AddTable(JoinKind.INNER,
                        new FromItem.NamedTable(Name.of("harvests"), Optional.of(Name.of("r"))),
                        new JoinSpecification.On(condition("r.hive_no = h.hive_no"))),
                "-- fifth\n", "-- fifth\n  INNER JOIN harvests r ON r.hive_no = h.hive_no\n");
        assertChanged(new QueryChange.Swap(0), "hives AS h     --", "keepers k     --", "LEFT OUTER JOIN keepers k",
                "RIGHT JOIN hives AS h");
        assertChanged(
                new QueryChange.SortBy(List.of(new SortKey(condition("h.hive"), false, Optional.empty()),
                        new SortKey(condition("k.keeper"), true, Optional.empty()))),
                "ORDER BY h.hive", "ORDER BY h.hive, k.keeper DESC");
    }

    @Example
    void anAliasIsAnotherWhereverItMeansTheTable() {
        String sql =
                "SELECT h.*, UPPER(h.hive) FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id WHERE EXISTS "
                        + "(SELECT * FROM visits v WHERE v.hive_no = h.hive_no) AND h.hive_no IN (SELECT h.hive_no "
                        + "FROM hives h) AND (SELECT MAX(h.hive_no) FROM visits v) > 1 GROUP BY h.hive HAVING "
                        + "MIN(h.hive_no) > 0 ORDER BY h.hive";
        Script script = new SqlParser(new Origin.Query()).parse(sql).expect();
        Statement.Query statement = (Statement.Query) script.statements().getFirst();
        QueryExpression called = new QueryChange.Call(0, Name.of("w")).applyTo(statement.query()).expect();
        assertThat(Rewording.of(script, statement, called)).isEqualTo(sql.replace("h.", "w.")
                .replace("hives h JOIN", "hives w JOIN").replace("(SELECT w.hive_no FROM", "(SELECT h.hive_no FROM"));
    }

    /**
     * A change of the laid-out query: in its text, each first thing is replaced by the one after it, and nothing else
     * is.
     */
    private static void assertChanged(QueryChange change, String... replaced) {
        Script script = new SqlParser(new Origin.Query()).parse(LAID_OUT).expect();
        Statement.Query statement = (Statement.Query) script.statements().getFirst();
        QueryExpression after = change.applyTo(statement.query()).expect();
        String expected = LAID_OUT;
        for (int i = 0; i < replaced.length; i += 2) expected = expected.replace(replaced[i], replaced[i + 1]);
        String text = Rewording.of(script, statement, after);
        assertThat(text).isEqualTo(expected);
        assertThat(Queries.parsed(text)).isEqualTo(after);
        assertThat(COMMENT.matcher(text).results().map(MatchResult::group).count()).isGreaterThanOrEqualTo(5);
    }

    private static Expression condition(String text) {
        QueryBody.Select select = (QueryBody.Select) Queries.parsed("SELECT 1 WHERE " + text).body();
        return select.where().orElseThrow();
    }

    private static SelectItem item(String text) {
        return ((QueryBody.Select) Queries.parsed("SELECT " + text).body()).items().getFirst();
    }

    /** A text with other white space, and comments. */
    private static String spacedOut(String text, Random random) {
        SqlLexer lexer = new SqlLexer(CharStreams.fromString(text));
        StringBuilder out = new StringBuilder();
        List<String> gaps = List.of(" ", " ", "\n", "\n    ", " /* so */ ", " -- so\n");
        for (Token word = lexer.nextToken(); word.getType() != Token.EOF; word = lexer.nextToken()) {
            if (!out.isEmpty()) out.append(gaps.get(random.nextInt(gaps.size())));
            out.append(word.getText());
        }
        return out.toString();
    }

    @Example
    void aJoinThatComesToTheRightOfAnotherGetsParenthesesAndKeepsItsWords() {
        String chain = "hives   h JOIN keepers k ON h.keeper_id = k.keeper_id";
        WrittenQuery query =
                WrittenQuery.of("SELECT * FROM " + chain + " LEFT JOIN harvests r ON r.hive_no = h.hive_no");
        assertThat(query.changed(new QueryChange.Swap(1)).expect().sql())
                .isEqualTo("SELECT * FROM harvests r RIGHT JOIN (" + chain + ") ON r.hive_no = h.hive_no");
    }
}
