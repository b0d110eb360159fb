package lunko.desktop.show;

import java.util.List;
import java.util.OptionalInt;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableDoubleValue;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.HBox;
import lunko.desktop.grid.GridTable;
import lunko.engine.ResultRow;
import lunko.query.Side;

/** Between the two parts of the result: which source rows each of its rows comes from, by number. */
final class ResultLinks extends GridTable<ResultRow> {

    ResultLinks(ShowModel model, ResultRows rows,
                ObservableDoubleValue arrival) {
        getStyleClass().add("result-links");
        setItems(rows);
        setFocusTraversable(false);
        setMouseTransparent(true);
        setRowFactory(_ -> new ResultTableRow(model, rows, arrival));
        TableColumn<ResultRow, ResultRow> column = GridTable.column();
        column.prefWidthProperty().bind(widthProperty().subtract(2));
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(row.getValue()));
        column.setCellFactory(_ -> new Cell(rows));
        getColumns().setAll(List.of(column));
    }

    private static final class Cell extends TableCell<ResultRow, ResultRow> {
        private final ResultRows rows;
        private final Label numbers = new Label();
        private final Label word = new Label();
        private final HBox both = new HBox(numbers, word);

        Cell(ResultRows rows) {
            this.rows = rows;
            numbers.getStyleClass().add("link-numbers");
            word.getStyleClass().add("link-word");
            both.getStyleClass().add("link");
            both.setAlignment(Pos.CENTER);
        }

        @Override
        protected void updateItem(ResultRow row, boolean empty) {
            super.updateItem(row, empty);
            setGraphic(empty || row == null ? null : both);
            if (empty || row == null) return;
            boolean comes = getIndex() < rows.landed();
            switch (row) {
                case ResultRow.Met(int left, int right) -> show(left + 1 + " – " + (right + 1), "pair");
                case ResultRow.Kept _ -> show(number(row.source(Side.LEFT)) + " – " + number(row.source(Side.RIGHT)), comes ? "kept" : "if alone");
                case ResultRow.Taken(Side _, int taken) -> show(String.valueOf(taken + 1), comes ? "taken" : "if alone");
            }
        }

        private void show(String from, String what) {
            numbers.setText(from);
            word.setText(what);
        }

        private static String number(OptionalInt row) {
            return row.isPresent() ? Integer.toString(row.getAsInt() + 1) : "·";
        }
    }
}
