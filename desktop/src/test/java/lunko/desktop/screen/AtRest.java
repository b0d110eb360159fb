package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import com.sun.javafx.scene.NodeHelper;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.beans.property.SimpleObjectProperty;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.lesson.Mode;
import lunko.desktop.look.Appearance;
import lunko.desktop.look.Theme;
import lunko.desktop.query.SheetKind;
import lunko.desktop.show.model.Speed;
import lunko.insight.listing.Arrangement;
import lunko.insight.picture.Picture;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import org.fxmisc.richtext.StyledTextArea;

/** A window in which nothing is pointed at, typed or asked just now, to be compared with one that is newly opened. */
record AtRest(Stage stage, Screen screen, Habits habits) {
    private static final int TRIES = 100;
    /** A text is read only after a pause in typing. */
    private static final int LEAST_TRIES = 10;
    private static final long BREATH = 30;
    private static final int MOST_WRONG = 100;

    /** Lets everything come to its end that somebody has begun. */
    void come() {
        RandomHandsProperties.window(() -> {
            screen.player().pause();
            screen.view().requestFocus();
            screen.view().presenting().set(false);
            for (Node shade : stage.getScene().getRoot().lookupAll(".shade")) {
                // A menu that is open takes the first of them.
                for (int i = 0; i < 2 && shade.isVisible(); i++)
                    Event.fireEvent(shade, new KeyEvent(KeyEvent.KEY_PRESSED, "", "",
                            KeyCode.ESCAPE, false, false, false, false));
            }
            if (screen.view().query().sheet().getValue().isPresent()) {
                screen.view().query().toggle(SheetKind.RESULTS);
                if (screen.view().query().sheet().getValue().isPresent())
                    screen.view().query().toggle(SheetKind.RESULTS);
            }
            screen.view().requestFocus();
            return screen;
        });
        for (int i = 0; i < TRIES && (i < LEAST_TRIES || !RandomHandsProperties.window(this::isSettled)); i++)
            if (!breathes()) return;
        RandomHandsProperties.window(() -> {
            screen.lesson().sayNothing();
            screen.model().pointing().choose(Optional.empty());
            screen.model().pointing().at(Optional.empty());
            screen.model().pointing().step(OptionalLong.empty());
            screen.model().pointing().part().set(OptionalInt.empty());
            // What is pointed at is let go of; nothing else is changed, so that what is wrong is not mended by it.
            screen.model().goTo(screen.model().showing().get().number());
            screen.model().arrangement().set(Arrangement.PLAIN);
            // Of several things that are wrong in a query, the first is said.
            while (stage.getScene().getRoot().lookup("#next-diagnostic") instanceof Button next
                    && IntStream.range(2, MOST_WRONG)
                            .noneMatch(all -> next.getText().equals(words().query().nextProblem(1, all))))
                next.fire();
            scrollBack(stage.getScene());
            layOut(stage.getScene());
            return screen;
        });
    }

    /** How far things are scrolled is a person's business. */
    private static void scrollBack(Scene scene) {
        scene.getRoot().lookupAll(".grid-table").forEach(table -> {
            if (!((TableView<?>) table).getItems().isEmpty()) ((TableView<?>) table).scrollTo(0);
        });
        scene.getRoot().lookupAll(".scene-list").forEach(list -> ((ListView<?>) list).scrollTo(0));
        layOut(scene);
        scene.getRoot().lookupAll(".grid-table .scroll-bar").forEach(bar -> ((ScrollBar) bar).setValue(0));
        scene.getRoot().lookupAll(".bench-scroll").forEach(pane -> {
            ((ScrollPane) pane).setVvalue(0);
            ((ScrollPane) pane).setHvalue(0);
        });
    }

    /** Whether what was typed is shown, or has been taken back because it cannot be, in a window of its new size. */
    private boolean isSettled() {
        // The toolkit gives a window its size only when it next draws.
        if (stage.getWidth() != stage.getScene().getWidth()) return false;
        screen.lesson().begun().get().ifPresent(Runnable::run);
        String text = stage.getScene().getRoot().lookup("#query-text") instanceof StyledTextArea<?, ?> area
                ? area.getText() : "";
        return !screen.model().waiting().get() && text.equals(screen.lesson().lesson().get().staged().sql());
    }

