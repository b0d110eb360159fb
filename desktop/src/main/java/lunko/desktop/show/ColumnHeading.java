package lunko.desktop.show;

import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import lunko.query.Side;
import lunko.table.Column;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The name over a column of a source table: a handle to drag onto the column that it belongs to. */
final class ColumnHeading extends HBox {
    private static final PseudoClass TARGET = PseudoClass.getPseudoClass("target");

    private final Column column;

    ColumnHeading(Side side, Column column, boolean key) {
        this.column = column;
        getStyleClass().add("column-heading");
        setAlignment(ValueLabel.alignment(column.type()));
        setMaxWidth(Double.MAX_VALUE);
        Label name = new Label(column.name());
        name.setTextOverrun(OverrunStyle.ELLIPSIS);
        name.setMinWidth(0);
        HBox.setHgrow(name, Priority.NEVER);
        getChildren().add(name);
        if (key) {
            getStyleClass().add("key-heading");
            FontIcon towards = new FontIcon(side.of(Feather.ARROW_RIGHT, Feather.ARROW_LEFT));
            getChildren().add(side == Side.LEFT ? 1 : 0, towards);
        }
        Tooltip.install(this, new Tooltip(column.name() + ", " + column.type().title()
                + "\nDrag it onto a column of the other table to match the two."));
        setAccessibleText(column.name() + ", " + column.type().title() + (key ? ", matched" : ""));
    }

    Column column() {
        return column;
    }

    /** Shows whether a column that is being dragged would be matched with this one. */
    void target(boolean target) {
        pseudoClassStateChanged(TARGET, target);
    }

    /** Whether a place on the screen's scene is over this heading, or over the space around it in its header cell. */
    boolean isAt(double sceneX, double sceneY) {
        return getParent() != null && getParent().localToScene(getParent().getLayoutBounds()).contains(sceneX, sceneY);
    }
}
