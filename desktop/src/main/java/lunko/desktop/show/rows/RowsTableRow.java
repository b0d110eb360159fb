package lunko.desktop.show.rows;

import java.util.Optional;
import java.util.function.BiPredicate;
import javafx.css.PseudoClass;
import lunko.desktop.grid.DressedRow;
import lunko.desktop.show.model.ShowModel;
import lunko.show.RowsAtHand.Place;
import lunko.show.RowsAtHand;
import lunko.steps.RowFrame.RowProgress;

/**
 * A row before or after a stage other than a join, in the dress of what has become of it: at hand now, taken on, struck
 * out.
 */
final class RowsTableRow extends DressedRow<Integer> {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass LEFT_OUT = PseudoClass.getPseudoClass("left-out");

    private final ShowModel model;
    private final RowsCard card;

    /** A row of a card. */
    RowsTableRow(ShowModel model, RowsCard card) {
        this.model = model;
        this.card = card;
        dressedBy(card.grid().shown(), model.showing(), model.pointing().row(), model.pointing().part());
        setOnMouseEntered(_ -> model.pointing().row(place()));
        setOnMouseExited(_ -> model.pointing().row(Optional.empty()));
    }

    /** Where this row is in the stage at hand, if it is one of its rows: it keeps its number until it is laid out. */
    private Optional<Place> place() {
        return isEmpty() || getItem() == null || getItem() >= card.grid().getItems().size() ? Optional.empty()
                : card.atHand().map(hand -> card.place(hand, getItem()));
    }

    @Override
    protected void dress() {
        pseudoClassStateChanged(NOW, is(RowsAtHand::isNow));
        pseudoClassStateChanged(LEFT_OUT,
                is((hand, at) -> at.before() && hand.fate(at.row()) == RowProgress.STRUCK_OUT));
        pseudoClassStateChanged(LIT, is(model.pointing()::lights));
    }

    private boolean is(BiPredicate<RowsAtHand, Place> so) {
        return card.atHand().filter(hand -> place().filter(at -> so.test(hand, at)).isPresent()).isPresent();
    }
}
