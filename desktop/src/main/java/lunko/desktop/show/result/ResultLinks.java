package lunko.desktop.show.result;

import static lunko.desktop.words.Spoken.words;

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
import javafx.scene.text.FontWeight;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.Typeface;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.insight.comparison.Changes;
import lunko.query.Side;
import lunko.show.Showing;

/** Between the two parts of the result: which source rows each of its rows comes from, by number. */
public final class ResultLinks extends GridTable<ListedRow> {
    private static final Typeface NUMBERS = Typeface.code(FontWeight.BOLD, 12.5);
    private static final Typeface WORD = Typeface.text(FontWeight.BOLD, 12);
    private static final String BETWEEN = " – ";
    /** The longest of the words that stand there while nothing has been changed. */
    private static final double AROUND = 14;

    private final ShowModel model;

    ResultLinks(ShowModel model, ResultRows rows, ObservableDoubleValue arrival) {
        this.model = model;
        getStyleClass().add("result-links");
        setItems(rows);
        setAccessibleText(words().show().whichRows());
        setFocusTraversable(false);
        setMouseTransparent(true);
        setRowFactory(_ -> new ResultTableRow(model, rows, arrival));
        TableColumn<ListedRow, ListedRow> column = GridTable.column();
        column.prefWidthProperty().bind(widthProperty().subtract(2));
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(row.getValue()));
        column.setCellFactory(_ -> new Cell());
        getColumns().setAll(List.of(column));
    }

    /** How wide it must be, in pixels, for the longest numbers and the longest word that may stand in it. */
    public double wanted() {
        Showing now = model.staged().get();
        return now.outcome().map(JoinResult::join).map(join -> NUMBERS.width(
                join.left().rows().size() + BETWEEN + join.right().rows().size())
                + WORD.width(
                        now.changes().isPresent() ? Changes.Status.CHANGED.said(words()) : words().show().keptNoMatch())
                + AROUND).orElse(0.0);
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
                case ResultRow.Met(int left, int right) -> left + 1 + BETWEEN + (right + 1);
                case ResultRow.Kept kept -> number(kept.source(Side.LEFT)) + BETWEEN + number(kept.source(Side.RIGHT));
                case ResultRow.Taken(Side _, int taken) -> String.valueOf(taken + 1);
            });
            word.setText(switch (row.fate()) {
                case PENDING -> words().show().ifNoMatch();
                case REMOVED -> words().show().removed();
                case TO_COME -> "";
                case LANDED ->
                    row.status().map(status -> status.said(words())).filter(said -> !said.isEmpty())
                            .orElseGet(() -> kind(row));
            });
            setAccessibleText(words().show().link(numbers.getText(), word.getText()));
        }

        private static String kind(ListedRow row) {
            return switch (row.row()) {
                case ResultRow.Met _ -> row.repeats() ? words().show().repeated() : words().show().pair();
                case ResultRow.Kept _ -> words().show().keptNoMatch();
                case ResultRow.Taken _ ->
                    row.of().kind().takesMatched() ? words().show().takenMatched() : words().show().takenUnmatched();
            };
        }

        private static String number(OptionalInt row) {
            return row.isPresent() ? Integer.toString(row.getAsInt() + 1) : "·";
        }
    }
}
