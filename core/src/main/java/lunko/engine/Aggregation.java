package lunko.engine;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Value;

/**
 * The rows of a stage in groups, one row for each: first the values it is grouped by, then those of the aggregates.
 *
 * @param by for each of the things it is grouped by, the column of the input that it is, if it is one as it stands
 * @param groupOf for each row of the input, its group
 */
public record Aggregation(Stage input, List<OptionalInt> by, List<Integer> groupOf, List<Heading> headings,
        List<List<Value>> rows,
        List<Stage> asides) implements UnaryStage {

    /** How many of the columns it is grouped by. */
    public int keys() {
        return by.size();
    }

    @Override
    public UnaryStage over(Stage same) {
        return new Aggregation(same, by, groupOf, headings, rows, asides);
    }

    @Override
    public Set<Integer> deciding() {
        return UnaryStage.present(by);
    }

    @Override
    public Set<Integer> decided() {
        return IntStream.range(0, keys()).boxed().collect(Collectors.toSet());
    }

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
    public RowsName title() {
        return new RowsName.Groups(input.title());
    }

    @Override
    public RowName name(int row) {
        return new RowName.Group(rows.get(row).subList(0, keys()));
    }
}
