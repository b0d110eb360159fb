package lunko.engine.sql;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.LazyList;
import lunko.engine.Limit;
import lunko.engine.Projection;
import lunko.engine.SetOperation;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.problem.QueryFault.Named;
import lunko.problem.QueryFault.Thing;
import lunko.problem.QueryFault;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Compound;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.Common;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Once;
import lunko.table.Table;
import lunko.table.Value;

/** Binds queries to the tables of a database. */
final class QueryBinder {

    private final List<Table> tables;
    private final List<Common> views;
    private final Map<Common, BoundQuery> read = new IdentityHashMap<>();
    private final Diagnostics diagnostics;
    private final OrderBinder orders;
    /** The join whose rows nobody needs all at once. */
    private final Optional<FromItem> unlimited;
    /** The queries that have a name where something is bound now, the nearest first. */
    private List<CommonTable> named = List.of();
    /** The name whose query is being bound. */
    private Optional<BeingNamed> naming = Optional.empty();
    /** The first name behind the WITH at hand, if that does not say RECURSIVE. */
    private Optional<Name> firstNamed = Optional.empty();

    /** A name that a query is getting; the query, where it has been read as one that does not read itself. */
    private record BeingNamed(Name name, Optional<QueryExpression> query) {}

    /** A query that WITH has given a name. */
    private record CommonTable(Name name, BoundQuery query) {}

    QueryBinder(List<Table> tables, List<Common> views, Diagnostics diagnostics, Optional<FromItem> unlimited) {
        this.tables = tables;
        this.views = views;
        this.diagnostics = diagnostics;
        this.orders = new OrderBinder(diagnostics);
        this.unlimited = unlimited;
    }

    Diagnostics diagnostics() {
        return diagnostics;
    }

    /** The most rows that a join may give. */
    long mostRows(FromItem.JoinedTable join) {
        return unlimited.filter(one -> one == join).isPresent() ? Long.MAX_VALUE : FromBinder.MOST;
    }

    /** The table of a name, if there is one. */
    Optional<Table> table(Name name) {
        return tables.stream().filter(table -> name.means(table.name())).findFirst().or(() -> {
            if (naming.filter(own -> name.means(own.name().text())).isPresent()) {
                diagnostics.refuse(name, new QueryFault.NamesItself(name.text()), firstNamed.stream()
                        .filter(_ -> naming.get().query().filter(QueryBinder::isUnion).isPresent())
                        .map(first -> diagnostics.fix().before(first, "RECURSIVE ")).toArray(Fix[]::new));
                return Optional.empty();
            }
            List<String> names = Stream.concat(named.stream().map(common -> common.name().text()),
                    tables.stream().map(Table::name)).toList();
            diagnostics.notThere(name, new QueryFault.NotThere(Thing.TABLE, name.text(), Optional.empty(), names,
                    Optional.empty()));
            return Optional.empty();
        });
    }

    /** Whether the key of a table tells its rows apart, as it should: a table may be just being built. */
    boolean keyHolds(Meanings.Origin column) {
        Optional<Table> table = tables.stream().filter(one -> one.name().equals(column.table())).findFirst();
        return table.filter(QueryBinder::keyHolds).isPresent();
    }

    private static boolean keyHolds(Table table) {
        List<Integer> key = IntStream.range(0, table.columns().size()).filter(i -> table.columns().get(i).key()).boxed()
                .toList();
        Set<List<Object>> seen = new HashSet<>();
        return table.rows().stream().map(row -> key.stream().map(row::value).toList())
                .allMatch(values -> values.stream().noneMatch(Value::isNull) && seen.add(ValueOrder.identity(values)));
    }

    /** The query that WITH has given a name, if it has. */
    Optional<BoundQuery> named(Name name) {
        return named.stream().filter(common -> name.means(common.name().text())).map(CommonTable::query).findFirst()
                .or(() -> views.stream().filter(view -> view.name().means(name.text())).findFirst().map(this::view));
    }

