package lunko.engine.sql;

import java.util.List;
import java.util.stream.Stream;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody;
import lunko.query.sql.SqlWriter;
import lunko.table.Value;

/**
 * Binds a WHERE clause. It comes before SELECT, and so does not know the names that are given there; and it comes after
 * the joins, and so may throw away the very rows that an outer join has kept.
 */
final class WhereBinder extends ExpressionBinder {
    private final QueryBody.Select select;

    WhereBinder(QueryBinder queries, Scope scope, Diagnostics diagnostics, QueryBody.Select select) {
        super(queries, scope, diagnostics);
        this.select = select;
    }

    /** A condition of the clause, or several that must all hold. */
    BoundExpression where(Expression condition) {
        condition.conjuncts().stream().filter(Expression::isOfGroup).findFirst().ifPresent(this::refuseOfGroup);
        BoundExpression bound = condition(condition);
        condition.conjuncts().forEach(this::notePadded);
        return bound;
    }

    /** A condition on groups, where there are groups: it belongs into HAVING. */
    private void refuseOfGroup(Expression condition) {
        if (select.groupBy().isEmpty()) return;
        List<Expression> others = select.where().orElse(condition).conjuncts().stream()
                .filter(other -> other != condition).toList();
        SqlWriter writer = new SqlWriter();
        String moved = writer.expression(condition);
        Fix without = others.isEmpty() ? diagnostics().fix().without(select.from().getLast(), select.where().get())
                : diagnostics().fix().instead(select.where().get(), writer.expression(Expression.all(others)));
        diagnostics().refuse(condition, new QueryFault.GroupConditionInWhere(text(condition)),
                select.having().map(having -> without.after(having, " AND " + moved))
                        .orElseGet(() -> without.after(select.groupBy().getLast(), " HAVING " + moved)));
    }

    /** A condition that is not true of NULL, on a column that is NULL in all kept rows. */
    private void notePadded(Expression condition) {
        switch (condition) {
            case Expression.Comparison(var _, Expression left, Expression right) when !isNull(left) && !isNull(right) ->
                notePadded(condition, Stream.of(left, right));
            case Expression.Between(Expression of, var _, var _, boolean _) -> notePadded(condition, Stream.of(of));
            case Expression.Like(Expression of, var _, var _, boolean _) -> notePadded(condition, Stream.of(of));
            case Expression.InList(Expression of, var _, boolean _) -> notePadded(condition, Stream.of(of));
            case Expression.IsNull(Expression of, boolean negated) when negated -> notePadded(condition, Stream.of(of));
            default -> {}
        }
    }

    private static boolean isNull(Expression expression) {
        return expression instanceof Expression.Literal(Value value) && value.isNull();
    }

    private void notePadded(Expression condition, Stream<Expression> operands) {
        operands.filter(Expression.ColumnName.class::isInstance).map(Expression.ColumnName.class::cast)
                .flatMap(name -> scope().meant(name).stream()
                        .flatMap(index -> scope().slots().get(index).padded().stream())
                        .map(join -> new Padded(name, join)))
                .findFirst()
                .ifPresent(padded -> diagnostics().note(condition,
                        new QueryNote.UndoesOuterJoin(text(padded.name), text(condition)),
                        intoOn(condition, padded.join)));
    }

    private record Padded(Expression.ColumnName name, FromItem.JoinedTable join) {}

    /** The condition taken out of WHERE and put into the ON of a join; no change where the join has none. */
    private Fix[] intoOn(Expression condition, FromItem.JoinedTable join) {
        if (!(join.specification() instanceof JoinSpecification.On(Expression on))) return new Fix[0];
        SqlWriter writer = new SqlWriter();
        Fix added = diagnostics().fix().instead(on, writer.expression(new Expression.And(on, condition)));
        Expression where = select.where().orElseThrow();
        List<Expression> others = where.conjuncts().stream().filter(other -> other != condition).toList();
        return new Fix[] {others.isEmpty() ? added.without(select.from().getLast(), where)
                : added.instead(where, writer.expression(Expression.all(others)))};
    }

    @Override
    BoundExpression column(Expression.ColumnName name) {
        if (!scope().knows(name) && new GivenNames(select, diagnostics()).refuse("WHERE", name))
            return BoundExpression.MISSING;
        return super.column(name);
    }
}
