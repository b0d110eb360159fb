package lunko.engine.sql;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import lunko.engine.ValueOrder;
import lunko.problem.QueryFault.Thing;
import lunko.problem.QueryFault;
import lunko.problem.RunFault;
import lunko.problem.SyntaxFault;
import lunko.problem.Unread;
import lunko.query.sql.AggregateFunction;
import lunko.query.sql.DatePart;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.SqlWriter;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/** The functions of values; those of groups are aggregates. */
final class Functions {
    private static final List<String> NAMES = Stream.concat(Arrays.stream(ValueFunction.values()).map(Enum::name),
            Arrays.stream(AggregateFunction.values()).map(Enum::name)).toList();

    /** What databases call otherwise than the standard. */
    private static final Map<String, String> OTHERWISE = Map.of("IFNULL", "COALESCE", "NVL", "COALESCE", "ISNULL",
            "COALESCE", "LEN", "CHAR_LENGTH", "UCASE", "UPPER", "LCASE", "LOWER");

    /** What asks for the day or the time that it is. */
    static final Set<String> NOW = Set.of("NOW", "TODAY", "CURRENT_DATE", "CURRENT_TIMESTAMP", "CURDATE", "GETDATE",
            "SYSDATE");

    private static final Map<String, Unread> UNREAD = Map.of("ROLLUP", Unread.GROUPS_OF_GROUPS, "CUBE",
            Unread.GROUPS_OF_GROUPS, "LISTAGG", Unread.TEXTS_OF_GROUP, "STRING_AGG",
            Unread.TEXTS_OF_GROUP, "GROUP_CONCAT", Unread.TEXTS_OF_GROUP);

    private static final long FARTHEST = Integer.MAX_VALUE;

    private Functions() {}

    /** Whether there is a function of a name. */
    static boolean isNamed(String name) {
        return NAMES.stream().anyMatch(name::equalsIgnoreCase);
    }

    static BoundExpression bind(Expression.Call call, ExpressionBinder binder) {
        if (call.aggregate().isPresent()) {
            return binder.diagnostics().refused(call,
                    new QueryFault.AggregateWithoutGroups(call.function().text().toUpperCase(Locale.ROOT)));
        }
        Optional<ValueFunction> function = ValueFunction.named(call.function().text());
        if (function.isPresent()) return bind(function.get(), call, binder);
        Unread unread = UNREAD.get(call.function().text().toUpperCase(Locale.ROOT));
        if (unread != null) return binder.diagnostics().refused(call.function(), new SyntaxFault.NotRead(unread));
        Optional<Expression> standard = standard(call);
        if (standard.isPresent()) {
            String written = new SqlWriter().expression(standard.get());
            return binder.diagnostics().refused(call, new QueryFault.CalledOtherwise(call.function().text(), written),
                    binder.diagnostics().fix().instead(call, written));
        }
        if (NOW.contains(call.function().text().toUpperCase(Locale.ROOT)))
            return binder.diagnostics().refused(call, new QueryFault.NoNow(call.function().text()));
        if (call.function().means("ANY") || call.function().means("SOME") || call.function().means("ALL"))
            return binder.diagnostics().refused(call, new QueryFault.AnyTakesQuery(call.function().text()));
        String called = OTHERWISE.get(call.function().text().toUpperCase(Locale.ROOT));
        if (called != null) {
            return binder.diagnostics().refused(call.function(), new QueryFault.NotThere(Thing.FUNCTION,
                    call.function().text(), Optional.empty(), NAMES, Optional.of(called)),
                    binder.diagnostics().fix().instead(call.function(), called));
        }
        binder.diagnostics().notThere(call.function(), new QueryFault.NotThere(Thing.FUNCTION, call.function().text(),
                Optional.empty(), NAMES, Optional.empty()));
        return BoundExpression.MISSING;
    }

    /** What the standard has for a function that databases call otherwise, with words between its arguments. */
    private static Optional<Expression> standard(Expression.Call call) {
        List<Expression> arguments = call.arguments();
        return Optional.ofNullable(switch (call.function().text().toUpperCase(Locale.ROOT)) {
            case "POSITION", "LOCATE", "CHARINDEX" -> arguments.size() != 2 ? null
                    : new Expression.Position(arguments.getFirst(), arguments.getLast());
            case "INSTR", "STRPOS" -> arguments.size() != 2 ? null
                    : new Expression.Position(arguments.getLast(), arguments.getFirst());
            case "YEAR", "MONTH", "DAY" -> arguments.size() != 1 ? null : new Expression.Extract(
                    DatePart.valueOf(call.function().text().toUpperCase(Locale.ROOT)), arguments.getFirst());
            case "DATEDIFF" -> arguments.size() != 2 ? null : new Expression.Calculation(Expression.Operator.MINUS,
                    arguments.getFirst(), arguments.getLast());
            case "ISNULL" -> arguments.size() != 1 ? null : new Expression.IsNull(arguments.getFirst(), false);
            case "IF", "IIF" -> arguments.size() != 3 ? null : new Expression.Case(Optional.empty(),
                    List.of(new Expression.When(arguments.getFirst(), arguments.get(1))),
                    Optional.of(arguments.getLast()));
            default -> null;
        });
    }

