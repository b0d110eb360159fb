package lunko.desktop.show.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;

/**
 * A picture that is drawn for the room it has, once for all that has changed since the window was laid out last. While
 * it is not to be seen it is not drawn; then it catches up.
 */
abstract class DrawnPane extends Pane {
    private final List<Runnable> told = new ArrayList<>();
    private boolean stale = true;

    DrawnPane(String styleClass) {
        getStyleClass().add(styleClass);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        for (ObservableValue<?> cause : List.of(visibleProperty(), widthProperty(), heightProperty()))
            cause.subscribe((_, _) -> redraw());
    }

    /** Has it drawn anew before it is seen next. */
    final void redraw() {
        stale = true;
        requestLayout();
    }

    /** Does something with a value after each drawing, and whenever it changes while the picture is to be seen. */
    final <T> void whileSeen(ObservableValue<T> value, Consumer<? super T> change) {
        told.add(() -> change.accept(value.getValue()));
        value.subscribe((_, now) -> {
            if (isVisible() && !stale) change.accept(now);
        });
    }

    @Override
    protected final void layoutChildren() {
        if (stale && isVisible()) {
            stale = false;
            getChildren().clear();
            draw();
            told.forEach(Runnable::run);
            // Colours have been given for this frame already.
            applyCss();
        }
        super.layoutChildren();
    }

    /** Draws it into the empty pane. */
    abstract void draw();
}
