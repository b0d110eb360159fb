package lunko.desktop.show.join;

import java.util.Optional;
import javafx.css.PseudoClass;
import lunko.desktop.grid.DressedRow;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.picture.Lineage.Pointed;
import lunko.query.Side;
import lunko.steps.MatchFrame;
import lunko.steps.RowState;
import lunko.table.Truth;

/** A row of a source table, in the dress of what has become of it: at hand now, met, kept, left out. */
final class StageRow<R> extends DressedRow<R> {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass GUESSED = PseudoClass.getPseudoClass("guessed");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass MET = PseudoClass.getPseudoClass("met");
    private static final PseudoClass UNKNOWN = PseudoClass.getPseudoClass("unknown");
    private static final PseudoClass KEPT = PseudoClass.getPseudoClass("kept");
    private static final PseudoClass LEFT_OUT = PseudoClass.getPseudoClass("left-out");

    private final ShowModel model;
    private final Side side;

    StageRow(ShowModel model, Side side) {
        this.model = model;
        this.side = side;
        dressedBy(model.staged(), model.asking(), model.pointing().lineage(), model.pointing().part());
        setOnMouseEntered(_ -> model.pointing()
                .at(isEmpty() ? Optional.empty() : Optional.of(new Pointed.Source(side, getIndex()))));
        setOnMouseExited(_ -> model.pointing().at(Optional.empty()));
    }

    @Override
    protected void dress() {
        int row = getIndex();
        MatchFrame frame = model.staged().get().match().orElse(null);
        boolean shown = frame != null && !isEmpty() && row >= 0 && row < frame.rows(side).size();
        RowState state = shown ? frame.rows(side).get(row) : RowState.OPEN;
        pseudoClassStateChanged(NOW, shown && frame.now(side).stream().anyMatch(now -> now == row));
        // Whoever points at the words of the join sees the rows that they bring together.
        boolean decided = shown && model.pointing().isAtPartAtHand()
                && model.staged().get().outcome().filter(outcome -> outcome.matches(side, row) == Truth.TRUE)
                        .isPresent();
        pseudoClassStateChanged(LIT, decided
                || shown && model.pointing().lineageIn(model.staged().get())
                        .filter(lineage -> lineage.lights(side, row)).isPresent());
        pseudoClassStateChanged(GUESSED, shown && model.asking().get()
                .filter(open -> open.marked().marked().contains(new Pointed.Source(side, row))).isPresent());
        pseudoClassStateChanged(MET, state == RowState.MET);
        pseudoClassStateChanged(UNKNOWN, state == RowState.UNKNOWN);
        pseudoClassStateChanged(KEPT, state == RowState.KEPT);
        pseudoClassStateChanged(LEFT_OUT, state == RowState.LEFT_OUT);
    }
}
