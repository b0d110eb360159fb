package lunko.steps;

/**
 * How far matching has come after a step, the outer rows on the left: all turns before {@code turn} are over; the row
 * whose turn it is has been compared with {@code compared} rows and has met {@code met} of them.
 */
record Moment(Step step, int turn, int compared, int met, long comparisons, long landed) {}
