package lunko.desktop.grid;

import static lunko.desktop.words.Spoken.words;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import lunko.desktop.look.Tip;
import lunko.lesson.Lesson;
import lunko.lesson.View;

/** Says of a table that it is a view, whose rows nobody edits, and by which query. */
public final class ViewSign extends Label {

    /** The sign of a table that is not shown yet. */
    public ViewSign() {
        super(words().tables().view());
        getStyleClass().add("view-sign");
        setMinWidth(USE_PREF_SIZE);
        // Between the name of a table and what is said of it.
        HBox.setMargin(this, new Insets(0, 8, 0, 0));
        setVisible(false);
        setManaged(false);
    }

    /** Shows whether the table of this name is a view. */
    public void show(Lesson lesson, String table) {
        Optional<View> view = lesson.views().find(table);
        setVisible(view.isPresent());
        setManaged(view.isPresent());
        view.ifPresentOrElse(of -> Tip.on(this, words().tables().followsQuery(of.query().sql())), () -> Tip.off(this));
    }
}
