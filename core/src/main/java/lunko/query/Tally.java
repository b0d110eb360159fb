package lunko.query;

/** The numbers that every kind's row count is made of: rows, pairs, and unmatched rows of two tables. */
public record Tally(long leftRows, long rightRows, long pairs, long leftAlone, long rightAlone) {

    /** Of two tables, before anything is compared. */
    public static Tally ofRows(long leftRows, long rightRows) {
        return new Tally(leftRows, rightRows, 0, leftRows, rightRows);
    }

    /** The same of two tables in each other's place. */
    public Tally mirrored() {
        return new Tally(rightRows, leftRows, pairs, rightAlone, leftAlone);
    }
}
