package lunko.engine.sql;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import lunko.engine.Stage;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.QueryFault.Wanted;
import lunko.problem.QueryFault;
import lunko.problem.RunFault;
import lunko.query.sql.DatePart;
import lunko.query.sql.Expression.Comparator;
import lunko.query.sql.Expression.Operator;
import lunko.query.sql.Expression;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;

/** Binds expressions to the columns of a scope, and checks that their types fit. */
class ExpressionBinder {
    private final QueryBinder queries;
    private final Scope scope;
    private final Diagnostics diagnostics;
    private final TypeRules types;
    private final Substitution leaves = new Substitution();
    private final Map<QueryExpression, BoundQuery> within = new IdentityHashMap<>();
    private final List<BoundQuery> asides = new ArrayList<>();

    ExpressionBinder(QueryBinder queries, Scope scope, Diagnostics diagnostics) {
        this.queries = queries;
        this.scope = scope;
        this.diagnostics = diagnostics;
        this.types = new TypeRules(diagnostics);
    }

    Scope scope() {
        return scope;
    }

    TypeRules types() {
        return types;
    }

    Diagnostics diagnostics() {
        return diagnostics;
    }

    /** The queries in what has been bound that are run once for all rows, as far as they have been. */
    Supplier<List<Stage>> asides() {
        List<BoundQuery> bound = List.copyOf(asides);
        return () -> bound.stream().flatMap(query -> query.known().stream()).toList();
    }

    /** An expression that has been bound as SQL, with the values that it takes from a row put in. */
    String with(Expression expression, Env env) {
        return leaves.with(expression, env);
    }

    /** Notes that an expression takes a value of its own from a row. */
    BoundExpression leaf(Expression expression, BoundExpression bound) {
        return leaves.note(expression, bound);
    }

    /** A query within an expression; the same one is bound once. */
    BoundQuery query(QueryExpression query) {
        BoundQuery known = within.get(query);
        if (known != null) return known;
        BoundQuery bound = queries.bind(query, Optional.of(scope));
        within.put(query, bound);
        asides.add(bound);
        return bound;
    }

    /** The columns of the row at hand, counted from 0, that an expression names; not those of queries within it. */
    Set<Integer> deciding(Expression expression) {
        return expression instanceof Expression.ColumnName name ? Set.copyOf(scope().meant(name)) : within(expression);
    }

    /** Those that its parts name. */
    Set<Integer> within(Expression expression) {
        return expression.parts().stream().flatMap(part -> deciding(part).stream()).collect(Collectors.toSet());
    }

    /** A condition: its type is boolean. */
    BoundExpression condition(Expression expression) {
        BoundExpression bound = bind(expression);
        if (bound.type().isPresent() && bound.type().get() != Type.BOOLEAN) {
            return diagnostics.refused(expression, new QueryFault.NoTruth(text(expression), bound.type().get()));
        }
        return bound;
    }

    BoundExpression bind(Expression expression) {
        return ofAround(expression, scope).orElseGet(() -> bindHere(expression));
    }

    /** An aggregate of which no column is of these rows, and which is one of the groups around. */
    Optional<BoundExpression> ofAround(Expression expression, Scope rows) {
        boolean names = Aggregate.is(expression) && !expression.columns().isEmpty()
                && expression.columns().stream().allMatch(column -> rows.meant(column).isEmpty());
        return names ? scope.ofAround(expression).map(bound -> leaf(expression, bound)) : Optional.empty();
    }

    private BoundExpression bindHere(Expression expression) {
        return switch (expression) {
            case Expression.Literal(Value value) -> new BoundExpression(Type.of(value), _ -> value);
            case Expression.ColumnName name -> column(name);
            case Expression.Signed(boolean negative, Expression of) -> {
                BoundExpression number = number(of);
                yield negative
                        ? new BoundExpression(number.type(),
                                env -> exact(expression, () -> Arithmetic.negated(number.in(env))))
                        : number;
            }
            case Expression.Calculation calculation -> calculation(calculation);
            case Expression.And _ -> conjunction(expression.conjuncts());
            case Expression.Or(Expression left, Expression right) -> {
                BoundExpression l = condition(left);
                refuseHalf(left, right);
                BoundExpression r = condition(right);
                yield BoundExpression.truth(env -> l.truthIn(env).or(r.truthIn(env)));
            }
            case Expression.Not(Expression of) -> {
                BoundExpression condition = condition(of);
                yield BoundExpression.truth(env -> condition.truthIn(env).not());
            }
            case Expression.IsTruth(Expression of, Truth truth, boolean negated) -> {
                BoundExpression condition = condition(of);
                yield BoundExpression.truth(env -> Truth.of((condition.truthIn(env) == truth) != negated));
            }
            case Expression.Predicate predicate -> new PredicateBinder(this).bind(predicate);
            case Expression.ScalarQuery(QueryExpression query) -> leaf(expression, scalar(expression, query));
            case Expression.Case branches -> branches(branches);
            case Expression.Cast(Expression of, Type type, TypeSize size) -> {
                BoundExpression value = bind(of);
                yield BoundExpression.of(type, env -> orRaise(expression,
                        Sized.cast(cast(expression, value.in(env), type), size)));
            }
            case Expression.Extract(DatePart part, Expression of) -> {
                BoundExpression day = date(of);
                yield BoundExpression.of(Type.INTEGER,
                        env -> day.in(env) instanceof Value.DateValue(LocalDate date) ? Days.part(part, date)
                                : Value.NULL);
            }
            case Expression.Position(Expression part, Expression of) -> {
                BoundExpression sought = ofText(part);
                BoundExpression text = ofText(of);
                yield BoundExpression.of(Type.INTEGER, env -> position(sought.in(env), text.in(env)));
            }
            case Expression.Call call -> Functions.bind(call, this);
            case Expression.TextsOfGroup _ ->
                diagnostics.refused(expression, new QueryFault.AggregateWithoutGroups("LISTAGG"));
            case Expression.CountRows _ ->
                diagnostics.refused(expression,
                        new QueryFault.CountWithoutGroups());
        };
    }

