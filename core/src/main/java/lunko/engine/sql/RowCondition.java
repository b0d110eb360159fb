package lunko.engine.sql;

import java.util.List;
import java.util.Set;
import lunko.engine.Filter;
import lunko.engine.Stage;
import lunko.query.sql.Expression;
import lunko.table.Truth;
import lunko.table.Value;

/** A condition on the rows of a stage, its names bound. */
final class RowCondition {
    private final String clause;
    private final Expression condition;
    private final BoundExpression bound;
    private final ExpressionBinder binder;

    RowCondition(String clause, Expression condition, BoundExpression bound, ExpressionBinder binder) {
        this.clause = clause;
        this.condition = condition;
        this.bound = bound;
        this.binder = binder;
    }

    /** The condition on some rows, around which a query is evaluated. */
    Filter.Condition on(List<List<Value>> rows, Env around) {
        return new Filter.Condition() {
            @Override
            public String clause() {
                return clause;
            }

            @Override
            public Truth of(int row) {
                binder.diagnostics().effort().take(1, condition);
                return bound.truthIn(around.within(rows.get(row)));
            }

            @Override
            public String with(int row) {
                return binder.with(condition, around.within(rows.get(row)));
            }

            @Override
            public Set<Integer> columns() {
                return binder.deciding(condition);
            }

            @Override
            public List<Stage> asides() {
                return binder.asides().get();
            }
        };
    }
}
