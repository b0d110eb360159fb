package lunko.handout.drawing;

/**
 * How a line is drawn.
 *
 * @param width in points
 * @param dashed whether it is broken
 */
public record Pen(Ink ink, double width, boolean dashed) {

    /** A line without gaps. */
    public static Pen of(Ink ink, double width) {
        return new Pen(ink, width, false);
    }

    /** The same line with gaps. */
    public Pen withGaps() {
        return new Pen(ink, width, true);
    }

    Pen scaled(double by) {
        return new Pen(ink, width * by, dashed);
    }
}
