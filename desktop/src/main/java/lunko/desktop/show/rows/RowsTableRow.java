package lunko.desktop.show.rows;

import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.css.PseudoClass;
import javafx.scene.control.TableRow;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.rows.RowsModel.Pointed;
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
    private final RowsModel stages;
    private final OptionalInt input;
    // A field, so that it lives as long as the row does: the model holds it weakly.
    private final InvalidationListener dress = _ -> dress();

    /** A row of an input of the stage, counted from 0, or, where that is empty, of what it gives. */
    RowsTableRow(ShowModel model, RowsModel stages, OptionalInt input) {
        this.model = model;
        this.stages = stages;
        this.input = input;
        model.showing().addListener(new WeakInvalidationListener(dress));
        stages.pointed().addListener(new WeakInvalidationListener(dress));
        model.pointing().part().addListener(new WeakInvalidationListener(dress));
        setOnMouseEntered(_ -> stages
                .point(isEmpty() ? Optional.empty() : Optional.of(new Pointed(input.isPresent(), number()))));
        setOnMouseExited(_ -> stages.point(Optional.empty()));
        indexProperty().addListener(dress);
        itemProperty().addListener(dress);
    }

    /** The number of the row, among those of all inputs or of what the stage gives. */
    private int number() {
        return stages.number(input, getItem() == null ? getIndex() : getItem());
    }

    private void dress() {
        Optional<RowsAtHand> hand =
                model.showing().get().rowsAtHand().filter(_ -> !isEmpty() && getItem() != null);
        boolean now = hand.isPresent()
                && (input.isPresent() ? hand.get().frame().now().stream().anyMatch(row -> row == number())
                        : hand.get().frame().now().isPresent() && number() == hand.get().frame().landed() - 1
                                && hand.get().goesInto(hand.get().frame().now().getAsInt(), number()));
        boolean struck = hand.isPresent() && input.isPresent() && number() < hand.get().frame().fates().size()
                && hand.get().frame().fates().get(number()) == RowProgress.STRUCK_OUT;
        pseudoClassStateChanged(NOW, now);
        pseudoClassStateChanged(LEFT_OUT, struck);
        pseudoClassStateChanged(LIT, hand.isPresent() && stages.lights(input.isPresent(), number()));
    }
}
