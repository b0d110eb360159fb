package lunko.engine;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.table.Value;

/**
 * The rows of tables that were joined in another order than that of the text, as if they had been joined in that.
 *
 * @param columns for each column, that of the input that it is
 * @param from for each row, the row of the input that it is
 */
public record Rearranged(Stage input, List<Integer> columns, List<Integer> from, List<Heading> headings,
        List<List<Value>> rows) implements Resorted {

    /**
     * Puts columns and rows in order.
     *
     * @param order which of two rows of the input, counted from 0, is the first
     */
    public static Rearranged of(Stage input, List<Integer> columns, Comparator<Integer> order) {
        List<Integer> from = IntStream.range(0, input.rows().size()).boxed().sorted(order).toList();
        return new Rearranged(input, columns, from, columns.stream().map(input.headings()::get).toList(),
                LazyList.kept(from.size(), row -> {
                    List<Value> values = input.rows().get(from.get(row));
                    return columns.stream().map(values::get).toList();
                }));
    }

    @Override
    public UnaryStage over(Stage same) {
        return new Rearranged(same, columns, from, headings, rows);
    }

    @Override
    public Set<Integer> deciding() {
        return Set.of();
    }

    @Override
    public boolean pads(int row, int column) {
        return input.pads(from.get(row), columns.get(column));
    }
}
