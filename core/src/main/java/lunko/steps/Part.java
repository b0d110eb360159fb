package lunko.steps;

import java.util.Optional;
import lunko.engine.Aggregation;
import lunko.engine.Derived;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.Rearranged;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** The steps of one stage of a query, by number from 0, where nothing has happened, to the last, where all is done. */
public sealed interface Part permits MatchTimeline, RowTimeline, ResultPart {

    /** What the stage does. */
    StageKind kind();

    /** What it does with what, as a heading: {@code Match hives with keepers: left outer join, nested loop}. */
    Phrase title(Language in);

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

    /** Whether these are the steps of a stage. */
    default boolean isOf(Stage stage) {
        return switch (this) {
            case MatchTimeline match -> stage instanceof Joined joined && match.join() == joined.join();
            case RowTimeline rows -> rows.stage() == stage;
            case ResultPart _ -> false;
        };
    }

    /** The steps of a stage; nothing, if it does nothing that could be shown. */
    static Optional<Part> of(Stage stage, JoinAlgorithm algorithm) {
        return switch (stage) {
            case Source _,Derived _ -> Optional.empty();
            case Joined joined -> Optional.of(MatchTimeline.of(JoinResult.of(joined), algorithm));
            case Filter filtered -> Optional.of(RowTimeline.of(filtered));
            case Aggregation grouped -> Optional.of(RowTimeline.of(grouped));
            case Projection chosen when chosen.everything() -> Optional.empty();
            case Projection chosen -> Optional.of(RowTimeline.of(chosen));
            case Distinct unrepeated -> Optional.of(RowTimeline.of(unrepeated));
            case Ordering sorted -> Optional.of(RowTimeline.of(sorted));
            case Rearranged back -> Optional.of(RowTimeline.of(back));
            case Limit cut -> Optional.of(RowTimeline.of(cut));
            case SetOperation combined -> Optional.of(RowTimeline.of(combined));
            case Recursion rounds -> Optional.of(RowTimeline.of(rounds));
        };
    }
}
