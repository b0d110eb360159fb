package lunko.engine.sql;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.Joined;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.SqlWriter;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/**
 * Binds a query that is asked anew for each row of the tables before it (ISO/IEC 9075-2, lateral derived table). It is
 * shown as one table, in which what the query was asked for stands before its columns: rows come together that are
 * equal in that.
 */
final class LateralBinder {
    private final FromBinder from;
    private final QueryBinder queries;
    private final Diagnostics diagnostics;
    private final FromItem.DerivedTable item;
    private final String alias;
    private final BoundFrom left;
    private final BoundQuery query;
    /** The columns of the left side that the query names. */
    private final List<Integer> asked;

    LateralBinder(FromBinder from, FromItem.DerivedTable item, BoundFrom left, Optional<Scope> outer) {
        this.from = from;
        this.queries = from.queries();
        this.diagnostics = queries.diagnostics();
        this.item = item;
        this.left = left;
        this.alias = item.alias().map(Name::text).orElse("q");
        Scope around = new Scope(left.slots(), outer);
        this.query = queries.called(alias, item.columns(), queries.bind(item.query(), Optional.of(around)));
        this.asked = List.copyOf(around.namedWithin());
    }

    /** The tables before it and the query, divided by a comma. */
    BoundFrom afterComma() {
        return bound(JoinKind.INNER, Optional.empty(), FromBinder.both(left.slots(), slots()));
    }

    /** The join of which it is the right side. */
    BoundFrom joined(FromItem.JoinedTable join) {
        List<BoundColumn> slots =
                FromBinder.both(left.slots().stream().map(slot -> slot.padded(join, Side.LEFT)).toList(),
                        slots().stream().map(slot -> slot.padded(join, Side.RIGHT)).toList());
        if (join.kind().keeps(Side.RIGHT)) diagnostics.refuse(item, new QueryFault.LateralKept(alias));
        return switch (join.specification()) {
            case JoinSpecification.On(Expression condition) -> bound(join.kind(), Optional.of(condition), slots);
            case JoinSpecification.Nothing _ -> {
                if (join.kind().compares()) diagnostics.refuse(item, new QueryFault.LateralWithoutOn(alias),
                        diagnostics.fix().after(item, " ON TRUE"));
                yield bound(JoinKind.INNER, Optional.empty(), slots);
            }
            case JoinSpecification.Using _,JoinSpecification.Natural _ -> {
                diagnostics.refuse(item, new QueryFault.LateralWithoutOn(alias));
                yield bound(join.kind(), Optional.empty(), slots);
            }
        };
    }

    /** What it was asked for, which no name means, and then its columns. */
    private List<BoundColumn> slots() {
        return Stream.concat(asked.stream().map(column -> BoundColumn.merged(left.slots().get(column).column())
                .mergedAway()), query.columns().stream().map(column -> BoundColumn.of(alias, column))).toList();
    }

    private BoundFrom bound(JoinKind kind, Optional<Expression> condition, List<BoundColumn> slots) {
        diagnostics.note(item, new QueryNote.AskedAnew(alias,
                asked.stream().map(column -> left.slots().get(column).sql()).toList()));
        Optional<OnBinder> binder = condition.map(
                on -> new OnBinder(queries, from.scope(slots), diagnostics, on, from.items()));
        Optional<ResidualCondition> more = condition.filter(on -> !on.equals(Expression.ALWAYS))
                .map(on -> new ResidualCondition(on, binder.orElseThrow()));
        return new BoundFrom(slots, env -> {
            Stage before = left.stage().apply(env);
            Table table = answers(before, env);
            JoinCondition on = condition(table,
                    more.map(one -> one.between((l, r) -> env.within(FromBinder.both(l, r)))));
            Join join = new Join(kind, FromBinder.named(before, on, Side.LEFT),
                    Source.of(table, alias, Set.copyOf(keys())), on);
            return from.counted(Joined.of(join, List.of(), FromBinder.MOST,
                    binder.map(ExpressionBinder::asides).orElse(List::of))
                    .orElseThrow(() -> diagnostics.tooManyRows(item, FromBinder.MOST)), item);
        });
    }

    private List<Integer> keys() {
        return IntStream.range(0, asked.size()).boxed().toList();
    }

    /** What the query gives for each row before it; for rows in which it is asked for the same, once. */
    private Table answers(Stage before, Env env) {
        List<Column> columns = new ArrayList<>();
        for (int column : asked)
            columns.add(new Column("for_" + left.slots().get(column).name(),
                    left.slots().get(column).type().orElse(Type.TEXT)));
        query.columns().forEach(column -> columns.add(new Column(column.name(), column.type().orElse(Type.TEXT))));
        List<List<Value>> rows = new ArrayList<>();
        Set<List<Object>> known = new HashSet<>();
        for (List<Value> row : before.rows()) {
            List<Value> key = asked.stream().map(row::get).toList();
            if (!known.add(ValueOrder.identity(key))) continue;
            List<List<Value>> answer = query.rows(env.within(row));
            diagnostics.effort().take(1L + answer.size(), item);
            answer.forEach(values -> rows.add(FromBinder.both(key, values)));
        }
        return Table.of(alias, columns, rows);
    }

    /** A row comes together with what the query gave for it. */
    private JoinCondition condition(Table answers, Optional<JoinCondition.Condition> more) {
        boolean forNull = answers.rows().stream()
                .anyMatch(row -> keys().stream().anyMatch(key -> row.values().get(key).isNull()));
        List<Equality> equal = keys().stream().map(key -> new Equality(asked.get(key), key)).toList();
        return forNull ? new JoinCondition(List.of(), Optional.of(new Same(more)), Optional.empty())
                : new JoinCondition(equal, more, Optional.empty());
    }

    /** The same, where the query gives rows for NULL too: it was asked for that. */
    private final class Same implements JoinCondition.Condition {
        private final Optional<JoinCondition.Condition> more;

        Same(Optional<JoinCondition.Condition> more) {
            this.more = more;
        }

        @Override
        public Truth of(List<Value> l, List<Value> r) {
            boolean same = keys().stream().allMatch(key -> ValueOrder.identity(l.get(asked.get(key)))
                    .equals(ValueOrder.identity(r.get(key))));
            return same ? more.map(one -> one.of(l, r)).orElse(Truth.TRUE) : Truth.FALSE;
        }

        @Override
        public String with(List<Value> l, List<Value> r) {
            SqlWriter writer = new SqlWriter();
            Expression all = Expression.all(keys().stream().<Expression>map(key -> new Expression.IsDistinct(
                    new Expression.Literal(l.get(asked.get(key))), new Expression.Literal(r.get(key)), true))
                    .toList());
            return writer.expression(all) + more.map(one -> " AND " + one.with(l, r)).orElse("");
        }
    }
}
