package lunko.engine.sql;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Aggregation;
import lunko.engine.LazyList;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.problem.QueryFault;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Type;
import lunko.table.Value;

/**
 * Binds the expressions of a query with groups. A group is a row of its own: the values it is grouped by, then those of
 * the aggregates that anything asks for.
 */
final class Groups extends ExpressionBinder {
    private static final BoundColumn NO_COLUMN =
            BoundColumn.merged(new BoundQuery.Column("", Optional.empty(), Set.of())).mergedAway();

    private final ExpressionBinder rows;
    private final QueryBinder queries;
    private final QueryBody.Select select;
    private final List<Expression> by;
    private final List<BoundExpression> keys;
    private final List<Expression> asked = new ArrayList<>();
    private final List<Aggregate> aggregates = new ArrayList<>();
    private boolean noted;

    /**
     * Groups by the expressions of a SELECT, which are bound to the rows of {@code rows}; without any there is one
     * group.
     */
    Groups(QueryBinder queries, ExpressionBinder rows, QueryBody.Select select) {
        this(queries, rows, select, new GroupKeys(select, rows).meant());
    }

    private Groups(QueryBinder queries, ExpressionBinder rows, QueryBody.Select select, List<Expression> by) {
        super(queries, new Scope(slots(rows, by), rows.scope().outer()), rows.diagnostics());
        this.rows = rows;
        this.queries = queries;
        this.select = select;
        this.by = by;
        this.keys = by.stream().map(rows::bind).toList();
        scope().grouped(this::askedWithin);
    }

    /** What a query within this one can name of a group: the columns it is grouped by, each once. */
    private static List<BoundColumn> slots(ExpressionBinder rows, List<Expression> by) {
        List<Expression> known = new ArrayList<>();
        List<BoundColumn> slots = new ArrayList<>();
        for (Expression key : by) {
            Expression plain = rows.scope().plain(key);
            boolean again = known.contains(plain);
            known.add(plain);
            slots.add((key instanceof Expression.ColumnName name && !again
                    ? rows.scope().find(name, rows.diagnostics()).map(Scope.FoundColumn::slot)
                    : Optional.<BoundColumn>empty()).orElse(NO_COLUMN));
        }
        return slots;
    }

    @Override
    BoundExpression bind(Expression expression) {
        for (int i = 0; i < by.size(); i++) {
            if (!isSame(by.get(i), expression)) continue;
            rows.bind(expression);
            return leaf(expression, slot(i, keys.get(i).type()));
        }
        Optional<BoundExpression> around = ofAround(expression, rows.scope());
        return around.orElseGet(() -> Aggregate.in(expression, rows).map(aggregate -> ofGroup(expression, aggregate))
                .orElseGet(() -> super.bind(expression)));
    }

    /** An aggregate in a query within this one that names columns of these rows alone. */
    private Optional<BoundExpression> askedWithin(Expression aggregate) {
        boolean own = aggregate.columns().stream().noneMatch(column -> rows.scope().meant(column).isEmpty());
        return own ? Aggregate.in(aggregate, rows).map(bound -> ofGroup(aggregate, bound)) : Optional.empty();
    }

    /** The value of a group that an expression is; asked for in several places, it is one. */
    private BoundExpression ofGroup(Expression expression, Aggregate aggregate) {
        int known = known(expression);
        if (known >= 0) return leaf(expression, slot(by.size() + known, aggregates.get(known).type()));
        asked.add(expression);
        aggregates.add(aggregate);
        return leaf(expression, slot(by.size() + asked.size() - 1, aggregate.type()));
    }

    /**
     * Whether the rows are grouped by the primary key of a column's table: then it has one value in each group (ISO/IEC
     * 9075-2, functional dependencies).
     */
    private boolean isDependent(BoundColumn column) {
        List<BoundColumn> slots = rows.scope().slots();
        List<Integer> key = IntStream.range(0, slots.size())
                .filter(i -> slots.get(i).key() && slots.get(i).table().equals(column.table())).boxed().toList();
        Set<Integer> grouped = by.stream().filter(Expression.ColumnName.class::isInstance)
                .flatMap(name -> rows.scope().meant((Expression.ColumnName) name).stream()).collect(Collectors.toSet());
        return column.table().isPresent() && !key.isEmpty() && grouped.containsAll(key)
                && column.column().origins().stream().allMatch(queries::keyHolds);
    }

    @Override
    Set<Integer> deciding(Expression expression) {
        for (int i = 0; i < by.size(); i++) if (isSame(by.get(i), expression)) return Set.of(i);
        int known = known(expression);
        return known >= 0 ? Set.of(by.size() + known) : within(expression);
    }

    /** Which of the aggregates an expression is, however it is spelled; -1, if it is none of them yet. */
    private int known(Expression expression) {
        return IntStream.range(0, asked.size()).filter(i -> isSame(asked.get(i), expression)).findFirst().orElse(-1);
    }

    private static BoundExpression slot(int index, Optional<Type> type) {
        return BoundExpression.column(type, index);
    }

