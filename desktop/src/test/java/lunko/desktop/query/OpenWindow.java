package lunko.desktop.query;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.look.Look;
import lunko.desktop.screen.Habits;
import lunko.desktop.screen.Screen;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.DemoLesson;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The window with the demo lesson, for tests that drive it. */
@ExtendWith(ApplicationExtension.class)
abstract class OpenWindow {
    static final String PLAIN = "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id";

    ShowModel model;
    @TempDir
    private Path folder;

    /** To be called by the method of each test that TestFX starts, which it does not look for here. */
    void open(Stage stage) {
        Look.install();
        Screen screen = Screen.of(DemoLesson.lesson(), () -> stage, Habits.in(folder),
                _ -> new SimpleObjectProperty<>(Duration.ZERO));
        model = screen.model();
        stage.setScene(screen.view().inScene(1280, 800));
        stage.show();
    }

    static StyleClassedTextArea area(FxRobot robot) {
        return robot.lookup("#query-text").query();
    }

    static List<String> states(Node node) {
        return node.getPseudoClassStates().stream().map(PseudoClass::getPseudoClassName).toList();
    }

    static boolean isSeen(Node node) {
        for (Node at = node; at != null; at = at.getParent()) if (!at.isVisible()) return false;
        return true;
    }

    /**
     * Waits for something that is found out beside the window's thread; the condition is asked in that thread, because
     * there the window changes.
     */
    void until(Callable<Boolean> condition) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(condition).get());
        } catch (TimeoutException late) {
            throw new AssertionError("still: " + area(new FxRobot()).getText() + " / "
                    + model.showing().get().lesson().staged().sql() + " at step " + model.showing().get().number(),
                    late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }
}
