package lunko.desktop.show.result;

import java.util.Optional;
import lunko.engine.Stage;
import lunko.insight.comparison.Changes;

/**
 * A row of a query's result as it is listed, counted from 0.
 *
 * @param of the result it is a row of: the one at hand, or, if it has gone, the one before
 * @param removed whether it was there only before the last change
 * @param status what it is compared with the result before the last change, where that is known
 * @param repeats whether the row listed above it comes from the same left row
 */
record QueryRow(Stage of, int row, boolean removed, Optional<Changes.Status> status, boolean repeats) {}
