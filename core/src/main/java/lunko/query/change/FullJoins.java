package lunko.query.change;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem.JoinedTable;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Compound;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Table;
import lunko.table.Value;

/**
 * FULL JOIN said by UNION ALL: the left join, and then the right rows without a match, which are those of the right
 * join whose left key is NULL. Where a join around it takes only rows that have one of its sides, it is a left or right
 * join anyway.
 */
final class FullJoins {
    private final Outline outline;
    private final int tables;

    private FullJoins(Outline outline, int tables) {
        this.outline = outline;
        this.tables = tables;
    }

    /** A query without FULL JOIN; nothing, where Lunko knows no way to say it so. */
    static Optional<QueryExpression> without(QueryExpression query, List<Table> tables) {
        if (Joins.of(query).stream().noneMatch(joined -> joined.kind() == JoinKind.FULL_OUTER))
            return Optional.of(query);
        return query.body() instanceof Select select && select.groupBy().isEmpty() && select.having().isEmpty()
                && select.items().stream().noneMatch(FullJoins::counts)
                        ? Outline.of(query, tables)
                                .flatMap(outline -> new FullJoins(outline, Joins.tables(select.from()).size())
                                        .without(query, select))
                        : Optional.empty();
    }

    private static boolean counts(SelectItem item) {
        return item instanceof SelectItem.Item(Expression expression, var _) && expression.isOfGroup();
    }

    private Optional<QueryExpression> without(QueryExpression query, Select select) {
        List<Select> branches = branches(select);
        if (branches.size() == 1) return Optional
                .of(query.selecting(branches.getFirst()));
        Optional<QueryBody> union = branches.stream().<QueryBody>map(branch -> branch)
                .reduce((one, other) -> new Compound(SetOperator.UNION, !select.distinct(), one, other));
        List<SortKey> order = query.orderBy().stream().flatMap(key -> ofResult(key).stream()).toList();
        return union.filter(_ -> order.size() == query.orderBy().size())
                .map(all -> query.selecting(all).sortedBy(order));
    }

    /** A sort key as one of a UNION, which can be sorted by the columns of its result only. */
    private Optional<SortKey> ofResult(SortKey key) {
        if (key.by() instanceof Expression.Literal || isOfResult(key.by())) return Optional.of(key);
        // Of a query in FROM it is not known how many columns it has.
        if (outline.tables().size() < tables) return Optional.empty();
        OptionalInt place = IntStream.range(0, outline.items().size())
                .filter(i -> isSame(key.by(), outline.items().get(i).expression())).findFirst();
        return place.isPresent() ? Optional
                .of(new SortKey(new Expression.Literal(Value.of(place.getAsInt() + 1)), key.descending(), key.nulls()))
                : Optional.empty();
    }

    private boolean isOfResult(Expression by) {
        return by instanceof ColumnName(Optional<Name> table, Name column) && table.isEmpty()
                && outline.items().stream().filter(item -> item.name().map(name -> name.means(column.text()))
                        .orElseGet(() -> item.expression() instanceof ColumnName(var _, Name own)
                                && own.means(column.text())))
                        .count() == 1;
    }

    private boolean isSame(Expression one, Expression other) {
        return one.equals(other) || other instanceof ColumnName column && outline.means(one, column);
    }

    /** The SELECTs whose rows together are those of this one; none, where it cannot be said so. */
    private List<Select> branches(Select select) {
        List<FromItem> from = select.from().stream().map(this::narrowed).toList();
        Optional<JoinedTable> full = from.stream().flatMap(item -> kept(item).stream()).findFirst();
        if (full.isEmpty()) return Joins.in(from).stream().anyMatch(joined -> joined.kind() == JoinKind.FULL_OUTER)
                ? List.of() : List.of(with(select, from, select.where()));
        JoinedTable joined = full.get();
        Optional<ColumnName> key = required(joined).stream().filter(column -> isOf(column, joined.left())).findFirst();
        if (key.isEmpty()) return List.of();
        List<FromItem> lefts = Joins.changed(from, joined,
                _ -> new JoinedTable(joined.left(), JoinKind.LEFT_OUTER, joined.right(), joined.specification()));
        List<FromItem> rights =
                Joins.changed(from, joined, _ -> new JoinedTable(narrowed(joined.left(), List.of(key.get())),
                        JoinKind.RIGHT_OUTER, joined.right(), joined.specification()));
        Expression alone = new Expression.IsNull(key.get(), false);
        Expression where = Expression.all(Stream
                .concat(Stream.of(alone), select.where().stream().flatMap(condition -> condition.conjuncts().stream()))
                .toList());
        List<Select> first = branches(with(select, lefts, select.where()));
        List<Select> then = branches(with(select, rights, Optional.of(where)));
        return first.isEmpty() || then.isEmpty() ? List.of() : Stream.concat(first.stream(), then.stream()).toList();
    }

