package lunko.steps;

import java.util.OptionalInt;
import lunko.query.Side;
import lunko.table.Truth;

/** One thing the audience sees happen. Row numbers count from 0, in the order of the source tables. */
public sealed interface Step {

    /** Nothing has happened yet. */
    record Start() implements Step {}

    /** Two rows are compared. */
    record Compare(int left, int right, Truth verdict) implements Step {}

    /** Two partners come into the result. */
    record Pair(int left, int right) implements Step {}

    /** A left row that found no partner comes into the result. */
    record KeepLeft(int left) implements Step {}

    /** A right row that found no partner comes into the result. */
    record KeepRight(int right) implements Step {}

    /** Everything has happened. */
    record Finish() implements Step {}

    /** The row of a side that the step is about, if it is about one. */
    default OptionalInt row(Side side) {
        return switch (this) {
            case Compare(int left, int right, Truth _) -> OptionalInt.of(side.of(left, right));
            case Pair(int left, int right) -> OptionalInt.of(side.of(left, right));
            case KeepLeft(int left) -> side == Side.LEFT ? OptionalInt.of(left) : OptionalInt.empty();
            case KeepRight(int right) -> side == Side.RIGHT ? OptionalInt.of(right) : OptionalInt.empty();
            case Start _, Finish _ -> OptionalInt.empty();
        };
    }

    /** Whether the step brings a row into the result. */
    default boolean lands() {
        return switch (this) {
            case Pair _, KeepLeft _, KeepRight _ -> true;
            case Start _, Compare _, Finish _ -> false;
        };
    }
}
