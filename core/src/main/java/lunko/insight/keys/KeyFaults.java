package lunko.insight.keys;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import lunko.engine.ValueOrder;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * The rows of a table that break what is meant to hold for its columns; counted from 0.
 *
 * @param twice rows that have the key of an earlier row, or whose key a later row has again
 * @param missing for a row, the columns that are NULL and may not be
 */
public record KeyFaults(Set<Integer> twice, Map<Integer, List<Integer>> missing) {

    /** Looks at all rows of a table. */
    public static KeyFaults of(Table table) {
        Map<Integer, List<Integer>> missing = new HashMap<>();
        List<Integer> needed = IntStream.range(0, table.columns().size())
                .filter(i -> !table.columns().get(i).nullable()).boxed().toList();
        if (!needed.isEmpty()) {
            for (int row = 0; row < table.rows().size(); row++) {
                Row values = table.rows().get(row);
                List<Integer> nulls = needed.stream().filter(column -> values.value(column).isNull()).toList();
                if (!nulls.isEmpty()) missing.put(row, nulls);
            }
        }
        return new KeyFaults(twice(table, table.key()), missing);
    }

    /** Whether no two rows have the same values in these columns, nulls aside. */
    public static boolean tellRowsApart(Table table, List<Integer> columns) {
        return twice(table, columns).isEmpty();
    }

    private static Set<Integer> twice(Table table, List<Integer> columns) {
        Set<Integer> twice = new TreeSet<>();
        if (columns.isEmpty()) return twice;
        Map<List<Object>, Integer> first = HashMap.newHashMap(table.rows().size());
        for (int row = 0; row < table.rows().size(); row++) {
            Row values = table.rows().get(row);
            List<Value> key = columns.stream().map(values::value).toList();
            if (key.stream().anyMatch(Value::isNull)) continue;
            Integer earlier = first.putIfAbsent(ValueOrder.identity(key), row);
            if (earlier != null) twice.addAll(List.of(earlier, row));
        }
        return twice;
    }

    /** Whether everything holds that is meant to. */
    public boolean isNone() {
        return twice.isEmpty() && missing.isEmpty();
    }
}
