package lunko.desktop.show.result;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.TableRow;
import lunko.insight.comparison.Changes;

/**
 * How a row of a result looks for what the last change has done to it, and for the row above it.
 *
 * @param repeats whether the row above it comes from the same left row
 */
record ResultDress(boolean removed, Optional<Changes.Status> status, boolean repeats, boolean grouped) {
    private static final PseudoClass REMOVED = PseudoClass.getPseudoClass("removed");
    private static final PseudoClass ADDED = PseudoClass.getPseudoClass("added");
    private static final PseudoClass CHANGED = PseudoClass.getPseudoClass("changed");
    private static final PseudoClass REPEATED = PseudoClass.getPseudoClass("repeated");
    private static final PseudoClass GROUPED = PseudoClass.getPseudoClass("grouped");

    /** Dresses a row so. */
    void on(TableRow<?> row) {
        row.pseudoClassStateChanged(REMOVED, removed);
        row.pseudoClassStateChanged(ADDED, status.filter(Changes.Status.ADDED::equals).isPresent());
        row.pseudoClassStateChanged(CHANGED, status.filter(Changes.Status.CHANGED::equals).isPresent());
        row.pseudoClassStateChanged(REPEATED, repeats);
        row.pseudoClassStateChanged(GROUPED, grouped);
    }
}
