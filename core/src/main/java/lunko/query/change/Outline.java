package lunko.query.change;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.SyntaxFault;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.query.sql.SqlParser;
import lunko.query.sql.Statement;
import lunko.table.Column;
import lunko.table.FreeName;
import lunko.table.Table;

/**
 * What a query that is one SELECT is put together of, to be changed piece by piece.
 *
 * @param tables the tables of its FROM, from left to right
 * @param items the columns it shows; all of the tables, where it says *
 */
public record Outline(List<OutlinedTable> tables, List<SelectItem.Item> items) {

    /** A table of FROM: its own name and what it is called in the query, and its columns as they are named there. */
    public record OutlinedTable(String table, Name called, List<ColumnName> columns) {}

    /** The outline of a query over tables; nothing, if it puts several together. */
    public static Optional<Outline> of(QueryExpression query, List<Table> all) {
        List<Table> tables = query.inSight(all);
        if (!(query.body() instanceof QueryBody.Select select)) return Optional.empty();
        List<OutlinedTable> named =
                Joins.tables(select.from()).stream().flatMap(item -> named(item, tables).stream()).toList();
        List<ColumnName> columns =
                Joins.of(query).stream().anyMatch(MergedColumns::merges) ? MergedColumns.all(select.from(), tables)
                        : named.stream().flatMap(table -> table.columns().stream()).toList();
        return Optional
                .of(new Outline(named, select.items().stream().flatMap(item -> items(item, named, columns)).toList()));
    }

    static Optional<OutlinedTable> named(FromItem item, List<Table> tables) {
        if (!(item instanceof FromItem.NamedTable(Name own, Optional<Name> alias))) return Optional.empty();
        Name called = alias.orElse(own);
        return tables.stream().filter(table -> own.means(table.name())).findFirst().map(table -> new OutlinedTable(
                table.name(),
                called,
                table.columns().stream().map(Column::name).map(column -> ColumnName.of(called, column)).toList()));
    }

    private static Stream<SelectItem.Item> items(SelectItem item, List<OutlinedTable> tables, List<ColumnName> all) {
        return switch (item) {
            case SelectItem.Everything _ -> all.stream().map(Outline::item);
            case SelectItem.EverythingOf(Name wanted) ->
                tables.stream().filter(table -> wanted.means(table.called().text()))
                        .flatMap(table -> table.columns().stream()).map(Outline::item);
            case SelectItem.Item one -> Stream.of(one);
        };
    }

    /** A column as an item of SELECT. */
    public static SelectItem.Item item(ColumnName column) {
        return new SelectItem.Item(column, Optional.empty());
    }

    /** All columns of all tables. */
    public List<ColumnName> columns() {
        return tables.stream().flatMap(table -> table.columns().stream()).toList();
    }

    /** Of all tables, the one that has one of these columns. */
    Optional<Table> table(ColumnName column, List<Table> all) {
        return tables.stream().filter(named -> named.columns().contains(column)).findFirst()
                .flatMap(named -> all.stream().filter(table -> table.name().equals(named.table())).findFirst());
    }

    /** The columns that are not shown as they are. */
    public List<ColumnName> hidden() {
        return columns().stream().filter(column -> items.stream().noneMatch(item -> means(item.expression(), column)))
                .toList();
    }

    /**
     * Whether an expression is a column, in whatever case, and by its own name alone where no other table has one of
     * that name.
     */
    boolean means(Expression expression, ColumnName column) {
        return expression instanceof ColumnName(Optional<Name> table, Name own) && own.means(column.column().text())
                && table.map(name -> column.table().filter(of -> name.means(of.text())).isPresent())
                        .orElseGet(() -> columns().stream().filter(other -> own.means(other.column().text())).count()
                                == 1);
    }

    /** A name for one more table that no other has: its first letter, or that with a number. */
    public Name free(String table) {
        String initial = table.substring(0, table.offsetByCodePoints(0, 1)).toLowerCase(Locale.ROOT);
        String stem = Character.isLetter(initial.codePointAt(0)) ? initial : "t";
        return Name.of(FreeName.of(stem, "",
                name -> tables.stream().anyMatch(other -> other.called().means(name))));
    }

    /** The condition that a text is; a problem where it is none. */
    public static Checked<Expression> condition(String text) {
        return new SqlParser(new Origin.Condition()).parse("SELECT 1 WHERE " + text)
                .then(script -> script.statements().size() == 1
                        && script.statements().getFirst() instanceof Statement.Query(QueryExpression query)
                        && query.body() instanceof QueryBody.Select select && select.where().isPresent()
                        && query.equals(QueryExpression.of(select)) && select.groupBy().isEmpty()
                        && select.having().isEmpty()
                                ? Checked.valid(select.where().get())
                                : Checked.invalid(new SyntaxFault.NoCondition()));
    }
}
