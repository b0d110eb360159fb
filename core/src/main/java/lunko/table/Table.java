package lunko.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A table: a name, columns, and rows in a fixed order. A row's id is never given to another row of the table.
 */
public record Table(String name, List<Column> columns, List<Row> rows, long nextId) {

    /** Says what comes into a cell; row and column are counted from 0. */
    @FunctionalInterface
    public interface CellChange {
        /** What comes into a cell that has this now. */
        Entry at(int row, int column, Entry now);
    }

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

    /** The same table with other rows, whose ids are below the next one. */
    public Table withRows(List<Row> other) {
        return new Table(name, columns, other, nextId);
    }

    /** The same table with one more row at its end. */
    public Table plus(Value... values) {
        return plus(Arrays.asList(values));
    }

    /** The same table with one more row at its end. */
    public Table plus(List<Value> values) {
        return inserting(rows.size(), List.of(values.stream().map(Entry::of).toList()));
    }

    /** The same table with more rows from a place on, counted from 0; they get ids that no row has had. */
    public Table inserting(int at, List<List<Entry>> more) {
        List<Row> all = new ArrayList<>(rows);
        all.addAll(at, IntStream.range(0, more.size()).mapToObj(i -> Row.of(nextId + i, more.get(i))).toList());
        return new Table(name, columns, all, nextId + more.size());
    }

    /** A row for this table with NULL in every column. */
    public List<Entry> blank() {
        return Collections.nCopies(columns.size(), Entry.NULL);
    }

    /** The same table without the row of this id; the same table where it has no such row. */
    public Table minus(long rowId) {
        return withRows(rows.stream().filter(row -> row.id() != rowId).toList());
    }

    /** The same table without the rows from one place to another, counted from 0, both included. */
    public Table minusRows(int first, int last) {
        return withRows(
                Stream.concat(rows.subList(0, first).stream(), rows.subList(last + 1, rows.size()).stream()).toList());
    }

    /**
     * The same table with the rows from one place to another so many places farther down, or up where that is negative.
     */
    public Table movingRows(int first, int last, int by) {
        return withRows(moved(rows, first, last, by));
    }

    /** The same table with another value in one cell. */
    public Table with(long rowId, int column, Value value) {
        return with(rowId, column, Entry.of(value));
    }

    /** The same table with something else in one cell. */
    public Table with(long rowId, int column, Entry entry) {
        OptionalInt at = position(rowId);
        if (at.isEmpty()) return this;
        List<Row> changed = new ArrayList<>(rows);
        changed.set(at.getAsInt(), changed.get(at.getAsInt()).with(column, entry));
        return withRows(changed);
    }

    /** The same table with something else in each cell of a block; cells that the table has not are left out. */
    public Table changing(Block block, CellChange change) {
        List<Row> changed = new ArrayList<>(rows);
        for (int row = block.firstRow(); row <= Math.min(block.lastRow(), rows.size() - 1); row++) {
            List<Entry> entries = new ArrayList<>(changed.get(row).entries());
            for (int column = block.firstColumn(); column <= Math.min(block.lastColumn(), columns.size() - 1);
                    column++) {
                entries.set(column, change.at(row, column, entries.get(column)));
            }
            changed.set(row, Row.of(changed.get(row).id(), entries));
        }
        return withRows(changed);
    }

    /** The same table with one more column at a place, NULL in every row. */
    public Table insertingColumn(int at, Column column) {
        return withColumns(adding(columns, at, column), entries -> adding(entries, at, Entry.NULL));
    }

    /** The same table without a column. */
    public Table minusColumn(int at) {
        return withColumns(without(columns, at), entries -> without(entries, at));
    }

    /** The same table with a column so many places farther right, or left where that is negative. */
    public Table movingColumn(int at, int by) {
        return withColumns(moved(columns, at, at, by), entries -> moved(entries, at, at, by));
    }

    /**
     * The same table with another column at a place. If its type or its size is another, each cell is read again as if
     * it were typed.
     */
    public Table withColumn(int at, Column column) {
        Column before = columns.get(at);
        List<Column> changed = new ArrayList<>(columns);
        changed.set(at, column);
        Table renamed = new Table(name, changed, rows, nextId);
        return before.type() == column.type() && before.size().equals(column.size()) ? renamed
                : renamed.changing(Block.column(this, at), (_, _, now) -> column.entry(before.typed(now)));
    }

    /** The same table, its columns of any size where they have a value that is larger than theirs. */
    public Table makingRoom() {
        Table roomy = this;
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            int at = i;
            if (column.size() instanceof TypeSize.Any
                    || rows.stream().map(row -> row.value(at)).allMatch(column::holds))
                continue;
            roomy = roomy.withColumn(i, column.sized(new TypeSize.Any()));
        }
        return roomy;
    }

    private Table withColumns(List<Column> other, UnaryOperator<List<Entry>> change) {
        return new Table(name, other, rows.stream().map(row -> Row.of(row.id(), change.apply(row.entries()))).toList(),
                nextId);
    }

    private static <T> List<T> adding(List<T> all, int at, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(at, one);
        return more;
    }

    private static <T> List<T> without(List<T> all, int at) {
        List<T> less = new ArrayList<>(all);
        less.remove(at);
        return less;
    }

    private static <T> List<T> moved(List<T> all, int first, int last, int by) {
        List<T> moved = new ArrayList<>(all);
        if (by >= 0) Collections.rotate(moved.subList(first, Math.min(last + by + 1, all.size())), -(last - first + 1));
        else Collections.rotate(moved.subList(Math.max(0, first + by), last + 1), last - first + 1);
        return moved;
    }

    /** The same table under another name. */
    public Table named(String other) {
        return new Table(other, columns, rows, nextId);
    }

    /** The same table with an id of its own for each row that has only a negative one. */
    public Table numbered() {
        List<Row> all = new ArrayList<>();
        long next = nextId;
        for (Row row : rows) all.add(row.id() < 0 ? new Row(next++, row.values(), row.misfits()) : row);
        return next == nextId ? this : new Table(name, columns, all, next);
    }

    /** The same table without what was typed and does not fit: NULL stands there. */
    public Table fitting() {
        return withRows(
                rows.stream().map(row -> row.misfits().isEmpty() ? row : new Row(row.id(), row.values())).toList());
    }

    /** Where the column of this name stands, counted from 0. As in SQL, case does not matter. */
    public OptionalInt column(String columnName) {
        return IntStream.range(0, columns.size())
                .filter(i -> SameName.of(columns.get(i).name(), columnName)).findFirst();
    }

    /** The columns that tell its rows apart, counted from 0; none if no key is named. */
    public List<Integer> key() {
        return IntStream.range(0, columns.size()).filter(i -> columns.get(i).key()).boxed().toList();
    }

    /** Whether a column has no value in any row. */
    public boolean isBlank(int column) {
        return rows.stream().allMatch(row -> row.value(column).isNull() && !row.misfits().containsKey(column));
    }

    /** Where the row of this id stands, counted from 0. */
    public OptionalInt position(long rowId) {
        return IntStream.range(0, rows.size()).filter(i -> rows.get(i).id() == rowId).findFirst();
    }
}
