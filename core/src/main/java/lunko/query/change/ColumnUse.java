package lunko.query.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression.Comparison;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Table;
import lunko.table.Value;

/** What a query that is one SELECT does with a column of one of its tables, and what else it could do with it. */
public record ColumnUse(QueryExpression query, Outline outline, ColumnName column) {

    /** The use of a column in a query over tables; nothing, if the query as a whole does not know it by that name. */
    public static Optional<ColumnUse> of(QueryExpression query, List<Table> tables, ColumnName column) {
        return Outline.of(query, tables)
                .flatMap(outline -> outline.columns().stream().filter(known -> outline.means(column, known)).findFirst()
                        .map(known -> new ColumnUse(query, outline, known)));
    }

    private Select select() {
        return (Select) query.body();
    }

    /** Whether the result has it, as it stands. */
    public boolean isShown() {
        return outline.items().stream().anyMatch(this::isIt);
    }

    private boolean isIt(SelectItem.Item item) {
        return outline.means(item.expression(), column);
    }

    /**
     * It shown, where the order of the tables has it, or not any more; nothing, where the result would be left without
     * columns.
     */
    public Optional<QueryChange> toggled() {
        List<SelectItem.Item> items = new ArrayList<>(outline.items());
        if (isShown()) items.removeIf(this::isIt);
        else items.add(place(items), Outline.item(column));
        return items.isEmpty() ? Optional.empty()
                : Optional.of(new QueryChange.Show(select().distinct(), List.copyOf(items)));
    }

    /** Before the first shown column that comes after it in the tables. */
    private int place(List<SelectItem.Item> items) {
        List<ColumnName> after =
                outline.columns().subList(outline.columns().indexOf(column) + 1, outline.columns().size());
        return IntStream.range(0, items.size())
                .filter(i -> after.stream().anyMatch(later -> outline.means(items.get(i).expression(), later)))
                .findFirst().orElse(items.size());
    }

    /** The key by which it sorts the rows, if they are sorted by it. */
    public Optional<SortKey> sorting() {
        return query.orderBy().stream().filter(this::isIt).findFirst();
    }

    private boolean isIt(SortKey key) {
        return outline.means(key.by(), column);
    }

    /** The rows sorted by it as well, the other way round, or, where no direction is given, not any more. */
    public QueryChange sorted(Optional<Boolean> descending) {
        Stream<SortKey> others = query.orderBy().stream().filter(key -> !isIt(key));
        return new QueryChange.SortBy(descending
                .map(down -> sorting().isPresent()
                        ? query.orderBy().stream()
                                .map(key -> isIt(key) ? new SortKey(key.by(), down, key.nulls()) : key)
                        : Stream.concat(others, Stream.of(new SortKey(column, down, Optional.empty()))))
                .orElse(others).toList());
    }

    /**
     * Conditions by which WHERE could take rows: that it equals a value that stands in it, one for each of so many,
     * that it is NULL, and that it is not.
     */
    public List<Expression> conditions(List<Table> tables, int most) {
        Stream<Value> some = Stream.concat(values(tables).stream().filter(value -> !value.isNull()).limit(most),
                Stream.of(Value.NULL));
        return Stream.concat(some.map(this::condition), Stream.of(new Expression.IsNull(column, true))).toList();
    }

    /** The condition that a value stands in it. */
    public Expression condition(Value value) {
        return value.isNull() ? new Expression.IsNull(column, false)
                : Comparison.equal(column, new Expression.Literal(value));
    }

    private List<Value> values(List<Table> tables) {
        return outline.table(column, tables).map(table -> {
            int at = table.column(column.column().text()).orElseThrow();
            return table.rows().stream().map(row -> row.value(at)).distinct().toList();
        }).orElse(List.of());
    }

    /** Only the rows for which a condition is true. */
    public static QueryChange keeping(Expression condition) {
        return new QueryChange.AddCondition(new ConditionSite.Where(), condition);
    }

    /**
     * A further table joined by it and a column of that table; nothing, where ON could not name it, because a comma
     * stands between.
     */
    public Optional<QueryChange> joining(String table, String other) {
        if (column.table().filter(Naming.allCalled(select().from().getLast())::contains).isEmpty())
            return Optional.empty();
        Name alias = outline.free(table);
        return Optional.of(
                new QueryChange.AddTable(JoinKind.INNER, new FromItem.NamedTable(Name.of(table), Optional.of(alias)),
                        new JoinSpecification.On(Comparison.equal(column, ColumnName.of(alias, other)))));
    }
}
