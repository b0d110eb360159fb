package lunko.engine;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.table.Value;

/**
 * The rows of a stage in an order.
 *
 * @param by what it is sorted by
 * @param keys for each row of the input, the values that it is sorted by
 * @param from for each row, the row of the input that it is
 */
public record Ordering(Stage input, By by, List<List<Value>> keys, List<Integer> from, List<List<Value>> rows)
        implements Resorted {

    /**
     * What rows are sorted by.
     *
     * @param sql it as SQL
     * @param columns those of the columns, counted from 0, that are among it
     */
    public record By(String sql, Set<Integer> columns) {}

    /** One of the things that rows are sorted by; NULL is where {@code nullsFirst} puts it. */
    public record Order(boolean descending, boolean nullsFirst) implements Comparator<Value> {

        @Override
        public int compare(Value one, Value other) {
            if (one.isNull() || other.isNull()) {
                int nullLast = Boolean.compare(one.isNull(), other.isNull());
                return nullsFirst ? -nullLast : nullLast;
            }
            return descending ? ValueOrder.VALUES.compare(other, one) : ValueOrder.VALUES.compare(one, other);
        }
    }

    /** Sorts; rows that are equal in everything asked for keep their order. */
    public static Ordering of(Stage input, By by, List<Order> orders, List<List<Value>> keys) {
        Comparator<Integer> order = (_, _) -> 0;
        for (int i = 0; i < orders.size(); i++) {
            int key = i;
            order = order.thenComparing(row -> keys.get(row).get(key), orders.get(i));
        }
        List<Integer> from = IntStream.range(0, keys.size()).boxed().sorted(order).toList();
        return new Ordering(input, by, keys, from, from.stream().map(input.rows()::get).toList());
    }

    @Override
    public UnaryStage over(Stage same) {
        return new Ordering(same, by, keys, from, rows);
    }

    @Override
    public Set<Integer> deciding() {
        return by.columns();
    }
}
