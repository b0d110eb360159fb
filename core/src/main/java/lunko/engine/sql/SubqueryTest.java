package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import lunko.query.JoinKind;
import lunko.query.sql.Expression.Comparator;
import lunko.query.sql.Expression;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;

/**
 * A condition that asks whether a row has a match, and so says a semi or an anti join: EXISTS, IN, and their opposites.
 *
 * @param kind the kind of join
 * @param select where matches are looked for
 * @param member what IN wants to be equal: the column before it, and the one that the query selects
 */
record SubqueryTest(JoinKind kind, QueryBody.Select select, Optional<Member> member) {

    /** The two columns that IN compares. */
    record Member(Expression.ColumnName left, Expression.ColumnName right) {}

    /** The match test that a condition is, if it is one. */
    static Optional<SubqueryTest> in(Expression condition) {
        return in(condition, JoinKind.LEFT_SEMI, JoinKind.LEFT_ANTI);
    }

    private static Optional<SubqueryTest> in(Expression condition, JoinKind plain, JoinKind negated) {
        return switch (condition) {
            case Expression.Not(Expression of) -> in(of, negated, plain);
            case Expression.Exists(QueryExpression query) ->
                plain(query).map(select -> new SubqueryTest(plain, select, Optional.empty()));
            case Expression.InQuery(Expression.ColumnName column, QueryExpression query, boolean not) ->
                plain(query).flatMap(select -> member(column, select)
                        .map(member -> new SubqueryTest(not ? negated : plain, select, Optional.of(member))));
            // The two that are IN and NOT IN in other words.
            case Expression.Quantified(Expression.ColumnName column, var sign, boolean all, QueryExpression query) ->
                sign == (all ? Comparator.NOT_EQUAL : Comparator.EQUAL)
                        ? in(new Expression.InQuery(column, query, all), plain, negated) : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** A query that gives rows as its tables and its WHERE have them. */
    private static Optional<QueryBody.Select> plain(QueryExpression query) {
        if (!query.with().isEmpty() || query.offset().isPresent() || query.limit().isPresent())
            return Optional.empty();
        return switch (query.body()) {
            case QueryBody.Nested(QueryExpression inner) -> plain(inner);
            case QueryBody.Select select when !select.from().isEmpty() && query.orderBy().isEmpty()
                    && !Groups.areIn(select, List.of()) ->
                Optional.of(select);
            case QueryBody.Select _,QueryBody.Compound _ -> Optional.empty();
        };
    }

    private static Optional<Member> member(Expression.ColumnName left, QueryBody.Select select) {
        return select.items().size() == 1
                && select.items().getFirst() instanceof SelectItem.Item(Expression.ColumnName right, var _)
                        ? Optional.of(new Member(left, right)) : Optional.empty();
    }
}
