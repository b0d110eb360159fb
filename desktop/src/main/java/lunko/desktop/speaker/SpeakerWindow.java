package lunko.desktop.speaker;

import static lunko.desktop.words.Spoken.words;

import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import lunko.desktop.action.Action;
import lunko.desktop.action.Keyboard;
import lunko.desktop.look.Appearance;
import lunko.desktop.look.Look;
import lunko.desktop.show.model.ShowModel;

/** The speaker's window: on a second screen if there is one, or else beside the window of the class. */
public final class SpeakerWindow {
    private static final double WIDTH = 560;
    private static final double HEIGHT = 620;

    private final ShowModel model;
    private final Action back;
    private final Action on;
    private final Appearance appearance;
    private final Supplier<Window> owner;
    private Optional<Stage> stage = Optional.empty();

    /**
     * A window that is not open yet.
     *
     * @param owner the window of the class, with which it closes
     */
    public SpeakerWindow(ShowModel model, Action back, Action on, Appearance appearance, Supplier<Window> owner) {
        this.model = model;
        this.back = back;
        this.on = on;
        this.appearance = appearance;
        this.owner = owner;
    }

    /** Opens it, or closes it; the same keys do the same in both windows. */
    public void toggle(List<Action> actions, ObservableBooleanValue presenting) {
        Stage window = stage.orElseGet(() -> made(actions, presenting));
        stage = Optional.of(window);
        if (window.isShowing()) {
            window.hide();
            return;
        }
        Optional.ofNullable(owner.get()).ifPresent(other -> place(window, other));
        window.show();
        // So that Space plays and presses no button.
        window.getScene().getRoot().requestFocus();
    }

    /** It is made when somebody opens it first, and kept. */
    private Stage made(List<Action> actions, ObservableBooleanValue presenting) {
        SpeakerView view = new SpeakerView(model, back, on, InstantSource.system());
        Look.dress(view);
        appearance.dress(view);
        Scene scene = new Scene(view, WIDTH, HEIGHT);
        new Keyboard(actions, presenting, new SimpleBooleanProperty(false)).attachTo(scene);
        Stage made = new Stage();
        made.setTitle(words().speaker().title());
        made.setScene(scene);
        Optional.ofNullable(owner.get()).ifPresent(window -> window.showingProperty().subscribe((_, showing) -> {
            if (!showing) made.hide();
        }));
        made.showingProperty().subscribe(view::goOn);
        return made;
    }

    /** In the middle of the first screen that the other window is not on, or else at the right edge of its own. */
    private static void place(Stage opened, Window other) {
        List<Screen> taken =
                Screen.getScreensForRectangle(other.getX(), other.getY(), other.getWidth(), other.getHeight());
        Optional<Screen> free = Screen.getScreens().stream().filter(screen -> !taken.contains(screen)).findFirst();
        Rectangle2D room = free.or(() -> taken.stream().findFirst()).orElse(Screen.getPrimary()).getVisualBounds();
        opened.setX(free.isPresent() ? room.getMinX() + (room.getWidth() - WIDTH) / 2 : room.getMaxX() - WIDTH);
        opened.setY(room.getMinY() + Math.max(0, (room.getHeight() - HEIGHT) / 2));
    }
}
