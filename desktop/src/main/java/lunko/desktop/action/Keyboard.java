package lunko.desktop.action;

import java.util.List;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.collections.MapChangeListener;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import lunko.desktop.action.Action.Group;

/**
 * Runs actions by their keys, and leaves to a field, a table or a button the keys that it needs itself.
 *
 * @param presenting whether the stage is presented: then a table does not need the keys of the steps, which a remote
 * sends
 * @param asking whether something over the page waits for an answer: then nothing is done to what is behind it
 */
public record Keyboard(List<Action> actions, ObservableBooleanValue presenting, ObservableBooleanValue asking) {

    /** Listens in a scene. */
    public void attachTo(Scene scene) {
        onlyHere(scene);
        BooleanProperty done = new SimpleBooleanProperty(false);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            done.set(false);
            if (asking.get()) return;
            actions.stream()
                    .filter(action -> action.keys().stream().anyMatch(key -> key.match(event)))
                    .filter(action -> isForSteps(scene.getFocusOwner(), action)
                            || !isNeededBy(scene.getFocusOwner(), event, action.group()))
                    .findFirst()
                    .ifPresent(action -> {
                        action.run();
                        event.consume();
                        done.set(true);
                    });
        });
        // The letter of a key that has done something is not written as well, into the field that has the keyboard by
        // now.
        scene.addEventFilter(KeyEvent.KEY_TYPED, event -> {
            if (done.get()) event.consume();
        });
    }

    /**
     * Menus show the keys of their actions. What keys do is decided here alone: the toolkit would do it as well, even
     * where a table has just been given a letter to write.
     */
    private static void onlyHere(Scene scene) {
        scene.getAccelerators().clear();
        scene.getAccelerators().addListener((MapChangeListener<KeyCombination, Runnable>) change -> {
            if (change.wasAdded()) Platform.runLater(() -> scene.getAccelerators().remove(change.getKey()));
        });
    }

    private boolean isForSteps(Node focused, Action action) {
        return presenting.get() && focused instanceof TableView && action.group() == Group.STEPS;
    }

    private static boolean isNeededBy(Node focused, KeyEvent event, Group group) {
        boolean ofTables = group == Group.TABLES;
        boolean command = event.isShortcutDown() || event.getCode().isFunctionKey();
        // It is done to the scenes that are selected in their list.
        if (group == Group.SCENES) return !(focused instanceof ListView);
        return switch (focused) {
            // What is done to cells is not done while one of them is being typed in.
            case Node text when Writing.isIn(text) ->
                ofTables || !command || event.isShortcutDown() && event.getCode() != KeyCode.S;
            case ButtonBase _ -> event.getCode() == KeyCode.SPACE || event.getCode() == KeyCode.ENTER;
            case TableView<?> table when table.isEditable() ->
                !ofTables && !command && event.getCode() != KeyCode.SPACE;
            // A result is walked through; what is done to cells would be done elsewhere.
            case TableView<?> _ -> ofTables && !command || event.getCode().isNavigationKey();
            // What is done with the query shows itself; steps and kinds would change unseen.
            case ListView<?> _ -> ofTables || !command && group != Group.QUERY;
            case WalkedByArrows _ -> event.getCode().isArrowKey();
            // Elsewhere these keys have other meanings, and nobody sees which cells they would change.
            case null, default ->
                ofTables && (event.getCode() == KeyCode.DELETE || event.getCode() == KeyCode.BACK_SPACE)
                        && !event.isShortcutDown();
        };
    }
}
