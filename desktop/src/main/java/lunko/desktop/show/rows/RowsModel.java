package lunko.desktop.show.rows;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import lunko.desktop.show.model.ShowModel;
import lunko.show.RowsAtHand;

/**
 * The stage other than a join that is at hand, where its rows are among those before it, and which of them is pointed
 * at.
 */
final class RowsModel {

    /** A row before the stage, counted over all inputs, or after it. */
    record Pointed(boolean before, int row) {}

    private final ShowModel model;
    private final ReadOnlyObjectWrapper<Optional<Pointed>> pointed = new ReadOnlyObjectWrapper<>(Optional.empty());

    RowsModel(ShowModel model) {
        this.model = model;
        model.showing().subscribe(_ -> pointed.set(Optional.empty()));
    }

    /** The stage at hand. */
    Optional<RowsAtHand> atHand() {
        return model.showing().get().rowsAtHand();
    }

    /**
     * The number of a row of an input, counted from 0, among those of all inputs; where there is no input, its number
     * in the result.
     */
    int number(OptionalInt input, int row) {
        return input.isPresent() ? atHand().map(hand -> hand.offset(input.getAsInt())).orElse(0) + row : row;
    }

    ReadOnlyObjectProperty<Optional<Pointed>> pointed() {
        return pointed.getReadOnlyProperty();
    }

    /** Points at a row, whose fate is then explained; nothing means at none. */
    void point(Optional<Pointed> at) {
        pointed.set(at);
        model.pointing()
                .step(at.flatMap(one -> atHand().map(hand -> hand.start()
                        + hand.timeline().decided(one.before() ? one.row() : firstOrigin(hand, one.row()))))
                        .map(OptionalLong::of).orElse(OptionalLong.empty()));
    }

    private static int firstOrigin(RowsAtHand hand, int result) {
        OptionalInt first = hand.timeline().stage().origins(result).stream()
                .mapToInt(origin -> hand.offset(origin.input()) + origin.row()).findFirst();
        return first.orElse(0);
    }

    /** Whether a row belongs to the one that is pointed at. */
    boolean lights(boolean before, int row) {
        Optional<RowsAtHand> hand = atHand();
        // Whoever points at the words of the stage sees the rows that they strike out.
        if (hand.isPresent() && before && model.pointing().isAtPartAtHand() && hand.get().timeline().strikesOut(row))
            return true;
        if (hand.isEmpty() || pointed.get().isEmpty()) return false;
        Pointed at = pointed.get().get();
        if (at.before() == before) return at.row() == row;
        return before ? hand.get().goesInto(row, at.row()) : hand.get().goesInto(at.row(), row);
    }
}
