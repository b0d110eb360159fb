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
import lunko.table.Value;

/** A cell of a table that is built, edited in place. What does not fit its column is kept and marked. */
final class EntryCell extends TableCell<RowSlot, Entry> {
    private static final PseudoClass IN_BLOCK = PseudoClass.getPseudoClass("in-block");
    private static final PseudoClass CURSOR = PseudoClass.getPseudoClass("cursor");

    private final TableGrid grid;
    private final int at;
    private final ValueLabel label = new ValueLabel();
    private final TextField field = new TextField();
    // A field, so that it lives as long as the cell does: the grid holds it weakly.
    private final InvalidationListener dress = _ -> dress();
    private final InvalidationListener become = _ -> become();
    private Optional<RowSlot> edited = Optional.empty();
    private Row before = new Row(-1, List.of());

    EntryCell(TableGrid grid, int at) {
        this.grid = grid;
        this.at = at;
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        field.getStyleClass().add("cell-field");
        field.addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        field.focusedProperty().subscribe(focused -> {
            if (!focused && isEditing()) finish();
        });
        grid.selected().addListener(new WeakInvalidationListener(dress));
        grid.looks().addListener(new WeakInvalidationListener(become));
        become();
    }

    private Column column() {
        return grid.looks().getValue().columns().get(at);
    }

    /** Looks as its column does. */
    private void become() {
        TableGrid.Looks looks = grid.looks().getValue();
        if (at >= looks.columns().size()) return;
        CellLook look = CellLook.of(column().type(), looks.linked().contains(at));
        look.dress(this);
        field.setAlignment(look.alignment());
        if (!isEmpty() && getItem() != null && !isGhost()) say(getItem());
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
            setGraphic(isEditing() ? field : label);
            say(entry);
        }
        dress();
    }

    private void say(Entry entry) {
        Column column = column();
        setAccessibleText(words().tables().cell(column.name(),
                entry.value().equals(Value.of("")) ? words().tables().emptyText() : entry.shown()));
        entry.misfit().ifPresent(
                typed -> Tip.on(this, words().problems().of(new TableFault.Misfit(typed, column)).text()));
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
        field.setText(isGhost() ? "" : column().typed(getItem()));
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
        boolean same = !slot.isGhost() && typed.equals(column().typed(slot.entry(at)));
        cancelEdit();
        if (meant && !same) grid.take(slot, at, typed);
    }
}
