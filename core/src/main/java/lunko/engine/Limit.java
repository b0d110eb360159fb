package lunko.engine;

import java.util.List;
import java.util.Set;
import lunko.table.RowName;
import lunko.table.Value;

/** A stretch of the rows of a stage: so many are skipped, and so many taken at most. */
public record Limit(Stage input, long skipped, long most, List<List<Value>> rows) implements UnaryStage {

    /** Cuts a stretch out. */
    public static Limit of(Stage input, long skipped, long most) {
        int all = input.rows().size();
        int first = (int) Math.min(skipped, all);
        return new Limit(input, skipped, most, input.rows().subList(first, first + (int) Math.min(most, all - first)));
    }

    @Override
    public UnaryStage over(Stage same) {
        return new Limit(same, skipped, most, rows);
    }

    @Override
    public Set<Integer> deciding() {
        return Set.of();
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(new Origin(0, (int) skipped + row));
    }

    @Override
    public RowName name(int row) {
        return input.name((int) skipped + row);
    }
}
