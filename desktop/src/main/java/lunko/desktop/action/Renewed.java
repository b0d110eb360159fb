package lunko.desktop.action;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.layout.Pane;

/** Parts of a pane that are made anew when what they show has changed. */
public final class Renewed {
    private Renewed() {}

    /**
     * Puts parts in the place of those that are there. The keyboard stays where it was among them, as far as that is
     * still there; {@code otherwise} gets it if there is nothing else to be reached.
     */
    public static void put(Pane pane, List<? extends Node> parts, Node otherwise) {
        int held = pane.getScene() == null ? -1 : reached(pane).toList().indexOf(pane.getScene().getFocusOwner());
        pane.getChildren().setAll(parts);
        if (held < 0) return;
        List<Node> now = reached(pane).toList();
        (now.isEmpty() ? otherwise : now.get(Math.min(held, now.size() - 1))).requestFocus();
    }

    /** All in it that the keyboard comes to, in order. */
    private static Stream<Node> reached(Node node) {
        if (!node.isVisible() || node.isDisabled()) return Stream.empty();
        if (node.isFocusTraversable()) return Stream.of(node);
        return node instanceof Parent parent ? parent.getChildrenUnmodifiable().stream().flatMap(Renewed::reached)
                : Stream.empty();
    }
}
