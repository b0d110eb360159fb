package lunko.desktop.show;

import java.util.function.LongSupplier;
import javafx.scene.control.TableCell;

/** The number of a row, counted from 1. */
final class RowNumberCell<R> extends TableCell<R, Integer> {
    private final LongSupplier before;

    /** Numbers the rows of a table that has so many other rows before those it lists. */
    RowNumberCell(LongSupplier before) {
        this.before = before;
        getStyleClass().add("row-number");
    }

    @Override
    public void updateIndex(int index) {
        super.updateIndex(index);
        showNumber();
    }

    @Override
    protected void updateItem(Integer item, boolean empty) {
        super.updateItem(item, empty);
        showNumber();
    }

    private void showNumber() {
        int index = getIndex();
        boolean row = getTableView() != null && index >= 0 && index < getTableView().getItems().size();
        setText(row ? Long.toString(before.getAsLong() + index + 1) : "");
    }
}
