package lunko.show;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.steps.RowFrame;
import lunko.steps.RowFrame.RowProgress;
import lunko.steps.RowTimeline;

/**
 * A stage other than a join that is at hand, with its steps.
 *
 * @param start the number of the step at which they start
 * @param frame what is to be seen after the one at hand
 */
public record RowsAtHand(RowTimeline timeline, long start, RowFrame frame) {

    /** Where a row is: before the stage, counted over all inputs, or after it. */
    public record Place(boolean before, int row) {}

    static Optional<RowsAtHand> in(Showing showing) {
        return showing.part().flatMap(part -> part instanceof RowTimeline timeline
                ? Optional.of(new RowsAtHand(timeline,
                        showing.timeline().orElseThrow().start(showing.frame().orElseThrow().part()),
                        (RowFrame) showing.frame().get().shown()))
                : Optional.empty());
    }

    /** The number of an input's first row among the rows of all inputs. */
    public int offset(int input) {
        return timeline.stage().inputs().stream().limit(input).mapToInt(before -> before.rows().size()).sum();
    }

    private boolean goesInto(int row, int result) {
        return origins(result).anyMatch(origin -> origin == row);
    }

    /** Whether two rows are one, or the one has gone into the other. */
    public boolean belong(Place one, Place other) {
        if (one.before() == other.before()) return one.row() == other.row();
        return one.before() ? goesInto(one.row(), other.row()) : goesInto(other.row(), one.row());
    }

    /** The number of the step in which it was decided what becomes of a row, or that one of the result is there. */
    public long decided(Place at) {
        return start + timeline.decided(at.before() ? at.row() : origins(at.row()).findFirst().orElse(0));
    }

    /** Whether the step at hand is about a row, or has brought it forth. */
    public boolean isNow(Place at) {
        OptionalInt now = frame.now();
        if (now.isEmpty()) return false;
        return at.before() ? at.row() == now.getAsInt()
                : at.row() == frame.landed() - 1 && goesInto(now.getAsInt(), at.row());
    }

    /** What has become of a row of the inputs by now. */
    public RowProgress fate(int row) {
        return row < frame.fates().size() ? frame.fates().get(row) : RowProgress.OPEN;
    }

    private IntStream origins(int result) {
        return timeline.stage().origins(result).stream().mapToInt(origin -> offset(origin.input()) + origin.row());
    }
}
