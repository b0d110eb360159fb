package lunko.desktop.show.rows;

import java.util.Optional;
import java.util.function.BiPredicate;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.css.PseudoClass;
import javafx.scene.control.TableRow;
import lunko.desktop.show.model.ShowModel;
import lunko.show.RowsAtHand.Place;
import lunko.show.RowsAtHand;
import lunko.steps.RowFrame.RowProgress;

/**
 * A row before or after a stage other than a join, in the dress of what has become of it: at hand now, taken on, struck
 * out.
 */
final class RowsTableRow extends TableRow<Integer> {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass LEFT_OUT = PseudoClass.getPseudoClass("left-out");

    private final ShowModel model;
    private final RowsCard card;
    // A field, so that it lives as long as the row does: the model holds it weakly.
    private final InvalidationListener dress = _ -> dress();

    /** A row of a card. */
    RowsTableRow(ShowModel model, RowsCard card) {
        this.model = model;
        this.card = card;
        card.grid().shown().addListener(new WeakInvalidationListener(dress));
        model.showing().addListener(new WeakInvalidationListener(dress));
        model.pointing().row().addListener(new WeakInvalidationListener(dress));
        model.pointing().part().addListener(new WeakInvalidationListener(dress));
        setOnMouseEntered(_ -> model.pointing().row(place()));
        setOnMouseExited(_ -> model.pointing().row(Optional.empty()));
        indexProperty().addListener(dress);
        itemProperty().addListener(dress);
    }

    /** Where this row is in the stage at hand, if it is one of its rows: it keeps its number until it is laid out. */
    private Optional<Place> place() {
        return isEmpty() || getItem() == null || getItem() >= card.grid().getItems().size() ? Optional.empty()
                : card.atHand().map(hand -> card.place(hand, getItem()));
    }

    private void dress() {
        pseudoClassStateChanged(NOW, is(RowsAtHand::isNow));
        pseudoClassStateChanged(LEFT_OUT,
                is((hand, at) -> at.before() && hand.fate(at.row()) == RowProgress.STRUCK_OUT));
        pseudoClassStateChanged(LIT, is(model.pointing()::lights));
    }

    private boolean is(BiPredicate<RowsAtHand, Place> so) {
        return card.atHand().filter(hand -> place().filter(at -> so.test(hand, at)).isPresent()).isPresent();
    }
}
