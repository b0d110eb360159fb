package lunko.steps;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.ResultRow;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.words.Sentence;

/**
 * Everything that is visible after a step of matching. Frames are compared by what they show.
 *
 * @param number the step's number, from 0
 * @param step the step
 * @param why the sentence that explains it
 * @param comparisons how many comparisons have been made so far
 * @param landed the rows of the result so far
 * @param pending the row that comes next if the row whose turn it is finds no match
 * @param left what has become of each left row
 * @param right what has become of each right row
 * @param marks what stands beside each left and each right row, which a way of matching has put there; mostly nothing
 * @param lanes for each left row, where its lanes lead so far, in the order of the right rows
 */
public record MatchFrame(long number, Step step, Sentence why, long comparisons, List<ResultRow> landed,
        Optional<ResultRow> pending, List<RowState> left, List<RowState> right, Marks marks, List<List<Lane>> lanes)
        implements PartFrame {

    @Override
    public StageKind kind() {
        return step instanceof Step.Keep ? StageKind.KEEP : StageKind.MATCH;
    }

    /**
     * A lane from a left row to a right row that it has met: one that matches, or for NOT IN one of which it is
     * unknown.
     */
    public record Lane(int right, Truth verdict) {}

    /** What stands beside each left and each right row. */
    public record Marks(List<RowMark> left, List<RowMark> right) {

        /** What stands beside each row of a side. */
        public List<RowMark> of(Side side) {
            return side.of(left, right);
        }
    }

    /** What has become of each row of a side. */
    public List<RowState> rows(Side side) {
        return side.of(left, right);
    }

    /** The row of a side that the step is about, if it is about one. */
    public OptionalInt now(Side side) {
        return step.row(side);
    }
}