    /** A view, bound once; it does not know the names that WITH gives where it is read. */
    private BoundQuery view(Common view) {
        BoundQuery known = read.get(view);
        if (known != null) return known;
        List<CommonTable> around = named;
        named = List.of();
        BoundQuery bound = called(view.name().text(), view.columns(), bind(view.query(), Optional.empty()));
        named = around;
        read.put(view, bound);
        return bound;
    }

    /** Binds a query; the names of the queries around it can be used in it. */
    BoundQuery bind(QueryExpression query, Optional<Scope> outer) {
        List<CommonTable> before = named;
        Optional<Name> firstAround = firstNamed;
        firstNamed = query.with().stream().filter(common -> !common.recursive()).map(Common::name).findFirst()
                .or(() -> query.with().isEmpty() ? firstAround : Optional.empty());
        for (int i = 0; i < query.with().size(); i++) {
            Common common = query.with().get(i);
            refuseSecond(common.name(), query.with().subList(0, i));
            BoundQuery bound = recursion(common).orElseGet(() -> called(common.name().text(), common.columns(),
                    alone(common.name(), Optional.of(common.query()), new QueryBody.Nested(common.query()))));
            named = FromBinder.both(List.of(new CommonTable(common.name(), bound)), named);
        }
        BoundQuery bound = withoutNames(query, outer);
        named = before;
        firstNamed = firstAround;
        return bound;
    }

    /** A query of WITH RECURSIVE that reads itself, if it does. */
    private Optional<BoundQuery> recursion(Common common) {
        return common.recursive() && isUnion(common.query())
                ? new RecursionBinder(this, common, (Compound) common.query().body()).bind() : Optional.empty();
    }

    /** Whether a query is a union and nothing more, as one must be that reads itself. */
    private static boolean isUnion(QueryExpression query) {
        return query.body() instanceof Compound union && union.operator() == QueryBody.SetOperator.UNION
                && query.equals(QueryExpression.of(union));
    }

    /** A query that is getting a name: it does not know it yet, and says nothing of the queries around. */
    BoundQuery alone(Name name, QueryBody body) {
        return alone(name, Optional.empty(), body);
    }

    private BoundQuery alone(Name name, Optional<QueryExpression> whole, QueryBody body) {
        Optional<BeingNamed> around = naming;
        naming = Optional.of(new BeingNamed(name, whole));
        BoundQuery bound = body(body, Optional.empty());
        naming = around;
        return bound;
    }

    /** A query that can read another one by a name. */
    BoundQuery reading(Name name, BoundQuery other, QueryBody body) {
        List<CommonTable> before = named;
        named = FromBinder.both(List.of(new CommonTable(name, other)), named);
        BoundQuery bound = body(body, Optional.empty());
        named = before;
        return bound;
    }

    private void refuseSecond(Name name, List<Common> before) {
        if (before.stream().anyMatch(common -> name.means(common.name().text())))
            diagnostics.refuse(name, new QueryFault.NamedTwice(name.text()));
    }

    /** A query that has a name, its columns called otherwise if names for them are given. */
    BoundQuery called(String name, List<Name> names, BoundQuery query) {
        if (names.isEmpty()) return query;
        if (names.size() != query.columns().size()) {
            diagnostics.refuse(names.getFirst(), new QueryFault.OtherNumberOfNames(name, names.size(),
                    query.columns().size()));
            return query;
        }
        return query.called(names.stream().map(Name::text).toList());
    }

    private BoundQuery withoutNames(QueryExpression query, Optional<Scope> outer) {
        BoundQuery bound = switch (query.body()) {
            case QueryBody.Select select -> select(select, query.orderBy(), outer);
            case QueryBody.Nested(QueryExpression inner) -> orders.sorted(bind(inner, outer), query.orderBy());
            case Compound operation -> orders.sorted(setOperation(operation, outer), query.orderBy());
            case QueryBody.Values values -> orders.sorted(values(values, outer), query.orderBy());
        };
        if (query.offset().isEmpty() && query.limit().isEmpty()) return bound;
        return new BoundQuery(bound.columns(), bound.alwaysTheSame(),
                env -> Limit.of(bound.stage(env), query.offset().orElse(0), query.limit().orElse(Long.MAX_VALUE)));
    }

