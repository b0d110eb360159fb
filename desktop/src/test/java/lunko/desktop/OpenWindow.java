package lunko.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.look.Look;
import lunko.desktop.screen.Habits;
import lunko.desktop.screen.Screen;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.WrittenQuery;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The window with the demo lesson, for tests that drive it. */
@ExtendWith(ApplicationExtension.class)
public abstract class OpenWindow {
    /** The join of the demo lesson as text. */
    protected static final String PLAIN = "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id";

    /** What is shown. */
    protected ShowModel model;
    /** All of the window. */
    protected Screen screen;
    /** Where files may be put. */
    @TempDir
    protected Path folder;
    private Stage stage;
    private Duration motion = Duration.ZERO;
    private final List<Throwable> uncaught = new CopyOnWriteArrayList<>();

    /** The lesson, when what has been done is done. */
    protected Lesson lesson() {
        WaitForAsyncUtils.waitForFxEvents();
        return screen.lesson().lesson().get();
    }

    /** To be called by the method of each test that TestFX starts, which it does not look for here. */
    protected void open(Stage opened) {
        Look.install();
        Thread.currentThread().setUncaughtExceptionHandler((_, failure) -> uncaught.add(failure));
        stage = opened;
        show(DemoLesson.lesson());
        stage.show();
    }

    /** The same, with things that take so long to move. */
    protected void open(Stage opened, Duration moving) {
        motion = moving;
        open(opened);
    }

    /** Shows another lesson, in a window of its own size. */
    protected void show(Lesson lesson) {
        screen = Screen.of(lesson, () -> stage, Habits.in(folder), _ -> new SimpleObjectProperty<>(motion));
        model = screen.model();
        fill(stage, screen);
    }

    /** Shows a screen in a stage, which is as large as a new window whatever another test has made of it. */
    public static void fill(Stage stage, Screen screen) {
        stage.setScene(screen.view().inScene(1280, 800));
        stage.sizeToScene();
    }

    @AfterEach
    void nothingIsUncaught() {
        assertThat(uncaught).isEmpty();
    }

    /** Types a query over the one that is there, and waits until it is shown. */
    protected void write(FxRobot robot, String sql) throws Exception {
        robot.clickOn("#query-text").interact(() -> area(robot).replaceText(sql));
        robot.push(KeyCode.CONTROL, KeyCode.ENTER);
        until(() -> model.showing().get().lesson().staged().sql().equals(sql));
        assertThat(model.showing().get().lesson().scene().written().map(WrittenQuery::sql)).contains(sql);
    }

    protected static StyleClassedTextArea area(FxRobot robot) {
        return robot.lookup("#query-text").query();
    }

    /** What stands in all labels and buttons of a style. */
    protected static List<String> texts(FxRobot robot, String query) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup(query).queryAll().stream().map(node -> ((Labeled) node).getText()).toList();
    }

    /** What the person is told. */
    protected String notice() {
        WaitForAsyncUtils.waitForFxEvents();
        return screen.lesson().notice().get().orElseThrow().sentence();
    }

    protected static List<String> states(Node node) {
        return node.getPseudoClassStates().stream().map(PseudoClass::getPseudoClassName).toList();
    }

    protected static boolean isSeen(Node node) {
        for (Node at = node; at != null; at = at.getParent()) if (!at.isVisible()) return false;
        return true;
    }

    /**
     * Waits for something that is found out beside the window's thread; the condition is asked in that thread, because
     * there the window changes.
     */
    protected void until(Callable<Boolean> condition) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(2, TimeUnit.MINUTES, () -> WaitForAsyncUtils.asyncFx(condition).get());
        } catch (TimeoutException late) {
            throw new AssertionError("still: " + area(new FxRobot()).getText() + " / "
                    + model.showing().get().lesson().staged().sql() + " at step " + model.showing().get().number(),
                    late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }
}
