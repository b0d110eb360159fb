package lunko.desktop.show;

import javafx.util.Duration;

/** How fast the steps follow each other. */
public enum Speed {
    /** Four seconds a step. */
    QUARTER("¼×", 4000),
    /** Two seconds a step. */
    HALF("½×", 2000),
    /** A step a second. */
    NORMAL("1×", 1000),
    /** Two steps a second. */
    DOUBLE("2×", 500),
    /** Four steps a second. */
    FOUR("4×", 250),
    /** Ten steps a second. */
    TEN("10×", 100),
    /** Thirty steps a second. */
    THIRTY("30×", 33);

    private final String title;
    private final Duration step;

    Speed(String title, double millis) {
        this.title = title;
        this.step = Duration.millis(millis);
    }

    /** The time from one step to the next. */
    public Duration step() {
        return step;
    }

    /** The time in which one frame moves over into the next, so that it has come to rest before the step after it. */
    public Duration motion() {
        return step.multiply(0.5).lessThan(Duration.millis(420)) ? step.multiply(0.5) : Duration.millis(420);
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
        return title;
    }
}
