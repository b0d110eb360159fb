package lunko.desktop.grid;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.IndexedCell;
import lunko.desktop.look.StyleClasses;
import lunko.table.Type;

/**
 * What a cell looks like for the column that it is in.
 *
 * @param styles the style classes of the type, and of a column that decides what becomes of a row
 * @param alignment where its value stands
 */
public record CellLook(List<String> styles, Pos alignment) {
    private static final String TEXT = "text-cell";
    private static final String CODE = "code-cell";
    private static final String KEY = "key-cell";

    /** The look in a column of a type. */
    public static CellLook of(Type type, boolean key) {
        return new CellLook(
                Stream.of(type == Type.TEXT ? TEXT : CODE, KEY).filter(style -> key || !style.equals(KEY)).toList(),
                ValueLabel.alignment(type));
    }

    /** Gives it to a cell. */
    public void dress(IndexedCell<?> cell) {
        cell.setAlignment(alignment);
        StyleClasses.choose(cell, List.of(TEXT, CODE, KEY), styles);
    }
}
