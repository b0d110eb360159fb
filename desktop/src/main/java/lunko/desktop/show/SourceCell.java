package lunko.desktop.show;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.TableCell;
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
            if (finish()) moveOn(event);
        } else if (event.getCode() == KeyCode.ESCAPE) {
            event.consume();
            cancelEdit();
            getTableView().requestFocus();
        }
    }

    private void moveOn(KeyEvent event) {
        getTableView().requestFocus();
        var selection = getTableView().getSelectionModel();
        if (event.getCode() == KeyCode.ENTER) selection.selectBelowCell();
        else if (event.isShiftDown()) selection.selectLeftCell();
        else selection.selectRightCell();
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
