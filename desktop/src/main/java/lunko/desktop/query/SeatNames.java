package lunko.desktop.query;

import javafx.util.StringConverter;
import lunko.query.change.Seat;

/** What the places are called in which a condition can stand, in a query of so many joins. */
final class SeatNames extends StringConverter<Seat> {
    private final int joins;

    SeatNames(int joins) {
        this.joins = joins;
    }

    /** The name of a place; of the only join, ON is enough. */
    static String of(Seat seat, int joins) {
        return switch (seat) {
            case Seat.Where _ -> "WHERE";
            case Seat.On(int join) -> joins == 1 ? "ON" : "ON of join " + (join + 1);
        };
    }

    @Override
    public String toString(Seat seat) {
        return seat == null ? "" : of(seat, joins);
    }

    @Override
    public Seat fromString(String name) {
        throw new UnsupportedOperationException("a place is chosen, not typed");
    }
}
