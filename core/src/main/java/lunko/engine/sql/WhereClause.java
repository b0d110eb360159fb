package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.Supplier;
import lunko.engine.Equality;
import lunko.engine.Filter;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.Joined;
import lunko.engine.Stage;
import lunko.problem.QueryFault.Named;
import lunko.problem.QueryNote;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody;
import lunko.query.sql.SelectItem;
import lunko.table.Lazy;

/**
 * Binds a WHERE clause. What asks for matches becomes a semi or an anti join; all other conditions come before, as one
 * filter.
 */
final class WhereClause {
    private final QueryBinder queries;
    private final Diagnostics diagnostics;
    private final QueryBody.Select select;

    WhereClause(QueryBinder queries, Diagnostics diagnostics, QueryBody.Select select) {
        this.queries = queries;
        this.diagnostics = diagnostics;
        this.select = select;
    }

    /** What is left of the tables of a FROM clause, seen under a scope, after conditions that must all hold. */
    BoundFrom after(BoundFrom from, Scope scope, List<Expression> conditions) {
        List<Expression> others = new ArrayList<>();
        List<BoundTest> tests = new ArrayList<>();
        for (Expression condition : conditions) {
            SubqueryTest.in(condition).flatMap(test -> bind(test, condition, scope))
                    .ifPresentOrElse(tests::add, () -> others.add(condition));
        }
        BoundFrom after = others.isEmpty() ? from : takesPairsAway(from, scope, others)
                .orElseGet(() -> filtered(from, scope, Expression.all(others)));
        for (BoundTest test : tests) after = joined(after, test);
        return after;
    }

    /**
     * A full join without its pairs, where that is all that the condition says: one key or the other is NULL. A pair
     * has neither, and a kept row lacks that of the other side.
     */
    private Optional<BoundFrom> takesPairsAway(BoundFrom from, Scope scope, List<Expression> conditions) {
        if (conditions.size() != 1 || select.from().size() != 1
                || !(select.from().getFirst() instanceof FromItem.JoinedTable joined)
                || joined.kind() != JoinKind.FULL_OUTER || !(joined.specification() instanceof JoinSpecification.On)
                || !(conditions.getFirst() instanceof Expression.Or(Expression one, Expression other)))
            return Optional.empty();
        OptionalInt left = nullColumn(one, scope);
        OptionalInt right = nullColumn(other, scope);
        if (left.isEmpty() || right.isEmpty()) return Optional.empty();
        new ExpressionBinder(queries, scope, diagnostics).condition(conditions.getFirst());
        if (!isKey(joined, from.slots(), left.getAsInt(), right.getAsInt())) return Optional.empty();
        return Optional.of(from.then(around -> ((Joined) from.stage().apply(around)).of(JoinKind.FULL_ANTI)));
    }

    /** Whether a join wants two of its columns to be equal. */
    private static boolean isKey(FromItem.JoinedTable joined, List<BoundColumn> slots, int left, int right) {
        if (!(joined.specification() instanceof JoinSpecification.On(Expression condition))) return false;
        Scope scope = new Scope(slots, Optional.empty());
        return condition.conjuncts().stream().flatMap(each -> each.equalColumns().stream())
                .map(equal -> List.of(scope.meant(equal.left()), scope.meant(equal.right())))
                .anyMatch(found -> found.equals(List.of(List.of(left), List.of(right)))
                        || found.equals(List.of(List.of(right), List.of(left))));
    }

    private BoundFrom filtered(BoundFrom from, Scope scope, Expression condition) {
        WhereBinder binder = new WhereBinder(queries, scope, diagnostics, select);
        BoundExpression bound = binder.where(condition);
        List<Integer> nulls = condition.conjuncts().stream()
                .flatMap(conjunct -> nullColumn(conjunct, scope).stream().boxed()).toList();
        return from.then(around -> {
            Stage input = from.stage().apply(around);
            return new Filter(input, new RowCondition("WHERE", condition, bound, binder).on(input.rows(), around),
                    antiJoin(input, nulls));
        });
    }

    /** The column that a condition wants to be NULL. */
    private static OptionalInt nullColumn(Expression condition, Scope scope) {
        if (!(condition instanceof Expression.IsNull(Expression.ColumnName column, boolean negated)) || negated)
            return OptionalInt.empty();
        return scope.meant(column).stream().mapToInt(i -> i).findFirst();
    }

    /**
     * The anti join that a left or right outer join becomes where a key of the other side is NULL: no match has that.
     */
    private static Optional<JoinKind> antiJoin(Stage input, List<Integer> nullColumns) {
        if (!(input instanceof Joined joined)) return Optional.empty();
        return switch (joined.join().kind()) {
            case LEFT_OUTER ->
                isNull(joined, Side.RIGHT, nullColumns) ? Optional.of(JoinKind.LEFT_ANTI) : Optional.empty();
            case RIGHT_OUTER ->
                isNull(joined, Side.LEFT, nullColumns) ? Optional.of(JoinKind.RIGHT_ANTI) : Optional.empty();
            case INNER, FULL_OUTER, CROSS, LEFT_SEMI, RIGHT_SEMI, LEFT_ANTI, RIGHT_ANTI, FULL_ANTI -> Optional.empty();
        };
    }

    private static boolean isNull(Joined joined, Side padded, List<Integer> nullColumns) {
        int first = joined.once().size() + padded.of(0, joined.join().left().headings().size());
        return joined.join().on().equal().stream()
                .anyMatch(equality -> nullColumns.contains(first + equality.on(padded)));
    }

