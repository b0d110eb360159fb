package lunko.lesson.own;

import java.util.function.LongUnaryOperator;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;

/**
 * One thing by which a scene's own state of a table differs from the lesson's. It says what was there, so that it is
 * known whether it still fits. Columns are found by name and rows by id; places count from 0.
 */
public sealed interface TableChange {

    /** The id of a row that is not there any more; no row has it. */
    long GONE = Long.MIN_VALUE;

    /** The table, by name. */
    String table();

    /** A column that the lesson's table has and the scene's has not. */
    record ColumnGone(String table, Column column) implements TableChange {}

    /** A column that is another one: its type, or what is meant to hold for it. */
    record ColumnOther(String table, Column was, Column now) implements TableChange {}

    /** A column that the scene's table alone has; NULL stands in it where no cell says otherwise. */
    record ColumnAdded(String table, int at, Column column) implements TableChange {}

    /** A row that the lesson's table has and the scene's has not. */
    record RowGone(String table, Row row) implements TableChange {}

    /** A row that the scene's table alone has. Its id is negative, so that no row of the lesson ever has it. */
    record RowAdded(String table, int at, Row row) implements TableChange {}

    /** Something else in a cell. */
    record CellOther(String table, long rowId, String column, Entry was, Entry now) implements TableChange {}

    /** The same of a table under another name. */
    default TableChange renaming(String from, String to) {
        if (!table().equals(from)) return this;
        return switch (this) {
            case ColumnGone(_, Column column) -> new ColumnGone(to, column);
            case ColumnOther(_, Column was, Column now) -> new ColumnOther(to, was, now);
            case ColumnAdded(_, int at, Column column) -> new ColumnAdded(to, at, column);
            case RowGone(_, Row row) -> new RowGone(to, row);
            case RowAdded(_, int at, Row row) -> new RowAdded(to, at, row);
            case CellOther(_, long rowId, String column, Entry was, Entry now) ->
                new CellOther(to, rowId, column, was, now);
        };
    }

    /** The same with a column of the table under another name. */
    default TableChange renamingColumn(String of, String from, String to) {
        if (!table().equals(of)) return this;
        return switch (this) {
            case ColumnGone(_, Column column) -> new ColumnGone(of, renamed(column, from, to));
            case ColumnOther(_, Column was, Column now) ->
                new ColumnOther(of, renamed(was, from, to), renamed(now, from, to));
            case ColumnAdded(_, int at, Column column) -> new ColumnAdded(of, at, renamed(column, from, to));
            case CellOther(_, long rowId, String column, Entry was, Entry now) when column.equals(from) ->
                new CellOther(of, rowId, to, was, now);
            case RowGone _,RowAdded _,CellOther _ -> this;
        };
    }

    /** The same with rows known by other ids. */
    default TableChange numbering(LongUnaryOperator id) {
        return switch (this) {
            case RowGone(String table, Row row) ->
                new RowGone(table, new Row(id.applyAsLong(row.id()), row.values(), row.misfits()));
            case CellOther(String table, long rowId, String column, Entry was, Entry now) ->
                new CellOther(table, id.applyAsLong(rowId), column, was, now);
            case RowAdded(String table, int at, Row row) ->
                new RowAdded(table, at, new Row(id.applyAsLong(row.id()), row.values(), row.misfits()));
            case ColumnGone _,ColumnOther _,ColumnAdded _ -> this;
        };
    }

    private static Column renamed(Column column, String from, String to) {
        return column.name().equals(from) ? column.named(to) : column;
    }
}
