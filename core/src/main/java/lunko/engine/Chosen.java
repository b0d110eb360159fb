package lunko.engine;

import java.util.List;
import java.util.function.Supplier;
import lunko.table.Value;

/** The columns that a query selects, with their values for each row of a stage. */
public record Chosen(Stage input, List<Heading> headings, List<List<Value>> rows, Supplier<List<Stage>> within) implements UnaryStage {

    @Override
    public List<Stage> asides() {
        return within.get();
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(new Origin(0, row));
    }

    @Override
    public String name(int row) {
        return input.name(row);
    }
}
