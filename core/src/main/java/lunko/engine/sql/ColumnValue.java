package lunko.engine.sql;

import lunko.problem.StatementFault;
import lunko.query.sql.Expression;
import lunko.table.Column;
import lunko.table.Type;
import lunko.table.TypeSize;

/** A value to be stored in a column: as one of its type, and as large as is said (ISO/IEC 9075-2, store assignment). */
record ColumnValue(Column column, ExpressionBinder binder) {

    /** One for a column of a table, counted from 0. */
    static ColumnValue in(StoredTable table, int column, ExpressionBinder binder) {
        return new ColumnValue(table.table().columns().get(column), binder);
    }

    /** What is written. */
    BoundExpression of(Expression written) {
        return of(written, binder.bind(written));
    }

    /** What has been bound, and is called so where it does not fit. */
    BoundExpression of(Expression expression, BoundExpression bound) {
        BoundExpression value = typed(expression, bound);
        return column.size() instanceof TypeSize.Any ? value : new BoundExpression(value.type(),
                env -> binder.orRaise(expression, Sized.stored(value.in(env), column.size())));
    }

    /** Numbers are changed into each other, and a text that says a day into that; other types are not. */
    private BoundExpression typed(Expression expression, BoundExpression bound) {
        BoundExpression value = column.type() == Type.DATE ? TypeRules.asDate(expression, bound) : bound;
        if (value.type().isEmpty() || value.type().get() == column.type()) return value;
        Type type = value.type().get();
        if (type.isNumeric() && column.type().isNumeric())
            return BoundExpression.of(column.type(), env -> binder.cast(expression, value.in(env), column.type()));
        return binder.diagnostics().refused(expression, new StatementFault.ValueDoesNotFit(column.name(),
                column.type(), ExpressionBinder.text(expression), type));
    }
}
