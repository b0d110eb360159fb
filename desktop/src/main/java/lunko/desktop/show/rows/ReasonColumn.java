package lunko.desktop.show.rows;

import static lunko.desktop.words.Spoken.words;

import java.util.Optional;
import java.util.stream.IntStream;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.text.FontWeight;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.Typeface;
import lunko.desktop.show.model.ShowModel;
import lunko.steps.RowTimeline;

/** A column that says of each row before a stage why it is struck out or where it goes, once its step is over. */
final class ReasonColumn {
    private static final double WIDEST = 250;
    private static final double PADDING = 26;
    private static final int MEASURED = 200;
    private static final Typeface CODE = Typeface.code(FontWeight.NORMAL, 12.5);

    private ReasonColumn() {}

    /** The column for the rows of an input; nothing, where none of them needs a reason. */
    static Optional<TableColumn<Integer, String>> of(ShowModel model, RowTimeline timeline, int offset, int rows) {
        double wanted = IntStream.range(offset, offset + Math.min(rows, MEASURED))
                .mapToDouble(row -> CODE.width(timeline.reason(row, words()).orElse(""))).max().orElse(0);
        if (wanted == 0) return Optional.empty();
        TableColumn<Integer, String> column = GridTable.column();
        column.setPrefWidth(Math.min(WIDEST, wanted + PADDING));
        column.setCellValueFactory(
                row -> new ReadOnlyStringWrapper(timeline.reason(offset + row.getValue(), words()).orElse("")));
        column.setCellFactory(_ -> new ReasonCell(model, timeline, offset));
        return Optional.of(column);
    }

    private static final class ReasonCell extends TableCell<Integer, String> {
        private final ShowModel model;
        private final RowTimeline timeline;
        private final int offset;
        // A field, so that it lives as long as the cell does: the model holds it weakly.
        private final InvalidationListener change = _ -> showReason();

        ReasonCell(ShowModel model, RowTimeline timeline, int offset) {
            this.model = model;
            this.timeline = timeline;
            this.offset = offset;
            getStyleClass().add("reason-cell");
            model.showing().addListener(new WeakInvalidationListener(change));
        }

        @Override
        protected void updateItem(String item, boolean empty) {
            super.updateItem(item, empty);
            showReason();
        }

        private void showReason() {
            boolean said = !isEmpty() && getTableRow() != null && getTableRow().getItem() != null
                    && model.showing().get().rowsAtHand()
                            .filter(hand -> hand.timeline() == timeline
                                    && timeline.decided(offset + getTableRow().getItem()) <= hand.frame().number())
                            .isPresent();
            setText(said ? getItem() : "");
        }
    }
}
