package lunko.desktop.show;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.OptionalLong;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.show.model.Player;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.SceneEdit;

/** What can be done in the show: going through the steps. */
public final class StepActions {
    private final Action first;
    private final Action back;
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

    /** The actions on a model and its player. */
    public StepActions(ShowModel model, Player player) {
        BooleanBinding runs = Bindings.createBooleanBinding(() -> model.showing().get().last() > 0, model.showing());
        BooleanBinding notFirst =
                Bindings.createBooleanBinding(() -> model.showing().get().number() > 0, model.showing());
        BooleanBinding notLast = Bindings.createBooleanBinding(() -> !model.showing().get().isAtEnd(), model.showing());
        play = new Action(player.playing().map(playing -> playing ? words().steps().pause() : words().steps().play()),
                Group.STEPS,
                List.of(key(KeyCode.SPACE)), runs, player::toggle);
        forward = new Action(Action.constant(words().steps().forward()), Group.STEPS,
                List.of(key(KeyCode.RIGHT), key(KeyCode.PAGE_DOWN)), notLast, () -> player.step(1));
        back = new Action(Action.constant(words().steps().back()), Group.STEPS,
                List.of(key(KeyCode.LEFT), key(KeyCode.PAGE_UP)), notFirst, () -> player.step(-1));
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
        openHere = new Action(
                model.lesson().lesson()
                        .map(lesson -> lesson.scene().step().isPresent() ? words().steps().openAtEnd()
                                : words().steps().openHere()),
                Group.STEPS, List.of(), runs,
                () -> model.lesson().edit(new SceneEdit.OpenAt(model.lesson().lesson().get().scene().step().isPresent()
                        ? OptionalLong.empty() : OptionalLong.of(model.showing().get().number()))));
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

    private static KeyCombination key(KeyCode code) {
        return new KeyCodeCombination(code);
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        return List.of(play, onlyPairs, forward, back, first, last, nextPair, nextTurn, nextEnd, faster, slower);
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

    Action openHere() {
        return openHere;
    }
}