    private static Select with(Select select, List<FromItem> from, Optional<Expression> where) {
        return new Select(select.distinct(), select.items(), from, where, List.of(), Optional.empty());
    }

    /** A full join whose rows all come through the joins around it, each by itself. */
    private static Optional<JoinedTable> kept(FromItem item) {
        if (!(item instanceof JoinedTable joined)) return Optional.empty();
        return switch (joined.kind()) {
            case FULL_OUTER -> Optional.of(joined);
            case INNER, CROSS -> kept(joined.left()).or(() -> kept(joined.right()));
            case LEFT_OUTER -> kept(joined.left());
            case RIGHT_OUTER -> kept(joined.right());
            case LEFT_SEMI, RIGHT_SEMI, LEFT_ANTI, RIGHT_ANTI, FULL_ANTI -> Optional.empty();
        };
    }

    /**
     * A table of FROM in which full joins are left, right or inner joins where the conditions of the joins around them
     * take only such rows.
     */
    private FromItem narrowed(FromItem item) {
        if (!(item instanceof JoinedTable joined)) return item;
        List<ColumnName> required = required(joined);
        FromItem left = narrowed(joined.left());
        FromItem right = narrowed(joined.right());
        if (joined.kind() == JoinKind.INNER || joined.kind() == JoinKind.RIGHT_OUTER) left = narrowed(left, required);
        if (joined.kind() == JoinKind.INNER || joined.kind() == JoinKind.LEFT_OUTER) right = narrowed(right, required);
        return rejoined(joined, left, joined.kind(), right);
    }

    /** The same of a table of which only rows are taken in which none of these columns is NULL. */
    private FromItem narrowed(FromItem item, List<ColumnName> required) {
        if (!(item instanceof JoinedTable joined)) return item;
        boolean left = required.stream().anyMatch(column -> isOf(column, joined.left()));
        boolean right = required.stream().anyMatch(column -> isOf(column, joined.right()));
        JoinKind kind = joined.kind() != JoinKind.FULL_OUTER ? joined.kind() : left && right ? JoinKind.INNER
                : left ? JoinKind.LEFT_OUTER : right ? JoinKind.RIGHT_OUTER : joined.kind();
        return rejoined(joined, narrowed(joined.left(), required), kind, narrowed(joined.right(), required));
    }

    private static FromItem rejoined(JoinedTable joined, FromItem left, JoinKind kind, FromItem right) {
        return left == joined.left() && kind == joined.kind() && right == joined.right() ? joined
                : new JoinedTable(left, kind, right, joined.specification());
    }

    /** Columns that are NULL in no pair of a join, because its condition would not be true. */
    private static List<ColumnName> required(JoinedTable joined) {
        return joined.specification() instanceof JoinSpecification.On(Expression condition)
                ? condition.conjuncts().stream().flatMap(FullJoins::required)
                        .filter(ColumnName.class::isInstance).map(ColumnName.class::cast).toList()
                : List.of();
    }

    private static Stream<Expression> required(Expression condition) {
        return switch (condition) {
            case Expression.Comparison _,Expression.Like _ -> condition.parts().stream();
            case Expression.Between between when !between.negated() -> condition.parts().stream();
            case Expression.IsNull(Expression of, boolean negated) when negated -> Stream.of(of);
            default -> Stream.empty();
        };
    }

    private boolean isOf(ColumnName column, FromItem item) {
        List<Name> called = Naming.allCalled(item);
        return outline.tables().stream().filter(table -> called.contains(table.called()))
                .flatMap(table -> table.columns().stream()).anyMatch(known -> outline.means(column, known));
    }
}
