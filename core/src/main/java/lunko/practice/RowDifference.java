package lunko.practice;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lunko.engine.Stage;
import lunko.insight.comparison.Sameness;
import lunko.table.Value;

/**
 * By which rows two results with as many columns differ.
 *
 * @param missing those of the first that are not in the other
 * @param tooMany those of the other that are not in the first
 * @param often those of both that come another number of times
 */
record RowDifference(List<List<Value>> missing, List<List<Value>> tooMany, List<Often> often) {

    /** A row, and how many times it is wanted and given. */
    record Often(List<Value> row, long wanted, long given) {}

    static RowDifference of(Stage wanted, Stage given) {
        List<Integer> columns = Sameness.columns(wanted, given);
        boolean named = columns.size() == wanted.headings().size();
        Map<List<Value>, Long> left = counted(wanted.rows());
        Map<List<Value>, Long> right = counted(named ? given.rows().stream()
                .<List<Value>>map(row -> columns.stream().map(row::get).toList()).toList() : given.rows());
        return new RowDifference(
                left.keySet().stream().filter(row -> !right.containsKey(row)).toList(),
                right.keySet().stream().filter(row -> !left.containsKey(row)).toList(),
                left.keySet().stream().filter(row -> right.containsKey(row) && !right.get(row).equals(left.get(row)))
                        .map(row -> new Often(row, left.get(row), right.get(row))).toList());
    }

    private static Map<List<Value>, Long> counted(List<List<Value>> rows) {
        Map<List<Value>, Long> counted = new LinkedHashMap<>();
        rows.forEach(row -> counted.merge(row, 1L, Long::sum));
        return counted;
    }

    /** A row as it is said. */
    static List<String> said(List<Value> row) {
        return row.stream().map(Value::sql).toList();
    }
}
