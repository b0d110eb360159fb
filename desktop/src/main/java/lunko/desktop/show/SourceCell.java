package lunko.desktop.show;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Type;
import lunko.table.Value;

/** A cell of a source table, edited in place. What does not fit its column stays in the field until it does. */
final class SourceCell extends TableCell<Row, Value> {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    /** What a finished edit comes to: a value for the cell, or a problem to be said. */
    record Handlers(SetValue set, Consumer<Problem> refuse) {}

    /** Takes the new value of a row's cell. */
    @FunctionalInterface
    interface SetValue {
        void accept(Row row, Value value);
    }

    private final Column column;
    private final Handlers handlers;
    private final ValueLabel label = new ValueLabel();
    private final TextField field = new TextField();
    private Row edited;

    SourceCell(Column column, boolean key, Handlers handlers) {
        this.column = column;
        this.handlers = handlers;
        getStyleClass().add(column.type() == Type.TEXT ? "text-cell" : "code-cell");
        if (key) getStyleClass().add("key-cell");
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        Pos alignment = ValueLabel.alignment(column.type());
        setAlignment(alignment);
        field.setAlignment(alignment);
        field.getStyleClass().add("cell-field");
        field.addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        field.textProperty().subscribe(() -> field.pseudoClassStateChanged(WRONG, false));
        field.focusedProperty().subscribe(focused -> {
            if (!focused && isEditing()) leave();
        });
    }

    @Override
    protected void updateItem(Value value, boolean empty) {
        super.updateItem(value, empty);
        if (empty || value == null) {
            setGraphic(null);
        } else {
            label.show(value);
            setGraphic(isEditing() ? field : label);
        }
    }

    @Override
    public void startEdit() {
        super.startEdit();
        if (!isEditing()) return;
        edited = getTableRow().getItem();
        field.setText(column.typed(getItem()));
        setGraphic(field);
        // Its skin selects everything when it comes to a field that has the focus already: too late for typing over.
        field.applyCss();
        field.requestFocus();
        field.selectAll();
    }

    @Override
    public void cancelEdit() {
        super.cancelEdit();
        setGraphic(isEmpty() ? null : label);
    }

    private void onKey(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.TAB) {
            event.consume();
            int row = getIndex();
            int at = getTableView().getColumns().indexOf(getTableColumn());
            TableView<Row> table = getTableView();
            if (finish()) select(table, row, at, event);
        } else if (event.getCode() == KeyCode.ESCAPE) {
            event.consume();
            cancelEdit();
            getTableView().requestFocus();
        }
    }

    /** Enter goes on below, Tab to the right, and with Shift the other way; the first column holds row numbers. */
    private static void select(TableView<Row> table, int row, int column, KeyEvent event) {
        int by = event.isShiftDown() ? -1 : 1;
        boolean below = event.getCode() == KeyCode.ENTER;
        int nextRow = Math.clamp(below ? row + by : row, 0, table.getItems().size() - 1);
        int nextColumn = Math.clamp(below ? column : column + by, 1, table.getColumns().size() - 1);
        table.requestFocus();
        table.getSelectionModel().clearAndSelect(nextRow, table.getColumns().get(nextColumn));
        table.getFocusModel().focus(nextRow, table.getColumns().get(nextColumn));
    }

    /** Takes what was typed, if it fits; says why and stays if not. */
    private boolean finish() {
        switch (column.valueOf(field.getText())) {
            case Checked.Valid<Value>(Value value) -> {
                Row row = edited;
                cancelEdit();
                handlers.set.accept(row, value);
                return true;
            }
            case Checked.Invalid<Value>(Problem problem) -> {
                field.pseudoClassStateChanged(WRONG, true);
                handlers.refuse.accept(problem);
                return false;
            }
        }
    }

    /** The person went elsewhere: what fits is taken, what does not is named in the problem and given up. */
    private void leave() {
        if (!finish()) cancelEdit();
    }
}
