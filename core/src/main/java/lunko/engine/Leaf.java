package lunko.engine;

import java.util.List;
import java.util.Optional;

/**
 * Where a cell of a stage comes from: a row of a table of FROM, or of a query that stands there as one.
 *
 * @param row the row, counted from 0
 */
public record Leaf(Stage table, int row) {

    /**
     * That of a column in a row; nothing, where the column was calculated, or where an outer join has made its NULL.
     */
    public static Optional<Leaf> of(Stage stage, int row, int column) {
        return switch (stage) {
            case Source _,Derived _ -> Optional.of(new Leaf(stage, row));
            case Joined joined -> joined.part(column).flatMap(part -> joined.lineage().row(row).source(part.side())
                    .stream().boxed().findFirst()
                    .flatMap(source -> of(joined.join().on(part.side()), source, part.column())));
            case Filter _,Ordering _,Limit _ -> stage.origins(row).stream().findFirst()
                    .flatMap(origin -> of(stage.inputs().getFirst(), origin.row(), column));
            case Rearranged back -> of(back.input(), back.from().get(row), back.columns().get(column));
            case Projection chosen -> chosen.from().get(column).stream().boxed().findFirst()
                    .flatMap(from -> of(chosen.input(), row, from));
            case Aggregation _,Distinct _,SetOperation _,Recursion _ -> Optional.empty();
        };
    }

    /** That of several columns in a row, if they all come from the same one. */
    public static Optional<Leaf> of(Stage stage, int row, List<Integer> columns) {
        List<Optional<Leaf>> leaves = columns.stream().map(column -> of(stage, row, column)).distinct().toList();
        return leaves.size() == 1 ? leaves.getFirst() : Optional.empty();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Leaf leaf && leaf.table == table && leaf.row == row;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(table) * 31 + row;
    }
}
