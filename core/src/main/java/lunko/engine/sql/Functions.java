package lunko.engine.sql;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;
import lunko.query.sql.AggregateFunction;
import lunko.query.sql.Expression;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/** The functions of values; those of groups are aggregates. */
final class Functions {
    private static final List<String> NAMES =
            Stream.concat(Stream.of("UPPER", "LOWER", "TRIM", "ABS", "CHAR_LENGTH", "COALESCE", "NULLIF"),
                    Stream.of(AggregateFunction.values()).map(Enum::name)).toList();

    private Functions() {}

    static BoundExpression bind(Expression.Call call, ExpressionBinder binder) {
        String name = call.function().text().toUpperCase(Locale.ROOT);
        if (call.aggregate().isPresent()) {
            throw binder.places().refusal(call, name
                    + " is of the rows of a group, and there are no groups here: use it in SELECT, HAVING or ORDER "
                    + "BY.");
        }
        return switch (name) {
            case "UPPER" -> ofText(call, binder, text -> text.toUpperCase(Locale.ROOT));
            case "LOWER" -> ofText(call, binder, text -> text.toLowerCase(Locale.ROOT));
            case "TRIM" -> ofText(call, binder, Functions::trimmed);
            case "CHAR_LENGTH", "CHARACTER_LENGTH" -> {
                BoundExpression text = binder.text(arguments(call, binder, 1).getFirst(), "a text");
                yield BoundExpression.of(Type.INTEGER, env -> text.in(env) instanceof Value.TextValue(String t)
                        ? Value.of(t.codePointCount(0, t.length())) : Value.NULL);
            }
            case "ABS" -> {
                BoundExpression number = binder.number(arguments(call, binder, 1).getFirst());
                yield new BoundExpression(number.type(),
                        env -> binder.exact(call, () -> Arithmetic.absolute(number.in(env))));
            }
            case "NULLIF" -> {
                List<Expression> both = arguments(call, binder, 2);
                BoundExpression value = binder.bind(both.getFirst());
                BoundExpression other = binder.bind(both.getLast());
                binder.types().requireComparable(call, both.getFirst(), value, both.getLast(), other);
                yield new BoundExpression(value.type(), env -> {
                    Value v = value.in(env);
                    Truth same = ExpressionBinder.compare(Expression.Comparator.EQUAL, v, other.in(env));
                    return same == Truth.TRUE ? Value.NULL : v;
                });
            }
            case "COALESCE" -> {
                if (call.arguments().isEmpty()) throw wrongCount(call, binder, "at least one argument");
                List<BoundExpression> values = call.arguments().stream().map(binder::bind).toList();
                yield new BoundExpression(binder.types().common(call, values),
                        env -> values.stream().map(value -> value.in(env))
                                .filter(value -> !value.isNull()).findFirst().orElse(Value.NULL));
            }
            default ->
                throw binder.places().notThere(call.function(), "There is no function " + call.function().text(), NAMES,
                        "; there are " + String.join(", ", NAMES) + ".");
        };
    }

    private static BoundExpression ofText(Expression.Call call, ExpressionBinder binder,
            Function<String, String> function) {
        BoundExpression text = binder.text(arguments(call, binder, 1).getFirst(), "a text");
        return BoundExpression.of(Type.TEXT, env -> text.in(env) instanceof Value.TextValue(String t)
                ? Value.of(function.apply(t)) : Value.NULL);
    }

    static List<Expression> arguments(Expression.Call call, ExpressionBinder binder, int count) {
        if (call.arguments().size() != count) {
            throw wrongCount(call, binder, count == 1 ? "one argument" : count + " arguments");
        }
        return call.arguments();
    }

    private static Refusal wrongCount(Expression.Call call, ExpressionBinder binder, String wanted) {
        return binder.places().refusal(call, call.function().text() + " takes " + wanted + ", and here it has "
                + call.arguments().size() + ".");
    }

    /** TRIM takes blanks away and nothing else that is white. */
    private static String trimmed(String text) {
        int start = 0;
        int end = text.length();
        while (start < end && text.charAt(start) == ' ') start++;
        while (end > start && text.charAt(end - 1) == ' ') end--;
        return text.substring(start, end);
    }

    /** Whether a text has the form of a pattern, in which % stands for any text and _ for any character. */
    static boolean isLike(String text, String pattern) {
        int[] t = text.codePoints().toArray();
        int[] p = pattern.codePoints().toArray();
        int at = 0;
        int in = 0;
        int lastPercent = -1;
        int resume = 0;
        while (at < t.length) {
            if (in < p.length && p[in] == '%') {
                lastPercent = in++;
                resume = at;
            } else if (in < p.length && (p[in] == '_' || p[in] == t[at])) {
                in++;
                at++;
            } else if (lastPercent >= 0) {
                // The last % takes one character more.
                in = lastPercent + 1;
                at = ++resume;
            } else {
                return false;
            }
        }
        while (in < p.length && p[in] == '%') in++;
        return in == p.length;
    }
}
