package lunko.desktop.show.result;

import java.util.Optional;
import java.util.OptionalLong;
import javafx.css.PseudoClass;
import lunko.desktop.grid.DressedRow;
import lunko.desktop.show.model.ShowModel;

/** A row of a query's result: pointing at it tells in which step it came there. */
final class QueryTableRow extends DressedRow<QueryRow> {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    private final ShowModel model;

    QueryTableRow(ShowModel model) {
        this.model = model;
        getStyleClass().addAll("result-row", "query-row");
        dressedBy(hoverProperty());
        setOnMouseEntered(_ -> model.pointing().step(decided()));
        setOnMouseExited(_ -> model.pointing().step(OptionalLong.empty()));
    }

    private Optional<QueryRow> shown() {
        return isEmpty() ? Optional.empty() : Optional.ofNullable(getItem());
    }

    private OptionalLong decided() {
        return shown().map(row -> decided(model, row)).orElse(OptionalLong.empty());
    }

    /** The step in which a row came into the result; nothing for one that has gone. */
    static OptionalLong decided(ShowModel model, QueryRow row) {
        return row.removed() ? OptionalLong.empty() : model.showing().get().timeline()
                .map(timeline -> timeline.decided(row.row())).orElse(OptionalLong.empty());
    }

    @Override
    protected void dress() {
        Optional<QueryRow> row = shown();
        new ResultDress(row.filter(QueryRow::removed).isPresent(), row.flatMap(QueryRow::status),
                row.filter(QueryRow::repeats).isPresent(), model.arrangement().get().grouped()).on(this);
        pseudoClassStateChanged(LIT, row.isPresent() && isHover());
    }
}
