package lunko.desktop.action;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Runs actions by their keys, and leaves to a field, a table or a button the keys that it needs itself. */
public record Keyboard(List<Action> actions) {

    /** Listens in a scene. */
    public void attachTo(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (isNeededBy(scene.getFocusOwner(), event)) return;
            actions.stream()
                    .filter(action -> action.keys().stream().anyMatch(key -> key.match(event)))
                    .findFirst()
                    .ifPresent(action -> {
                        action.run();
                        event.consume();
                    });
        });
    }

    private static boolean isNeededBy(Node focused, KeyEvent event) {
        boolean command = event.isShortcutDown() || event.getCode().isFunctionKey();
        return switch (focused) {
            case TextInputControl _ -> !command || event.isShortcutDown() && event.getCode() != KeyCode.S;
            case ButtonBase _ -> event.getCode() == KeyCode.SPACE || event.getCode() == KeyCode.ENTER;
            case TableView<?> _ -> !command && event.getCode() != KeyCode.SPACE;
            case null, default -> false;
        };
    }
}
