package lunko.engine.sql;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import lunko.engine.ValueOrder;
import lunko.query.sql.Expression;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.SetOperation;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.Nulls;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Table;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/** Binds queries to the tables of a database. */
final class QueryBinder {

    /** Rows of the result, and for each the values that it is sorted by. */
    private record Sortable(List<Value> row, List<Value> by) {}

    private final List<Table> tables;
    private final Places places;

    QueryBinder(List<Table> tables, Places places) {
        this.tables = tables;
        this.places = places;
    }

    /** The table of a name. */
    Table table(Object where, Name name) {
        return tables.stream().filter(table -> name.means(table.name())).findFirst().orElseThrow(() -> {
            List<String> names = tables.stream().map(Table::name).toList();
            return places.refusal(where, "There is no table " + name.text() + Nearest.to(name.text(), names)
                    .map(near -> ": is " + near + " meant?")
                    .orElse(names.isEmpty() ? ": there are no tables yet." : "; there are " + String.join(", ", names) + "."));
        });
    }

    /** Binds a query; the names of the queries around it can be used in it. */
    BoundQuery bind(QueryExpression query, Optional<Scope> outer) {
        BoundQuery bound = switch (query.body()) {
            case QueryBody.Select select -> select(select, query.orderBy(), outer);
            case QueryBody.Nested(QueryExpression inner) -> sorted(bind(inner, outer), query.orderBy());
            case SetOperation operation -> sorted(setOperation(operation, outer), query.orderBy());
        };
        if (query.offset().isEmpty() && query.limit().isEmpty()) return bound;
        return new BoundQuery(bound.columns(), bound.alwaysTheSame(), env -> bound.rows(env).stream()
                .skip(query.offset().orElse(0)).limit(query.limit().orElse(Long.MAX_VALUE)).toList());
    }

    private BoundQuery body(QueryBody body, Optional<Scope> outer) {
        return switch (body) {
            case QueryBody.Select select -> select(select, List.of(), outer);
            case QueryBody.Nested(QueryExpression inner) -> bind(inner, outer);
            case SetOperation operation -> setOperation(operation, outer);
        };
    }

    private BoundQuery select(QueryBody.Select select, List<SortKey> orderBy, Optional<Scope> outer) {
        FromBinder tablesOf = new FromBinder(this, outer, places);
        BoundFrom from = tablesOf.all(select.from(), select.where());
        Scope scope = new Scope(from.slots(), outer);
        ExpressionBinder rowBinder = new ExpressionBinder(this, scope, places);
        Optional<Bound> where = select.where().map(new WhereBinder(this, scope, places, select.items())::condition);
        Optional<Groups> groups = Groups.areIn(select, orderBy)
                ? Optional.of(new Groups(this, rowBinder, select.groupBy())) : Optional.empty();
        ExpressionBinder binder = groups.<ExpressionBinder>map(g -> g).orElse(rowBinder);

        List<BoundQuery.Column> columns = new ArrayList<>();
        List<Bound> values = new ArrayList<>();
        for (SelectItem item : select.items()) add(item, scope, binder, columns, values);
        Optional<Bound> having = select.having().map(binder::condition);
        List<Bound> sortBy = orderBy.stream().map(key -> sortValue(key, columns, values, binder, select)).toList();

        boolean same = !scope.reachesOut() && !tablesOf.reachesOut() && !binder.scope().reachesOut();
        return new BoundQuery(columns, same, around -> {
            List<List<Value>> rows = from.rows().apply(around);
            if (where.isPresent()) rows = kept(rows, where.get(), around);
            if (groups.isPresent()) rows = groups.get().of(rows, around);
            if (having.isPresent()) rows = kept(rows, having.get(), around);
            List<Sortable> sortable = rows.stream().map(around::within)
                    .map(env -> new Sortable(in(values, env), in(sortBy, env))).toList();
            if (select.distinct()) sortable = distinct(sortable, Sortable::row);
            return sort(sortable, orderBy).stream().map(Sortable::row).toList();
        });
    }

    private static List<List<Value>> kept(List<List<Value>> rows, Bound condition, Env around) {
        return rows.stream().filter(row -> condition.truthIn(around.within(row)) == Truth.TRUE).toList();
    }

