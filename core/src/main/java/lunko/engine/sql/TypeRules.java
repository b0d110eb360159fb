package lunko.engine.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.problem.QueryFault.Named;
import lunko.problem.QueryFault.Typed;
import lunko.problem.QueryFault.Wanted;
import lunko.problem.QueryFault;
import lunko.problem.SyntaxFault;
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

    /**
     * An expression that a value is compared with: a text written down beside a date is the date that it says, as every
     * database has it (the standard wants the word DATE before it).
     */
    static BoundExpression beside(BoundExpression value, Expression written, BoundExpression bound) {
        return value.type().filter(Type.DATE::equals).isPresent() ? asDate(written, bound) : bound;
    }

    /** A text written down as the date that it says, if it says one. */
    static BoundExpression asDate(Expression written, BoundExpression bound) {
        if (!(written instanceof Expression.Literal(Value.TextValue(String text)))) return bound;
        return Type.DATE.read(text).map(day -> BoundExpression.of(Type.DATE, _ -> day)).orElse(bound);
    }

    /** A bound expression whose type is one of these. */
    BoundExpression required(Expression expression, BoundExpression bound, Wanted wanted, Type... types) {
        if (bound.type().isEmpty() || List.of(types).contains(bound.type().get())) return bound;
        Type type = types[types.length - 1];
        Optional<Instead> meant = written(expression, type).or(() -> asText(expression, type));
        return diagnostics.refused(expression, new QueryFault.WrongType(wanted, ExpressionBinder.text(expression),
                bound.type().get(), meant.map(Instead::with)),
                meant.map(instead -> diagnostics.fix().instead(expression, instead.with())).stream()
                        .toArray(Fix[]::new));
    }

    void requireComparable(Object where, Expression left, BoundExpression l, Expression right, BoundExpression r) {
        if (comparable(l.type(), r.type())) return;
        Optional<String> noDate = noDate(l, right).or(() -> noDate(r, left));
        if (noDate.isPresent()) {
            diagnostics.refuse(where, new SyntaxFault.NoDate(noDate.get()));
            return;
        }
        // What is written as a value of the other type is surely meant so; a cast that may fail for some rows, or that
        // compares numbers as texts where a value was only quoted, is no advice.
        Optional<Instead> meant = written(right, l.type().get()).or(() -> written(left, r.type().get()))
                .or(() -> left instanceof Expression.Literal ? Optional.empty() : asText(right, l.type().get()))
                .or(() -> right instanceof Expression.Literal ? Optional.empty() : asText(left, r.type().get()));
        diagnostics.refuse(where, new QueryFault.NotComparable(
                new Typed(new Named.Written(text(left)), l.type().get()),
                new Typed(new Named.Written(text(right)), r.type().get()),
                meant.map(Instead::with)),
                meant.map(instead -> diagnostics.fix().instead(instead.of(), instead.with())).stream()
                        .toArray(Fix[]::new));
    }

    /** A text written down beside a date, which is none. */
    private static Optional<String> noDate(BoundExpression value, Expression written) {
        return value.type().filter(Type.DATE::equals).isPresent()
                && written instanceof Expression.Literal(Value.TextValue text) ? Optional.of(text.sql())
                        : Optional.empty();
    }

    /** Something to be written in the place of an expression. */
    private record Instead(Expression of, String with) {}

    /** A value of a type that is written as one of another: {@code '5'} for 5, or {@code 2026-05-01} for that day. */
    private Optional<Instead> written(Expression expression, Type type) {
        Optional<String> said = switch (expression) {
            case Expression.Literal(Value.TextValue(String text)) -> Optional.of(text);
            case Expression.Literal(Value.DateValue _) -> Optional.empty();
            case Expression.Literal(Value value) when type == Type.TEXT && !value.isNull() ->
                Optional.of(value.shown());
            case Expression.Calculation _ when type == Type.DATE ->
                diagnostics.script().stretch(expression).map(at -> at.of(diagnostics.script().text()));
            default -> Optional.empty();
        };
        return said.flatMap(type::read).map(value -> new Instead(expression,
                new SqlWriter().expression(new Expression.Literal(value))));
    }

    private static Optional<Instead> asText(Expression expression, Type other) {
        return other != Type.TEXT || expression instanceof Expression.Literal ? Optional.empty() : Optional.of(
                new Instead(expression, new SqlWriter().expression(new Expression.Cast(expression, Type.TEXT))));
    }

    private String text(Expression expression) {
        return diagnostics.script().stretch(expression).filter(_ -> expression instanceof Expression.Calculation)
                .map(at -> at.of(diagnostics.script().text())).orElseGet(() -> ExpressionBinder.text(expression));
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
