package lunko.steps;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.ResultRow;
import lunko.phrase.Phrase;
import lunko.query.Side;

/**
 * Everything that is visible after a step. Frames are compared by what they show.
 *
 * @param number  the step's number, from 0
 * @param step    the step
 * @param why     the sentence that explains it
 * @param landed  the rows of the result so far
 * @param pending the row that comes next if the left row at hand finds no partner
 * @param left    what has become of each left row
 * @param right   what has become of each right row
 * @param lanes   for each left row, the right rows it has met so far, in their order
 */
public record Frame(long number, Step step, Phrase why, List<ResultRow> landed, Optional<ResultRow> pending,
                    List<RowState> left, List<RowState> right, List<List<Integer>> lanes) {

    /** What has become of each row of a side. */
    public List<RowState> rows(Side side) {
        return side.of(left, right);
    }

    /** The row of a side that the step is about, if it is about one. */
    public OptionalInt now(Side side) {
        return step.row(side);
    }
}
