package lunko.desktop.show;

import javafx.scene.control.TableCell;

/** The number of a row, counted from 1. */
final class RowNumberCell<R> extends TableCell<R, Integer> {

    RowNumberCell() {
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
        setText(row ? Integer.toString(index + 1) : "");
    }
}
