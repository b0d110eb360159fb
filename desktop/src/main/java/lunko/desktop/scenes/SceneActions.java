package lunko.desktop.scenes;

import static javafx.scene.input.KeyCombination.SHIFT_DOWN;
import static javafx.scene.input.KeyCombination.SHORTCUT_DOWN;
import static lunko.desktop.words.Spoken.words;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.lesson.Mode;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.ScenesEdit;

/** What can be done with the scenes of a lesson. */
public final class SceneActions {
    private final Action keep;
    private final Action show;
    private final Action title;
    private final Action repeat;
    private final Action delete;
    private final Action up;
    private final Action down;
    private final Action bringIn;
    private final Action mistake;
    private final Action tasks;
    private final Action point;

    /**
     * The actions on the scenes of a model.
     *
     * @param show what the window shows
     * @param retitle gives the field for the title the keyboard
     * @param bringIn asks for scenes of another lesson
     * @param mistake asks for a mistake
     * @param tasks asks which tasks are to be made
     * @param point asks for what small tables are to be found
     */
    public SceneActions(ScenesModel scenes, ShowModel show, Runnable retitle, Runnable bringIn, Runnable mistake,
            Runnable tasks, Runnable point) {
        BooleanBinding seen = Bindings.createBooleanBinding(
                () -> scenes.lesson().mode().get() == Mode.SCENES && !scenes.selected().get().isEmpty(),
                scenes.lesson().mode(), scenes.selected());
        keep = Action.of(words().scenes().keepShow(), Group.LESSON,
                () -> scenes.lesson().edit(new ScenesEdit.Keep(show.asItIs())),
                new KeyCodeCombination(KeyCode.K, SHORTCUT_DOWN));
        this.show = new Action(Action.constant(words().scenes().show()), Group.SCENES,
                List.of(new KeyCodeCombination(KeyCode.ENTER)), seen,
                () -> scenes.lesson().mode().set(Mode.SHOW));
        title = new Action(Action.constant(words().scenes().changeTitle()), Group.SCENES,
                List.of(new KeyCodeCombination(KeyCode.F2)), seen, retitle);
        repeat = edit(words().scenes().repeat(), seen, scenes, ScenesEdit.Repeat::new,
                new KeyCodeCombination(KeyCode.F9));
        delete = edit(words().scenes().delete(), seen, scenes, ScenesEdit.Drop::new,
                new KeyCodeCombination(KeyCode.DELETE));
        up = edit(words().scenes().moveUp(), seen, scenes,
                which -> new ScenesEdit.Move(which, Collections.min(which) - 1),
                new KeyCodeCombination(KeyCode.UP, SHORTCUT_DOWN, SHIFT_DOWN));
        down = edit(words().scenes().moveDown(), seen, scenes,
                which -> new ScenesEdit.Move(which, Collections.max(which) + 2),
                new KeyCodeCombination(KeyCode.DOWN, SHORTCUT_DOWN, SHIFT_DOWN));
        this.bringIn = Action.of(words().scenes().bringIn(), Group.LESSON, bringIn);
        this.mistake = Action.of(words().scenes().showMistake(), Group.LESSON, mistake);
        this.tasks = Action.of(words().tasks().makeTasks(), Group.LESSON, tasks);
        this.point = Action.of(words().tasks().findRows(), Group.LESSON, point);
    }

    /** How scenes are changed. */
    private interface Change {
        ScenesEdit of(Set<Integer> which);
    }

    private static Action edit(String name, BooleanBinding seen, ScenesModel scenes, Change change,
            KeyCombination key) {
        return new Action(Action.constant(name), Group.SCENES, List.of(key), seen,
                () -> scenes.lesson().edit(change.of(scenes.selected().get())));
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        return List.of(keep, bringIn, mistake, tasks, point, show, title, repeat, delete, up, down);
    }

    /** Keeps what is shown as a scene. */
    public Action keep() {
        return keep;
    }

    Action show() {
        return show;
    }

    Action repeat() {
        return repeat;
    }

    Action delete() {
        return delete;
    }

    Action up() {
        return up;
    }

    Action down() {
        return down;
    }

    Action bringIn() {
        return bringIn;
    }

    Action point() {
        return point;
    }

    Action tasks() {
        return tasks;
    }

    /** Asks for a mistake that is to be shown. */
    public Action mistake() {
        return mistake;
    }
}
