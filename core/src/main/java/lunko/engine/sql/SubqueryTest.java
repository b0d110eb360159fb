package lunko.engine.sql;

import java.util.ArrayList;
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
 * @param members what IN wants to be equal: the columns before it, and those that the query selects
 */
record SubqueryTest(JoinKind kind, QueryBody.Select select, List<Member> members) {

    /** Two columns that IN compares. */
    record Member(Expression.ColumnName left, Expression.ColumnName right) {}

    /** The match test that a condition is, if it is one. */
    static Optional<SubqueryTest> in(Expression condition) {
        return in(condition, JoinKind.LEFT_SEMI, JoinKind.LEFT_ANTI);
    }

    private static Optional<SubqueryTest> in(Expression condition, JoinKind plain, JoinKind negated) {
        return switch (condition) {
            case Expression.Not(Expression of) -> in(of, negated, plain);
            case Expression.Exists(QueryExpression query) ->
                plain(query).map(select -> new SubqueryTest(plain, select, List.of()));
            case Expression.InQuery(Expression.ColumnName column, QueryExpression query, boolean not) ->
                in(List.of(column), query, not ? negated : plain);
            // Which of several values is perhaps equal is asked of each row.
            case Expression.RowInQuery(List<Expression> columns, QueryExpression query, boolean not) ->
                (not ? negated : plain) == JoinKind.LEFT_SEMI ? in(columns, query, JoinKind.LEFT_SEMI)
                        : Optional.empty();
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
            case QueryBody.Select _,QueryBody.Compound _,QueryBody.Values _ -> Optional.empty();
        };
    }

    private static Optional<SubqueryTest> in(List<? extends Expression> columns, QueryExpression query,
            JoinKind kind) {
        return plain(query).flatMap(select -> {
            List<Member> members = members(columns, select);
            return members.isEmpty() ? Optional.empty() : Optional.of(new SubqueryTest(kind, select, members));
        });
    }

    /** The columns that are compared; none, if it is anything else than columns. */
    private static List<Member> members(List<? extends Expression> lefts, QueryBody.Select select) {
        List<Member> members = new ArrayList<>();
        for (int i = 0; i < lefts.size() && lefts.size() == select.items().size(); i++) {
            if (lefts.get(i) instanceof Expression.ColumnName left
                    && select.items().get(i) instanceof SelectItem.Item(Expression.ColumnName right, var _))
                members.add(new Member(left, right));
        }
        return members.size() == lefts.size() ? members : List.of();
    }
}
