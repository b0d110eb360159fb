package lunko.desktop.show.result;

import java.util.Optional;
import javafx.beans.value.ObservableDoubleValue;
import javafx.css.PseudoClass;
import lunko.desktop.grid.DressedRow;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.result.ListedRow.Arrival;
import lunko.insight.picture.Lineage.Pointed;
import lunko.query.Side;
import lunko.steps.MatchFrame;

/** A row of the result: landed before, landing now, or pending; hatched where a side had nothing to give. */
final class ResultTableRow extends DressedRow<ListedRow> {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass PENDING = PseudoClass.getPseudoClass("pending");
    private static final PseudoClass TO_COME = PseudoClass.getPseudoClass("to-come");
    private static final PseudoClass LEFT_MISSING = PseudoClass.getPseudoClass("left-missing");
    private static final PseudoClass RIGHT_MISSING = PseudoClass.getPseudoClass("right-missing");

    private final ShowModel model;
    private final ResultRows rows;
    private final ObservableDoubleValue arrival;

    ResultTableRow(ShowModel model, ResultRows rows, ObservableDoubleValue arrival) {
        this.model = model;
        this.rows = rows;
        this.arrival = arrival;
        getStyleClass().add("result-row");
        dressedBy(model.staged(), model.pointing().lineage());
        setOnMouseEntered(_ -> model.pointing().at(pointed()));
        setOnMouseExited(_ -> model.pointing().at(Optional.empty()));
        setOnMouseClicked(_ -> model.pointing().choose(pointed()));
    }

    private Optional<Pointed> pointed() {
        return isEmpty() || getItem() == null ? Optional.empty() : getItem().pointed();
    }

    @Override
    protected void dress() {
        MatchFrame frame = model.staged().get().match().orElse(null);
        ListedRow item = isEmpty() || getItem() == null || getItem().fate() == Arrival.TO_COME ? null : getItem();
        pseudoClassStateChanged(TO_COME, item == null);
        boolean shown = frame != null && item != null;
        boolean landing = shown && frame.step().lands() && getIndex() == rows.last();
        opacityProperty().unbind();
        if (landing) opacityProperty().bind(arrival);
        else setOpacity(1);
        pseudoClassStateChanged(NOW, landing);
        pseudoClassStateChanged(LIT, shown && item.fate() != Arrival.REMOVED
                && model.pointing().lineageIn(model.staged().get()).filter(lineage -> lineage.lights(item.row()))
                        .isPresent());
        pseudoClassStateChanged(PENDING, shown && item.fate() == Arrival.PENDING);
        new ResultDress(shown && item.fate() == Arrival.REMOVED, shown ? item.status() : Optional.empty(),
                shown && item.repeats(), model.arrangement().get().grouped()).on(this);
        pseudoClassStateChanged(LEFT_MISSING, shown && item.row().source(Side.LEFT).isEmpty());
        pseudoClassStateChanged(RIGHT_MISSING, shown && item.row().source(Side.RIGHT).isEmpty());
    }
}
