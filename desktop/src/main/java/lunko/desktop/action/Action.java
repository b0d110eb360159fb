package lunko.desktop.action;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCombination;
import lunko.desktop.look.Tip;
import lunko.desktop.words.WindowWords;
import org.kordamp.ikonli.Ikon;
import org.kordamp.ikonli.javafx.FontIcon;

/** One thing a person can do. Buttons, menus, keys and the list of keys are all made from it. */
public final class Action {
    /** That something can be done at any time. */
    public static final ObservableBooleanValue ALWAYS = new SimpleBooleanProperty(true);

    private final ObservableValue<String> name;
    private final Group group;
    private final List<KeyCombination> keys;
    private final ObservableBooleanValue possible;
    private final Runnable handler;

    /** What has a name and keys, and is done by a handler. */
    public Action(ObservableValue<String> name, Group group, List<KeyCombination> keys, ObservableBooleanValue possible,
            Runnable handler) {
        this.name = name;
        this.group = group;
        this.keys = keys;
        this.possible = possible;
        this.handler = handler;
    }

    /** What it does; it may change with the state, as “Play” and “Pause” do. */
    public ObservableValue<String> name() {
        return name;
    }

    /** The heading it stands under in the list of keys. */
    public Group group() {
        return group;
    }

    /** The keys that do it, the first of them shown. */
    public List<KeyCombination> keys() {
        return keys;
    }

    /** Whether it can be done now. */
    public ObservableBooleanValue possible() {
        return possible;
    }

    /** Does it. */
    public Runnable handler() {
        return handler;
    }

    /** The headings of the list of keys, in their order. */
    public enum Group {
        /** Moving through the steps. */
        STEPS(WindowWords::steps),
        /** Choosing a kind of join. */
        KINDS(WindowWords::kindsOfJoin),
        /** What can be done with the query. */
        QUERY(WindowWords::theQuery),
        /** Changing the tables. */
        TABLES(WindowWords::tables),
        /** What is done with scenes. */
        SCENES(WindowWords::scenes),
        /** Files, undo, help. */
        LESSON(WindowWords::lesson),
        /** How things are looked at. */
        VIEW(WindowWords::view);

        private final Function<WindowWords, String> title;

        Group(Function<WindowWords, String> title) {
            this.title = title;
        }

        /** The heading. */
        public String title() {
            return title.apply(words().window());
        }
    }

    /** A name that never changes. */
    public static ObservableValue<String> constant(String name) {
        return new SimpleStringProperty(name);
    }

    /** Something that can always be done. */
    public static Action of(String name, Group group, Runnable handler, KeyCombination... keys) {
        return new Action(constant(name), group, List.of(keys), ALWAYS, handler);
    }

    /** Does it, if it can be done now. */
    public void run() {
        if (possible.get()) handler.run();
    }

    /** The key that does it, as it is shown to a person. */
    public Optional<String> shownKey() {
        return keys.stream().findFirst().map(KeyCombination::getDisplayText);
    }

    /** The name, and the key that does it. */
    public String nameWithKey() {
        return shownKey().map(key -> words().kinds().withKey(name.getValue(), key)).orElseGet(name::getValue);
    }

    /** A button with the action's name on it. */
    public Button button(Ikon icon) {
        Button button = iconButton(icon);
        button.textProperty().bind(name);
        return button;
    }

    /** A button with an icon alone; its name and key are in the tooltip. */
    public Button iconButton(Ikon icon) {
        Button button = Controls.button("");
        button.setGraphic(new FontIcon(icon));
        button.setOnAction(_ -> run());
        button.disableProperty().bind(Bindings.not(possible));
        button.accessibleTextProperty().bind(name);
        Tip.on(button, name.map(_ -> nameWithKey()));
        return button;
    }

    /** A menu item. */
    public MenuItem menuItem() {
        MenuItem item = Controls.item("");
        item.textProperty().bind(name);
        item.disableProperty().bind(Bindings.not(possible));
        keys.stream().findFirst().ifPresent(item::setAccelerator);
        item.setOnAction(_ -> run());
        return item;
    }
}
