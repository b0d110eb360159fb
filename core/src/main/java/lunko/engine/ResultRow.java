package lunko.engine;

import java.util.OptionalInt;
import lunko.query.Side;

/** A row of a result by where it comes from. Row numbers count from 0, in the order of the source tables. */
public sealed interface ResultRow {

    /** A left row and its partner. */
    record Met(int left, int right) implements ResultRow {}

    /** A partnerless left row, with NULL in every column of the right side. */
    record LeftKept(int left) implements ResultRow {}

    /** A partnerless right row, with NULL in every column of the left side. */
    record RightKept(int right) implements ResultRow {}

    /** The source row on a side, where that side has given one. */
    default OptionalInt source(Side side) {
        return switch (this) {
            case Met(int left, int right) -> OptionalInt.of(side.of(left, right));
            case LeftKept(int left) -> side == Side.LEFT ? OptionalInt.of(left) : OptionalInt.empty();
            case RightKept(int right) -> side == Side.RIGHT ? OptionalInt.of(right) : OptionalInt.empty();
        };
    }
}
