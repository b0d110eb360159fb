package lunko.engine;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.table.Value;

/**
 * The rows of a stage in groups, one row for each: first the values it is grouped by, then those of the aggregates.
 *
 * @param keys how many of the columns it is grouped by
 * @param groupOf for each row of the input, its group
 */
public record Aggregation(Stage input, int keys, List<Integer> groupOf, List<Heading> headings, List<List<Value>> rows,
        List<Stage> asides) implements UnaryStage {

    @Override
    public boolean pads(int row, int column) {
        return false;
    }

    @Override
    public List<Origin> origins(int row) {
        return IntStream.range(0, groupOf.size()).filter(i -> groupOf.get(i) == row).mapToObj(i -> new Origin(0, i))
                .toList();
    }

    @Override
    public String title() {
        return "the groups of " + input.title();
    }

    @Override
    public String name(int row) {
        if (keys == 0) return "the one group";
        return "the group "
                + rows.get(row).subList(0, keys).stream().map(Value::shown).collect(Collectors.joining(", "));
    }
}