    static void layOut(Scene scene) {
        for (int i = 0; i < 3; i++) pulse(scene);
    }

    /** What the toolkit does before it draws: what has changed gets its looks and its place. */
    static void pulse(Scene scene) {
        NodeHelper.processCSS(scene.getRoot());
        scene.getRoot().layout();
    }

    /** In what it differs from a window that is newly opened on the same state, if it does. */
    Optional<String> differenceToNew() {
        Scene anew = RandomHandsProperties.window(this::openedAnew);
        // Of several queries, those that are not shown are looked at beside the window's thread.
        if (screen.lesson().lesson().get().staged().query().statements().size() > 1) {
            for (int i = 0; i < LEAST_TRIES; i++) if (!breathes()) return Optional.empty();
        }
        return RandomHandsProperties.window(() -> {
            for (Scene each : new Scene[] {stage.getScene(), anew}) {
                scrollBack(each);
                layOut(each);
            }
            return Looks.of(stage.getScene().getRoot()).difference(Looks.of(anew.getRoot()));
        });
    }

    /** Waits a little; false if it is not to be waited any more. */
    private static boolean breathes() {
        try {
            Thread.sleep(BREATH);
            return true;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Another window, newly opened on the same state. */
    private Scene openedAnew() {
        Scene own = stage.getScene();
        // With an appearance of its own, which does not keep it when it has been looked at.
        Appearance appearance = new Appearance();
        appearance.theme().set(habits.appearance().theme().get());
        appearance.still().set(habits.appearance().still().get());
        Screen other = Screen.of(screen.lesson().lesson().get(), () -> stage, new Habits(habits.recent(), appearance),
                _ -> new SimpleObjectProperty<>(Duration.ZERO));
        other.lesson().open(screen.lesson().kept());
        other.view().actions().show().practice().on().set(screen.view().actions().show().practice().on().get());
        other.lesson().mode().set(screen.lesson().mode().get());
        other.lesson().notesShown().set(screen.lesson().notesShown().get());
        other.model().picture().set(screen.model().picture().get());
        other.model().keyByKey().set(screen.model().keyByKey().get());
        other.model().algorithm().set(screen.model().algorithm().get());
        other.player().onlyPairs().set(screen.player().onlyPairs().get());
        other.player().speed().set(screen.player().speed().get());
        other.view().frame().zoom().set(screen.view().frame().zoom().get());
        Scene scene = other.view().inScene(own.getWidth(), own.getHeight());
        // Of a view's stylesheet the toolkit remembers all that has used it, and goes through these for each new node.
        scene.getStylesheets().setAll(scene.getRoot().getStylesheets());
        scene.getRoot().getStylesheets().clear();
        layOut(scene);
        other.model().preview(screen.model().showing().get());
        layOut(scene);
        // Other columns are all as they come, until somebody opens one.
        for (Side side : Side.values()) other.model().opened(side).set(screen.model().opened(side).get());
        layOut(scene);
        return scene;
    }

    /** In what it differs from what it looked like at first when everything has been undone, if it does. */
    Optional<String> differenceAllUndone(Looks first) {
        while (screen.lesson().history().get().past().isPresent()) screen.lesson().undo();
        screen.view().actions().show().practice().on().set(false);
        habits.appearance().theme().set(Theme.LIGHT);
        screen.view().frame().zoom().set(1);
        screen.lesson().mode().set(Mode.SHOW);
        screen.lesson().notesShown().set(false);
        screen.model().picture().set(Picture.VENN);
        screen.model().keyByKey().set(false);
        screen.model().algorithm().set(JoinAlgorithm.NESTED_LOOP);
        screen.player().onlyPairs().set(false);
        screen.player().speed().set(Speed.NORMAL);
        for (Side side : Side.values()) screen.model().opened(side).set(Set.of());
        // Without what the last undo has changed in the result.
        screen.model().preview(Showing.of(screen.lesson().lesson().get(), JoinAlgorithm.NESTED_LOOP).opened());
        // Of each result it is kept how it is looked at.
        screen.model().arrangement().set(Arrangement.PLAIN);
        screen.lesson().sayNothing();
        Scene scene = stage.getScene();
        scene.getRoot().resize(1280, 800);
        layOut(scene);
        scrollBack(scene);
        layOut(scene);
        return Looks.of(scene.getRoot()).difference(first);
    }
}
