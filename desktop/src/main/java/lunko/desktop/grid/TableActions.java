package lunko.desktop.grid;

import static javafx.scene.input.KeyCombination.SHIFT_DOWN;
import static javafx.scene.input.KeyCombination.SHORTCUT_DOWN;
import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Notice;
import lunko.desktop.lesson.TableFiles;
import lunko.exchange.TableText;
import lunko.lesson.CellEdit;
import lunko.lesson.ColumnEdit;
import lunko.lesson.Edit;
import lunko.lesson.RowEdit;
import lunko.table.Block;
import lunko.table.Table;

/** What can be done in the table in hand, each thing once. */
public final class TableActions {
    private static final String NULL = "NULL";

    private final LessonModel model;
    private final Hand hand;
    private final Action edit;
    private final Action clear;
    private final Action makeNull;
    private final Action fillDown;
    private final Action selectAll;
    private final Action copy;
    private final Action cut;
    private final Action paste;
    private final Action addRow;
    private final Action insertRow;
    private final Action repeatRows;
    private final Action deleteRows;
    private final Action rowsUp;
    private final Action rowsDown;
    private final Action columnLeft;
    private final Action columnRight;
    private final Action copyTable;
    private final Action pasteTable;

    /** The actions on the table that a hand holds. */
    public TableActions(LessonModel model, Hand hand, TableFiles files) {
        this.model = model;
        this.hand = hand;
        edit = Action.of(words().tables().changeCell(), Group.TABLES, () -> hand.grid().ifPresent(TableGrid::editCell),
                new KeyCodeCombination(KeyCode.F2));
        clear = onBlock(words().tables().clearCells(),
                (grid, block) -> model.edit(new CellEdit.Put(grid.table(), block, "")),
                new KeyCodeCombination(KeyCode.DELETE), new KeyCodeCombination(KeyCode.BACK_SPACE));
        makeNull = onBlock(words().tables().makeNull(),
                (grid, block) -> model.edit(new CellEdit.Put(grid.table(), block, NULL)),
                new KeyCodeCombination(KeyCode.F8));
        fillDown = onBlock(words().tables().fillFromAbove(),
                (grid, block) -> model.edit(new CellEdit.FillDown(grid.table(), block)),
                new KeyCodeCombination(KeyCode.F7));
        selectAll = Action.of(words().tables().selectTable(), Group.TABLES,
                () -> hand.grid().ifPresent(grid -> grid.select(
                        new Block(0, Math.max(0, table(grid).rows().size() - 1), 0, table(grid).columns().size() - 1))),
                new KeyCodeCombination(KeyCode.A, SHORTCUT_DOWN));
        copy = onBlock(words().tables().copyCells(), this::copy, new KeyCodeCombination(KeyCode.C, SHORTCUT_DOWN));
        cut = onBlock(words().tables().cutCells(), (grid, block) -> {
            copy(grid, block);
            model.edit(new CellEdit.Put(grid.table(), block, ""));
        }, new KeyCodeCombination(KeyCode.X, SHORTCUT_DOWN));
        paste = Action.of(words().tables().pasteCells(), Group.TABLES,
                () -> hand.grid().ifPresent(this::paste), new KeyCodeCombination(KeyCode.V, SHORTCUT_DOWN));
        addRow = Action.of(words().tables().addRow(), Group.TABLES, () -> hand.grid().ifPresent(this::addRow),
                new KeyCodeCombination(KeyCode.ENTER, SHORTCUT_DOWN));
        insertRow = Action.of(words().tables().insertRow(), Group.TABLES, () -> hand.grid().ifPresent(grid -> {
            int at = Math.min(grid.cursor().firstRow(), table(grid).rows().size());
            model.edit(new RowEdit.Insert(grid.table(), at));
        }), new KeyCodeCombination(KeyCode.INSERT));
        repeatRows = onBlock(words().tables().duplicateRows(), (grid, block) -> {
            model.edit(new RowEdit.Repeat(grid.table(), block.firstRow(), block.lastRow()));
            grid.select(new Block(block.lastRow() + 1, block.lastRow() + block.height(), block.firstColumn(),
                    block.lastColumn()));
        }, new KeyCodeCombination(KeyCode.F9));
        deleteRows = onBlock(words().tables().deleteRows(), (grid, block) -> {
            model.edit(new RowEdit.Delete(grid.table(), block.firstRow(), block.lastRow()));
            grid.select(block.firstRow(), block.firstColumn());
        }, new KeyCodeCombination(KeyCode.DELETE, SHORTCUT_DOWN),
                new KeyCodeCombination(KeyCode.BACK_SPACE, SHORTCUT_DOWN));
        rowsUp = onBlock(words().tables().rowsUp(), (grid, block) -> moveRows(grid, block, -1),
                new KeyCodeCombination(KeyCode.UP, SHORTCUT_DOWN, SHIFT_DOWN));
        rowsDown = onBlock(words().tables().rowsDown(), (grid, block) -> moveRows(grid, block, 1),
                new KeyCodeCombination(KeyCode.DOWN, SHORTCUT_DOWN, SHIFT_DOWN));
        columnLeft = onBlock(words().tables().columnLeft(), (grid, block) -> moveColumn(grid, block, -1),
                new KeyCodeCombination(KeyCode.LEFT, SHORTCUT_DOWN, SHIFT_DOWN));
        columnRight = onBlock(words().tables().columnRight(), (grid, block) -> moveColumn(grid, block, 1),
                new KeyCodeCombination(KeyCode.RIGHT, SHORTCUT_DOWN, SHIFT_DOWN));
        copyTable = Action.of(words().tables().copyTable(), Group.TABLES,
                () -> hand.grid().ifPresent(grid -> files.copy(table(grid))),
                new KeyCodeCombination(KeyCode.C, SHORTCUT_DOWN, SHIFT_DOWN));
        pasteTable = Action.of(words().tables().replaceTable(), Group.TABLES,
                () -> files.paste(hand.grid().map(TableGrid::table)),
                new KeyCodeCombination(KeyCode.V, SHORTCUT_DOWN, SHIFT_DOWN));
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        return List.of(edit, clear, makeNull, fillDown, selectAll, copy, cut, paste, addRow, insertRow, repeatRows,
                deleteRows, rowsUp, rowsDown,
                columnLeft, columnRight, copyTable, pasteTable);
    }