    /** {@code hive_no = 1 OR 2}: what is compared stands before the first value alone. */
    private void refuseHalf(Expression left, Expression right) {
        Expression last = left instanceof Expression.Or(var _, Expression before) ? before : left;
        if (!(right instanceof Expression.Literal(Value value)) || value.isNull()
                || Type.of(value).equals(Optional.of(Type.BOOLEAN))
                || !(last instanceof Expression.Comparison(Comparator sign, Expression of, var _)))
            return;
        String whole = new SqlWriter().expression(new Expression.Comparison(sign, of, right));
        diagnostics.refuse(right, new QueryFault.HalfCondition(text(right), whole),
                diagnostics.fix().instead(right, whole));
    }

    BoundExpression column(Expression.ColumnName name) {
        return scope.find(name, diagnostics).map(found -> leaf(name, found.bound())).orElse(BoundExpression.MISSING);
    }

    /** An expression whose values are numbers. */
    BoundExpression number(Expression expression) {
        return number(expression, bind(expression));
    }

    private BoundExpression number(Expression expression, BoundExpression bound) {
        return types.required(expression, bound, Wanted.NUMBER, Type.INTEGER, Type.DECIMAL);
    }

    /** An expression whose values are texts. */
    BoundExpression ofText(Expression expression) {
        return types.required(expression, bind(expression), Wanted.TEXT, Type.TEXT);
    }

    private BoundExpression date(Expression expression) {
        return types.required(expression, TypeRules.asDate(expression, bind(expression)), Wanted.DATE, Type.DATE);
    }

    /** Where a text begins in another, counted from 1 in characters; 0, if it is not there. */
    private static Value position(Value sought, Value text) {
        if (!(sought instanceof Value.TextValue(String s)) || !(text instanceof Value.TextValue(String t)))
            return Value.NULL;
        int at = t.indexOf(s);
        return Value.of(at < 0 ? 0 : t.codePointCount(0, at) + 1);
    }

    private BoundExpression calculation(Expression.Calculation calculation) {
        if (calculation.operator() == Operator.CONCATENATE) {
            BoundExpression left = ofText(calculation.left());
            BoundExpression right = ofText(calculation.right());
            return BoundExpression.of(Type.TEXT,
                    env -> concatenated(calculation, left.in(env), right.in(env)));
        }
        BoundExpression l = bind(calculation.left());
        BoundExpression r = bind(calculation.right());
        if (calculation.operator() == Operator.PLUS && isText(l) && isText(r)) {
            return diagnostics.refused(calculation,
                    new QueryFault.TextsAdded(text(calculation.left()), text(calculation.right())),
                    diagnostics.fix().instead(calculation, new SqlWriter().expression(new Expression.Calculation(
                            Operator.CONCATENATE, calculation.left(), calculation.right()))));
        }
        Optional<BoundExpression> days = days(calculation, l, r);
        if (days.isPresent()) return days.get();
        BoundExpression left = number(calculation.left(), l);
        BoundExpression right = number(calculation.right(), r);
        return new BoundExpression(TypeRules.wider(left.type(), right.type()),
                env -> calculate(calculation, left.in(env), right.in(env)));
    }

