package lunko.show;

import java.util.Optional;
import lunko.steps.RowFrame;
import lunko.steps.RowTimeline;

/**
 * A stage other than a join that is at hand, with its steps.
 *
 * @param start the number of the step at which they start
 * @param frame what is to be seen after the one at hand
 */
public record RowsAtHand(RowTimeline timeline, long start, RowFrame frame) {

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

    /** Whether a row of the inputs, counted over all of them, has gone into a row of the result. */
    public boolean goesInto(int row, int result) {
        return timeline.stage().origins(result).stream()
                .anyMatch(origin -> offset(origin.input()) + origin.row() == row);
    }
}
