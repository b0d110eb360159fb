package lunko.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A row: its values in the order of the columns, and an id that stays its own while the table is edited.
 *
 * @param misfits what was typed into columns, counted from 0, that it does not fit; the value there is NULL
 */
public record Row(long id, List<Value> values, Map<Integer, String> misfits) {

    /** Keeps its values as they are. */
    public Row {
        values = List.copyOf(values);
        misfits = Map.copyOf(misfits);
    }

    /** A row in which all values fit. */
    public Row(long id, List<Value> values) {
        this(id, values, Map.of());
    }

    /** A row of what stands in its cells. */
    public static Row of(long id, List<Entry> entries) {
        Map<Integer, String> misfits = new HashMap<>();
        for (int i = 0; i < entries.size(); i++) {
            int column = i;
            entries.get(i).misfit().ifPresent(typed -> misfits.put(column, typed));
        }
        return new Row(id, entries.stream().map(Entry::value).toList(), misfits);
    }

    /** The value in a column, counted from 0. */
    public Value value(int column) {
        return values.get(column);
    }

    /** What stands in the cell of a column, counted from 0. */
    public Entry entry(int column) {
        return new Entry(values.get(column), Optional.ofNullable(misfits.get(column)));
    }

    /** What stands in the cells, in the order of the columns. */
    public List<Entry> entries() {
        return IntStream.range(0, values.size()).mapToObj(this::entry).toList();
    }

    /** The values, and where something does not fit, the text that was typed: for a file that has no types. */
    public List<Value> written() {
        return misfits.isEmpty() ? values : IntStream.range(0, values.size())
                .mapToObj(column -> misfits.containsKey(column) ? Value.of(misfits.get(column)) : values.get(column))
                .toList();
    }

    /** The same row with something else in one cell. */
    public Row with(int column, Entry entry) {
        List<Value> changed = new ArrayList<>(values);
        changed.set(column, entry.value());
        if (misfits.isEmpty() && entry.misfit().isEmpty()) return new Row(id, changed);
        Map<Integer, String> now = new HashMap<>(misfits);
        entry.misfit().ifPresentOrElse(typed -> now.put(column, typed), () -> now.remove(column));
        return new Row(id, changed, now);
    }
}
