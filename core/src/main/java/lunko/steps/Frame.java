package lunko.steps;

/**
 * Everything that is visible after a step of a query.
 *
 * @param number the step's number, from 0
 * @param part the part of the timeline that the step belongs to, counted from 0
 * @param shown what is visible of that part
 * @param comparisons how many comparisons of two rows have been made so far, in all parts
 */
public record Frame(long number, int part, PartFrame shown, long comparisons) {}
