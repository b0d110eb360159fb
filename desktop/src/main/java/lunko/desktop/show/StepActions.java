package lunko.desktop.show;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.lesson.Notice;
import lunko.desktop.show.model.Player;
import lunko.desktop.show.model.Practice;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.SceneEdit;
import lunko.show.Asking;

/** What can be done in the show: going through the steps. */
public final class StepActions {
    private final Action first;
    private final Action back;
    private final Action on;
    private final Action backOn;
    private final Action uncover;
    private final Action nextScene;
    private final Action sceneBefore;
    private final Action play;
    private final Action forward;
    private final Action last;
    private final Action nextPair;
    private final Action nextTurn;
    private final Action nextEnd;
    private final Action onlyPairs;
    private final Action slower;
    private final Action faster;
    private final Action openHere;
    private final Action practise;
    private final Action copyResults;
    private final Action check;
    private final Action hint;

    /** The actions on a model and its player. */
    public StepActions(ShowModel model, Player player, Practice practice) {
        BooleanBinding runs = Bindings.createBooleanBinding(() -> model.showing().get().last() > 0, model.showing());
        BooleanBinding notFirst =
                Bindings.createBooleanBinding(() -> model.showing().get().number() > 0, model.showing());
        BooleanBinding notLast = Bindings.createBooleanBinding(() -> !model.showing().get().isAtEnd(), model.showing());
        play = new Action(player.playing().map(playing -> playing ? words().steps().pause() : words().steps().play()),
                Group.STEPS,
                List.of(key(KeyCode.SPACE)), runs, player::toggle);
        forward = new Action(Action.constant(words().steps().forward()), Group.STEPS,
                List.of(key(KeyCode.RIGHT)), notLast, () -> player.step(1));
        back = new Action(Action.constant(words().steps().back()), Group.STEPS,
                List.of(key(KeyCode.LEFT)), notFirst, () -> player.step(-1));
        on = Action.of(words().steps().on(), Group.STEPS, () -> {
            if (!model.showing().get().isAtEnd()) player.step(1);
            else move(model, player, 1);
        }, key(KeyCode.PAGE_DOWN));
        backOn = Action.of(words().steps().backOn(), Group.STEPS, () -> {
            if (model.showing().get().number() > 0) player.step(-1);
            else if (move(model, player, -1)) player.goTo(model.showing().get().last());
        }, key(KeyCode.PAGE_UP));
        uncover = new Action(model.asking().map(asking -> asking.filter(Asking::uncovered).isPresent()
                ? words().asking().coverAgain() : words().asking().uncover()), Group.STEPS, List.of(key(KeyCode.X)),
                Bindings.createBooleanBinding(() -> model.asking().get().isPresent(), model.asking()), () -> {
                    player.pause();
                    model.toggleCovers();
                });
        BooleanBinding asks = Bindings.createBooleanBinding(() -> practice.on().get()
                && model.asking().get().filter(asking -> !asking.uncovered()).isPresent(), model.asking(),
                practice.on());
        practise = new Action(
                practice.on().map(on -> on ? words().asking().stopPractising() : words().asking().practise()),
                Group.VIEW, List.of(key(KeyCode.F12)), Action.ALWAYS, () -> practice.on().set(!practice.on().get()));
        copyResults = new Action(Action.constant(words().pages().copyResults()), Group.VIEW, List.of(),
                Bindings.createBooleanBinding(() -> practice.on().get() && practice.results().get().asked() > 0,
                        practice.on(), practice.results()),
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putString(practice.results().get().text(words()));
                    Clipboard.getSystemClipboard().setContent(content);
                    model.lesson().say(new Notice.Success(words().pages().copied()));
                });
        check = new Action(Action.constant(words().pages().check()), Group.STEPS, List.of(), asks, practice::check);
        hint = new Action(Action.constant(words().pages().hint()), Group.STEPS, List.of(), asks, practice::hint);
        nextScene = Action.of(words().scenes().next(), Group.STEPS, () -> move(model, player, 1),
                new KeyCodeCombination(KeyCode.PAGE_DOWN, KeyCombination.SHIFT_DOWN));
        sceneBefore = Action.of(words().scenes().before(), Group.STEPS, () -> move(model, player, -1),
                new KeyCodeCombination(KeyCode.PAGE_UP, KeyCombination.SHIFT_DOWN));
        nextPair = new Action(Action.constant(words().steps().nextResultRow()), Group.STEPS, List.of(key(KeyCode.N)),
                notLast, () -> player.goTo(model.nextLanding()));
        nextTurn =
                new Action(Action.constant(words().steps().nextLeftRow()), Group.STEPS, List.of(key(KeyCode.M)),
                        notLast,
                        () -> player.goTo(model.nextTurn()));
        first = new Action(Action.constant(words().steps().toStart()), Group.STEPS, List.of(key(KeyCode.HOME)),
                notFirst,
                () -> player.goTo(0));
        last = new Action(Action.constant(words().steps().toEnd()), Group.STEPS, List.of(key(KeyCode.END)), notLast,
                () -> player.goTo(model.showing().get().last()));
        faster = Action.of(words().steps().faster(), Group.STEPS,
                () -> player.speed().set(player.speed().get().faster()),
                key(KeyCode.UP));
        slower = Action.of(words().steps().slower(), Group.STEPS,
                () -> player.speed().set(player.speed().get().slower()),
                key(KeyCode.DOWN));
        openHere = Action.of(words().steps().openHere(), Group.STEPS,
                () -> model.lesson().edit(new SceneEdit.OpenLike(model.asItIs())));
        nextEnd =
                new Action(Action.constant(words().steps().endOfStage()), Group.STEPS, List.of(key(KeyCode.B)), notLast,
                        () -> player.goTo(model.nextEnd()));
        onlyPairs =
                new Action(
                        player.onlyPairs()
                                .map(only -> only ? words().steps().playEveryStep()
                                        : words().steps().playOnlyPairs()),
                        Group.STEPS,
                        List.of(key(KeyCode.P)), Action.ALWAYS,
                        () -> player.onlyPairs().set(!player.onlyPairs().get()));
    }

    /** Goes so many scenes on, and tells whether there is such a one. */
    private static boolean move(ShowModel model, Player player, int by) {
        player.pause();
        int before = model.lesson().lesson().get().scenes().at();
        model.lesson().goTo(before + by);
        return model.lesson().lesson().get().scenes().at() != before;
    }

    private static KeyCombination key(KeyCode code) {
        return new KeyCodeCombination(code);
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        return List.of(play, onlyPairs, forward, back, on, backOn, first, last, nextPair, nextTurn, nextEnd, uncover,
                check, hint,
                nextScene,
                sceneBefore, faster, slower);
    }

    Action uncover() {
        return uncover;
    }

    /** Goes to the next scene. */
    public Action nextScene() {
        return nextScene;
    }

    /** Goes to the scene before. */
    public Action sceneBefore() {
        return sceneBefore;
    }

    Action onlyPairs() {
        return onlyPairs;
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

    /** Begins to practise, or stops. */
    public Action practise() {
        return practise;
    }

    /** Copies what has come of the questions. */
    public Action copyResults() {
        return copyResults;
    }

    Action check() {
        return check;
    }

    Action hint() {
        return hint;
    }

    Action openHere() {
        return openHere;
    }
}
