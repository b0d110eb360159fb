package lunko.desktop.show.picture;

import java.util.List;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;

/** A picture that is drawn for the room it has. While it is not to be seen it is not drawn; then it catches up. */
abstract class DrawnPane extends Pane {

    DrawnPane(String styleClass) {
        getStyleClass().add(styleClass);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /**
     * Draws it, and again whenever its room changes or it comes to be seen; to be called when all it needs is there.
     */
    final void keepDrawn() {
        for (ObservableValue<?> cause : List.of(visibleProperty(), widthProperty(), heightProperty()))
            cause.subscribe((_, _) -> redraw());
        redraw();
    }

    /** Draws it anew, if it is to be seen. */
    final void redraw() {
        if (!isVisible()) return;
        getChildren().clear();
        draw();
        // Its room may have changed while the window is laid out, which is after colours are given for this frame.
        if (getScene() != null) getScene().getRoot().applyCss();
    }

    /** Does something whenever a value changes, while the picture is to be seen. */
    final <T> void whileSeen(ObservableValue<T> value, Consumer<? super T> change) {
        value.subscribe((_, now) -> {
            if (isVisible()) change.accept(now);
        });
    }

    /** Draws it into the empty pane. */
    abstract void draw();
}
