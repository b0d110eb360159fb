package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.layout.Region;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.show.model.ShowModel;
import lunko.query.JoinKind;

/** Choosing how two tables are joined. */
public final class KindActions {
    private final Map<JoinKind, Action> kinds = new EnumMap<>(JoinKind.class);
    private final Action natural;
    private final Action self;

    /** The actions on a model; {@code ask} puts something over the page until it is answered. */
    public KindActions(ShowModel model, Consumer<Function<Runnable, Region>> ask) {
        for (JoinKind kind : JoinKind.values()) {
            int digit = (kind.ordinal() + 1) % 10;
            kinds.put(kind, new Action(Action.constant(words().kinds().aKind(kind)), Group.KINDS,
                    List.of(new KeyCodeCombination(KeyCode.valueOf("DIGIT" + digit)),
                            new KeyCodeCombination(KeyCode.valueOf("NUMPAD" + digit))),
                    Bindings.createBooleanBinding(() -> model.canChoose(kind), model.showing()),
                    () -> model.choose(kind)));
        }
        natural = Action.of(words().kinds().aNaturalJoin(), Group.KINDS,
                () -> ask.accept(close -> new NaturalPane(model, close)),
                new KeyCodeCombination(KeyCode.A));
        self = Action.of(words().kinds().aSelfJoin(), Group.KINDS,
                () -> ask.accept(close -> new SelfPane(model, close)),
                new KeyCodeCombination(KeyCode.S));
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        List<Action> all = new ArrayList<>();
        Stream.of(JoinKind.values()).map(kinds::get).forEach(all::add);
        all.add(natural);
        all.add(self);
        return all;
    }

    Action choose(JoinKind kind) {
        return kinds.get(kind);
    }

    Action natural() {
        return natural;
    }

    Action self() {
        return self;
    }
}
