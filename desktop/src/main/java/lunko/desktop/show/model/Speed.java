package lunko.desktop.show.model;

import static lunko.desktop.words.Spoken.words;

import java.util.function.Function;
import javafx.util.Duration;
import lunko.desktop.words.StepWords;

/** How fast the steps follow each other. */
public enum Speed {
    /** A step in three seconds. */
    SLOWEST(StepWords::speedOneInThree, 3000),
    /** A step in two seconds. */
    SLOW(StepWords::speedOneInTwo, 2000),
    /** A step a second. */
    NORMAL(StepWords::speedOne, 1000),
    /** Two steps a second. */
    DOUBLE(StepWords::speedTwo, 500),
    /** Four steps a second. */
    FOUR(StepWords::speedFour, 250),
    /** Ten steps a second. */
    TEN(StepWords::speedTen, 100),
    /** All steps, however many they are, in three seconds. */
    WHOLE(StepWords::speedWhole, 33);

    private static final double WHOLE_MILLIS = 3000;

    private final Function<StepWords, String> title;
    private final Duration pause;

    Speed(Function<StepWords, String> title, double millis) {
        this.title = title;
        this.pause = Duration.millis(millis);
    }

    /** The time from one picture to the next, of a timeline of so many steps. */
    public Duration pause(long steps) {
        return this == WHOLE ? Duration.millis(Math.max(pause.toMillis(), WHOLE_MILLIS / Math.max(1, steps))) : pause;
    }

    /** How many steps to go from one picture to the next, of so many in all. */
    public long stride(long steps) {
        return this == WHOLE ? Math.max(1, Math.round(steps * pause.toMillis() / WHOLE_MILLIS)) : 1;
    }

    /** The time in which one frame moves over into the next, so that it has come to rest before the step after it. */
    public Duration motion() {
        return pause.multiply(0.5).lessThan(Duration.millis(420)) ? pause.multiply(0.5) : Duration.millis(420);
    }

    /** The next faster speed; the fastest stays. */
    public Speed faster() {
        return values()[Math.min(ordinal() + 1, values().length - 1)];
    }

    /** The next slower speed; the slowest stays. */
    public Speed slower() {
        return values()[Math.max(ordinal() - 1, 0)];
    }

    @Override
    public String toString() {
        return title.apply(words().steps());
    }
}
