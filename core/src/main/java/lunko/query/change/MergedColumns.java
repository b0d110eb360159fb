package lunko.query.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression.Comparison;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem.JoinedTable;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Table;

/**
 * NATURAL and USING said by ON; a column that comes once is named by the side that has it (ISO/IEC 9075-2, joined
 * table).
 */
final class MergedColumns {

    /** A column that * means, and what it is in words that need no NATURAL; one without a table is merged of two. */
    private record Visible(String name, Optional<Name> table, Expression of) {}

    /** A table of FROM without NATURAL and USING, and its columns as they were with them. */
    private record Unmerged(FromItem item, List<Visible> columns) {}

    private final List<Table> tables;

    private MergedColumns(List<Table> tables) {
        this.tables = tables;
    }

    /** A query without NATURAL and USING; nothing, where Lunko knows no way to say it so. */
    static Optional<QueryExpression> without(QueryExpression query, List<Table> tables) {
        if (Joins.of(query).stream().noneMatch(MergedColumns::merges)) return Optional.of(query);
        return query.body() instanceof Select select ? new MergedColumns(query.inSight(tables)).without(query, select)
                : Optional.empty();
    }

    /** What * means in a FROM: a column that comes once has no table. */
    static List<ColumnName> all(List<FromItem> from, List<Table> tables) {
        return from.stream().flatMap(item -> new MergedColumns(tables).said(item).stream())
                .flatMap(said -> said.columns().stream())
                .map(column -> new ColumnName(column.table(), Name.of(column.name()))).toList();
    }

    static boolean merges(JoinedTable joined) {
        return joined.specification() instanceof JoinSpecification.Natural
                || joined.specification() instanceof JoinSpecification.Using;
    }

    private Optional<QueryExpression> without(QueryExpression query, Select select) {
        List<Unmerged> from = select.from().stream().flatMap(item -> said(item).stream()).toList();
        if (from.size() < select.from().size()) return Optional.empty();
        List<Visible> columns = from.stream().flatMap(said -> said.columns().stream()).toList();
        List<SelectItem> items = select.items().stream().flatMap(item -> items(item, columns)).toList();
        UnaryOperator<Expression> in = expression -> named(expression, columns);
        Select said = new Select(select.distinct(), items, from.stream().map(Unmerged::item).toList(),
                select.where().map(in), select.groupBy().stream().map(in).toList(), select.having().map(in));
        List<SortKey> order = query.orderBy().stream().map(key -> isOfResult(key.by(), items) ? key
                : new SortKey(in.apply(key.by()), key.descending(), key.nulls())).toList();
        boolean asks = Stream
                .of(select.items().stream().flatMap(MergedColumns::expressions), select.where().stream(),
                        select.having().stream(), query.orderBy().stream().map(SortKey::by))
                .flatMap(all -> all).anyMatch(MergedColumns::asksAQuery);
        // What a query within calls by a name may be a column of this one.
        return asks ? Optional.empty() : Optional.of(query.selecting(said).sortedBy(order));
    }

    private static Stream<Expression> expressions(SelectItem item) {
        return item instanceof SelectItem.Item(Expression expression, var _) ? Stream.of(expression) : Stream.empty();
    }

    private static boolean asksAQuery(Expression expression) {
        return expression instanceof Expression.Exists || expression instanceof Expression.InQuery
                || expression instanceof Expression.Quantified
                || expression instanceof Expression.ScalarQuery
                || expression.parts().stream().anyMatch(MergedColumns::asksAQuery);
    }

    private static boolean isOfResult(Expression by, List<SelectItem> items) {
        return by instanceof ColumnName(Optional<Name> table, Name column) && table.isEmpty()
                && items.stream().anyMatch(item -> item instanceof SelectItem.Item(var _, Optional<Name> name)
                        && name.filter(own -> own.means(column.text())).isPresent());
    }

    private Optional<Unmerged> said(FromItem item) {
        return switch (item) {
            case FromItem.NamedTable _ -> Outline.named(item, tables).map(table -> new Unmerged(item, table.columns()
                    .stream().map(column -> new Visible(column.column().text(), column.table(), column)).toList()));
            case FromItem.DerivedTable _ -> Optional.empty();
            case JoinedTable joined ->
                said(joined.left()).flatMap(left -> said(joined.right()).map(right -> said(joined, left, right)));
        };
    }