    /** A day so many days earlier or later, or the days from one to another: as databases have it, not the standard. */
    private Optional<BoundExpression> days(Expression.Calculation calculation, BoundExpression l, BoundExpression r) {
        BoundExpression left = TypeRules.beside(r, calculation.left(), l);
        BoundExpression right = TypeRules.beside(l, calculation.right(), r);
        return Days.type(calculation.operator(), left.type(), right.type()).map(type -> BoundExpression.of(type,
                env -> Days.calculate(calculation.operator(), left.in(env), right.in(env)).orElseThrow(
                        () -> diagnostics.raised(calculation, new RunFault.NoSuchDay(text(calculation))))));
    }

    private static boolean isText(BoundExpression bound) {
        return bound.type().filter(Type.TEXT::equals).isPresent();
    }

    Value concatenated(Expression calculation, Value left, Value right) {
        if (left.shown().length() + right.shown().length() > Limits.TEXT)
            throw diagnostics.raised(calculation, new RunFault.TextTooLong(text(calculation), Limits.TEXT));
        return Arithmetic.calculate(Operator.CONCATENATE, left, right);
    }

    private Value calculate(Expression.Calculation calculation, Value left, Value right) {
        if (calculation.operator() == Operator.DIVIDE && Arithmetic.isZero(right) && !left.isNull()) {
            throw diagnostics.raised(calculation,
                    new RunFault.DivisionByZero());
        }
        Value value = exact(calculation, () -> Arithmetic.calculate(calculation.operator(), left, right));
        if (value instanceof Value.DecimalValue(BigDecimal number) && Limits.isTooLong(number)) {
            throw diagnostics.raised(calculation, new RunFault.TooManyDigits(text(calculation)));
        }
        return value;
    }

    /** A value, where there is one. */
    Value orRaise(Expression expression, Checked<Value> value) {
        return value.either(one -> one, problem -> {
            throw diagnostics.raised(expression, problem.fault());
        });
    }

    /** A value as one of another type. */
    Value cast(Expression expression, Value value, Type type) {
        return exact(expression, () -> Arithmetic.cast(value, type)).orElseThrow(() -> diagnostics.raised(expression,
                new RunFault.CannotCast(value.sql(), type)));
    }

    /** What is calculated, if it fits its type. */
    <T> T exact(Expression expression, Supplier<T> calculation) {
        try {
            return calculation.get();
        } catch (ArithmeticException outOfRange) {
            throw diagnostics.raised(expression,
                    new RunFault.OutOfRange(text(expression)));
        }
    }

    /** All conditions, from left to right, up to the first that is false. */
    private BoundExpression conjunction(List<Expression> conditions) {
        List<BoundExpression> all = conditions.stream().map(this::condition).toList();
        return BoundExpression.truth(env -> {
            Truth truth = Truth.TRUE;
            for (int i = 0; i < all.size() && truth != Truth.FALSE; i++) truth = truth.and(all.get(i).truthIn(env));
            return truth;
        });
    }

    private BoundExpression scalar(Expression where, QueryExpression query) {
        return oneColumn(where, query).map(bound -> new BoundExpression(bound.columns().getFirst().type(), env -> {
            List<List<Value>> rows = bound.rows(env);
            if (rows.size() > 1) { throw diagnostics.raised(where, new RunFault.SeveralRows(rows.size())); }
            return rows.isEmpty() ? Value.NULL : rows.getFirst().getFirst();
        })).orElse(BoundExpression.MISSING);
    }

    Optional<BoundQuery> oneColumn(Object where, QueryExpression query) {
        BoundQuery bound = query(query);
        if (bound.columns().size() == 1) return Optional.of(bound);
        diagnostics.refuse(where, new QueryFault.TooManyColumns(bound.columns().size()));
        return Optional.empty();
    }

    private BoundExpression branches(Expression.Case expression) {
        List<BoundExpression> conditions = new ArrayList<>();
        List<BoundExpression> values = new ArrayList<>();
        Optional<BoundExpression> subject = expression.subject().map(this::bind);
        for (Expression.When when : expression.branches()) {
            conditions.add(subject.map(value -> {
                BoundExpression other = new PredicateBinder(this).compared(when.condition(),
                        expression.subject().get(), value, when.condition());
                return BoundExpression
                        .truth(env -> PredicateBinder.compare(Comparator.EQUAL, value.in(env), other.in(env)));
            }).orElseGet(() -> condition(when.condition())));
            values.add(bind(when.then()));
        }
        Optional<BoundExpression> otherwise = expression.otherwise().map(this::bind);
        List<BoundExpression> all = new ArrayList<>(values);
        otherwise.ifPresent(all::add);
        return new BoundExpression(types.common(expression, all), env -> {
            for (int i = 0; i < conditions.size(); i++) {
                if (conditions.get(i).truthIn(env) == Truth.TRUE) return values.get(i).in(env);
            }
            return otherwise.map(value -> value.in(env)).orElse(Value.NULL);
        });
    }

    static String text(Expression expression) {
        String text = new SqlWriter().expression(expression);
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }
}
