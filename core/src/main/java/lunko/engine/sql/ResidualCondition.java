package lunko.engine.sql;

import java.util.List;
import lunko.engine.JoinCondition;
import lunko.query.sql.Expression;
import lunko.table.Truth;
import lunko.table.Value;

/** What a join asks of two rows besides the equality of columns, its names bound. */
final class ResidualCondition {
    private final Expression condition;
    private final BoundExpression bound;
    private final ExpressionBinder binder;

    ResidualCondition(Expression condition, BoundExpression bound, ExpressionBinder binder) {
        this.condition = condition;
        this.bound = bound;
        this.binder = binder;
    }

    ResidualCondition(Expression condition, ExpressionBinder binder) {
        this(condition, binder.condition(condition), binder);
    }

    /** Makes of two rows what a condition sees. */
    interface Around {
        Env of(List<Value> left, List<Value> right);
    }

    /** The condition, seen from the rows of two sides. */
    JoinCondition.Condition between(Around around) {
        return new JoinCondition.Condition() {
            @Override
            public Truth of(List<Value> left, List<Value> right) {
                binder.diagnostics().effort().take(1, condition);
                return bound.truthIn(around.of(left, right));
            }

            @Override
            public Truth ofStrangers(List<Value> left, List<Value> right) {
                // They are looked at only to be shown: nothing needs to be calculated for them.
                return ExceptionCondition.checked(() -> of(left, right)).either(truth -> truth, _ -> Truth.UNKNOWN);
            }

            @Override
            public String with(List<Value> left, List<Value> right) {
                String text = binder.with(condition, around.of(left, right));
                return condition instanceof Expression.Or ? "(" + text + ")" : text;
            }
        };
    }
}