    private BoundQuery body(QueryBody body, Optional<Scope> outer) {
        return switch (body) {
            case QueryBody.Select select -> select(select, List.of(), outer);
            case QueryBody.Nested(QueryExpression inner) -> bind(inner, outer);
            case Compound operation -> setOperation(operation, outer);
            case QueryBody.Values values -> values(values, outer);
        };
    }

    private BoundQuery values(QueryBody.Values values, Optional<Scope> outer) {
        return new ValuesBinder(this, diagnostics).bind(values, outer);
    }

    private BoundQuery select(QueryBody.Select select, List<SortKey> orderBy, Optional<Scope> outer) {
        FromBinder tables = new FromBinder(this, outer, diagnostics);
        BoundFrom from = tables.all(select.from(), select.where());
        Scope scope = new Scope(from.slots(), outer);
        BoundFrom met = select.where()
                .map(where -> new WhereClause(this, diagnostics, select).after(from, scope, where.conjuncts()))
                .orElse(from);
        ExpressionBinder rowBinder = new ExpressionBinder(this, scope, diagnostics);
        Optional<Groups> groups = Groups.areIn(select, orderBy, scope)
                ? Optional.of(new Groups(this, rowBinder, select)) : Optional.empty();
        ExpressionBinder binder = groups.<ExpressionBinder>map(g -> g).orElse(rowBinder);

        List<BoundQuery.Column> columns = new ArrayList<>();
        List<BoundExpression> values = new ArrayList<>();
        for (SelectItem item : select.items()) add(item, scope, binder, columns, values);
        Optional<BoundExpression> having = select.having().map(binder::condition);
        List<BoundExpression> sortBy =
                orderBy.stream().map(key -> orders.value(key, columns, values, binder, select)).toList();
        boolean everything = select.items().equals(List.of(new SelectItem.Everything())) && groups.isEmpty();
        boolean asTheyAre = everything && scope.slots().stream().noneMatch(BoundColumn::merged);

        boolean same = !scope.reachesOut() && !tables.reachesOut() && !binder.scope().reachesOut();
        return new BoundQuery(columns, same, around -> {
            Stage before = met.stage().apply(around);
            if (groups.isPresent()) before = groups.get().of(before, around);
            if (having.isPresent()) before = new Filter(before,
                    new RowCondition("HAVING", select.having().get(), having.get(), binder).on(before.rows(), around),
                    Optional.empty());
            Stage rows = before;
            Stage stage = asTheyAre ? rows
                    : new Projection(rows, columns.stream().map(BoundQuery.Column::heading).toList(),
                            values.stream().map(BoundExpression::column).toList(), chosen(values, rows.rows(), around),
                            everything, binder.asides().get());
            List<List<Value>> keys = sortBy.isEmpty() ? List.of()
                    : rows.rows().stream().map(row -> in(sortBy, around.within(row))).toList();
            if (select.distinct()) {
                Distinct once = Distinct.of(stage);
                Repeated.in(once).ifPresent(note -> diagnostics.note(select, note));
                if (!sortBy.isEmpty()) keys = once.first().stream().map(keys::get).toList();
                stage = once;
            }
            return OrderBinder.sorted(stage, orderBy, keys, columns);
        });
    }

    /** The values for each row; where they are columns as they stand, when somebody asks for them. */
    private static List<List<Value>> chosen(List<BoundExpression> values, List<List<Value>> rows, Env around) {
        IntFunction<List<Value>> row = number -> in(values, around.within(rows.get(number)));
        return values.stream().allMatch(value -> value.column().isPresent()) ? LazyList.kept(rows.size(), row)
                : IntStream.range(0, rows.size()).mapToObj(row).toList();
    }

    private static List<Value> in(List<BoundExpression> values, Env env) {
        List<Value> row = new ArrayList<>(values.size());
        values.forEach(value -> row.add(value.in(env)));
        return row;
    }

