package lunko.desktop.lesson;

import static javafx.scene.input.KeyCombination.SHIFT_DOWN;
import static javafx.scene.input.KeyCombination.SHORTCUT_DOWN;
import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.engine.JoinResult;
import lunko.lesson.Lesson;
import lunko.lesson.course.Course;
import lunko.query.Side;

/** What can be done with the lesson as a whole: undo, files in and out. */
public final class FileActions {
    private final Action open;
    private final Action begin;
    private final List<Action> courses;
    private final Action save;
    private final Action saveAs;
    private final Action bringIn;
    private final Action openLeft;
    private final Action openRight;
    private final Action saveTables;
    private final Action saveResult;
    private final Action undo;
    private final Action redo;

    /**
     * The actions on a model.
     *
     * @param result the one at hand, if the query can run
     * @param begun done when a new lesson has been begun
     */
    public FileActions(LessonModel model, LessonFiles lessons, TableFiles files,
            ObservableValue<Optional<JoinResult>> result, Runnable begun) {
        open = Action.of(words().lesson().open(), Group.LESSON, lessons::chooseAndOpen,
                new KeyCodeCombination(KeyCode.O, SHORTCUT_DOWN));
        begin = Action.of(words().lesson().newLesson(), Group.LESSON, () -> {
            Lesson fresh = Lesson.begun();
            lessons.begin(fresh);
            if (model.lesson().get() != fresh) return;
            model.mode().set(Mode.TABLES);
            begun.run();
        }, new KeyCodeCombination(KeyCode.N, SHORTCUT_DOWN));
        courses = Stream.of(Course.values()).map(course -> Action.of(words().lesson().openCourse(course.title()),
                Group.LESSON, () -> open(course, model, lessons))).toList();
        save = Action.of(words().lesson().save(), Group.LESSON, () -> lessons.save(() -> {}),
                new KeyCodeCombination(KeyCode.S, SHORTCUT_DOWN));
        saveAs = Action.of(words().lesson().saveAs(), Group.LESSON, () -> lessons.chooseAndSave(() -> {}),
                new KeyCodeCombination(KeyCode.S, SHORTCUT_DOWN, SHIFT_DOWN));
        bringIn = Action.of(words().lesson().importTables(), Group.LESSON, () -> files.chooseAndOpen(Optional.empty()),
                new KeyCodeCombination(KeyCode.I, SHORTCUT_DOWN));
        openLeft = openInPlaceOf(Side.LEFT, model, files, KeyCode.L);
        openRight = openInPlaceOf(Side.RIGHT, model, files, KeyCode.R);
        saveTables =
                Action.of(words().lesson().saveTables(), Group.LESSON,
                        () -> files.chooseAndSave(model.lesson().get().set()));
        saveResult = new Action(Action.constant(words().lesson().saveResult()), Group.LESSON,
                List.of(new KeyCodeCombination(KeyCode.E, SHORTCUT_DOWN)),
                Bindings.createBooleanBinding(() -> result.getValue().isPresent(), result),
                () -> result.getValue().ifPresent(files::chooseAndSave));
        undo = new Action(Bindings.createStringBinding(() -> model.begun().get().isPresent()
                ? words().lesson().undoUnfinished() : model.history().get().past()
                        .map(done -> words().lesson().undoOf(done.name(words().edits())))
                        .orElseGet(words().lesson()::undo),
                model.history(),
                model.begun()), Group.LESSON, List.of(new KeyCodeCombination(KeyCode.Z, SHORTCUT_DOWN)),
                Bindings.createBooleanBinding(
                        () -> model.begun().get().isPresent() || model.history().get().past().isPresent(),
                        model.history(), model.begun()),
                model::undo);
        redo = new Action(model.history().map(history -> history.future()
                .map(done -> words().lesson().redoOf(done.name(words().edits())))
                .orElseGet(words().lesson()::redo)), Group.LESSON,
                List.of(new KeyCodeCombination(KeyCode.Z, SHORTCUT_DOWN, SHIFT_DOWN),
                        new KeyCodeCombination(KeyCode.Y, SHORTCUT_DOWN)),
                Bindings.createBooleanBinding(() -> model.history().get().future().isPresent(), model.history()),
                model::redo);
    }

    private static void open(Course course, LessonModel model, LessonFiles lessons) {
        Lesson fresh = course.lesson();
        lessons.begin(fresh);
        if (model.lesson().get() != fresh || !course.isRead()) return;
        model.mode().set(Mode.SHOW);
        model.notesShown().set(true);
    }

    private static Action openInPlaceOf(Side side, LessonModel model, TableFiles files, KeyCode key) {
        return Action.of(words().lesson().openAs(side), Group.LESSON,
                () -> files.chooseAndOpen(Optional.of(model.lesson().get().scene().on(side))),
                new KeyCodeCombination(key, SHORTCUT_DOWN));
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        return List.of(open, begin, save, saveAs, bringIn, openLeft, openRight, saveTables, saveResult, undo,
                redo);
    }

    /** Those that stand in the menu of the lesson, in parts. */
    public List<List<Action>> menu() {
        return List.of(List.of(begin, open), courses, List.of(save, saveAs), List.of(bringIn, openLeft, openRight),
                List.of(saveTables, saveResult));
    }

    /** Brings in tables from a file. */
    public Action bringIn() {
        return bringIn;
    }

    /** Opens a file in the place of the table of a side. */
    public Action open(Side side) {
        return side.of(openLeft, openRight);
    }

    /** Opens a lesson that comes along. */
    public Action open(Course course) {
        return courses.get(course.ordinal());
    }

    /** Saves the lesson. */
    public Action save() {
        return save;
    }

    /** Takes the last change back. */
    public Action undo() {
        return undo;
    }

    /** Makes a change again. */
    public Action redo() {
        return redo;
    }
}
