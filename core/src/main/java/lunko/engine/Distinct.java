package lunko.engine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import lunko.table.Value;

/**
 * The rows of a stage, each of the same values once.
 *
 * @param same for each row of the input, the row that it is or repeats
 * @param first for each row, the row of the input that is its first
 */
public record Distinct(Stage input, int[] same, int[] first, List<List<Value>> rows) implements UnaryStage {

    /** Substitution the repeated rows out. */
    public static Distinct of(Stage input) {
        Map<List<Object>, Integer> seen = new HashMap<>();
        List<List<Value>> rows = new ArrayList<>();
        int[] same = new int[input.rows().size()];
        IntStream.Builder first = IntStream.builder();
        for (int row = 0; row < same.length; row++) {
            List<Value> values = input.rows().get(row);
            same[row] = seen.computeIfAbsent(ValueOrder.identity(values), _ -> rows.size());
            if (same[row] < rows.size()) continue;
            rows.add(values);
            first.add(row);
        }
        return new Distinct(input, same, first.build().toArray(), List.copyOf(rows));
    }

    @Override
    public List<Origin> origins(int row) {
        return IntStream.range(0, same.length).filter(i -> same[i] == row).mapToObj(i -> new Origin(0, i)).toList();
    }

    @Override
    public String name(int row) {
        return input.name(first[row]);
    }
}
