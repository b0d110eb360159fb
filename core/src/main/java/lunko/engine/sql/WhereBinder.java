package lunko.engine.sql;

import java.util.List;
import lunko.query.sql.Expression;
import lunko.query.sql.SelectItem;

/** Binds a WHERE clause, which comes before SELECT and so does not know the names that are given there. */
final class WhereBinder extends ExpressionBinder {
    private final List<SelectItem> items;

    WhereBinder(QueryBinder queries, Scope scope, Places places, List<SelectItem> items) {
        super(queries, scope, places);
        this.items = items;
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