    /** A match test whose names are bound: where matches are looked for, and what makes one. */
    private static final class BoundTest {
        private final Expression condition;
        private final JoinKind kind;
        private final Supplier<Stage> matches;
        private final ExpressionBinder binder;
        private final Function<Env, JoinCondition> on;

        BoundTest(Expression condition, JoinKind kind, Supplier<Stage> matches, ExpressionBinder binder,
                Function<Env, JoinCondition> on) {
            this.condition = condition;
            this.kind = kind;
            this.matches = matches;
            this.binder = binder;
            this.on = on;
        }

        Expression condition() {
            return condition;
        }

        JoinKind kind() {
            return kind;
        }

        Supplier<Stage> matches() {
            return matches;
        }

        ExpressionBinder binder() {
            return binder;
        }

        Function<Env, JoinCondition> on() {
            return on;
        }
    }

    private BoundFrom joined(BoundFrom from, BoundTest test) {
        return from.then(around -> {
            JoinCondition on = test.on().apply(around);
            Join join = new Join(test.kind(), FromBinder.named(from.stage().apply(around), on, Side.LEFT),
                    FromBinder.named(test.matches().get(), on, Side.RIGHT), on);
            join.on().notIn().ifPresent(columns -> noteNull(test.condition(), join.right(), columns.right()));
            return Joined.of(join, List.of(), FromBinder.MOST, test.binder().asides())
                    .orElseThrow(() -> diagnostics.tooManyRows(test.condition(), FromBinder.MOST));
        });
    }

    /** A NULL among the values of NOT IN makes it unknown where it is not false. */
    private void noteNull(Expression condition, Stage matches, int column) {
        if (matches.rows().stream().noneMatch(row -> row.get(column).isNull())) return;
        String name = matches.headings().get(column).name();
        diagnostics.note(condition,
                new QueryNote.NotInWithNull(name, matches.title()));
    }

    /** Binds a match test; nothing, if it is better asked of each row as a condition like others. */
    private Optional<BoundTest> bind(SubqueryTest test, Expression condition, Scope scope) {
        FromBinder tables = new FromBinder(queries, Optional.of(scope), diagnostics);
        BoundFrom from = tables.all(test.select().from(), test.select().where());
        if (tables.reachesOut()) return Optional.empty();
        Scope inner = new Scope(from.slots(), Optional.of(scope));
        ExpressionBinder binder = new ExpressionBinder(queries, inner, diagnostics);
        for (SelectItem item : test.select().items())
            queries.add(item, inner, binder, new ArrayList<>(), new ArrayList<>());

        List<Expression> own = new ArrayList<>();
        List<Expression> between = new ArrayList<>();
        for (Expression each : test.select().where().map(Expression::conjuncts).orElse(List.of())) {
            (isOfItself(each, from, scope) ? own : between).add(each);
        }
        test.members().forEach(columns -> scope.find(columns.left(), diagnostics));
        List<Equality> members = test.members().stream()
                .flatMap(columns -> one(scope.meant(columns.left()), inner.meant(columns.right())).stream()).toList();
        if (members.size() != test.members().size() || members.isEmpty() && between.isEmpty())
            return Optional.empty();
        members.forEach(columns -> {
            BoundColumn left = scope.slots().get(columns.left());
            BoundColumn right = inner.slots().get(columns.right());
            binder.types().requireComparable(condition, new Named.Written(left.name()), left.type(),
                    new Named.SubqueryColumn(Optional.of(right.name())), right.type());
        });
        boolean isNotIn = test.kind() == JoinKind.LEFT_ANTI && !members.isEmpty();
        List<Equality> equal = new ArrayList<>(isNotIn ? List.of() : members);
        List<Expression> more = new ArrayList<>();
        for (Expression each : between) equality(each, scope, inner).ifPresentOrElse(equal::add, () -> more.add(each));
        between.forEach(binder::condition);
        Optional<ResidualCondition> bound = more.isEmpty() ? Optional.empty()
                : Optional.of(new ResidualCondition(Expression.all(more), binder));
        WhereClause within = new WhereClause(queries, diagnostics, test.select());
        BoundFrom matches = own.isEmpty() ? from : within.after(from, new Scope(from.slots(), Optional.empty()), own);
        return Optional.of(
                new BoundTest(condition, test.kind(), new Lazy<>(() -> matches.stage().apply(Env.nothing())), binder,
                        around -> new JoinCondition(equal,
                                bound.map(b -> b.between((left, right) -> around.within(left).within(right))),
                                isNotIn ? Optional.of(members.getFirst()) : Optional.empty())));
    }

    /** Whether a condition of the query within names nothing of the one around it. */
    private boolean isOfItself(Expression condition, BoundFrom from, Scope around) {
        Scope scope = new Scope(from.slots(), Optional.of(around));
        new ExpressionBinder(queries, scope, diagnostics).condition(condition);
        return !scope.reachesOut();
    }

    /** The equality of a column around and a column within that a condition is. */
    private static Optional<Equality> equality(Expression condition, Scope around, Scope within) {
        return condition.equalColumns().flatMap(equal -> equality(equal.left(), equal.right(), around, within)
                .or(() -> equality(equal.right(), equal.left(), around, within)));
    }

    private static Optional<Equality> equality(Expression.ColumnName around, Expression.ColumnName within, Scope outer,
            Scope inner) {
        // A name means a column within before it means one around.
        return inner.meant(around).isEmpty() ? one(outer.meant(around), inner.meant(within)) : Optional.empty();
    }

    private static Optional<Equality> one(List<Integer> left, List<Integer> right) {
        return left.size() == 1 && right.size() == 1 ? Optional.of(new Equality(left.getFirst(), right.getFirst()))
                : Optional.empty();
    }
}
