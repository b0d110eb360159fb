package lunko.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Type;
import lunko.table.Value;

/**
 * A stage of a query, done: its rows, and for each of them the rows of its inputs that it was made of. The stages of a
 * query are a tree with the result at its root and the source tables as its leaves.
 */
public sealed interface Stage permits Source, Derived, Joined, UnaryStage, SetOperation, Recursion {

    /**
     * A column of a stage: its table where it comes straight from one, its name, and its type, which bare NULLs have
     * not.
     */
    record Heading(Optional<String> table, String name, Optional<Type> type) {}

    /** A row of an input, by the number of the input and of the row, both counted from 0. */
    record Origin(int input, int row) {}

    /** The columns. */
    List<Heading> headings();

    /** The rows, in their order. */
    List<List<Value>> rows();

    /** The stages whose rows this one has worked on, from left to right. */
    List<Stage> inputs();

    /** The rows of the inputs that a row was made of. */
    List<Origin> origins(int row);

    /** What the rows are called together, in a sentence: {@code hives}. */
    RowsName title();

    /** What a row is called in a sentence: {@code Clover}. */
    RowName name(int row);

    /**
     * Whether the NULL in a cell is one that an outer join made, rather than one that a table stores or that was
     * calculated.
     */
    boolean pads(int row, int column);

    /** The queries within this stage that were run once for it. */
    default List<Stage> asides() {
        return List.of();
    }

    /** The column of a table of FROM that a column is, counted from 0, if it comes straight from one. */
    default Optional<Heading> source(int column) {
        return switch (this) {
            case Projection chosen -> source(chosen.input(), chosen.from().get(column));
            case Aggregation groups -> column < groups.keys() ? source(groups.input(), groups.by().get(column))
                    : Optional.empty();
            case Rearranged back -> back.input().source(back.columns().get(column));
            case Filter _,Distinct _,Ordering _,Limit _ -> inputs().getFirst().source(column);
            case Source _,Derived _,Joined _ ->
                Optional.of(headings().get(column)).filter(heading -> heading.table().isPresent());
            case SetOperation _,Recursion _ -> Optional.empty();
        };
    }

    private static Optional<Heading> source(Stage input, OptionalInt column) {
        return column.isPresent() ? input.source(column.getAsInt()) : Optional.empty();
    }

    /** This stage and all before it, each after its inputs. */
    default List<Stage> all() {
        List<Stage> all = new ArrayList<>();
        addTo(all);
        return all;
    }

    private void addTo(List<Stage> all) {
        for (Stage input : inputs()) input.addTo(all);
        for (Stage aside : asides()) aside.addTo(all);
        // A query that WITH has named may be an input more than once.
        if (all.stream().noneMatch(stage -> stage == this)) all.add(this);
    }
}
