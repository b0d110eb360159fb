package lunko.desktop.show.result;

import java.util.List;
import java.util.OptionalInt;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableDoubleValue;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import lunko.desktop.grid.GridTable;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.ResultRow;
import lunko.insight.comparison.Changes;
import lunko.query.Side;

/** Between the two parts of the result: which source rows each of its rows comes from, by number. */
public final class ResultLinks extends GridTable<ListedRow> {

    ResultLinks(ShowModel model, ResultRows rows,
            ObservableDoubleValue arrival) {
        getStyleClass().add("result-links");
        setItems(rows);
        setAccessibleText("which rows each row of the result comes from");
        setFocusTraversable(false);
        setMouseTransparent(true);
        setRowFactory(_ -> new ResultTableRow(model, rows, arrival));
        TableColumn<ListedRow, ListedRow> column = GridTable.column();
        column.prefWidthProperty().bind(widthProperty().subtract(2));
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(row.getValue()));
        column.setCellFactory(_ -> new Cell());
        getColumns().setAll(List.of(column));
    }

    private static final class Cell extends TableCell<ListedRow, ListedRow> {
        private final Label numbers = new Label();
        private final Label word = new Label();
        private final HBox both = new HBox(numbers, word);

        Cell() {
            numbers.getStyleClass().add("link-numbers");
            numbers.setMinWidth(Region.USE_PREF_SIZE);
            word.getStyleClass().add("link-word");
            both.getStyleClass().add("link");
            both.setAlignment(Pos.CENTER);
            setGraphic(both);
        }

        @Override
        protected void updateItem(ListedRow row, boolean empty) {
            super.updateItem(row, empty);
            both.setVisible(!empty && row != null && row.fate() != ListedRow.Arrival.TO_COME);
            if (!both.isVisible()) return;
            numbers.setText(switch (row.row()) {
                case ResultRow.Met(int left, int right) -> left + 1 + " – " + (right + 1);
                case ResultRow.Kept kept -> number(kept.source(Side.LEFT)) + " – " + number(kept.source(Side.RIGHT));
                case ResultRow.Taken(Side _, int taken) -> String.valueOf(taken + 1);
            });
            word.setText(switch (row.fate()) {
                case PENDING -> "if alone";
                case WENT -> "went";
                case TO_COME -> "";
                case LANDED ->
                    row.status().map(Changes.Status::said).filter(said -> !said.isEmpty()).orElseGet(() -> kind(row));
            });
            setAccessibleText(numbers.getText() + " " + word.getText());
        }

        private static String kind(ListedRow row) {
            return switch (row.row()) {
                case ResultRow.Met _ -> row.repeats() ? "again" : "pair";
                case ResultRow.Kept _ -> "kept";
                case ResultRow.Taken _ -> "taken";
            };
        }

        private static String number(OptionalInt row) {
            return row.isPresent() ? Integer.toString(row.getAsInt() + 1) : "·";
        }
    }
}
