package lunko.lesson.own;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.SameName;
import lunko.table.Table;

/**
 * A table of the lesson with the changes of a scene done to it.
 *
 * @param unfit the changes that speak of what is not there any more; they are left out
 */
record Merged(Table table, List<TableChange> unfit) {

    /** Does changes to a table: those of columns first, each after the other, then those of rows and cells. */
    static Merged of(Table base, List<TableChange> changes) {
        List<TableChange> unfit = new ArrayList<>();
        Table columned = base;
        for (TableChange change : changes) {
            if (!isOfColumns(change)) continue;
            if (fits(columned, change)) columned = on(columned, change);
            else unfit.add(change);
        }
        return new Merged(rows(columned, changes, unfit), List.copyOf(unfit));
    }

    private static boolean isOfColumns(TableChange change) {
        return switch (change) {
            case TableChange.ColumnGone _,TableChange.ColumnOther _,TableChange.ColumnAdded _ -> true;
            case TableChange.RowGone _,TableChange.RowAdded _,TableChange.CellOther _ -> false;
        };
    }

    private static boolean fits(Table to, TableChange change) {
        return switch (change) {
            case TableChange.ColumnGone(_, Column column) -> has(to, column) && to.columns().size() > 1;
            case TableChange.ColumnOther(_, Column was, Column now) ->
                has(to, was) && (SameName.of(was.name(), now.name()) || to.column(now.name()).isEmpty());
            case TableChange.ColumnAdded(_, _, Column column) -> to.column(column.name()).isEmpty();
            case TableChange.RowGone _,TableChange.RowAdded _,TableChange.CellOther _ -> false;
        };
    }

    private static boolean has(Table table, Column column) {
        return table.column(column.name()).stream().anyMatch(at -> table.columns().get(at).equals(column));
    }

    private static Table on(Table to, TableChange change) {
        return switch (change) {
            case TableChange.ColumnGone(_, Column column) -> to.minusColumn(to.column(column.name()).orElseThrow());
            case TableChange.ColumnOther(_, Column was, Column now) ->
                to.withColumn(to.column(was.name()).orElseThrow(), now);
            case TableChange.ColumnAdded(_, int at, Column column) ->
                to.insertingColumn(Math.min(at, to.columns().size()), column);
            case TableChange.RowGone _,TableChange.RowAdded _,TableChange.CellOther _ -> to;
        };
    }

    private static Table rows(Table columned, List<TableChange> changes, List<TableChange> unfit) {
        Map<Long, Row> rows = new LinkedHashMap<>();
        columned.rows().forEach(row -> rows.put(row.id(), row));
        List<TableChange.RowAdded> added = new ArrayList<>();
        for (TableChange change : changes) {
            boolean fits = switch (change) {
                case TableChange.RowGone(_, Row row) -> rows.remove(row.id(), row);
                case TableChange.CellOther cell -> change(rows, columned, cell);
                case TableChange.RowAdded(_, _, Row row) when row.values().size() != columned.columns().size() -> false;
                case TableChange.RowAdded one -> added.add(one);
                case TableChange.ColumnGone _,TableChange.ColumnOther _,TableChange.ColumnAdded _ -> true;
            };
            if (!fits) unfit.add(change);
        }
        List<Row> all = new ArrayList<>(rows.values());
        added.forEach(one -> all.add(Math.min(one.at(), all.size()), one.row()));
        return columned.withRows(all).makingRoom();
    }

    private static boolean change(Map<Long, Row> rows, Table table, TableChange.CellOther cell) {
        OptionalInt column = table.column(cell.column());
        Row row = rows.get(cell.rowId());
        if (column.isEmpty() || row == null || !row.entry(column.getAsInt()).equals(cell.was())) return false;
        rows.put(cell.rowId(), row.with(column.getAsInt(), cell.now()));
        return true;
    }
}