    private static BoundExpression bind(ValueFunction function, Expression.Call call, ExpressionBinder binder) {
        return switch (function) {
            case UPPER -> ofText(call, binder, text -> Value.of(text.toUpperCase(Locale.ROOT)), Type.TEXT);
            case LOWER -> ofText(call, binder, text -> Value.of(text.toLowerCase(Locale.ROOT)), Type.TEXT);
            case TRIM -> ofText(call, binder, text -> Value.of(trimmed(text)), Type.TEXT);
            case CHAR_LENGTH ->
                ofText(call, binder, text -> Value.of(text.codePointCount(0, text.length())), Type.INTEGER);
            case ABS -> ofOne(call, binder, argument -> {
                BoundExpression number = binder.number(argument);
                return new BoundExpression(number.type(),
                        env -> binder.exact(call, () -> Arithmetic.absolute(number.in(env))));
            });
            case MOD -> hasArguments(call, binder, 2) ? modulo(call, binder) : BoundExpression.MISSING;
            case CONCAT -> concat(call, binder);
            case ROUND -> hasOneMore(call, binder, 1) ? rounded(call, binder) : BoundExpression.MISSING;
            case SUBSTRING -> hasOneMore(call, binder, 2) ? substring(call, binder) : BoundExpression.MISSING;
            case NULLIF -> hasArguments(call, binder, 2)
                    ? nullIf(call, call.arguments().getFirst(), call.arguments().getLast(), binder)
                    : BoundExpression.MISSING;
            case COALESCE ->
                ofAll(call, binder, values -> values.stream().filter(value -> !value.isNull()).findFirst());
            // NULL, where one of them is: any of them could be the greatest (ISO/IEC 9075-2, greatest function).
            case GREATEST -> ofAll(call, binder, values -> known(values).flatMap(all -> all.stream()
                    .max(ValueOrder.VALUES)));
            case LEAST -> ofAll(call, binder, values -> known(values).flatMap(all -> all.stream()
                    .min(ValueOrder.VALUES)));
        };
    }

    /** Values, if none of them is NULL. */
    private static Optional<List<Value>> known(List<Value> values) {
        return Optional.of(values).filter(all -> all.stream().noneMatch(Value::isNull));
    }

    /** A function of any number of values of one type; NULL, where it gives nothing. */
    private static BoundExpression ofAll(Expression.Call call, ExpressionBinder binder,
            Function<List<Value>, Optional<Value>> function) {
        if (call.arguments().isEmpty()) return wrongCount(call, binder, Optional.empty());
        List<BoundExpression> values = call.arguments().stream().map(binder::bind).toList();
        return new BoundExpression(binder.types().common(call, values),
                env -> function.apply(values.stream().map(value -> value.in(env)).toList()).orElse(Value.NULL));
    }

    private static BoundExpression nullIf(Expression.Call call, Expression one, Expression two,
            ExpressionBinder binder) {
        BoundExpression value = binder.bind(one);
        BoundExpression other = binder.bind(two);
        binder.types().requireComparable(call, one, value, two, other);
        return new BoundExpression(value.type(), env -> {
            Value v = value.in(env);
            Truth same = PredicateBinder.compare(Expression.Comparator.EQUAL, v, other.in(env));
            return same == Truth.TRUE ? Value.NULL : v;
        });
    }

    /** The texts of all values, NULL left out: there it is another than {@code ||}. */
    private static BoundExpression concat(Expression.Call call, ExpressionBinder binder) {
        if (call.arguments().isEmpty()) return wrongCount(call, binder, Optional.empty());
        List<BoundExpression> values = call.arguments().stream().map(binder::bind).toList();
        return BoundExpression.of(Type.TEXT, env -> values.stream().map(value -> value.in(env))
                .filter(value -> !value.isNull())
                .reduce(Value.of(""), (all, value) -> binder.concatenated(call, all, asText(value))));
    }

    private static Value asText(Value value) {
        return Arithmetic.cast(value, Type.TEXT).orElse(value);
    }

