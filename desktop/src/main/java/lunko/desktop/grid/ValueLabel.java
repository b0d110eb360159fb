package lunko.desktop.grid;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import lunko.desktop.look.ShortLabel;
import lunko.table.Entry;
import lunko.table.Type;
import lunko.table.Value;

/** A value in a cell: numbers to the right, text to the left, NULL as a dashed pill, the empty text as a mark. */
public final class ValueLabel extends ShortLabel {
    private static final PseudoClass NULL = PseudoClass.getPseudoClass("null");
    private static final PseudoClass EMPTY = PseudoClass.getPseudoClass("empty-text");
    private static final PseudoClass MISFIT = PseudoClass.getPseudoClass("misfit");
    private static final int LONGEST = 200;

    /** A label that shows nothing yet. */
    public ValueLabel() {
        getStyleClass().add("value");
    }

    /** Shows what stands in a cell: a value, or, marked, a text that is none of its column. */
    void show(Entry entry) {
        show(entry.value());
        boolean misfit = entry.misfit().isPresent();
        if (misfit) {
            setText(cut(entry.shown()));
            pseudoClassStateChanged(NULL, false);
        }
        pseudoClassStateChanged(MISFIT, misfit);
    }

    /** Shows a value. */
    public void show(Value value) {
        boolean emptyText = value.equals(Value.of(""));
        String shown = value.shown();
        setText(emptyText ? "''" : cut(shown));
        pseudoClassStateChanged(NULL, value.isNull());
        pseudoClassStateChanged(EMPTY, emptyText);
    }

    private static String cut(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST) + "…";
    }

    /** Where values of a type stand in their column. */
    public static Pos alignment(Type type) {
        return type.isNumeric() ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT;
    }
}
