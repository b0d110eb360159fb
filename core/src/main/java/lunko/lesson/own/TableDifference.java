package lunko.lesson.own;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;

/** What differs between two states of a table: columns first, then rows, then cells, so that each finds its place. */
final class TableDifference {
    private final Table base;
    private final Table now;
    private final long lowest;
    private final List<TableChange> changes = new ArrayList<>();

    private TableDifference(Table base, Table now, long lowest) {
        this.base = base;
        this.now = now;
        this.lowest = lowest;
    }

    /** What makes one state of a table the other; rows that are new get ids below the lowest that is taken. */
    static List<TableChange> between(Table base, Table now, long lowest) {
        TableDifference difference = new TableDifference(base, now, lowest);
        difference.columns();
        difference.rows(Merged.of(base, difference.changes).table());
        return List.copyOf(difference.changes);
    }

    private void columns() {
        Set<String> stay = inOrder(base.columns().stream().map(Column::name).toList(),
                now.columns().stream().map(Column::name).toList());
        Map<String, Column> others = new HashMap<>();
        now.columns().stream().filter(column -> stay.contains(column.name()))
                .forEach(column -> others.put(column.name(), column));
        // A table is never without a column: where none stays, the first becomes the first.
        if (stay.isEmpty()) others.put(base.columns().getFirst().name(), now.columns().getFirst());
        for (Column was : base.columns()) {
            Column is = others.get(was.name());
            if (is != null && !is.equals(was)) changes.add(new TableChange.ColumnOther(base.name(), was, is));
        }
        base.columns().stream().filter(column -> !others.containsKey(column.name()))
                .forEach(column -> changes.add(new TableChange.ColumnGone(base.name(), column)));
        for (int at = 0; at < now.columns().size(); at++) {
            Column column = now.columns().get(at);
            if (!others.containsValue(column)) changes.add(new TableChange.ColumnAdded(base.name(), at, column));
        }
    }

    private void rows(Table columned) {
        Map<Long, Row> there = new HashMap<>();
        columned.rows().forEach(row -> there.put(row.id(), row));
        Set<Long> stay = inOrder(columned.rows().stream().map(Row::id).toList(),
                now.rows().stream().map(Row::id).toList());
        for (Row row : columned.rows())
            if (!stay.contains(row.id())) changes.add(new TableChange.RowGone(base.name(), row));
        long free = Math.min(lowest, now.rows().stream().mapToLong(Row::id).min().orElse(0)) - 1;
        for (int at = 0; at < now.rows().size(); at++) {
            Row row = now.rows().get(at);
            if (stay.contains(row.id())) continue;
            long id = row.id() < 0 ? row.id() : free--;
            changes.add(new TableChange.RowAdded(base.name(), at, new Row(id, row.values(), row.misfits())));
        }
        for (Row row : now.rows()) if (stay.contains(row.id())) cells(there.get(row.id()), row);
    }

    private void cells(Row was, Row is) {
        if (was == is) return;
        IntStream.range(0, now.columns().size()).filter(column -> !was.entry(column).equals(is.entry(column)))
                .forEach(column -> changes.add(new TableChange.CellOther(base.name(), is.id(),
                        now.columns().get(column).name(), was.entry(column), is.entry(column))));
    }

    /** The most of what both lists have that stands in the same order in both. */
    private static <T> Set<T> inOrder(List<T> one, List<T> other) {
        Map<T, Integer> places = new HashMap<>();
        for (int i = 0; i < one.size(); i++) places.put(one.get(i), i);
        List<T> common = other.stream().filter(places::containsKey).toList();
        // The longest rising row of places: at each length, the one that ends lowest.
        TreeSet<Integer> ends = new TreeSet<>();
        Map<Integer, Integer> before = new HashMap<>();
        for (T each : common) {
            int place = places.get(each);
            Integer higher = ends.ceiling(place);
            Integer lower = ends.lower(place);
            if (lower != null) before.put(place, lower);
            if (higher != null) ends.remove(higher);
            ends.add(place);
        }
        Set<T> stay = new HashSet<>();
        Integer place = ends.isEmpty() ? null : ends.last();
        while (place != null) {
            stay.add(one.get(place));
            place = before.get(place);
        }
        return stay;
    }
}
