package lunko.engine.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lunko.problem.QueryFault.Named;
import lunko.problem.QueryFault.Typed;
import lunko.problem.QueryFault.Wanted;
import lunko.problem.QueryFault;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.SqlWriter;
import lunko.table.Type;
import lunko.table.Value;

/**
 * Which types go together, and what is said where they do not: nothing is changed into another type unasked.
 */
final class TypeRules {
    private final Diagnostics diagnostics;

    TypeRules(Diagnostics diagnostics) {
        this.diagnostics = diagnostics;
    }

    /** A bound expression whose type is one of these. */
    BoundExpression required(Expression expression, BoundExpression bound, Wanted wanted, Type... types) {
        if (bound.type().isEmpty() || List.of(types).contains(bound.type().get())) return bound;
        String cast = cast(expression, types[types.length - 1]);
        return diagnostics.refused(expression, new QueryFault.WrongType(wanted, ExpressionBinder.text(expression),
                bound.type().get(), cast),
                diagnostics.fix().instead(expression, cast));
    }

    void requireComparable(Object where, Expression left, BoundExpression l, Expression right, BoundExpression r) {
        if (comparable(l.type(), r.type())) return;
        // A cast that may fail for some rows is no advice.
        List<Expression.Cast> casts =
                Stream.of(new Expression.Cast(right, l.type().get()), new Expression.Cast(left, r.type().get()))
                        .filter(cast -> cast.type() == Type.TEXT || hasValue(cast)).toList();
        diagnostics.refuse(where, new QueryFault.NotComparable(
                new Typed(new Named.Written(ExpressionBinder.text(left)), l.type().get()),
                new Typed(new Named.Written(ExpressionBinder.text(right)), r.type().get()),
                casts.stream().findFirst().map(ExpressionBinder::text)),
                casts.stream().map(cast -> diagnostics.fix().instead(cast.of(), cast(cast.of(), cast.type())))
                        .toArray(Fix[]::new));
    }

    private static String cast(Expression expression, Type type) {
        return new SqlWriter().expression(new Expression.Cast(expression, type));
    }

    private static boolean hasValue(Expression.Cast cast) {
        return cast.of() instanceof Expression.Literal(Value.TextValue(String text))
                && cast.type().read(text).isPresent();
    }

    void requireComparable(Object where, Named left, Optional<Type> leftType, Named right, Optional<Type> rightType) {
        if (!comparable(leftType, rightType)) diagnostics.refuse(where, new QueryFault.NotMatchable(
                new Typed(left, leftType.get()), new Typed(right, rightType.get())));
    }

    private static boolean comparable(Optional<Type> left, Optional<Type> right) {
        return left.isEmpty() || right.isEmpty() || left.get().comparesWith(right.get());
    }

    /** The one type of several values that stand for each other. */
    Optional<Type> common(Expression where, List<BoundExpression> values) {
        Set<Type> types = new HashSet<>();
        values.forEach(value -> value.type().ifPresent(types::add));
        if (types.size() == 2 && types.stream().allMatch(Type::isNumeric)) return Optional.of(Type.DECIMAL);
        if (types.size() > 1) {
            diagnostics.refuse(where, new QueryFault.MixedTypes(ExpressionBinder.text(where)));
            return Optional.empty();
        }
        return types.stream().findFirst();
    }

    /** The type that the values of two types have together. */
    static Optional<Type> wider(Optional<Type> left, Optional<Type> right) {
        if (left.isEmpty()) return right;
        return right.isPresent() && right.get() == Type.DECIMAL ? right : left;
    }
}
