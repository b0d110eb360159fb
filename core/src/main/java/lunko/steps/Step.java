package lunko.steps;

import java.util.OptionalInt;
import lunko.query.Side;
import lunko.table.Truth;

/** One thing the audience sees happen while rows are matched. Row numbers count from 0, in the order of the tables. */
public sealed interface Step {

    /** Nothing has happened yet. */
    record Start() implements Step {}

    /** A row is put into the bucket of its key. */
    record Place(Side side, int row) implements Step {}

    /** The rows of a side are sorted by key. */
    record Sort(Side side) implements Step {}

    /** A row looks into the bucket of its key. */
    record Look(Side side, int row) implements Step {}

    /** Two rows are compared. */
    record Compare(int left, int right, Truth verdict) implements Step {}

    /** Two rows that match come into the result. */
    record Pair(int left, int right) implements Step {}

    /** A row that found no match comes into the result, NULL in the columns of the other side. */
    record Keep(Side side, int row) implements Step {}

    /** A row comes into the result as it is, for having a match or for having none. */
    record Take(Side side, int row) implements Step {}

    /** Everything has happened. */
    record Finish() implements Step {}

    /** The row of a side that the step is about, if it is about one. */
    default OptionalInt row(Side wanted) {
        return switch (this) {
            case Compare(int left, int right, Truth _) -> OptionalInt.of(wanted.of(left, right));
            case Pair(int left, int right) -> OptionalInt.of(wanted.of(left, right));
            case Place(Side side, int row) -> only(side, row, wanted);
            case Look(Side side, int row) -> only(side, row, wanted);
            case Keep(Side side, int row) -> only(side, row, wanted);
            case Take(Side side, int row) -> only(side, row, wanted);
            case Start _,Sort _,Finish _ -> OptionalInt.empty();
        };
    }

    private static OptionalInt only(Side side, int row, Side wanted) {
        return side == wanted ? OptionalInt.of(row) : OptionalInt.empty();
    }

    /** Whether the step brings a row into the result. */
    default boolean lands() {
        return switch (this) {
            case Pair _,Keep _,Take _ -> true;
            case Start _,Place _,Sort _,Look _,Compare _,Finish _ -> false;
        };
    }

    /** The same step, the two sides in each other's place. */
    default Step mirrored() {
        return switch (this) {
            case Compare(int left, int right, Truth verdict) -> new Compare(right, left, verdict);
            case Pair(int left, int right) -> new Pair(right, left);
            case Place(Side side, int row) -> new Place(side.opposite(), row);
            case Sort(Side side) -> new Sort(side.opposite());
            case Look(Side side, int row) -> new Look(side.opposite(), row);
            case Keep(Side side, int row) -> new Keep(side.opposite(), row);
            case Take(Side side, int row) -> new Take(side.opposite(), row);
            case Start _,Finish _ -> this;
        };
    }
}
