package lunko.table;

import java.util.ArrayList;
import java.util.List;

/** A row: its values in the order of the columns, and an id that stays its own while the table is edited. */
public record Row(long id, List<Value> values) {

    /** Keeps its values as they are. */
    public Row {
        values = List.copyOf(values);
    }

    /** The value in a column, counted from 0. */
    public Value value(int column) {
        return values.get(column);
    }

    /** The same row with another value in one column. */
    public Row with(int column, Value value) {
        List<Value> changed = new ArrayList<>(values);
        changed.set(column, value);
        return new Row(id, changed);
    }
}
