package lunko.desktop.screen;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;

/**
 * The first picture of a window: what can wait is styled and laid out only after it, so that a person sees the two
 * tables as early as possible.
 */
final class FirstPicture implements Runnable {
    private final Scene scene;
    private final Map<Pane, List<Node>> waiting = new LinkedHashMap<>();

    private FirstPicture(Scene scene) {
        this.scene = scene;
    }

    /** Lets what is in some panes wait until the first picture of a scene has been made. */
    static void of(Scene scene, List<Pane> canWait) {
        FirstPicture first = new FirstPicture(scene);
        for (Pane pane : canWait) {
            first.waiting.put(pane, List.copyOf(pane.getChildren()));
            pane.getChildren().clear();
        }
        scene.addPostLayoutPulseListener(first);
    }

    @Override
    public void run() {
        scene.removePostLayoutPulseListener(this);
        // Not within this pulse: it is to be drawn first.
        Platform.runLater(() -> waiting.forEach((pane, nodes) -> pane.getChildren().setAll(nodes)));
    }
}