    /** A column that the query is not grouped by has many values in a group. */
    @Override
    BoundExpression column(Expression.ColumnName name) {
        if (rows.scope().meant(name.table(), name.column()).isEmpty())
            return !scope().knows(name) && isInHaving(name)
                    && new GivenNames(select, diagnostics()).refuse("HAVING", name) ? BoundExpression.MISSING
                            : super.column(name);
        Optional<Scope.FoundColumn> found = rows.scope().find(name, diagnostics());
        if (found.isEmpty()) return BoundExpression.MISSING;
        if (isDependent(found.get().slot()))
            return ofGroup(name, new Aggregate.OfDependent(found.get().bound()));
        Optional<Expression> within = by.isEmpty() && !areIn(select, List.of())
                ? new OuterAggregates(rows.scope()).in(select, List.of()).findFirst() : Optional.empty();
        // Nobody sees that there are groups: a query within has made them.
        if (within.isPresent())
            return diagnostics().refused(within.get(), new QueryFault.AggregateOfAround(text(within.get())));
        return diagnostics()
                .refused(name, new QueryFault.NotGrouped(found.get().slot().name()),
                        diagnostics().script().stretch(name).isEmpty() ? new Fix[0] : new Fix[] {by.isEmpty()
                                ? diagnostics().fix()
                                        .after(select.where().<Object>map(where -> where)
                                                .orElse(select.from().getLast()), " GROUP BY " + text(name))
                                : diagnostics().fix().after(by.getLast(), ", " + text(name))});
    }

    private boolean isInHaving(Expression.ColumnName name) {
        return select.having().flatMap(diagnostics().script()::stretch)
                .filter(having -> diagnostics().script().stretch(name).filter(having::covers).isPresent()).isPresent();
    }

    private boolean isSame(Expression key, Expression expression) {
        return rows.scope().plain(key).equals(rows.scope().plain(expression));
    }

    /** The groups of the rows of a stage, in the order in which their first rows come. */
    Stage of(Stage input, Env around) {
        Map<List<Object>, Integer> numbers = new HashMap<>();
        List<List<Env>> groups = new ArrayList<>();
        if (by.isEmpty()) groups.add(new ArrayList<>());
        List<Integer> groupOf = new ArrayList<>(input.rows().size());
        for (List<Value> row : input.rows()) {
            Env env = around.within(row);
            int group = by.isEmpty() ? 0 : numbers.computeIfAbsent(
                    ValueOrder.identity(keys.stream().map(key -> key.in(env)).toList()), _ -> groups.size());
            if (group == groups.size()) groups.add(new ArrayList<>());
            groups.get(group).add(env);
            groupOf.add(group);
        }
        Aggregation done = new Aggregation(input, keys.stream().map(BoundExpression::column).toList(), groupOf,
                headings(), groups.stream().map(this::row).toList(), rows.asides().get());
        if (!noted) noteRepeated(done, around);
        return done;
    }

    /** Figures of rows that the joins have repeated are noted, once for a query. */
    private void noteRepeated(Aggregation done, Env around) {
        for (int i = 0; i < aggregates.size(); i++) {
            if (!(aggregates.get(i) instanceof Aggregate.OfValues of)) continue;
            int at = keys.size() + i;
            List<Env> all = LazyList.of(done.input().rows().size(), row -> around.within(done.input().rows().get(row)));
            Repeated.in(done, at, of, List.copyOf(rows.within(of.call())), all).ifPresent(note -> {
                noted = true;
                boolean tells = Repeated.tellsApart(done.input(), of, List.copyOf(rows.within(of.call())), all);
                diagnostics().note(of.call(), note,
                        new MendedFigure(select, rows.scope(), diagnostics()).of(of, tells));
            });
        }
    }

    private List<Value> row(List<Env> group) {
        List<Value> row = new ArrayList<>();
        keys.forEach(key -> row.add(key.in(group.getFirst())));
        aggregates.forEach(aggregate -> row.add(aggregate.of(group.stream())));
        return row;
    }

    private List<Stage.Heading> headings() {
        List<Stage.Heading> headings = new ArrayList<>();
        for (int i = 0; i < by.size(); i++) headings.add(heading(by.get(i), keys.get(i).type()));
        for (int i = 0; i < asked.size(); i++) headings.add(heading(asked.get(i), aggregates.get(i).type()));
        return headings;
    }

    private static Stage.Heading heading(Expression expression, Optional<Type> type) {
        return new Stage.Heading(Optional.empty(), text(expression), type);
    }

    /** Whether a SELECT over these columns has groups: aggregates that are of queries around make none. */
    static boolean areIn(QueryBody.Select select, List<QueryExpression.SortKey> orderBy, Scope scope) {
        return areIn(select, orderBy, expression -> isOwn(expression, scope))
                || new OuterAggregates(scope).in(select, orderBy).findAny().isPresent();
    }

    private static boolean isOwn(Expression expression, Scope scope) {
        if (Aggregate.is(expression)) return expression.columns().isEmpty()
                || scope.outer().isEmpty() || expression.columns().stream().anyMatch(column -> !scope.meant(column)
                        .isEmpty() || !scope.outer().get().isOfGroups(expression));
        return expression.parts().stream().anyMatch(part -> isOwn(part, scope));
    }

    /** Whether a SELECT has groups. */
    static boolean areIn(QueryBody.Select select, List<QueryExpression.SortKey> orderBy) {
        return areIn(select, orderBy, Expression::isOfGroup);
    }

    private static boolean areIn(QueryBody.Select select, List<QueryExpression.SortKey> orderBy,
            Predicate<Expression> isOfGroup) {
        return !select.groupBy().isEmpty() || select.having().isPresent()
                || select.items().stream().anyMatch(item -> item instanceof SelectItem.Item(Expression e, var _)
                        && isOfGroup.test(e))
                || orderBy.stream().anyMatch(key -> isOfGroup.test(key.by()));
    }
}
