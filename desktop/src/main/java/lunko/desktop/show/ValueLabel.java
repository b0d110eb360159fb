package lunko.desktop.show;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import lunko.table.Type;
import lunko.table.Value;

/** A value in a cell: numbers to the right, text to the left, NULL as a dashed pill, the empty text as a mark. */
final class ValueLabel extends Label {
    private static final PseudoClass NULL = PseudoClass.getPseudoClass("null");
    private static final PseudoClass EMPTY = PseudoClass.getPseudoClass("empty-text");
    private static final int LONGEST = 200;

    ValueLabel() {
        getStyleClass().add("value");
    }

    void show(Value value) {
        boolean emptyText = value.equals(Value.of(""));
        String shown = value.shown();
        setText(emptyText ? "''" : shown.length() <= LONGEST ? shown : shown.substring(0, LONGEST) + "…");
        pseudoClassStateChanged(NULL, value.isNull());
        pseudoClassStateChanged(EMPTY, emptyText);
    }

    /** Where values of a type stand in their column. */
    static Pos alignment(Type type) {
        return type.isNumeric() ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT;
    }
}
