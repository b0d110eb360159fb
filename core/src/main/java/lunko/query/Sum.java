package lunko.query;

/** How the number of rows of a result comes about. */
public sealed interface Sum {

    /** From pairs and unmatched rows, as a kind takes them: {@code 3 pairs + 2 kept}. */
    record OfKind(JoinKind kind, Tally tally) implements Sum {}

    /** From rows that are certain to have no match, which is what NOT IN takes. */
    record Certain(long rows) implements Sum {}

    /** From so many rows: {@code of 5}. */
    record OfRows(long rows) implements Sum {}

    /** From so many pairs of rows: {@code of 5 × 4}. */
    record OfPairs(long left, long right) implements Sum {}

    /** Nothing is to be said of it. */
    record Nothing() implements Sum {}
}
