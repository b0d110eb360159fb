package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.action.SignKey;
import lunko.desktop.bench.BenchActions;
import lunko.desktop.grid.Hand;
import lunko.desktop.grid.TableActions;
import lunko.desktop.handout.HandoutActions;
import lunko.desktop.handout.HandoutPane;
import lunko.desktop.handout.HandoutSaving;
import lunko.desktop.lesson.FileActions;
import lunko.desktop.lesson.LessonFiles;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.TableFiles;
import lunko.desktop.query.QueryActions;
import lunko.desktop.scenes.BringInPane;
import lunko.desktop.scenes.MistakePane;
import lunko.desktop.scenes.PointPane;
import lunko.desktop.scenes.SceneActions;
import lunko.desktop.scenes.ScenesModel;
import lunko.desktop.scenes.TasksPane;
import lunko.desktop.show.ShowActions;
import lunko.desktop.show.StepActions;
import lunko.desktop.show.join.CardActions;
import lunko.desktop.show.join.KindActions;
import lunko.desktop.show.model.Player;
import lunko.desktop.show.model.Practice;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.result.ResultActions;
import lunko.desktop.work.Work;
import lunko.lesson.ScenesEdit;
import lunko.show.Showing;

/** Everything that can be done on the screen. */
final class ScreenActions {
    private final ShowActions show;
    private final ResultActions results;
    private final QueryActions query;
    private final TableActions tables;
    private final FileActions files;
    private final LessonFiles lessons;
    private final BenchActions bench;
    private final ScenesModel outline;
    private final SceneActions scenes;
    private final HandoutActions handouts;
    private final Action note;
    private final Action notes;
    private final Action switchMode;
    private final Action keyList;
    private final Action present;
    private final Action speaker;
    private final Action larger;
    private final Action smaller;
    private final Action fitting;
    private Optional<ScreenView> view = Optional.empty();

    /** The actions on a model. */
    ScreenActions(ShowModel model, Player player, TableFiles sources, LessonFiles lessons, HandoutSaving saving,
            Work work) {
        LessonModel lesson = model.lesson();
        this.lessons = lessons;
        Hand hand = new Hand();
        tables = new TableActions(lesson, hand, sources);
        outline = new ScenesModel(lesson);
        scenes = new SceneActions(outline, model, () -> view.ifPresent(ScreenView::retitleScene),
                () -> lessons.chooseAndRead(from -> view.ifPresent(there -> there.ask(close -> new BringInPane(from,
                        which -> lesson.edit(new ScenesEdit.BringIn(from, which)), close)))),
                () -> view.ifPresent(there -> there.ask(close -> new MistakePane(lesson, close))),
                () -> view.ifPresent(there -> there.ask(close -> new TasksPane(lesson, work, close))),
                () -> view.ifPresent(there -> there.ask(close -> new PointPane(lesson, work, close))));
        bench = new BenchActions(lesson, tables, hand, sources, pane -> view.ifPresent(there -> there.ask(pane)),
                scenes.mistake());
        files = new FileActions(lesson, lessons, sources, model.showing().map(Showing::outcome), bench::nameLeft);
        results = new ResultActions(model);
        query = new QueryActions(model);
        Practice practice = new Practice(model);
        show = new ShowActions(player, practice, new StepActions(model, player, practice),
                new KindActions(model, pane -> view.ifPresent(there -> there.ask(pane))),
                new CardActions(hand, results, tables, files, sources));
        handouts = new HandoutActions(model, () -> view.ifPresent(there -> there.ask(close -> new HandoutPane(
                lesson.lesson().get(), outline.selected().get(), saving, close))));
        note = Action.of(words().window().speakerNotes(), Group.LESSON,
                () -> view.ifPresent(there -> there.ask(close -> new NotePane(lesson, close))),
                new KeyCodeCombination(KeyCode.F4));
        notes = new Action(
                lesson.notesShown().map(shown -> shown ? words().window().hideNotes() : words().window().showNotes()),
                Group.VIEW, List.of(new KeyCodeCombination(KeyCode.F4, KeyCombination.SHIFT_DOWN)), Action.ALWAYS,
                () -> lesson.notesShown().set(!lesson.notesShown().get()));
        switchMode = new Action(lesson.mode().map(mode -> mode.next().way()), Group.LESSON,
                List.of(new KeyCodeCombination(KeyCode.F6)), Action.ALWAYS,
                () -> lesson.mode().set(lesson.mode().get().next()));
        keyList =
                Action.of(words().window().listOfKeys(), Group.LESSON, () -> view.ifPresent(ScreenView::toggleKeyList),
                        new KeyCodeCombination(KeyCode.F1),
                        new SignKey("?"));
        present = Action.of(words().window().present(), Group.VIEW,
                () -> view.ifPresent(there -> there.presenting().set(!there.presenting().get())),
                new KeyCodeCombination(KeyCode.F11));
        speaker = Action.of(words().speaker().title(), Group.VIEW, () -> view.ifPresent(ScreenView::toggleSpeaker),
                new KeyCodeCombination(KeyCode.F11, KeyCombination.SHIFT_DOWN));
        larger = zoom(words().window().larger(), ZoomFrame::larger, KeyCode.PLUS, KeyCode.EQUALS, KeyCode.ADD);
        smaller = zoom(words().window().smaller(), ZoomFrame::smaller, KeyCode.MINUS, KeyCode.SUBTRACT);
        fitting =
                zoom(words().window().fitToWindow(), frame -> frame.zoom().set(1), KeyCode.DIGIT0, KeyCode.NUMPAD0);
    }

    private Action zoom(String name, Consumer<ZoomFrame> change, KeyCode... keys) {
        return Action.of(name, Group.VIEW, () -> view.ifPresent(there -> change.accept(there.frame())),
                Stream.of(keys)
                        // Plus needs Shift on many keyboards.
                        .map(key -> new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_ANY))
                        .toArray(KeyCombination[]::new));
    }

    /** Tells the actions on which screen things are asked; before that, those that ask do nothing. */
    void attach(ScreenView screen) {
        view = Optional.of(screen);
    }

    /** All actions, in the order of the list of keys. */
    List<Action> all() {
        return Stream.of(show.steps().all(), results.all(), show.kinds().all(), query.all(), tables.all(), bench.all(),
                scenes.all(), files.all(), handouts.all(), List.of(note, switchMode, keyList), views())
                .flatMap(List::stream).toList();
    }

    QueryActions query() {
        return query;
    }

    ShowActions show() {
        return show;
    }

    FileActions files() {
        return files;
    }

    LessonFiles lessons() {
        return lessons;
    }

    BenchActions bench() {
        return bench;
    }

    SceneActions scenes() {
        return scenes;
    }

    ScenesModel outline() {
        return outline;
    }

    /** How things are looked at. */
    List<Action> views() {
        return List.of(present, speaker, notes, show.steps().practise(), show.steps().copyResults(), larger, smaller,
                fitting);
    }

    HandoutActions handouts() {
        return handouts;
    }

    Action note() {
        return note;
    }

    /** Shows the note of the scene under the page, or hides it. */
    Action notes() {
        return notes;
    }

    Action keyList() {
        return keyList;
    }
}
