package lunko.desktop.screen;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.input.MouseEvent;
import lunko.desktop.action.Writing;

/**
 * Who has the keyboard. A text has it only where a person puts it: when the control that had it is gone, the toolkit
 * gives it to the first text there is, and here it goes back to the page. A button of the show that is clicked gives it
 * to the steps, so that Space plays whatever was clicked; another leaves it where it is. A click on the stage leaves a
 * text.
 */
final class KeyboardOwner {
    /** Where a click is no longer about the text that is being written. */
    private static final List<String> STAGE = List.of("stages", "right-half", "kind-bar", "step-bar", "why-line",
            "scene-bar", "note-bar");
    /** What is filled in, button by button. */
    private static final List<String> FORMS = List.of("sheet", "shade");

    private final Scene scene;
    private final Node first;
    private final Runnable page;
    private Optional<ButtonBase> pressed = Optional.empty();

    /**
     * Looks after a scene.
     *
     * @param first the first text there is
     * @param page gives the keyboard back to what is shown
     */
    KeyboardOwner(Scene scene, Node first, Runnable page) {
        this.scene = scene;
        this.first = first;
        this.page = page;
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> press(event.getTarget()));
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, _ -> release());
        scene.focusOwnerProperty().subscribe((before, now) -> {
            if (before != null && isGone(before) && now == first) page.run();
        });
    }

    private void press(EventTarget target) {
        release();
        if (!(target instanceof Node node)) return;
        pressed = up(node).filter(ButtonBase.class::isInstance).map(ButtonBase.class::cast).findFirst()
                .filter(button -> button.isFocusTraversable() && !isWithin(button, FORMS));
        pressed.ifPresent(button -> button.setFocusTraversable(false));
        if ((pressed.isPresent() || Writing.isIn(scene.getFocusOwner())) && isWithin(node, STAGE)) page.run();
    }

    private void release() {
        pressed.ifPresent(button -> button.setFocusTraversable(true));
        pressed = Optional.empty();
    }

    private boolean isGone(Node node) {
        return node.getScene() != scene || node.isDisabled() || !up(node).allMatch(Node::isVisible);
    }

    private static boolean isWithin(Node node, List<String> styles) {
        return up(node).anyMatch(at -> at.getStyleClass().stream().anyMatch(styles::contains));
    }

    private static Stream<Node> up(Node node) {
        return Stream.iterate(node, Objects::nonNull, Node::getParent);
    }
}
