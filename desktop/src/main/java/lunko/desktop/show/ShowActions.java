package lunko.desktop.show;

import static javafx.scene.input.KeyCombination.SHIFT_DOWN;
import static javafx.scene.input.KeyCombination.SHORTCUT_DOWN;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action;
import lunko.desktop.action.Action.Group;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.Situation;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Row;

/** Everything that can be done on the screen, each thing as one action. */
public final class ShowActions {
    private static final ObservableBooleanValue ALWAYS = new SimpleBooleanProperty(true);

    /** What is in the person's hands: the table that has the keyboard, and what is selected there. */
    interface Hands {
        /** The side whose table was used last. */
        Side side();

        /** The row that is selected in a table. */
        Optional<Row> selectedRow(Side side);

        /** Goes into the selected cell, to type. */
        void editSelectedCell(Side side);

        /** Goes into the first cell of the last row, to type. */
        void editLastRow(Side side);

        /** Asks how rows are to be made. */
        void openRecipe(Side side);

        /** Shows or hides the list of keys. */
        void toggleKeyList();
    }

    private final ShowModel model;
    private final TableFiles files;
    private final Map<JoinKind, Action> kinds = new EnumMap<>(JoinKind.class);
    private final Action first;
    private final Action back;
    private final Action play;
    private final Action forward;
    private final Action last;
    private final Action slower;
    private final Action faster;
    private final Action editCell;
    private final Action addRow;
    private final Action deleteRow;
    private final Action openLeft;
    private final Action openRight;
    private final Action save;
    private final Action undo;
    private final Action redo;
    private final Action copyTable;
    private final Action pasteTable;
    private final Action openLesson;
    private final Action saveLesson;
    private final Action saveLessonAs;
    private final Action switchMode;
    private final Action keyList;
    private Hands hands;

    /** The actions on a model. */
    public ShowActions(ShowModel model, Player player, TableFiles files, LessonFiles lessons) {
        this.model = model;
        this.files = files;
        BooleanBinding runs = Bindings.createBooleanBinding(() -> model.showing().get().last() > 0, model.showing());
        BooleanBinding notFirst = Bindings.createBooleanBinding(() -> model.showing().get().number() > 0, model.showing());
        BooleanBinding notLast = Bindings.createBooleanBinding(() -> !model.showing().get().isAtEnd(), model.showing());
        play = new Action(player.playing().map(playing -> playing ? "Pause" : "Play"), Group.STEPS,
                List.of(key(KeyCode.SPACE)), runs, player::toggle);
        forward = action("One step forward", Group.STEPS, notLast, () -> player.step(1), key(KeyCode.RIGHT));
        back = action("One step back", Group.STEPS, notFirst, () -> player.step(-1), key(KeyCode.LEFT));
        first = action("To the start", Group.STEPS, notFirst, () -> player.goTo(0), key(KeyCode.HOME));
        last = action("To the end", Group.STEPS, notLast, () -> player.goTo(model.showing().get().last()),
                key(KeyCode.END));
        faster = action("Faster", Group.STEPS, ALWAYS, () -> player.speed().set(player.speed().get().faster()),
                key(KeyCode.UP));
        slower = action("Slower", Group.STEPS, ALWAYS, () -> player.speed().set(player.speed().get().slower()),
                key(KeyCode.DOWN));
        for (JoinKind kind : ShownKinds.ALL) {
            String name = kind.withArticle();
            kinds.put(kind, action(Character.toUpperCase(name.charAt(0)) + name.substring(1), Group.KINDS, ALWAYS,
                    () -> model.edit(new Edit.ChooseKind(kind)),
                    key(KeyCode.valueOf("DIGIT" + (kind.ordinal() + 1))),
                    key(KeyCode.valueOf("NUMPAD" + (kind.ordinal() + 1)))));
        }
        editCell = action("Change the selected cell", Group.TABLES, ALWAYS,
                () -> hands.editSelectedCell(hands.side()), key(KeyCode.F2));
        addRow = action("Add a row", Group.TABLES, ALWAYS, () -> addRowTo(hands.side()),
                new KeyCodeCombination(KeyCode.ENTER, SHORTCUT_DOWN));
        deleteRow = action("Delete the selected row", Group.TABLES, ALWAYS, () -> deleteSelectedRow(hands.side()),
                new KeyCodeCombination(KeyCode.DELETE, SHORTCUT_DOWN),
                new KeyCodeCombination(KeyCode.BACK_SPACE, SHORTCUT_DOWN));
        copyTable = action("Copy the table in hand", Group.TABLES, ALWAYS, () -> files.copy(hands.side()),
                new KeyCodeCombination(KeyCode.C, SHORTCUT_DOWN, SHIFT_DOWN));
        pasteTable = action("Paste a table in the place of the one in hand", Group.TABLES, ALWAYS, () -> files.paste(hands.side()),
                new KeyCodeCombination(KeyCode.V, SHORTCUT_DOWN, SHIFT_DOWN));
        openLeft = action("Open a file as the left table…", Group.LESSON, ALWAYS, () -> files.chooseAndOpen(Side.LEFT),
                new KeyCodeCombination(KeyCode.L, SHORTCUT_DOWN));
        openRight = action("Open a file as the right table…", Group.LESSON, ALWAYS,
                () -> files.chooseAndOpen(Side.RIGHT), new KeyCodeCombination(KeyCode.R, SHORTCUT_DOWN));
        save = action("Save the result as CSV…", Group.LESSON,
                Bindings.createBooleanBinding(() -> model.showing().get().outcome().isPresent(), model.showing()),
                files::chooseAndSave, new KeyCodeCombination(KeyCode.E, SHORTCUT_DOWN));
        openLesson = action("Open a lesson…", Group.LESSON, ALWAYS, lessons::chooseAndOpen, new KeyCodeCombination(KeyCode.O, SHORTCUT_DOWN));
        saveLesson = action("Save the lesson", Group.LESSON, ALWAYS, () -> lessons.save(() -> { }), new KeyCodeCombination(KeyCode.S, SHORTCUT_DOWN));
        saveLessonAs = action("Save the lesson under another name…", Group.LESSON, ALWAYS, () -> lessons.chooseAndSave(() -> { }),
                new KeyCodeCombination(KeyCode.S, SHORTCUT_DOWN, SHIFT_DOWN));
        undo = new Action(model.history().map(history -> named("Undo", history.past())), Group.LESSON,
                List.of(new KeyCodeCombination(KeyCode.Z, SHORTCUT_DOWN)),
                Bindings.createBooleanBinding(() -> model.history().get().past().isPresent(), model.history()), model::undo);
        redo = new Action(model.history().map(history -> named("Redo", history.future())), Group.LESSON,
                List.of(new KeyCodeCombination(KeyCode.Z, SHORTCUT_DOWN, SHIFT_DOWN),
                        new KeyCodeCombination(KeyCode.Y, SHORTCUT_DOWN)),
                Bindings.createBooleanBinding(() -> model.history().get().future().isPresent(), model.history()),
                model::redo);
        switchMode = new Action(model.mode().map(mode -> mode == Mode.SHOW ? "To the tables" : "To the show"), Group.LESSON, List.of(key(KeyCode.F6)), ALWAYS,
                () -> model.mode().set(model.mode().get() == Mode.SHOW ? Mode.TABLES : Mode.SHOW));
        keyList = action("List of keys", Group.LESSON, ALWAYS, () -> hands.toggleKeyList(), key(KeyCode.F1));
    }

