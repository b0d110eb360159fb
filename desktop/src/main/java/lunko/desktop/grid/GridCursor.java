package lunko.desktop.grid;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.TableCell;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;

/** What is selected in a grid, and how the keyboard and the mouse move that. Rows and columns are counted from 0. */
final class GridCursor {
    private final TableGrid grid;
    private final ColumnWidths widths;
    private final double headerHeight;
    private final ObjectProperty<Optional<Selection>> selected = new SimpleObjectProperty<>(Optional.empty());
    /** The column where a row of cells was begun, to go back to; -1 if none was. */
    private int returnTo = -1;

    GridCursor(TableGrid grid, ColumnWidths widths, double headerHeight) {
        this.grid = grid;
        this.widths = widths;
        this.headerHeight = headerHeight;
        grid.addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
        grid.addEventFilter(MouseEvent.MOUSE_PRESSED, this::onPress);
        grid.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::onDrag);
    }

    /** What is selected, if anything is. */
    ReadOnlyObjectProperty<Optional<Selection>> selected() {
        return selected;
    }

    private Selection at() {
        return selected.get().orElse(Selection.cell(0, 0));
    }

    private int lastRow() {
        return grid.getItems().size() - 1;
    }

    private int lastColumn() {
        return grid.getColumns().size() - 2;
    }

    /** Selects from one cell to another, which gets the keyboard; where there are no such cells, the nearest. */
    void select(int anchorRow, int anchorColumn, int row, int column) {
        if (lastRow() < 0 || lastColumn() < 0) {
            selected.set(Optional.empty());
            return;
        }
        selected.set(Optional
                .of(new Selection(Math.clamp(anchorRow, 0, lastRow()), Math.clamp(anchorColumn, 0, lastColumn()),
                        Math.clamp(row, 0, lastRow()), Math.clamp(column, 0, lastColumn()))));
        Selection now = at();
        grid.getFocusModel().focus(now.row(), grid.getColumns().get(now.column() + 1));
    }

    /** Goes to a cell, and brings it into view; with the block growing there if it is {@code extending}. */
    void go(int row, int column, boolean extending) {
        Selection from = at();
        if (extending) select(from.anchorRow(), from.anchorColumn(), row, column);
        else select(row, column, row, column);
        Selection now = at();
        grid.reveal(now.row(), Duration.ZERO);
        revealColumn(now.column());
    }

    /** Goes to the cell below, in the column where a row of cells was begun; or above. */
    void goDown(boolean back) {
        Selection from = at();
        int column = returnTo >= 0 ? returnTo : from.column();
        returnTo = -1;
        boolean isGhost = from.row() <= lastRow() && grid.getItems().get(from.row()).isGhost();
        if (!back && isGhost) grid.beyond();
        else go(from.row() + (back ? -1 : 1), column, false);
    }

    /** Goes to the cell on the right, or from the last to the first of the next row; or the other way. */
    void goRight(boolean back) {
        Selection from = at();
        if (returnTo < 0) returnTo = from.column();
        int column = from.column() + (back ? -1 : 1);
        if (column > lastColumn()) go(from.row() + 1, 0, false);
        else if (column < 0) go(from.row() - 1, lastColumn(), false);
        else go(from.row(), column, false);
    }

    private void revealColumn(int column) {
        grid.bar(Orientation.HORIZONTAL).filter(ScrollBar::isVisible)
                .ifPresent(_ -> grid.scrollToColumnIndex(column + 1));
    }

    private void onKey(KeyEvent event) {
        if (event.getTarget() instanceof TextInputControl || event.isAltDown() || event.isMetaDown()) return;
        Selection at = at();
        boolean extending = event.isShiftDown();
        boolean far = event.isControlDown();
        int page = Math.max(1, grid.endOfView() - grid.firstInView() - 1);
        if (far && event.getCode() != KeyCode.HOME && event.getCode() != KeyCode.END) return;
        switch (event.getCode()) {
            case UP -> go(at.row() - 1, at.column(), extending);
            case DOWN -> go(at.row() + 1, at.column(), extending);
            case LEFT -> go(at.row(), at.column() - 1, extending);
            case RIGHT -> go(at.row(), at.column() + 1, extending);
            case PAGE_UP -> go(at.row() - page, at.column(), extending);
            case PAGE_DOWN -> go(at.row() + page, at.column(), extending);
            case HOME -> go(far ? 0 : at.row(), 0, extending);
            case END -> go(far ? lastRow() : at.row(), lastColumn(), extending);
            case TAB -> goRight(extending);
            case ENTER -> goDown(extending);
            default -> {
                return;
            }
        }
        if (event.getCode() != KeyCode.TAB && event.getCode() != KeyCode.ENTER) returnTo = -1;
        event.consume();
    }

    private void onPress(MouseEvent event) {
        Optional<TableCell<?, ?>> cell = cellAt(event.getTarget());
        if (event.getTarget() instanceof TextInputControl || cell.isEmpty() || cell.get().isEmpty()
                || cell.get().isEditing())
            return;
        int row = cell.get().getIndex();
        int column = grid.getColumns().indexOf(cell.get().getTableColumn()) - 1;
        if (event.getButton() != MouseButton.PRIMARY) {
            if (grid.block().filter(block -> block.contains(row, column)).isEmpty())
                select(row, Math.max(0, column), row, Math.max(0, column));
            grid.requestFocus();
            return;
        }
        event.consume();
        grid.requestFocus();
        returnTo = -1;
        if (column < 0) {
            int from = event.isShiftDown() ? selected.get().map(Selection::anchorRow).orElse(row) : row;
            select(from, 0, row, lastColumn());
        } else if (event.isShiftDown()) {
            go(row, column, true);
        } else {
            select(row, column, row, column);
            if (event.getClickCount() == 2) grid.editCell();
        }
    }

    private void onDrag(MouseEvent event) {
        if (!event.isPrimaryButtonDown() || cellAt(event.getTarget()).isEmpty() || selected.get().isEmpty()
                || grid.getEditingCell() != null)
            return;
        int row = (int) Math.floor((event.getY() - headerHeight + grid.scrolled()) / grid.rowHeight());
        double x = event.getX()
                + grid.bar(Orientation.HORIZONTAL).filter(ScrollBar::isVisible).map(ScrollBar::getValue).orElse(0.0)
                - ColumnWidths.NUMBER_COLUMN;
        int column = 0;
        while (column < lastColumn() && x > widths.of(column).get()) x -= widths.of(column++).get();
        Selection from = selected.get().get();
        boolean wholeRows = from.anchorColumn() == 0 && from.column() == lastColumn() && x < 0;
        go(row, wholeRows ? lastColumn() : column, true);
        event.consume();
    }

    private Optional<TableCell<?, ?>> cellAt(Object target) {
        for (Node at = target instanceof Node node ? node : null; at != null && at != grid; at = at.getParent()) {
            if (at instanceof TableCell<?, ?> cell) return Optional.of(cell);
            if (at instanceof IndexedCell<?>) return Optional.empty();
        }
        return Optional.empty();
    }
}
