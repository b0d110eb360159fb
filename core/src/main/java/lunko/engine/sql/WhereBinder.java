package lunko.engine.sql;

import java.util.List;
import java.util.stream.Stream;
import lunko.query.sql.Expression;
import lunko.query.sql.SelectItem;

/**
 * Binds a WHERE clause. It comes before SELECT, and so does not know the names that are given there; and it comes after
 * the joins, and so may throw away the very rows that an outer join has kept.
 */
final class WhereBinder extends ExpressionBinder {
    private final List<SelectItem> items;

    WhereBinder(QueryBinder queries, Scope scope, Places places, List<SelectItem> items) {
        super(queries, scope, places);
        this.items = items;
    }

    @Override
    Bound condition(Expression expression) {
        Bound bound = super.condition(expression);
        notePadded(expression);
        return bound;
    }

    /** A condition that is not true of NULL, on a column that is NULL in all kept rows. */
    private void notePadded(Expression condition) {
        switch (condition) {
            case Expression.And(Expression left, Expression right) -> {
                notePadded(left);
                notePadded(right);
            }
            case Expression.Comparison(var _, Expression left, Expression right) -> notePadded(condition, Stream.of(left, right));
            case Expression.Between(Expression of, var _, var _, boolean _) -> notePadded(condition, Stream.of(of));
            case Expression.Like(Expression of, var _, boolean _) -> notePadded(condition, Stream.of(of));
            case Expression.InList(Expression of, var _, boolean _) -> notePadded(condition, Stream.of(of));
            case Expression.IsNull(Expression of, boolean negated) when negated -> notePadded(condition, Stream.of(of));
            default -> { }
        }
    }

    private void notePadded(Expression condition, Stream<Expression> operands) {
        operands.filter(Expression.ColumnName.class::isInstance).map(Expression.ColumnName.class::cast)
                .filter(name -> scope().meant(name.table(), name.column()).stream()
                        .anyMatch(index -> scope().slots().get(index).padded()))
                .findFirst().ifPresent(name -> places().note(condition, text(name) + " is NULL in the rows that the outer join"
                        + " keeps without a partner, so this WHERE throws them away again: to keep them, write "
                        + text(condition) + " into the ON of the join."));
    }

    @Override
    Bound column(Expression.ColumnName name) {
        if (name.table().isEmpty() && !scope().knows(name)) {
            for (SelectItem item : items) {
                if (item instanceof SelectItem.Item(Expression expression, var alias)
                        && alias.map(given -> name.column().means(given.text())).orElse(false)) {
                    throw places().refusal(name, name.column().text() + " is a name given in SELECT, and WHERE comes before"
                            + " that: write " + text(expression) + " instead.");
                }
            }
        }
        return super.column(name);
    }
}