    /** Tells the actions whose hands they are in; before that, those on cells and rows cannot be run. */
    void attach(Hands those) {
        hands = those;
    }

    /** All actions, in the order of the list of keys. */
    public List<Action> all() {
        List<Action> all = new ArrayList<>(List.of(play, forward, back, first, last, faster, slower));
        ShownKinds.ALL.stream().map(kinds::get).forEach(all::add);
        all.addAll(List.of(editCell, addRow, deleteRow, copyTable, pasteTable, openLesson, saveLesson, saveLessonAs, openLeft, openRight, save, undo, redo, switchMode, keyList));
        return all;
    }

    /** Opens a file as the table of a side. */
    void openFile(Side side, Path file) {
        files.open(side, file);
    }

    /** Adds a row to the table of a side; its key is the one for the table in hand. */
    Action addRow(Side side) {
        return action("Add a row to the " + side.title() + " table", Group.TABLES, ALWAYS, () -> addRowTo(side));
    }

    Action choose(JoinKind kind) {
        return kinds.get(kind);
    }

    Action open(Side side) {
        return side.of(openLeft, openRight);
    }

    Action first() {
        return first;
    }

    Action back() {
        return back;
    }

    Action play() {
        return play;
    }

    Action forward() {
        return forward;
    }

    Action last() {
        return last;
    }

    Action editCell() {
        return editCell;
    }

    Action addRow() {
        return addRow;
    }

    Action deleteRow() {
        return deleteRow;
    }

    Action openLesson() {
        return openLesson;
    }

    Action saveLesson() {
        return saveLesson;
    }

    Action save() {
        return save;
    }

    Action undo() {
        return undo;
    }

    Action redo() {
        return redo;
    }

    Action keyList() {
        return keyList;
    }

    /** Opens the recipe for the rows of a side. */
    Action makeRows(Side side) {
        return action("Make rows for the " + side.title() + " table…", Group.TABLES, ALWAYS, () -> hands.openRecipe(side));
    }

    /** Sets up a situation, and says what was changed for it. */
    void arrange(Situation situation) {
        Checked<Situation.SetUp> done = situation.in(model.showing().get().lesson());
        model.edit(new Edit.Arrange(situation));
        done.handle(setUp -> model.say(new Notice.Success(setUp.said())), _ -> { });
    }

    private void addRowTo(Side side) {
        model.edit(new Edit.AddRow(side));
        hands.editLastRow(side);
    }

    private void deleteSelectedRow(Side side) {
        hands.selectedRow(side).ifPresentOrElse(row -> model.edit(new Edit.DeleteRow(side, row.id())),
                () -> model.say(new Notice.Success("Select a row first: click on one of its cells.")));
    }

    private static String named(String verb, Optional<History.Done> done) {
        return done.map(change -> verb + " " + change.name()).orElse(verb);
    }

    private static Action action(String name, Group group, ObservableBooleanValue possible, Runnable handler,
                                 KeyCombination... keys) {
        ObservableValue<String> constant = new SimpleStringProperty(name);
        return new Action(constant, group, List.of(keys), possible, handler);
    }

    private static KeyCombination key(KeyCode code) {
        return new KeyCodeCombination(code);
    }
}