    void add(SelectItem item, Scope scope, ExpressionBinder binder, List<BoundQuery.Column> columns,
            List<BoundExpression> values) {
        switch (item) {
            case SelectItem.Everything _ -> {
                if (scope.slots().isEmpty())
                    diagnostics.refuse(item, new QueryFault.StarWithoutFrom());
                add(slot -> !slot.merged(), scope, binder, columns, values);
            }
            case SelectItem.EverythingOf(Name table) -> {
                Predicate<BoundColumn> ofTable = slot -> slot.table().map(table::means).orElse(false);
                if (scope.slots().stream().noneMatch(ofTable)) {
                    diagnostics.refuse(item, new QueryFault.NotThere(Thing.TABLE_IN_FROM, table.text(),
                            Optional.empty(), Once.each(scope.slots().stream().flatMap(slot -> slot.table().stream())),
                            Optional.empty()));
                }
                scope.slots().stream().filter(ofTable).findFirst()
                        .ifPresent(slot -> slot.noteOwner(table, diagnostics));
                add(ofTable, scope, binder, columns, values);
            }
            case SelectItem.Item(Expression expression, Optional<Name> name) -> {
                BoundExpression bound = binder.bind(expression);
                columns.add(new BoundQuery.Column(name.map(Name::text).orElseGet(() -> nameOf(expression)),
                        bound.type(), name.isEmpty() && expression instanceof Expression.ColumnName(_, Name column)
                                ? diagnostics.meanings().origins(column) : Set.of()));
                values.add(bound);
            }
        }
    }

    private static void add(Predicate<BoundColumn> wanted, Scope scope, ExpressionBinder binder,
            List<BoundQuery.Column> columns, List<BoundExpression> values) {
        for (int i = 0; i < scope.slots().size(); i++) {
            BoundColumn slot = scope.slots().get(i);
            if (!wanted.test(slot)) continue;
            int index = i;
            columns.add(slot.column());
            // In a query with groups a column must be one that it is grouped by: the binder knows.
            values.add(binder.scope() == scope ? BoundExpression.column(slot.type(), index)
                    : binder.bind(new Expression.ColumnName(slot.table().map(t -> new Name(t, true)),
                            new Name(slot.name(), true))));
        }
    }

    /** A column that has no name gets that of its column or function. */
    private static String nameOf(Expression expression) {
        return switch (expression) {
            case Expression.ColumnName(var _, Name column) -> column.text();
            case Expression.Call call -> call.function().text().toLowerCase(Locale.ROOT);
            case Expression.CountRows _ -> "count";
            case Expression.TextsOfGroup _ -> "listagg";
            case Expression.Cast cast -> nameOf(cast.of());
            default -> ExpressionBinder.text(expression);
        };
    }

    private BoundQuery setOperation(Compound operation, Optional<Scope> outer) {
        BoundQuery left = body(operation.left(), outer);
        BoundQuery right = body(operation.right(), outer);
        if (left.columns().size() != right.columns().size()) {
            diagnostics.refuse(operation,
                    new QueryFault.DifferentWidths(operation.operator().name(), left.columns().size(),
                            right.columns().size()));
            return left;
        }
        TypeRules types = new TypeRules(diagnostics);
        List<BoundQuery.Column> columns = new ArrayList<>();
        for (int i = 0; i < left.columns().size(); i++) {
            BoundQuery.Column l = left.columns().get(i);
            BoundQuery.Column r = right.columns().get(i);
            types.requireComparable(operation, new Named.Written(l.name()), l.type(),
                    new Named.Written(r.name()), r.type());
            columns.add(new BoundQuery.Column(l.name(), TypeRules.wider(l.type(), r.type()), l.origins()));
        }
        List<Stage.Heading> headings = columns.stream().map(BoundQuery.Column::heading).toList();
        return new BoundQuery(columns, left.alwaysTheSame() && right.alwaysTheSame(),
                env -> new SetOperation(operation.operator(), operation.all(), left.stage(env), right.stage(env),
                        headings));
    }
}
