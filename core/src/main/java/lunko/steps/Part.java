package lunko.steps;

import java.util.Optional;
import lunko.engine.Chosen;
import lunko.engine.Combined;
import lunko.engine.Cut;
import lunko.engine.Filtered;
import lunko.engine.Grouped;
import lunko.engine.Joined;
import lunko.engine.Named;
import lunko.engine.Outcome;
import lunko.engine.Sorted;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.Unrepeated;

/** The steps of one stage of a query, by number from 0, where nothing has happened, to the last, where all is done. */
public sealed interface Part permits MatchTimeline, RowTimeline, ResultPart {

    /** What the stage does. */
    StageKind kind();

    /** What it does with what, as a heading: {@code Match hives with keepers: left outer join, row by row}. */
    String title();

    /** How many rows its stage gives. */
    long rows();

    /** The number of the last step. */
    long last();

    /** How many comparisons of two rows its steps make in all. */
    default long comparisons() {
        return 0;
    }

    /**
     * The number of the first step after another in which a row comes into the result; the last if none does any more.
     */
    default long nextLanding(long number) {
        return Math.min(number + 1, last());
    }

    /** The number of the first step after another in which it is the turn of another row. */
    default long nextTurn(long number) {
        return Math.min(number + 1, last());
    }

    /** What is visible after a step; IndexOutOfBoundsException for a number that is none. */
    PartFrame at(long number);

    /** The steps of a stage; nothing, if it does nothing that could be shown. */
    static Optional<Part> of(Stage stage, Way way) {
        return switch (stage) {
            case Source _,Named _ -> Optional.empty();
            case Joined joined -> Optional.of(MatchTimeline.of(Outcome.of(joined), way));
            case Filtered filtered -> Optional.of(RowTimeline.of(filtered));
            case Grouped grouped -> Optional.of(RowTimeline.of(grouped));
            case Chosen chosen when chosen.everything() -> Optional.empty();
            case Chosen chosen -> Optional.of(RowTimeline.of(chosen));
            case Unrepeated unrepeated -> Optional.of(RowTimeline.of(unrepeated));
            case Sorted sorted -> Optional.of(RowTimeline.of(sorted));
            case Cut cut -> Optional.of(RowTimeline.of(cut));
            case Combined combined -> Optional.of(RowTimeline.of(combined));
        };
    }
}
