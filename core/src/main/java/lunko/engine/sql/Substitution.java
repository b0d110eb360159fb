package lunko.engine.sql;

import java.util.IdentityHashMap;
import java.util.Map;
import lunko.engine.Comparison;
import lunko.query.sql.Expression;
import lunko.query.sql.SqlWriter;
import lunko.table.Value;

/** The columns, aggregates and queries in what has been bound: the parts that take a value of their own from a row. */
final class Substitution {
    private final Map<Expression, BoundExpression> bound = new IdentityHashMap<>();

    BoundExpression note(Expression expression, BoundExpression leaf) {
        bound.put(expression, leaf);
        return leaf;
    }

    /** An expression as SQL, with the values of its leaves put in; long texts are cut. */
    String with(Expression expression, Env env) {
        return new SqlWriter().expression(filled(expression, env));
    }

    private Expression filled(Expression expression, Env env) {
        BoundExpression leaf = bound.get(expression);
        return leaf == null ? expression.with(part -> filled(part, env)) : literal(expression, leaf, env);
    }

    private static Expression literal(Expression expression, BoundExpression leaf, Env env) {
        // A part that has no value here can stand in a condition which is decided without it.
        return ExceptionCondition.checked(() -> leaf.in(env))
                .either(value -> new Expression.Literal(shortened(value)), _ -> expression);
    }

    private static Value shortened(Value value) {
        return value instanceof Value.TextValue(String text) ? Value.of(Comparison.shortened(text)) : value;
    }
}
