package lunko.engine;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import lunko.table.RowsName;

/**
 * A stage that works on the rows of one other. Unless it says otherwise, it changes neither their columns nor their
 * names.
 */
public sealed interface UnaryStage extends Stage
        permits Filter, Aggregation, Projection, Distinct, Resorted, Limit {

    /** The stage whose rows it works on. */
    Stage input();

    /** The same work on a stage that gives the same rows. */
    UnaryStage over(Stage same);

    /** The columns of its input, counted from 0, that decide what becomes of a row. */
    Set<Integer> deciding();

    /** Those columns among its own; where it makes other columns, those that say what was decided. */
    default Set<Integer> decided() {
        return headings().equals(input().headings()) ? deciding() : Set.of();
    }

    /** Of columns that may stand for something else, those that are one of the input. */
    static Set<Integer> present(List<OptionalInt> columns) {
        return columns.stream().flatMapToInt(OptionalInt::stream).boxed().collect(Collectors.toSet());
    }

    @Override
    default List<Heading> headings() {
        return input().headings();
    }

    @Override
    default List<Stage> inputs() {
        return List.of(input());
    }

    /** A row goes on as it is. */
    @Override
    default boolean pads(int row, int column) {
        return input().pads(origins(row).getFirst().row(), column);
    }

    @Override
    default RowsName title() {
        return input().title();
    }
}
