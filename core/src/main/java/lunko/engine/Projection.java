package lunko.engine;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import lunko.table.RowName;
import lunko.table.Value;

/**
 * The columns that a query selects, with their values for each row of a stage.
 *
 * @param from for each column, the column of the input that it is, if it is one as it stands
 * @param everything whether it is {@code *}, and drops only what NATURAL or USING has made one of two
 */
public record Projection(Stage input, List<Heading> headings, List<OptionalInt> from, List<List<Value>> rows,
        boolean everything,
        List<Stage> asides) implements UnaryStage {

    @Override
    public UnaryStage over(Stage same) {
        return new Projection(same, headings, from, rows, everything, asides);
    }

    @Override
    public Set<Integer> deciding() {
        return UnaryStage.present(from);
    }

    @Override
    public boolean pads(int row, int column) {
        return from.get(column).isPresent() && input.pads(row, from.get(column).getAsInt());
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(new Origin(0, row));
    }

    @Override
    public RowName name(int row) {
        return input.name(row);
    }
}
