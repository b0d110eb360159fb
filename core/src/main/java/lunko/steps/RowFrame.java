package lunko.steps;

import java.util.List;
import java.util.OptionalInt;
import lunko.words.Sentence;

/**
 * Everything that is visible after a step of a stage that takes rows one by one. Frames are compared by what they show.
 *
 * @param number the step's number, from 0
 * @param kind what the stage does
 * @param why the sentence that explains the step
 * @param now the row that the step is about, if it is about one: among all rows of the inputs, one input after the
 * other
 * @param fates for each of those rows, what has become of it
 * @param landed how many rows of the stage's result there are by now
 */
public record RowFrame(long number, StageKind kind, Sentence why, OptionalInt now, List<RowProgress> fates, int landed)
        implements PartFrame {

    /** What has become of a row. */
    public enum RowProgress {
        /** Nothing yet. */
        OPEN,
        /** It is in the result, or in a group. */
        TAKEN,
        /** It is struck out. */
        STRUCK_OUT
    }

    @Override
    public long comparisons() {
        return 0;
    }
}