    /** What is left of a division, with the sign of what is divided. */
    private static BoundExpression modulo(Expression.Call call, ExpressionBinder binder) {
        BoundExpression left = binder.number(call.arguments().getFirst());
        BoundExpression right = binder.number(call.arguments().getLast());
        return new BoundExpression(TypeRules.wider(left.type(), right.type()), env -> {
            Value by = right.in(env);
            if (Arithmetic.isZero(by)) throw binder.diagnostics().raised(call, new RunFault.DivisionByZero());
            return Arithmetic.remainder(left.in(env), by);
        });
    }

    /** To the nearest whole number, or to so many digits behind the point; a half goes away from zero. */
    private static BoundExpression rounded(Expression.Call call, ExpressionBinder binder) {
        BoundExpression number = binder.number(call.arguments().getFirst());
        BoundExpression digits = call.arguments().size() == 1 ? BoundExpression.of(Type.INTEGER, _ -> Value.of(0))
                : binder.number(call.arguments().getLast());
        return new BoundExpression(number.type(),
                env -> binder.exact(call, () -> Arithmetic.rounded(number.in(env), digits.in(env))));
    }

    /** The characters of a text from a place on, counted from 1, and so many of them (ISO/IEC 9075-2, SUBSTRING). */
    private static BoundExpression substring(Expression.Call call, ExpressionBinder binder) {
        BoundExpression text = binder.ofText(call.arguments().getFirst());
        List<BoundExpression> numbers =
                call.arguments().stream().skip(1).map(argument -> whole(argument, binder)).toList();
        return BoundExpression.of(Type.TEXT, env -> {
            if (!(text.in(env) instanceof Value.TextValue(String all))) return Value.NULL;
            int[] characters = all.codePoints().toArray();
            List<Value> given = numbers.stream().map(number -> number.in(env)).toList();
            if (given.stream().anyMatch(Value::isNull)) return Value.NULL;
            long first = place(given.getFirst());
            long end = given.size() == 1 ? characters.length + 1L : first + place(given.getLast());
            if (end < first && given.size() > 1)
                throw binder.diagnostics().raised(call, new RunFault.NegativeLength());
            int start = (int) Math.clamp(first, 1, characters.length + 1L);
            int stop = (int) Math.clamp(end, start, characters.length + 1L);
            return Value.of(new String(characters, start - 1, stop - start));
        });
    }

    private static BoundExpression whole(Expression expression, ExpressionBinder binder) {
        BoundExpression number = binder.number(expression);
        return BoundExpression.of(Type.INTEGER, env -> binder.cast(expression, number.in(env), Type.INTEGER));
    }

    /** A place in a text; beyond any text, all places are as far. */
    private static long place(Value value) {
        return Math.clamp(((Value.IntegerValue) value).number(), -FARTHEST, FARTHEST);
    }

    /** Whether it has so many arguments, or one more. */
    private static boolean hasOneMore(Expression.Call call, ExpressionBinder binder, int least) {
        int size = call.arguments().size();
        return size == least || hasArguments(call, binder, size < least ? least : least + 1);
    }

    private static BoundExpression ofText(Expression.Call call, ExpressionBinder binder,
            Function<String, Value> function, Type type) {
        return ofOne(call, binder, argument -> {
            BoundExpression text = binder.ofText(argument);
            return BoundExpression.of(type,
                    env -> text.in(env) instanceof Value.TextValue(String t) ? function.apply(t) : Value.NULL);
        });
    }

    /** A function of one argument, bound by what its argument is. */
    static BoundExpression ofOne(Expression.Call call, ExpressionBinder binder,
            Function<Expression, BoundExpression> bound) {
        return hasArguments(call, binder, 1) ? bound.apply(call.arguments().getFirst()) : BoundExpression.MISSING;
    }

    private static boolean hasArguments(Expression.Call call, ExpressionBinder binder, int count) {
        if (call.arguments().size() == count) return true;
        wrongCount(call, binder, Optional.of(count));
        return false;
    }

    private static BoundExpression wrongCount(Expression.Call call, ExpressionBinder binder, Optional<Integer> wanted) {
        boolean all = call.function().means("COUNT") && call.arguments().isEmpty();
        return binder.diagnostics().refused(call, new QueryFault.WrongArguments(call.function().text(), wanted,
                call.arguments().size()),
                all ? new Fix[] {binder.diagnostics().fix().instead(call, "COUNT(*)")} : new Fix[0]);
    }

    /** TRIM takes blanks away and nothing else that is white. */
    private static String trimmed(String text) {
        int start = 0;
        int end = text.length();
        while (start < end && text.charAt(start) == ' ') start++;
        while (end > start && text.charAt(end - 1) == ' ') end--;
        return text.substring(start, end);
    }
}