    private static Unmerged said(JoinedTable joined, Unmerged left, Unmerged right) {
        List<Visible> both = both(left.columns(), right.columns());
        return switch (joined.specification()) {
            case JoinSpecification.Nothing nothing ->
                new Unmerged(new JoinedTable(left.item(), joined.kind(), right.item(), nothing), both);
            case JoinSpecification.On(Expression condition) -> new Unmerged(new JoinedTable(left.item(), joined.kind(),
                    right.item(), new JoinSpecification.On(named(condition, both))), both);
            case JoinSpecification.Using(List<Name> names) -> merged(joined.kind(), left, right, names);
            case JoinSpecification.Natural _ -> merged(joined.kind(), left, right,
                    left.columns().stream().map(column -> Name.of(column.name()))
                            .filter(name -> right.columns().stream().anyMatch(column -> name.means(column.name())))
                            .toList());
        };
    }

    private static Unmerged merged(JoinKind kind, Unmerged left, Unmerged right, List<Name> names) {
        List<Visible> columns = new ArrayList<>();
        List<Expression> equal = new ArrayList<>();
        for (Name name : names) {
            Visible l = meant(left, name);
            Visible r = meant(right, name);
            equal.add(Comparison.equal(l.of(), r.of()));
            columns.add(new Visible(l.name(), Optional.empty(), once(kind, l.of(), r.of())));
        }
        both(left.columns(), right.columns()).stream()
                .filter(column -> names.stream().noneMatch(name -> name.means(column.name()))).forEach(columns::add);
        // Nothing in common: every row meets every row, and an outer join keeps its own where the other side has none.
        if (equal.isEmpty() && kind != JoinKind.INNER) equal.add(Expression.ALWAYS);
        return new Unmerged(
                equal.isEmpty()
                        ? new JoinedTable(left.item(), JoinKind.CROSS, right.item(), new JoinSpecification.Nothing())
                        : new JoinedTable(left.item(), kind, right.item(),
                                new JoinSpecification.On(Expression.all(equal))),
                columns);
    }

    private static Visible meant(Unmerged side, Name name) {
        return side.columns().stream().filter(column -> name.means(column.name())).findFirst().orElseThrow();
    }

    private static Expression once(JoinKind kind, Expression left, Expression right) {
        return switch (kind) {
            case RIGHT_OUTER -> right;
            case FULL_OUTER -> new Expression.Call(Name.of("COALESCE"), false, List.of(left, right));
            case INNER, LEFT_OUTER, CROSS, LEFT_SEMI, RIGHT_SEMI, LEFT_ANTI, RIGHT_ANTI, FULL_ANTI -> left;
        };
    }

    private static List<Visible> both(List<Visible> left, List<Visible> right) {
        return Stream.concat(left.stream(), right.stream()).toList();
    }

    private static Stream<SelectItem> items(SelectItem item, List<Visible> columns) {
        return switch (item) {
            case SelectItem.Everything _ ->
                columns.stream().map(column -> item(column.of(), Optional.empty(), column.name()));
            case SelectItem.EverythingOf _ -> Stream.of(item);
            case SelectItem.Item(Expression expression, Optional<Name> name) -> {
                Expression said = named(expression, columns);
                yield Stream.of(said == expression ? item
                        : item(said, name, expression instanceof ColumnName(var _, Name own) ? own.text() : ""));
            }
        };
    }

    /** An item under the name that it had. */
    private static SelectItem item(Expression expression, Optional<Name> name, String was) {
        boolean calledSo = was.isEmpty() || expression instanceof ColumnName(var _, Name own) && own.means(was);
        return new SelectItem.Item(expression, name.isPresent() || calledSo ? name : Optional.of(Name.of(was)));
    }

    /**
     * An expression in which a merged column is said by the side that has it; one that names none stays the object it
     * was.
     */
    private static Expression named(Expression expression, List<Visible> columns) {
        if (expression instanceof ColumnName(Optional<Name> table, Name column)) {
            return columns.stream()
                    .filter(merged -> table.isEmpty() && merged.table().isEmpty() && column.means(merged.name()))
                    .map(Visible::of).findFirst().orElse(expression);
        }
        Expression changed = expression.with(part -> named(part, columns));
        return changed.equals(expression) ? expression : changed;
    }
}
