package lunko.desktop.grid;

import java.util.List;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import lunko.table.Entry;
import lunko.table.Row;

/** A place in a grid and the row that stands there: when the row is edited only its own cells are drawn again. */
public final class RowSlot {
    private static final Row NONE = new Row(-1, List.of());

    private final ReadOnlyObjectWrapper<Row> row;

    RowSlot(Row first) {
        row = new ReadOnlyObjectWrapper<>(first);
    }

    /** The place behind the last row, in which typing makes a new one. */
    static RowSlot ghost() {
        return new RowSlot(NONE);
    }

    boolean isGhost() {
        return row.get() == NONE;
    }

    ReadOnlyObjectProperty<Row> row() {
        return row.getReadOnlyProperty();
    }

    void set(Row now) {
        row.set(now);
    }

    /** What stands in a column, counted from 0; nothing in the place that has no row yet. */
    Entry entry(int column) {
        return isGhost() ? Entry.NULL : row.get().entry(column);
    }
}
