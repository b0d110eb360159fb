package lunko.bench;

import java.nio.file.Path;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.look.Look;
import lunko.desktop.screen.Habits;
import lunko.desktop.screen.Screen;
import lunko.lesson.Lesson;

/** A window that is measured in, everything in it at rest. */
record OpenWindow(Screen screen, Scene scene) {

    /** Opens one with a lesson; to be called in the window's thread. */
    static OpenWindow of(Lesson lesson) {
        Look.install();
        Stage stage = new Stage();
        Screen screen = Screen.of(lesson, () -> stage, Habits.in(Path.of("target", "habits")),
                _ -> new SimpleObjectProperty<>(Duration.ZERO));
        Scene scene = screen.view().inScene(1280, 800);
        stage.setScene(scene);
        stage.show();
        return new OpenWindow(screen, scene);
    }
}
