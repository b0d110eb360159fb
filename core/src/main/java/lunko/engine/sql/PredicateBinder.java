package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import lunko.engine.ValueOrder;
import lunko.problem.QueryFault.Named;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.problem.RunFault;
import lunko.query.sql.Expression.Comparator;
import lunko.query.sql.Expression.Predicate;
import lunko.query.sql.Expression;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Truth;
import lunko.table.Value;

/** Binds what is asked of values; its operands are bound by another. */
final class PredicateBinder {
    private final ExpressionBinder operands;

    PredicateBinder(ExpressionBinder operands) {
        this.operands = operands;
    }

    BoundExpression bind(Predicate predicate) {
        return switch (predicate) {
            case Expression.Comparison(Comparator comparator, Expression left, Expression right) -> {
                Sides sides = sides(predicate, left, right);
                BoundExpression l = sides.left();
                BoundExpression r = sides.right();
                if (isNull(left) || isNull(right)) {
                    noteNull(predicate, comparator, isNull(right) ? left : right);
                }
                notePattern(predicate, comparator, left, right);
                yield BoundExpression.truth(env -> compare(comparator, l.in(env), r.in(env)));
            }
            case Expression.IsNull(Expression of, boolean negated) -> {
                BoundExpression value = operands.bind(of);
                yield BoundExpression.truth(env -> Truth.of(value.in(env).isNull() != negated));
            }
            case Expression.IsDistinct(Expression left, Expression right, boolean negated) -> {
                Sides sides = sides(predicate, left, right);
                yield BoundExpression.truth(env -> Truth.of(ValueOrder.identity(sides.left().in(env))
                        .equals(ValueOrder.identity(sides.right().in(env))) == negated));
            }
            case Expression.Between(Expression of, Expression low, Expression high, boolean negated) -> {
                BoundExpression value = operands.bind(of);
                BoundExpression from = compared(predicate, of, value, low);
                BoundExpression to = compared(predicate, of, value, high);
                yield BoundExpression.truth(env -> {
                    Value v = value.in(env);
                    Truth within = compare(Comparator.GREATER_OR_EQUAL, v, from.in(env))
                            .and(compare(Comparator.LESS_OR_EQUAL, v, to.in(env)));
                    return negated ? within.not() : within;
                });
            }
            case Expression.Like like -> like(like);
            case Expression.InList(Expression of, List<Expression> list, boolean negated) ->
                inList(predicate, of, list, negated);
            case Expression.InQuery(Expression of, QueryExpression query, boolean negated) ->
                inQuery(predicate, of, query, negated);
            case Expression.RowInQuery(List<Expression> of, QueryExpression query, boolean negated) ->
                rowInQuery(predicate, of, query, negated);
            case Expression.Quantified(Expression of, Comparator comparator, boolean all, QueryExpression query) ->
                quantified(predicate, new Quantity(comparator, all), of, query);
            case Expression.Exists(QueryExpression query) -> {
                BoundQuery bound = operands.query(query);
                yield operands.leaf(predicate, BoundExpression.truth(env -> Truth.of(!bound.rows(env).isEmpty())));
            }
        };
    }

    private record Sides(BoundExpression left, BoundExpression right) {}

    /** The two sides of a comparison. */
    private Sides sides(Predicate comparison, Expression left, Expression right) {
        BoundExpression l = operands.bind(left);
        BoundExpression r = TypeRules.beside(l, right, operands.bind(right));
        l = TypeRules.beside(r, left, l);
        operands.types().requireComparable(comparison, left, l, right, r);
        return new Sides(l, r);
    }

    /** A comparison with NULL is unknown for all values; what was meant is IS NULL or IS NOT NULL. */
    private void noteNull(Expression comparison, Comparator comparator, Expression value) {
        String meant =
                ExpressionBinder.text(value) + (comparator == Comparator.NOT_EQUAL ? " IS NOT NULL" : " IS NULL");
        operands.diagnostics().note(comparison,
                new QueryNote.ComparedWithNull(ExpressionBinder.text(comparison), meant),
                operands.diagnostics().fix().instead(comparison, meant));
    }

    /** {@code hive = 'Cl%'}: a pattern is one behind LIKE alone. */
    private void notePattern(Expression comparison, Comparator comparator, Expression left, Expression right) {
        boolean equal = comparator == Comparator.EQUAL || comparator == Comparator.NOT_EQUAL;
        if (!equal || !(right instanceof Expression.Literal(Value.TextValue(String text))) || text.length() < 2
                || !text.startsWith("%") && !text.endsWith("%"))
            return;
        String meant = new SqlWriter().expression(new Expression.Like(left, right, Optional.empty(),
                comparator == Comparator.NOT_EQUAL));
        operands.diagnostics().note(comparison, new QueryNote.PatternWithoutLike(comparator.sign(), meant),
                operands.diagnostics().fix().instead(comparison, meant));
    }

    /** {@code LIKE 'Cl*'}: the signs of SQL are others. */
    private void noteOtherSigns(Expression.Like like) {
        if (!(like.pattern() instanceof Expression.Literal(Value.TextValue(String text)))
                || text.indexOf('%') >= 0 || text.indexOf('_') >= 0 || text.indexOf('*') < 0)
            return;
        String meant = Value.of(text.replace('*', '%').replace('?', '_')).sql();
        operands.diagnostics().note(like, new QueryNote.OtherPatternSigns(meant),
                operands.diagnostics().fix().instead(like.pattern(), meant));
    }

