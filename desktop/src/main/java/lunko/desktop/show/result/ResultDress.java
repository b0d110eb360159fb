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
record ResultDress(boolean went, Optional<Changes.Status> status, boolean repeats, boolean grouped) {
    private static final PseudoClass WENT = PseudoClass.getPseudoClass("went");
    private static final PseudoClass CAME = PseudoClass.getPseudoClass("came");
    private static final PseudoClass CHANGED = PseudoClass.getPseudoClass("changed");
    private static final PseudoClass REPEATED = PseudoClass.getPseudoClass("repeated");
    private static final PseudoClass GROUPED = PseudoClass.getPseudoClass("grouped");

    /** Dresses a row so. */
    void on(TableRow<?> row) {
        row.pseudoClassStateChanged(WENT, went);
        row.pseudoClassStateChanged(CAME, status.filter(Changes.Status.CAME::equals).isPresent());
        row.pseudoClassStateChanged(CHANGED, status.filter(Changes.Status.CHANGED::equals).isPresent());
        row.pseudoClassStateChanged(REPEATED, repeats);
        row.pseudoClassStateChanged(GROUPED, grouped);
    }
}
