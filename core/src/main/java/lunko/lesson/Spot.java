package lunko.lesson;

/** Where the upper left corner of a card stands on the bench, in pixels at 100 %, from the bench's own corner. */
public record Spot(double x, double y) {}
