package lunko.desktop.grid;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.css.PseudoClass;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableRow;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import lunko.desktop.look.Tip;
import lunko.problem.TableFault;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Type;
import lunko.table.Value;

/** A cell of a table that is built, edited in place. What does not fit its column is kept and marked. */
final class EntryCell extends TableCell<RowSlot, Entry> {
    private static final PseudoClass IN_BLOCK = PseudoClass.getPseudoClass("in-block");
    private static final PseudoClass CURSOR = PseudoClass.getPseudoClass("cursor");

    private final TableGrid grid;
    private final int at;
    private final Column column;
    private final ValueLabel label = new ValueLabel();
    private final TextField field = new TextField();
    // A field, so that it lives as long as the cell does: the grid holds it weakly.
    private final InvalidationListener dress = _ -> dress();
    private Optional<RowSlot> edited = Optional.empty();
    private Row before = new Row(-1, List.of());

    EntryCell(TableGrid grid, int at, Column column, boolean linked) {
        this.grid = grid;
        this.at = at;
        this.column = column;
        getStyleClass().add(column.type() == Type.TEXT ? "text-cell" : "code-cell");
        if (linked) getStyleClass().add("key-cell");
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        setAlignment(ValueLabel.alignment(column.type()));
        field.setAlignment(ValueLabel.alignment(column.type()));
        field.getStyleClass().add("cell-field");
        field.addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        field.focusedProperty().subscribe(focused -> {
            if (!focused && isEditing()) finish();
        });
        grid.selected().addListener(new WeakInvalidationListener(dress));
    }

    @Override
    protected void updateItem(Entry entry, boolean empty) {
        super.updateItem(entry, empty);
        Tip.off(this);
        if (empty || entry == null) {
            setGraphic(null);
        } else if (isGhost()) {
            setGraphic(isEditing() ? field : null);
        } else {
            label.show(entry);
            setAccessibleText(
                    words().tables().cell(column.name(),
                            entry.value().equals(Value.of("")) ? words().tables().emptyText()
                                    : entry.shown()));
            setGraphic(isEditing() ? field : label);
            entry.misfit().ifPresent(typed -> Tip.on(this, words().problems()
                    .of(new TableFault.Misfit(typed, column)).text()));
        }
        dress();
    }

    @Override
    public void updateIndex(int index) {
        super.updateIndex(index);
        dress();
    }

    private boolean isGhost() {
        return getTableRow() != null && getTableRow().getItem() != null && getTableRow().getItem().isGhost();
    }

    private void dress() {
        Optional<Selection> selection = grid.selected().get();
        boolean shown = !isEmpty() && selection.isPresent();
        Block block = shown ? selection.get().block() : null;
        pseudoClassStateChanged(IN_BLOCK, shown && block.size() > 1 && block.contains(getIndex(), at));
        pseudoClassStateChanged(CURSOR, shown && selection.get().isCursor(getIndex(), at));
    }

    @Override
    public void startEdit() {
        // A cell that the table has not given a row yet is asked again when it has.
        Optional<RowSlot> slot = Optional.ofNullable(getTableRow()).map(TableRow::getItem);
        if (slot.isEmpty()) return;
        super.startEdit();
        if (!isEditing()) return;
        edited = slot;
        before = edited.get().row().get();
        field.setText(isGhost() ? "" : column.typed(getItem()));
        setGraphic(field);
        // Its skin selects everything when it comes to a field that has the focus already: too late for typing over.
        field.applyCss();
        field.requestFocus();
        field.selectAll();
    }

    @Override
    public void cancelEdit() {
        super.cancelEdit();
        updateItem(getItem(), isEmpty());
    }

    private void onKey(KeyEvent event) {
        switch (event.getCode()) {
            case ENTER, TAB -> {
                event.consume();
                boolean back = event.isShiftDown();
                grid.requestFocus();
                finish();
                if (event.getCode() == KeyCode.ENTER) grid.goDown(back);
                else grid.goRight(back);
            }
            case ESCAPE -> {
                event.consume();
                cancelEdit();
                grid.requestFocus();
            }
            default -> {}
        }
    }

    /** Takes what was typed, whether it fits or not. */
    private void finish() {
        if (!isEditing() || edited.isEmpty()) return;
        RowSlot slot = edited.get();
        String typed = field.getText();
        // Another row may have come to stand there meanwhile: it is not the one that was meant.
        boolean meant = slot.row().get() == before;
        boolean same = !slot.isGhost() && typed.equals(column.typed(slot.entry(at)));
        cancelEdit();
        if (meant && !same) grid.take(slot, at, typed);
    }
}
