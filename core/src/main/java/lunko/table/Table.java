package lunko.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * A table: a name, columns, and rows in a fixed order. A row's id is never given to another row of the table.
 */
public record Table(String name, List<Column> columns, List<Row> rows, long nextId) {

    /** Keeps its columns and rows as they are. */
    public Table {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** A table without rows. */
    public static Table empty(String name, Column... columns) {
        return new Table(name, Arrays.asList(columns), List.of(), 0);
    }

    /** A table whose rows hold these values, each row in the order of the columns. */
    public static Table of(String name, List<Column> columns, List<List<Value>> rows) {
        List<Row> numbered = IntStream.range(0, rows.size()).mapToObj(i -> new Row(i, rows.get(i))).toList();
        return new Table(name, columns, numbered, rows.size());
    }

    /** The same table with one more row at its end. */
    public Table plus(Value... values) {
        return plus(Arrays.asList(values));
    }

    /** The same table with one more row at its end. */
    public Table plus(List<Value> values) {
        List<Row> more = new ArrayList<>(rows);
        more.add(new Row(nextId, values));
        return new Table(name, columns, more, nextId + 1);
    }

    /** The same table with one more row at its end, NULL in every column. */
    public Table plusEmptyRow() {
        return plus(Collections.nCopies(columns.size(), Value.NULL));
    }

    /** The same table without the row of this id; the same table where it has no such row. */
    public Table minus(long rowId) {
        return new Table(name, columns, rows.stream().filter(row -> row.id() != rowId).toList(), nextId);
    }

    /** The same table with another value in one cell. */
    public Table with(long rowId, int column, Value value) {
        return new Table(name, columns,
                rows.stream().map(row -> row.id() == rowId ? row.with(column, value) : row).toList(), nextId);
    }

    /** The same table under another name. */
    public Table named(String other) {
        return new Table(other, columns, rows, nextId);
    }

    /** Where the column of this name stands, counted from 0. As in SQL, case does not matter. */
    public OptionalInt column(String columnName) {
        return IntStream.range(0, columns.size())
                .filter(i -> columns.get(i).name().equalsIgnoreCase(columnName)).findFirst();
    }

    /** Where the row of this id stands, counted from 0. */
    public OptionalInt position(long rowId) {
        return IntStream.range(0, rows.size()).filter(i -> rows.get(i).id() == rowId).findFirst();
    }
}
