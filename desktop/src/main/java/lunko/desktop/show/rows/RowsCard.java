package lunko.desktop.show.rows;

import static lunko.desktop.words.Spoken.words;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.table.ColumnInQuery;
import lunko.desktop.show.table.StageGrid;
import lunko.engine.Stage;
import lunko.insight.picture.TableHues;
import lunko.show.RowsAtHand.Place;
import lunko.show.RowsAtHand;

/** The rows before or after a stage other than a join, under a title. */
final class RowsCard extends VBox {
    private final ColumnWidths widths = ColumnWidths.folding();
    private final StageGrid grid;
    private final Label title = new Label();
    private final Label about = new Label();
    private final ShowModel model;
    private final OptionalInt input;
    private double reasons;

    /**
     * A card for an input of the stage, counted from 0, or, where that is empty, for what it gives.
     *
     * @param moved what is to be done when its rows have been scrolled
     */
    RowsCard(ShowModel model, OptionalInt input, Runnable moved) {
        this.model = model;
        this.input = input;
        grid = new StageGrid(widths, words().show().headingTipAlone(),
                heading -> ColumnInQuery.items(model, heading));
        getStyleClass().addAll("card", "table-card", "stage-card");
        title.getStyleClass().add("table-name");
        about.getStyleClass().add("about");
        HBox head = new HBox(title, about);
        head.getStyleClass().add("card-head");
        head.setAlignment(Pos.CENTER_LEFT);
        grid.widthProperty().subscribe(width -> widths.spreadOver(width.doubleValue() - reasons));
        grid.setRowFactory(_ -> new RowsTableRow(model, this));
        grid.onFocusedRow(row -> model.pointing().row(atHand().map(hand -> place(hand, row))));
        grid.onScroll(Orientation.VERTICAL, moved);
        VBox.setVgrow(grid, Priority.ALWAYS);
        getChildren().addAll(head, grid);
    }

    /**
     * Shows the rows of a stage; some of its columns, counted from 0, are marked, and one more may say a reason for
     * each row.
     */
    void show(String name, String said, Stage stage, TableHues hues, Set<Integer> marked,
            Optional<TableColumn<Integer, String>> reason) {
        title.setText(name);
        say(said);
        reasons = reason.map(TableColumn::getPrefWidth).orElse(0.0);
        grid.show(stage, hues, marked, reason);
        widths.spreadOver(grid.getWidth() - reasons);
    }

    /** Says something of the rows beside the title. */
    void say(String said) {
        about.setText(said);
        grid.setAccessibleText(words().show().card(title.getText(), said));
    }

    /** The stage at hand, unless the rows shown here are not of it: another card may have come to show it earlier. */
    Optional<RowsAtHand> atHand() {
        return model.showing().get().rowsAtHand()
                .filter(hand -> grid.shown().get().filter(rows -> rows == rows(hand.timeline().stage())).isPresent());
    }

    private Stage rows(Stage stage) {
        return input.isEmpty() ? stage : stage.inputs().get(input.getAsInt());
    }

    /** Where a row that is shown here, counted from 0, is in the stage at hand. */
    Place place(RowsAtHand hand, int row) {
        return input.isPresent() ? new Place(true, hand.offset(input.getAsInt()) + row) : new Place(false, row);
    }

    StageGrid grid() {
        return grid;
    }

    /** The width at which what decides and what a row is called can be read. */
    double needed() {
        return widths.needed() + reasons;
    }

    /** The width at which nothing is cut. */
    double wanted() {
        return widths.wanted() + reasons;
    }
}
