package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.lesson.Mode;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.SceneEdit;

/** What can be done with the query. */
public final class QueryActions {
    private final ShowModel model;
    private final Action write;
    private final Action nextDiagnostic;
    private final Action back;
    private final Map<SheetKind, Action> sheets = new EnumMap<>(SheetKind.class);
    private Optional<QueryPane> pane = Optional.empty();

    /** The actions on a model. */
    public QueryActions(ShowModel model) {
        this.model = model;
        write = action(words().query().write(), QueryPane::edit, KeyCode.Q);
        for (SheetKind kind : SheetKind.values())
            sheets.put(kind, action(kind.title(), on -> on.toggle(kind), kind.key()));
        nextDiagnostic = action(words().query().next(), QueryPane::nextDiagnostic, KeyCode.F3);
        back = new Action(Action.constant(words().query().twoTables()), Group.QUERY, List.of(),
                Bindings.createBooleanBinding(() -> model.lesson().lesson().get().scene().written().isPresent(),
                        model.lesson().lesson()),
                () -> model.lesson().edit(new SceneEdit.Write(Optional.empty())));
    }

    private Action action(String name, Consumer<QueryPane> does, KeyCode key) {
        return Action.of(name, Group.QUERY, () -> pane.ifPresent(there -> {
            // The query is to be seen while something is done with it.
            model.lesson().mode().set(Mode.SHOW);
            does.accept(there);
        }), new KeyCodeCombination(key));
    }

    /** Tells the actions on which pane things are asked; before that, those that ask do nothing. */
    void attach(QueryPane query) {
        pane = Optional.of(query);
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        List<Action> all = new ArrayList<>();
        menu().forEach(all::addAll);
        all.remove(back);
        return all;
    }

    /** All of them in the parts of a menu. */
    List<List<Action>> menu() {
        return List.of(List.of(write, nextDiagnostic), List.copyOf(sheets.values()), List.of(back));
    }
}
