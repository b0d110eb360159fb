package lunko.desktop.show.table;

import static lunko.desktop.words.Spoken.words;

import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.css.PseudoClass;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.ValueLabel;
import lunko.desktop.look.Hues;
import lunko.engine.ResultCell;
import lunko.insight.picture.TableHue;
import lunko.table.Type;
import lunko.table.Value;

/**
 * A column of values that are looked at and not edited: stored ones, and the hatched NULLs of an outer join.
 *
 * @param hue the colour of its table, where its heading has that
 * @param shorter what stands over it where there is no room for its whole heading
 */
public record ValueColumn(String heading, String shorter, Type type, boolean key, int index, Optional<TableHue> hue) {

    /** It for a table view, as wide as its place among some widths. */
    public <R> TableColumn<R, ResultCell> in(ColumnWidths widths, Function<R, ResultCell> cell) {
        TableColumn<R, ResultCell> column = GridTable.column();
        Label label = new Label();
        label.textProperty().bind(widths.said(index, heading, shorter));
        label.getStyleClass().add("result-heading");
        label.setAlignment(ValueLabel.alignment(type));
        label.prefWidthProperty().bind(widths.inner(index));
        label.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        column.setGraphic(label);
        column.getStyleClass().addAll(Hues.style(hue));
        widths.dress(column, index);
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(cell.apply(row.getValue())));
        column.setCellFactory(_ -> new Cell<>(type, key));
        return column;
    }

    private static final class Cell<R> extends TableCell<R, ResultCell> {
        private static final PseudoClass PADDED = PseudoClass.getPseudoClass("padded");
        private final ValueLabel label = new ValueLabel();

        Cell(Type type, boolean key) {
            setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            setAlignment(ValueLabel.alignment(type));
            getStyleClass().addAll("value-cell", type == Type.TEXT ? "text-cell" : "code-cell");
            if (key) getStyleClass().add("key-cell");
            // It stays where it is, also in rows that are empty for a while: what is taken away and put back is styled
            // anew.
            setGraphic(label);
        }

        @Override
        protected void updateItem(ResultCell cell, boolean empty) {
            super.updateItem(cell, empty);
            boolean shown = !empty && cell != null;
            label.setVisible(shown);
            pseudoClassStateChanged(PADDED, shown && cell instanceof ResultCell.Padded);
            switch (shown ? cell : null) {
                case null -> setAccessibleText("");
                case ResultCell.Stored(Value value) -> {
                    label.show(value);
                    setAccessibleText(value.equals(Value.of("")) ? words().tables().emptyText() : value.shown());
                }
                case ResultCell.Padded _ -> {
                    label.show(Value.NULL);
                    setAccessibleText(words().resultGrid().paddedNull());
                }
            }
        }
    }
}
