package lunko.desktop.show.result;

import java.util.Optional;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.insight.comparison.Changes;
import lunko.insight.picture.Lineage.Pointed;

/**
 * A row of the result as it is listed.
 *
 * @param of the result it is a row of: the one at hand, or, if it has gone, the one before
 * @param fate whether it is there, may come, or has gone
 * @param status what it is compared with the result before the last change, where that is known
 * @param repeats whether the row listed above it comes from the same left row
 */
public record ListedRow(ResultRow row, JoinResult of, Arrival fate, Optional<Changes.Status> status, boolean repeats) {

    /** It as something that can be pointed at; what has gone or is to come cannot. */
    Optional<Pointed> pointed() {
        return switch (fate) {
            case LANDED, PENDING -> Optional.of(new Pointed.Result(row));
            case TO_COME, REMOVED -> Optional.empty();
        };
    }

    /** What has become of a row. */
    public enum Arrival {
        /** It has come into the result. */
        LANDED,
        /** It comes if the row at hand finds no match. */
        PENDING,
        /** It is to come, and not to be seen yet. */
        TO_COME,
        /** It was in the result before the last change. */
        REMOVED
    }
}
