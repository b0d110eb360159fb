package lunko.desktop.command;

import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import lunko.desktop.machine.AppFolders;
import lunko.desktop.show.Notice;
import lunko.desktop.show.Screen;
import lunko.desktop.show.Speed;
import lunko.lesson.Lesson;
import lunko.problem.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The window of the application, its parts put together. */
final class LunkoWindow {
    static final double WIDTH = 1280;
    static final double HEIGHT = 800;
    private static final Logger LOG = LoggerFactory.getLogger(LunkoWindow.class);

    private final Stage stage = new Stage();
    private final Screen screen;

    /** A window on a lesson, in which things move. */
    LunkoWindow(Lesson lesson) {
        screen = Screen.of(lesson, () -> stage, player -> player.speed().map(Speed::motion));
    }

    /** Opens it; {@code whenClosed} is called when the person has closed it. */
    void open(Runnable whenClosed) {
        Thread.setDefaultUncaughtExceptionHandler(this::fail);
        Thread.currentThread().setUncaughtExceptionHandler(this::fail);
        Scene scene = screen.view().inScene(WIDTH, HEIGHT);
        stage.setScene(scene);
        stage.titleProperty().bind(screen.model().showing().map(showing -> showing.lesson().title() + " – Lunko"));
        stage.setMinWidth(1200);
        stage.setMinHeight(720);
        stage.setOnHidden(_ -> whenClosed.run());
        stage.show();
        LOG.info("window open");
    }

    private void fail(Thread thread, Throwable failure) {
        LOG.error("uncaught in {}", thread.getName(), failure);
        Platform.runLater(() -> screen.model().say(new Notice.Trouble(Problem.of(
                "Something went wrong inside Lunko; your tables are as they were. The details are in "
                        + AppFolders.log() + "."))));
    }
}
