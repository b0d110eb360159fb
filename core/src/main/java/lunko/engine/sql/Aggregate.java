package lunko.engine.sql;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lunko.engine.ValueOrder;
import lunko.problem.QueryFault;
import lunko.query.sql.AggregateFunction;
import lunko.query.sql.Expression.Operator;
import lunko.query.sql.Expression;
import lunko.table.Type;
import lunko.table.Value;

/** A function of the rows of a group: each sees the values that are not NULL, each of them once if it is DISTINCT. */
sealed interface Aggregate {

    /** The type of its value. */
    Optional<Type> type();

    /** Its value for the rows of a group. */
    Value of(Stream<Env> group);

    /** COUNT(*): the number of rows. */
    record CountRows() implements Aggregate {
        @Override
        public Optional<Type> type() {
            return Optional.of(Type.INTEGER);
        }

        @Override
        public Value of(Stream<Env> group) {
            return Value.of(group.count());
        }
    }

    /** A column that has one value in all rows of a group, as the group has one row of its table. */
    record OfDependent(BoundExpression column) implements Aggregate {
        @Override
        public Optional<Type> type() {
            return column.type();
        }

        @Override
        public Value of(Stream<Env> group) {
            return group.findFirst().map(column::in).orElse(Value.NULL);
        }
    }

    /** An aggregate of the values of an expression. */
    record OfValues(AggregateFunction function, boolean distinct, BoundExpression argument, Expression.Call call,
            ExpressionBinder binder)
            implements Aggregate {

        @Override
        public Optional<Type> type() {
            return switch (function) {
                case COUNT -> Optional.of(Type.INTEGER);
                case AVG -> Optional.of(Type.DECIMAL);
                case SUM, MIN, MAX -> argument.type();
            };
        }

        @Override
        public Value of(Stream<Env> group) {
            Set<Object> seen = new HashSet<>();
            List<Value> values = group.map(argument::in).filter(value -> !value.isNull())
                    .filter(value -> !distinct || seen.add(ValueOrder.identity(value))).toList();
            return switch (function) {
                case COUNT -> Value.of(values.size());
                case SUM -> sum(values);
                case AVG -> values.isEmpty() ? Value.NULL : average(values);
                case MIN -> values.stream().min(ValueOrder.VALUES).orElse(Value.NULL);
                case MAX -> values.stream().max(ValueOrder.VALUES).orElse(Value.NULL);
            };
        }

        private Value sum(List<Value> values) {
            return binder.exact(call, () -> values.stream()
                    .reduce((a, b) -> Arithmetic.calculate(Operator.PLUS, a, b)).orElse(Value.NULL));
        }

        private static Value average(List<Value> values) {
            BigDecimal sum = values.stream().map(ValueOrder::number).reduce(BigDecimal.ZERO, BigDecimal::add);
            return new Value.DecimalValue(Arithmetic.quotient(sum, BigDecimal.valueOf(values.size())));
        }
    }

    /**
     * The texts of a group in one.
     *
     * @param keys what they are put in order by, and how
     */
    record OfTexts(Expression.TextsOfGroup texts, BoundExpression text, BoundExpression between,
            List<BoundExpression> keys, ExpressionBinder binder) implements Aggregate {

        @Override
        public Optional<Type> type() {
            return Optional.of(Type.TEXT);
        }

        @Override
        public Value of(Stream<Env> group) {
            Set<Object> seen = new HashSet<>();
            List<Env> rows = group.filter(env -> !text.in(env).isNull()).sorted(order())
                    .filter(env -> !texts.distinct() || seen.add(ValueOrder.identity(text.in(env)))).toList();
            Value all = Value.NULL;
            for (Env env : rows) {
                Value own = Arithmetic.cast(text.in(env), Type.TEXT).orElseThrow();
                Value before = between.in(env).isNull() ? Value.of("") : between.in(env);
                all = all.isNull() ? own : binder.concatenated(texts, binder.concatenated(texts, all, before), own);
            }
            return all;
        }

        private Comparator<Env> order() {
            Comparator<Env> order = (_, _) -> 0;
            for (int i = 0; i < keys.size(); i++) {
                BoundExpression key = keys.get(i);
                order = order.thenComparing(key::in, OrderBinder.order(texts.order().get(i)));
            }
            return order;
        }
    }

    private static Aggregate texts(Expression.TextsOfGroup texts, ExpressionBinder rows) {
        refuseNested(texts, "LISTAGG", rows);
        return new OfTexts(texts, rows.bind(texts.of()), rows.ofText(texts.between()),
                texts.order().stream().map(key -> rows.bind(key.by())).toList(), rows);
    }

    private static void refuseNested(Expression aggregate, String called, ExpressionBinder rows) {
        aggregate.parts().stream().flatMap(Aggregate::within).findFirst().ifPresent(inner -> rows.diagnostics().refuse(
                inner, new QueryFault.AggregateOfAggregate(called,
                        ExpressionBinder.text(inner))));
    }

    /**
     * What names columns of a query around alone is an aggregate of that query's rows (ISO/IEC 9075-2, set function
     * specification).
     */
    private static void refuseOfAround(Expression.Call call, ExpressionBinder rows) {
        List<Expression.ColumnName> columns = call.columns();
        boolean around = !columns.isEmpty()
                && columns.stream().allMatch(name -> rows.scope().meant(name).isEmpty() && rows.scope().knows(name));
        if (around) rows.diagnostics().refuse(call, new QueryFault.AggregateOfAround(ExpressionBinder.text(call)));
    }

    /** Whether an expression is an aggregate itself. */
    static boolean is(Expression expression) {
        return expression instanceof Expression.CountRows || expression instanceof Expression.TextsOfGroup
                || expression instanceof Expression.Call call && call.aggregate().isPresent();
    }

    private static Stream<Expression> within(Expression expression) {
        return is(expression) ? Stream.of(expression) : expression.parts().stream().flatMap(Aggregate::within);
    }

    /** The aggregate that an expression is, if it is one; its argument is bound to the rows of the group. */
    static Optional<Aggregate> in(Expression expression, ExpressionBinder rows) {
        return switch (expression) {
            case Expression.CountRows _ -> Optional.of(new CountRows());
            case Expression.TextsOfGroup texts -> Optional.of(texts(texts, rows));
            case Expression.Call call -> call.aggregate().map(function -> {
                refuseNested(call, call.function().text().toUpperCase(Locale.ROOT), rows);
                refuseOfAround(call, rows);
                boolean numeric = function == AggregateFunction.SUM || function == AggregateFunction.AVG;
                BoundExpression argument = Functions.ofOne(call, rows, numeric ? rows::number : rows::bind);
                return new OfValues(function, call.distinct(), argument, call, rows);
            });
            default -> Optional.empty();
        };
    }
}
