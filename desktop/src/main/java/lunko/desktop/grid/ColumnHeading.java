package lunko.desktop.grid;

import static lunko.desktop.words.Spoken.words;

import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.desktop.look.Tip;
import lunko.query.Side;
import lunko.table.Column;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The name over a column: a handle to drag onto the column that it belongs to, and renamed in place. */
final class ColumnHeading extends VBox {
    /** What is left free on both sides of a name, in pixels. */
    private static final double BESIDE = 7;

    private final TableGrid grid;
    private final int at;
    private final Column column;
    private final HBox line = new HBox();
    private final Label name = new Label();
    private final TextField field = new TextField();
    private boolean offered;

    ColumnHeading(TableGrid grid, int at, Column column, boolean linked, Optional<Side> side) {
        this.grid = grid;
        this.at = at;
        this.column = column;
        getStyleClass().add("column-heading");
        Pos alignment = ValueLabel.alignment(column.type());
        setAlignment(alignment);
        setMaxWidth(Double.MAX_VALUE);
        line.setAlignment(alignment);
        line.getStyleClass().add("heading-line");
        name.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        name.setMinWidth(0);
        HBox.setHgrow(name, Priority.NEVER);
        line.getChildren().add(name);
        if (linked) {
            getStyleClass().add("key-heading");
            side.ifPresent(shown -> line.getChildren().add(shown == Side.LEFT ? 1 : 0,
                    new FontIcon(shown == Side.LEFT ? Feather.ARROW_RIGHT : Feather.ARROW_LEFT)));
        }
        getChildren().add(line);
        if (grid.saysTypes()) {
            Label type = new Label(type(column));
            type.getStyleClass().add("column-type");
            getChildren().add(type);
        }
        Tip.on(this, grid.saysTypes()
                ? words().tables().headingTip(words().tables().heading(column.name(), type(column)))
                : words().tables().headingTipInShow(words().tables().heading(column.name(), type(column))));
        setAccessibleText(linked ? words().tables().matchedHeading(column.name(), type(column))
                : words().tables().heading(column.name(), type(column)));
        field.getStyleClass().add("heading-field");
        field.setAlignment(alignment);
        // A name has just the room that it needs: a field for it, which has an edge, needs more.
        HBox.setMargin(field, new Insets(0, -BESIDE, 0, -BESIDE));
        HBox.setHgrow(field, Priority.ALWAYS);
        field.addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        field.focusedProperty().subscribe(focused -> {
            if (!focused && line.getChildren().contains(field)) finish();
        });
        setOnContextMenuRequested(event -> {
            // Not at the heading: its styles are not meant for a menu.
            grid.menu(at).show(getScene().getRoot(), event.getScreenX(), event.getScreenY());
            event.consume();
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.getButton() == MouseButton.PRIMARY && event.getClickCount() == 2) rename();
        });
    }

    /** Says the name as there is room for it. */
    void say(ObservableValue<String> text) {
        name.textProperty().bind(text);
    }

    /** The type of a column and what is meant to hold for it, in a few words. */
    static String type(Column column) {
        return words().tables().about(column);
    }

    /** Lets the name be typed. */
    void rename() {
        field.setText(column.name());
        line.getChildren().setAll(field);
        field.applyCss();
        field.requestFocus();
        field.selectAll();
        // Where it is not to be seen it does not get the keyboard, and would stay open.
        if (getScene() == null || getScene().getFocusOwner() != field) finish();
    }

    /** Lets the name of a column be typed that goes again if it is not. */
    void offer() {
        offered = true;
        rename();
    }

    private void onKey(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            event.consume();
            field.setText(column.name());
            finish();
            grid.requestFocus();
        } else if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.TAB) {
            event.consume();
            int by = event.getCode() == KeyCode.ENTER ? 0 : event.isShiftDown() ? -1 : 1;
            boolean onward = !(offered && isAsItWas());
            if (finish()) grid.headingTyped(at, onward ? by : Math.min(by, 0));
        }
    }

    private boolean isAsItWas() {
        return field.getText().equals(column.name());
    }

    private boolean finish() {
        line.getChildren().setAll(name);
        boolean goes = offered && isAsItWas();
        offered = false;
        if (goes) grid.withdraw(at, column);
        return isAsItWas() || grid.rename(at, field.getText());
    }
}