    private static List<Value> in(List<Bound> values, Env env) {
        List<Value> row = new ArrayList<>(values.size());
        values.forEach(value -> row.add(value.in(env)));
        return row;
    }

    private void add(SelectItem item, Scope scope, ExpressionBinder binder, List<BoundQuery.Column> columns, List<Bound> values) {
        switch (item) {
            case SelectItem.Everything _ -> {
                if (scope.slots().isEmpty()) throw places.refusal(item, "* means all columns of the tables in FROM: name a table there.");
                add(slot -> !slot.merged(), scope, binder, columns, values);
            }
            case SelectItem.EverythingOf(Name table) -> {
                Predicate<Slot> ofTable = slot -> slot.table().map(table::means).orElse(false);
                if (scope.slots().stream().noneMatch(ofTable)) {
                    throw places.refusal(item, "There is no table " + table.text() + " in FROM: name one that is.");
                }
                add(ofTable, scope, binder, columns, values);
            }
            case SelectItem.Item(Expression expression, Optional<Name> name) -> {
                Bound bound = binder.bind(expression);
                columns.add(new BoundQuery.Column(name.map(Name::text).orElseGet(() -> nameOf(expression)), bound.type()));
                values.add(bound);
            }
        }
    }

    private static void add(Predicate<Slot> wanted, Scope scope, ExpressionBinder binder,
                            List<BoundQuery.Column> columns, List<Bound> values) {
        for (int i = 0; i < scope.slots().size(); i++) {
            Slot slot = scope.slots().get(i);
            if (!wanted.test(slot)) continue;
            int index = i;
            columns.add(new BoundQuery.Column(slot.name(), slot.type()));
            // In a query with groups a column must be one that it is grouped by: the binder knows.
            values.add(binder.scope() == scope ? new Bound(slot.type(), env -> env.value(0, index))
                    : binder.bind(new Expression.ColumnName(slot.table().map(t -> new Name(t, true)), new Name(slot.name(), true))));
        }
    }

    /** A column that has no name gets that of its column or function. */
    private static String nameOf(Expression expression) {
        return switch (expression) {
            case Expression.ColumnName(var _, Name column) -> column.text();
            case Expression.Call call -> call.function().text().toLowerCase(Locale.ROOT);
            case Expression.CountRows _ -> "count";
            case Expression.Cast(Expression of, Type _) -> nameOf(of);
            default -> ExpressionBinder.text(expression);
        };
    }

    /** ORDER BY takes a column of the result by name or number, or an expression over the tables. */
    private Bound sortValue(SortKey key, List<BoundQuery.Column> columns, List<Bound> values, ExpressionBinder binder,
                            QueryBody.Select select) {
        Optional<Integer> column = resultColumn(key, columns);
        if (column.isPresent()) return values.get(column.get());
        if (select.distinct()) {
            for (int i = 0; i < select.items().size(); i++) {
                if (select.items().get(i) instanceof SelectItem.Item(Expression e, var _) && e.equals(key.by())) return binder.bind(e);
            }
            throw places.refusal(key, "With DISTINCT a result can be sorted by its own columns only: select "
                    + ExpressionBinder.text(key.by()) + " too.");
        }
        return binder.bind(key.by());
    }

    private Optional<Integer> resultColumn(SortKey key, List<BoundQuery.Column> columns) {
        return switch (key.by()) {
            case Expression.Literal(Value.IntegerValue(long number)) -> {
                if (number >= 1 && number <= columns.size()) yield Optional.of((int) number - 1);
                throw places.refusal(key, "There is no column " + number + ": the result has " + columns.size() + ".");
            }
            case Expression.ColumnName(Optional<Name> table, Name name) when table.isEmpty() -> {
                List<Integer> meant = IntStream.range(0, columns.size())
                        .filter(i -> name.means(columns.get(i).name())).boxed().toList();
                yield meant.isEmpty() ? Optional.empty() : Optional.of(meant.getFirst());
            }
            default -> Optional.empty();
        };
    }

