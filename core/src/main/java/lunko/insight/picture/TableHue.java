package lunko.insight.picture;

/** Which of the colours for tables a table of a query has. How they look is the renderer's business. */
public enum TableHue {
    /** What is no table alone, as the rows of a join. */
    JOINED,
    /** The first table. */
    FIRST,
    /** The second table. */
    SECOND,
    /** The third table. */
    THIRD,
    /** The fourth table. */
    FOURTH,
    /** The fifth table. */
    FIFTH,
    /** The sixth table. */
    SIXTH;

    private static final int OWN = values().length - 1;

    /**
     * That of the table with a number, counted from 0; where there are more tables than colours, the last ones repeat.
     */
    static TableHue of(int number) {
        return values()[number < OWN ? number + 1 : THIRD.ordinal() + (number - OWN) % (OWN - 2)];
    }
}
