package lunko.query;

/** The numbers that every kind's row count is made of: rows, pairs, and partnerless rows of two tables. */
public record Tally(long leftRows, long rightRows, long pairs, long leftAlone, long rightAlone) {}
