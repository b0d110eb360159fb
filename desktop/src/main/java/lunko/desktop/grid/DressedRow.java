package lunko.desktop.grid;

import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.beans.WeakInvalidationListener;
import javafx.scene.control.TableRow;

/**
 * A row of a table that looks like what it shows: it is dressed anew when it becomes another row or none, and when
 * something changes on which its look depends.
 */
public abstract class DressedRow<R> extends TableRow<R> {
    // A field, so that it lives as long as the row does: what is listened to holds it weakly.
    private final InvalidationListener dress = _ -> dress();

    /** Gives the row the look that it has now; it may be empty. */
    protected abstract void dress();

    /** Names what its look depends on, beside the row itself. */
    protected final void dressedBy(Observable... states) {
        for (Observable state : states) state.addListener(new WeakInvalidationListener(dress));
    }

    @Override
    public void updateIndex(int index) {
        super.updateIndex(index);
        dress();
    }

    @Override
    protected void updateItem(R item, boolean empty) {
        super.updateItem(item, empty);
        dress();
    }
}