    private static boolean isNull(Expression expression) {
        return expression instanceof Expression.Literal(Value value) && value.isNull();
    }

    static Truth compare(Comparator comparator, Value left, Value right) {
        if (left.isNull() || right.isNull()) return Truth.UNKNOWN;
        int order = ValueOrder.VALUES.compare(left, right);
        return Truth.of(switch (comparator) {
            case EQUAL -> order == 0;
            case NOT_EQUAL -> order != 0;
            case LESS -> order < 0;
            case LESS_OR_EQUAL -> order <= 0;
            case GREATER -> order > 0;
            case GREATER_OR_EQUAL -> order >= 0;
        });
    }

    /** An expression that a value is compared with. */
    BoundExpression compared(Expression where, Expression of, BoundExpression value, Expression other) {
        BoundExpression bound = TypeRules.beside(value, other, operands.bind(other));
        operands.types().requireComparable(where, of, value, other, bound);
        return bound;
    }

    private BoundExpression like(Expression.Like like) {
        noteOtherSigns(like);
        BoundExpression text = operands.ofText(like.of());
        BoundExpression form = operands.ofText(like.pattern());
        Optional<BoundExpression> escape = like.escape().map(operands::ofText);
        return BoundExpression.truth(env -> {
            Optional<Value> character = escape.map(one -> one.in(env));
            if (!(text.in(env) instanceof Value.TextValue(String t))) return Truth.UNKNOWN;
            if (!(form.in(env) instanceof Value.TextValue(String f))) return Truth.UNKNOWN;
            if (character.filter(Value::isNull).isPresent()) return Truth.UNKNOWN;
            Pattern pattern = Pattern.of(f, character.map(one -> escape(like, one)));
            return Truth.of(pattern.isFormOf(t) != like.negated());
        });
    }

    private int escape(Expression where, Value value) {
        String text = value.shown();
        if (text.codePointCount(0, text.length()) != 1)
            throw operands.diagnostics().raised(where, new RunFault.LongEscape(text));
        return text.codePointAt(0);
    }

    /** Whether several values are equal to those of a row, one by one. */
    private BoundExpression rowInQuery(Expression where, List<Expression> of, QueryExpression query,
            boolean negated) {
        List<BoundExpression> values = of.stream().map(operands::bind).toList();
        BoundQuery bound = operands.query(query);
        if (bound.columns().size() != values.size())
            return operands.diagnostics().refused(where,
                    new QueryFault.ColumnsForRow(values.size(), bound.columns().size()));
        for (int i = 0; i < values.size(); i++)
            operands.types().requireComparable(where, new Named.Written(ExpressionBinder.text(of.get(i))),
                    values.get(i).type(), new Named.SubqueryColumn(Optional.of(bound.columns().get(i).name())),
                    bound.columns().get(i).type());
        return BoundExpression.truth(env -> {
            List<Value> wanted = values.stream().map(value -> value.in(env)).toList();
            Truth any = Truth.FALSE;
            for (List<Value> row : bound.rows(env)) any = any.or(equal(wanted, row));
            return negated ? any.not() : any;
        });
    }

    private static Truth equal(List<Value> one, List<Value> other) {
        Truth equal = Truth.TRUE;
        for (int i = 0; i < one.size(); i++) equal = equal.and(compare(Comparator.EQUAL, one.get(i), other.get(i)));
        return equal;
    }

    private BoundExpression inList(Expression where, Expression of, List<Expression> list, boolean negated) {
        BoundExpression value = operands.bind(of);
        List<BoundExpression> others = list.stream().map(other -> compared(where, of, value, other)).toList();
        return BoundExpression.truth(env -> {
            Value wanted = value.in(env);
            Truth any = Truth.FALSE;
            for (BoundExpression other : others) any = any.or(compare(Comparator.EQUAL, wanted, other.in(env)));
            return negated ? any.not() : any;
        });
    }

    private record Quantity(Comparator comparator, boolean all) {}

    private BoundExpression quantified(Expression where, Quantity quantity, Expression of, QueryExpression query) {
        BoundExpression value = operands.bind(of);
        return members(where, of, value, query).map(bound -> BoundExpression.truth(env -> {
            Value wanted = value.in(env);
            Truth so = Truth.of(quantity.all());
            for (List<Value> row : bound.rows(env)) {
                Truth one = compare(quantity.comparator(), wanted, row.getFirst());
                so = quantity.all() ? so.and(one) : so.or(one);
            }
            return so;
        })).orElse(BoundExpression.MISSING);
    }

    /** A query of one column, whose values a value can be compared with. */
    private Optional<BoundQuery> members(Expression where, Expression of, BoundExpression value,
            QueryExpression query) {
        Optional<BoundQuery> bound = operands.oneColumn(where, query);
        bound.ifPresent(one -> operands.types().requireComparable(where,
                new Named.Written(ExpressionBinder.text(of)), value.type(),
                new Named.SubqueryColumn(Optional.empty()), one.columns().getFirst().type()));
        return bound;
    }

    /** NOT IN is unknown, never true, as soon as the query gives a NULL: the standard has it so. */
    private BoundExpression inQuery(Expression where, Expression of, QueryExpression query, boolean negated) {
        BoundExpression value = operands.bind(of);
        return members(where, of, value, query).map(bound -> BoundExpression.truth(env -> {
            Truth any = bound.members(env).has(value.in(env));
            return negated ? any.not() : any;
        })).orElse(BoundExpression.MISSING);
    }
}
