package lunko.query.sql;

import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.problem.SyntaxFault.Slip;
import lunko.query.sql.grammar.SqlLexer;

/** Queries within others, and put together with others, that are nearly right. */
final class QuerySlips extends SlipsAt {
    QuerySlips(Spot spot) {
        super(spot);
    }

    @Override
    Stream<Supplier<Optional<Found>>> all() {
        return Stream.of(this::exists, this::inQuery, this::argument, this::unionTable, this::orderBeforeUnion);
    }

    /** {@code EXISTS keepers} and {@code keeper_id EXISTS (…)}. */
    private Optional<Found> exists() {
        if (is(at, SqlLexer.EXISTS) && (isName(at - 1) || is(at - 1, SqlLexer.NOT) && isName(at - 2)))
            return found(new Slip.ExistsBehindValue(), at);
        boolean table = is(at - 1, SqlLexer.EXISTS) || is(at - 1, SqlLexer.LEFT_PAREN) && is(at - 2, SqlLexer.EXISTS);
        return table && isName(at) ? found(new Slip.ExistsOfTable(text(at)), at) : Optional.empty();
    }

    /** {@code IN SELECT keeper_id FROM keepers}. */
    private Optional<Found> inQuery() {
        return is(at, SqlLexer.SELECT) && (is(at - 1, SqlLexer.IN) || is(at - 1, SqlLexer.EXISTS))
                ? found(new Slip.Parentheses(upper(at - 1)), at,
                        fix.before(words.get(at), "(").after(words.getLast(), ")"))
                : Optional.empty();
    }

    /** {@code MAX(SELECT kg FROM harvests)}. */
    private Optional<Found> argument() {
        if (is(at, SqlLexer.SELECT) && is(at - 1, SqlLexer.AS))
            return found(new Slip.Parentheses("AS"), at);
        if (!is(at, SqlLexer.SELECT) || !is(at - 1, SqlLexer.LEFT_PAREN) || !isName(at - 2)) return Optional.empty();
        if (is(at - 3, SqlLexer.WITH)) return found(new Slip.AsMissing(), at - 1, fix.before(words.get(at - 1), "AS "));
        int depth = 1;
        for (int i = at; i < words.size(); i++) {
            if (is(i, SqlLexer.LEFT_PAREN)) depth++;
            if (is(i, SqlLexer.RIGHT_PAREN) && --depth == 0)
                return found(new Slip.QueryAsArgument(), at, fix.before(words.get(at), "(").before(words.get(i), ")"));
        }
        return found(new Slip.QueryAsArgument(), at);
    }

    private boolean putsTogether(int index) {
        return is(index, SqlLexer.UNION) || is(index, SqlLexer.EXCEPT) || is(index, SqlLexer.INTERSECT);
    }

    /** {@code UNION keepers}. */
    private Optional<Found> unionTable() {
        boolean behind = putsTogether(at - 1) || is(at - 1, SqlLexer.ALL) && putsTogether(at - 2);
        return behind && isName(at) ? found(new Slip.UnionOfTable(upper(putsTogether(at - 1) ? at - 1 : at - 2)), at,
                fix.before(words.get(at), "SELECT * FROM ")) : Optional.empty();
    }

    /** {@code … ORDER BY hive UNION SELECT …}. */
    private Optional<Found> orderBeforeUnion() {
        for (int i = at - 1; putsTogether(at) && i >= 0 && !is(i, SqlLexer.LEFT_PAREN); i--) {
            if (is(i, SqlLexer.ORDER)) return found(new Slip.OrderBeforeUnion(upper(at)), i);
        }
        return Optional.empty();
    }
}
