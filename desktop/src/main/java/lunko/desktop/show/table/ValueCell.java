package lunko.desktop.show.table;

import static lunko.desktop.words.Spoken.words;

import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.TableCell;
import lunko.desktop.grid.CellLook;
import lunko.desktop.grid.ValueLabel;
import lunko.engine.ResultCell;
import lunko.table.Value;

/** A cell of values that are looked at, which is what its column shows at any time. */
final class ValueCell<R> extends TableCell<R, ResultCell> {
    private static final PseudoClass PADDED = PseudoClass.getPseudoClass("padded");

    private final ObservableValue<ValueColumns.Shown<R>> shown;
    private final ValueLabel label = new ValueLabel();
    // A field, so that it lives as long as the cell does: the column holds it weakly.
    private final InvalidationListener change = _ -> become();

    ValueCell(ObservableValue<ValueColumns.Shown<R>> shown) {
        this.shown = shown;
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        getStyleClass().add("value-cell");
        // It stays where it is, also in rows that are empty for a while: what is taken away and put back is styled
        // anew.
        setGraphic(label);
        shown.addListener(new WeakInvalidationListener(change));
        become();
    }

    /** Looks as its column does, and asks it what stands here. */
    private void become() {
        ColumnLook look = shown.getValue().look();
        CellLook.of(look.type(), look.key()).dress(this);
        updateIndex(getIndex());
    }

    @Override
    protected void updateItem(ResultCell cell, boolean empty) {
        super.updateItem(cell, empty);
        boolean seen = !empty && cell != null;
        label.setVisible(seen);
        pseudoClassStateChanged(PADDED, seen && cell instanceof ResultCell.Padded);
        switch (seen ? cell : null) {
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