    /** Makes the menu of a table's cells. */
    public ContextMenu menu() {
        ContextMenu menu = new ContextMenu();
        for (List<Action> part : List.of(List.of(edit, clear, makeNull, fillDown), List.of(copy, cut, paste),
                List.of(insertRow, repeatRows, deleteRows, rowsUp, rowsDown))) {
            if (!menu.getItems().isEmpty()) menu.getItems().add(new SeparatorMenuItem());
            menu.getItems().addAll(part.stream().map(Action::menuItem).toArray(MenuItem[]::new));
        }
        return menu;
    }

    private Action onBlock(String name, BiConsumer<TableGrid, Block> handler, KeyCodeCombination... keys) {
        return Action.of(name, Group.TABLES, () -> {
            Optional<TableGrid> grid = hand.grid();
            Optional<Block> block = grid.flatMap(TableGrid::block);
            if (block.isEmpty()) model.say(new Notice.Success(words().tables().selectFirst()));
            else handler.accept(grid.get(), block.get());
        }, keys);
    }

    private Table table(TableGrid grid) {
        return model.lesson().get().table(grid.table());
    }

    /** Adds a row to a table and goes into its first cell. */
    public void addRow(TableGrid grid) {
        int at = table(grid).rows().size();
        if (!model.edit(new RowEdit.Insert(grid.table(), at))) return;
        grid.requestFocus();
        grid.select(at, 0);
        grid.editCell();
    }

    private void moveRows(TableGrid grid, Block block, int by) {
        int last = table(grid).rows().size() - 1;
        if (block.firstRow() + by < 0 || block.lastRow() + by > last) return;
        move(grid, new RowEdit.Move(grid.table(), block.firstRow(), block.lastRow(), by),
                new Block(block.firstRow() + by, block.lastRow() + by, block.firstColumn(), block.lastColumn()));
    }

    private void moveColumn(TableGrid grid, Block block, int by) {
        int at = block.firstColumn();
        if (at + by < 0 || at + by >= table(grid).columns().size()) return;
        move(grid, new ColumnEdit.Move(grid.table(), at, by),
                new Block(block.firstRow(), block.lastRow(), at + by, at + by));
    }

    private void move(TableGrid grid, Edit edit, Block after) {
        if (model.edit(edit)) grid.select(after);
    }

    /** As CSV has it, NULL is an empty field, and the empty text two quotes. */
    private void copy(TableGrid grid, Block block) {
        List<List<String>> typed = block.typed(table(grid)).stream()
                .map(line -> line.stream().map(text -> text.equals(NULL) ? "" : text).toList()).toList();
        ClipboardContent content = new ClipboardContent();
        content.putString(TableText.tabbed(typed));
        content.putHtml(TableText.page(typed));
        Clipboard.getSystemClipboard().setContent(content);
    }

    private void paste(TableGrid grid) {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        String text = Optional.ofNullable(clipboard.getString()).orElse("");
        List<List<String>> typed = TableText.block(Optional.ofNullable(clipboard.getHtml()), text).stream()
                .map(line -> line.stream().map(field -> field.isEmpty() ? NULL : field).toList()).toList();
        if (typed.isEmpty()) return;
        Block at = grid.block().orElse(grid.cursor());
        if (typed.size() == 1 && typed.getFirst().size() == 1 && at.size() > 1) {
            model.edit(new CellEdit.Put(grid.table(), at, typed.getFirst().getFirst()));
            return;
        }
        if (!model.edit(new CellEdit.Paste(grid.table(), at.firstRow(), at.firstColumn(), typed))) return;
        grid.select(new Block(at.firstRow(), at.firstRow() + typed.size() - 1, at.firstColumn(),
                at.firstColumn() + typed.getFirst().size() - 1));
    }
}
