package lunko.engine;

import java.util.OptionalInt;
import lunko.query.Side;

/** A row of a join by where it comes from. Row numbers count from 0, in the order of the source tables. */
public sealed interface ResultRow {

    /** A left row and its match. */
    record Met(int left, int right) implements ResultRow {}

    /** A unmatched row, with NULL in every column of the other side. */
    record Kept(Side side, int row) implements ResultRow {}

    /** A row of one side as it is, for having a match or for having none. */
    record Taken(Side side, int row) implements ResultRow {}

    /** The source row on a side, where that side has given one. */
    default OptionalInt source(Side wanted) {
        return switch (this) {
            case Met(int left, int right) -> OptionalInt.of(wanted.of(left, right));
            case Kept(Side side, int row) -> side == wanted ? OptionalInt.of(row) : OptionalInt.empty();
            case Taken(Side side, int row) -> side == wanted ? OptionalInt.of(row) : OptionalInt.empty();
        };
    }
}