    /** The result of a set operation can be sorted by its columns only. */
    private BoundQuery sorted(BoundQuery query, List<SortKey> orderBy) {
        if (orderBy.isEmpty()) return query;
        List<Integer> by = orderBy.stream().map(key -> resultColumn(key, query.columns()).orElseThrow(() -> places.refusal(key,
                "Here a result can be sorted by the names and numbers of its columns only."))).toList();
        return new BoundQuery(query.columns(), query.alwaysTheSame(), env -> sort(query.rows(env).stream()
                .map(row -> new Sortable(row, by.stream().map(row::get).toList())).toList(), orderBy)
                .stream().map(Sortable::row).toList());
    }

    /** NULL counts as larger than any value, unless NULLS FIRST or LAST says where it is to be. */
    private static List<Sortable> sort(List<Sortable> rows, List<SortKey> orderBy) {
        if (orderBy.isEmpty()) return rows;
        Comparator<Sortable> order = (_, _) -> 0;
        for (int i = 0; i < orderBy.size(); i++) {
            int at = i;
            SortKey key = orderBy.get(i);
            boolean nullsFirst = key.nulls().map(nulls -> nulls == Nulls.FIRST).orElse(key.descending());
            Comparator<Value> values = key.descending() ? ValueOrder.VALUES.reversed() : ValueOrder.VALUES;
            order = order.thenComparing(row -> row.by().get(at), (a, b) -> {
                if (a.isNull() || b.isNull()) {
                    int nullLast = Boolean.compare(a.isNull(), b.isNull());
                    return nullsFirst ? -nullLast : nullLast;
                }
                return values.compare(a, b);
            });
        }
        return rows.stream().sorted(order).toList();
    }

    private BoundQuery setOperation(SetOperation operation, Optional<Scope> outer) {
        BoundQuery left = body(operation.left(), outer);
        BoundQuery right = body(operation.right(), outer);
        if (left.columns().size() != right.columns().size()) {
            throw places.refusal(operation, operation.operator() + " wants as many columns on both sides, and there are "
                    + left.columns().size() + " and " + right.columns().size() + ": select as many here as there.");
        }
        ExpressionBinder types = new ExpressionBinder(this, new Scope(List.of(), Optional.empty()), places);
        List<BoundQuery.Column> columns = new ArrayList<>();
        for (int i = 0; i < left.columns().size(); i++) {
            BoundQuery.Column l = left.columns().get(i);
            BoundQuery.Column r = right.columns().get(i);
            types.requireComparable(operation, l.name(), l.type(), r.name(), r.type());
            columns.add(new BoundQuery.Column(l.name(), ExpressionBinder.wider(l.type(), r.type())));
        }
        return new BoundQuery(columns, left.alwaysTheSame() && right.alwaysTheSame(), env ->
                combined(operation, left.rows(env), right.rows(env)));
    }

    private static List<List<Value>> combined(SetOperation operation, List<List<Value>> left, List<List<Value>> right) {
        List<List<Value>> rows = switch (operation.operator()) {
            case UNION -> {
                List<List<Value>> both = new ArrayList<>(left);
                both.addAll(right);
                yield both;
            }
            case INTERSECT -> matched(left, right, operation.all(), true);
            case EXCEPT -> matched(left, right, operation.all(), false);
        };
        return operation.all() ? rows : distinct(rows, UnaryOperator.identity());
    }

    /** The left rows that the right side has as well, or has not; with ALL, each right row stands for one left row. */
    private static List<List<Value>> matched(List<List<Value>> left, List<List<Value>> right, boolean all, boolean has) {
        Map<List<Object>, Integer> there = new HashMap<>();
        right.forEach(row -> there.merge(ValueOrder.identity(row), 1, Integer::sum));
        return left.stream().filter(row -> {
            List<Object> identity = ValueOrder.identity(row);
            boolean found = there.getOrDefault(identity, 0) > 0;
            if (found && all) there.merge(identity, -1, Integer::sum);
            return found == has;
        }).toList();
    }

    private static <T> List<T> distinct(List<T> rows, Function<T, List<Value>> row) {
        Set<List<Object>> seen = new HashSet<>();
        return rows.stream().filter(each -> seen.add(ValueOrder.identity(row.apply(each)))).toList();
    }
}
