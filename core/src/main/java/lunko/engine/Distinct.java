package lunko.engine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.table.RowName;
import lunko.table.Value;

/**
 * The rows of a stage, each of the same values once.
 *
 * @param same for each row of the input, the row that it is or repeats
 * @param first for each row, the row of the input that is its first
 */
public record Distinct(Stage input, List<Integer> same, List<Integer> first, List<List<Value>> rows)
        implements UnaryStage {

    /** Leaves the repeated rows out. */
    public static Distinct of(Stage input) {
        Map<List<Object>, Integer> seen = new HashMap<>();
        List<Integer> same = new ArrayList<>();
        List<Integer> first = new ArrayList<>();
        for (List<Value> values : input.rows()) {
            int row = seen.computeIfAbsent(ValueOrder.identity(values), _ -> first.size());
            if (row == first.size()) first.add(same.size());
            same.add(row);
        }
        return new Distinct(input, List.copyOf(same), List.copyOf(first),
                first.stream().map(input.rows()::get).toList());
    }

    @Override
    public UnaryStage over(Stage other) {
        return new Distinct(other, same, first, rows);
    }

    @Override
    public Set<Integer> deciding() {
        return IntStream.range(0, input.headings().size()).boxed().collect(Collectors.toSet());
    }

    @Override
    public List<Origin> origins(int row) {
        return IntStream.range(0, same.size()).filter(i -> same.get(i) == row).mapToObj(i -> new Origin(0, i)).toList();
    }

    @Override
    public RowName name(int row) {
        return input.name(first.get(row));
    }
}
