package lunko.engine;

import java.util.List;
import lunko.table.RowName;

/** A stage that gives each row of its input in another place. */
public sealed interface Resorted extends UnaryStage permits Ordering, Rearranged {

    /** For each row, the row of the input that it is. */
    List<Integer> from();

    @Override
    default List<Origin> origins(int row) {
        return List.of(new Origin(0, from().get(row)));
    }

    @Override
    default RowName name(int row) {
        return input().name(from().get(row));
    }
}
