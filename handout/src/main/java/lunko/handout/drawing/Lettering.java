package lunko.handout.drawing;

/**
 * How a text is set.
 *
 * @param size in points
 */
public record Lettering(Face face, double size) {

    /** Ordinary words. */
    public static final Lettering TEXT = new Lettering(Face.TEXT, 12);
    /** What they turn on. */
    public static final Lettering STRONG = new Lettering(Face.STRONG, 12);
    /** Values and SQL. */
    public static final Lettering CODE = new Lettering(Face.CODE, 12);
    /** The words of SQL. */
    public static final Lettering CODE_STRONG = new Lettering(Face.CODE_STRONG, 12);
    /** NULL. */
    public static final Lettering NULL = new Lettering(Face.CODE_SLANTED, 10.5);

    /** The same in another size. */
    public Lettering of(double other) {
        return new Lettering(face, other);
    }

    /** The distance from one base line to the next, in points. */
    public double lineHeight() {
        return Math.ceil(size * 1.5);
    }
}
