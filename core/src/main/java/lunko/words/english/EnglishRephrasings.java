package lunko.words.english;

import static lunko.words.english.Say.text;

import java.util.List;
import lunko.query.JoinKind;
import lunko.query.change.RephrasingKind;
import lunko.query.change.SqlDialect;
import lunko.table.Type;
import lunko.words.Names;
import lunko.words.RephrasingSentences;

/** Other ways to write a query, in English. */
record EnglishRephrasings(Names names) implements RephrasingSentences {

    @Override
    public String title(RephrasingKind kind) {
        return switch (kind) {
            case SHORT_WORDS -> "without INNER and OUTER";
            case LONG_WORDS -> "with INNER and OUTER";
            case SWAPPED -> "swapped sides";
            case NESTED -> "the last two tables joined first";
            case REORDERED -> "the last two joins in the other order";
            case USING -> "USING";
            case NATURAL -> "NATURAL";
            case COMMA -> "the comma form";
            case CROSS_WHERE -> "CROSS JOIN and WHERE";
            case EXISTS -> "EXISTS";
            case IN -> "IN";
            case NOT_IN -> "NOT IN";
            case OUTER_IS_NULL -> "an outer join and IS NULL";
            case DISTINCT -> "an inner join and DISTINCT";
            case HAVING -> "groups and HAVING COUNT";
            case LATERAL -> "LATERAL";
            case WITH -> "WITH";
            case UNION -> "UNION of a left and a right join";
            case UNION_ALL -> "UNION ALL with an anti join";
        };
    }

    @Override
    public String about(RephrasingKind kind) {
        return switch (kind) {
            case SHORT_WORDS ->
                "JOIN alone means INNER JOIN, and OUTER is optional: LEFT, RIGHT and FULL "
                        + "joins are always outer.";
            case LONG_WORDS ->
                "The same joins with every keyword written out.";
            case SWAPPED ->
                "Left becomes right: the same rows, with the columns of the other table "
                        + "first, and in another order.";
            case NESTED ->
                "With outer joins it matters what is joined first: a row that the first join "
                        + "would have kept may be gone before it, or kept where it was not.";
            case REORDERED ->
                "The last table is joined before the one before it. If one of the joins is "
                        + "outer, the result may differ.";
            case USING ->
                "The columns that must be equal have the same names, so they are named once; "
                        + "in the result they appear once, and first.";
            case NATURAL ->
                "All columns of the same name must be equal: today these, and tomorrow also "
                        + "one that somebody adds to both tables.";
            case COMMA ->
                "The old form: every row with every row, and WHERE takes the pairs that match.";
            case CROSS_WHERE ->
                "An inner join is what a condition leaves of all pairs.";
            case EXISTS ->
                "Tests for each row whether it has a match, and never takes a row twice.";
            case IN ->
                "Tests whether the key is among those of the other table.";
            case NOT_IN ->
                "The trap: with one NULL among the keys of the other table, NOT IN is unknown"
                        + " or false for every row, and the result is empty.";
            case OUTER_IS_NULL ->
                "Keeps the unmatched rows, and then takes only those: their key from the "
                        + "other side is NULL.";
            case DISTINCT ->
                "The pairs, each row once. But two equal rows of the table become one as well.";
            case HAVING ->
                "Counts the matches of each row in a group of its own. But two equal rows of the table become one "
                        + "as well.";
            case LATERAL ->
                "The right table is asked anew for each row on its left: what it gives then matches already.";
            case WITH ->
                "A query in FROM gets its name before the query that reads it: the same, and often easier to read.";
            case UNION ->
                "For a database without FULL JOIN. UNION removes duplicates, so it loses rows"
                        + " that occur twice.";
            case UNION_ALL ->
                "The left join, and then the unmatched right rows: nothing occurs twice, and "
                        + "nothing is lost.";
        };
    }

    @Override
    public String matchesMore(List<String> columns) {
        return text("Here it matches more than you mean: {} must be equal too.", Say.list(columns));
    }

    @Override
    public String commaCannotKeep(JoinKind kind) {
        return text(
                "Not possible: a comma makes all pairs, and WHERE only removes rows. An unmatched row is in no pair, "
                        + "so nothing could keep it, as {} does.",
                names.join(kind));
    }

    @Override
    public String dialect(SqlDialect dialect) {
        return switch (dialect) {
            case STANDARD -> "standard SQL";
            case POSTGRESQL -> "PostgreSQL";
            case SQLITE -> "SQLite";
            case H2 -> "H2";
            case DUCKDB -> "DuckDB";
            case PLAINEST -> "a database without FULL JOIN, NATURAL and FETCH FIRST";
        };
    }

    @Override
    public String columnOf(Type type, String table) {
        return text("{} of {}", names.type(type), table);
    }

    @Override
    public String columnsOf(String table) {
        return text("a column of {}", table);
    }

    @Override
    public String namedByWith() {
        return "named by WITH";
    }

    @Override
    public String ofQuery(String query) {
        return text("of {}", query);
    }
}
