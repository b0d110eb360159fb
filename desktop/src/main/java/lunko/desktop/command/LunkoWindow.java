package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import lunko.desktop.lesson.Notice;
import lunko.desktop.lesson.Recent;
import lunko.desktop.machine.AppFolders;
import lunko.desktop.machine.Journal;
import lunko.desktop.screen.Habits;
import lunko.desktop.screen.Screen;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.model.Speed;
import lunko.exchange.lesson.KeptLesson;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.course.Course;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The window of the application, its parts put together. */
final class LunkoWindow {
    static final double WIDTH = 1280;
    static final double HEIGHT = 800;
    /** With less room than that everything can still be scrolled to, but nothing is seen beside anything else. */
    private static final double LEAST_WIDTH = 640;
    private static final double LEAST_HEIGHT = 480;
    private static final Logger LOG = LoggerFactory.getLogger(LunkoWindow.class);

    private final Stage stage = new Stage();
    private final Screen screen;
    private final Journal journal;

    /** A window on the model of a lesson, in which things move. */
    LunkoWindow(ShowModel model, Optional<Path> file, Journal journal, Habits habits) {
        this.journal = journal;
        screen = Screen.of(model, () -> stage, habits, player -> player.speed().map(Speed::motion));
        file.ifPresent(screen.lessons()::cameFrom);
    }

    /** Work in progress is written down; what another process has left of it is offered. */
    private void keepJournal() {
        journal.whenUnable(why -> Platform.runLater(() -> screen.lesson().say(new Notice.Failure(why))));
        Runnable note = () -> {
            if (screen.lessons().changed().get()) journal.note(screen.lesson().kept());
            else journal.forget();
        };
        screen.lesson().lesson().subscribe((_, _) -> note.run());
        screen.lesson().results().subscribe((_, _) -> note.run());
        screen.lessons().changed().subscribe(changed -> {
            if (!changed) journal.forget();
        });
        journal.whenLeft((left, read) -> Platform.runLater(() -> offer(left, read)));
    }

    /** Offers what another process has left; what cannot be read is kept under another name. */
    private void offer(Path left, Checked<KeptLesson> read) {
        read.handle(lesson -> screen.lesson().say(new Notice.Offer(
                words().lesson().endedUnsaved(lesson.lesson().title()), words().lesson().recover(), () -> {
                    screen.lesson().open(lesson);
                    journal.note(lesson);
                    journal.takeAway(left);
                })), problem -> {
                    LOG.warn("a journal cannot be read: {}", words().problems().of(problem).text());
                    screen.lesson().say(new Notice.Failure(
                            Problem.of(new WorkFault.JournalUnreadable(journal.putAside(left).toString()))));
                });
    }

    /** A lesson with changes is not closed before its person has said what becomes of them. */
    private void askBeforeClosing(WindowEvent closing) {
        screen.lessons().takeWhatIsTyped();
        if (!screen.lessons().changed().get()) return;
        closing.consume();
        screen.lessons().leave(stage::close);
    }

    /** Says something to the person at it. */
    void say(String sentence) {
        screen.lesson().say(new Notice.Success(sentence));
    }

    /** Shows whoever is here for the first time the way to the first steps, if there is nothing else to be said. */
    void greet(Recent recent) {
        if (!recent.isNew() || !journal.left().isEmpty() || screen.lesson().notice().get().isPresent()) return;
        recent.begin();
        screen.lesson().say(new Notice.Offer(words().window().newHere(), Course.FIRST_STEPS.title(),
                screen.view()::openFirstSteps));
    }

    Stage stage() {
        return stage;
    }

    Screen screen() {
        return screen;
    }

    /** Opens it; {@code whenClosed} is called when the person has closed it. */
    void open(Runnable whenClosed) {
        Thread.setDefaultUncaughtExceptionHandler(this::fail);
        Thread.currentThread().setUncaughtExceptionHandler(this::fail);
        Rectangle2D room = javafx.stage.Screen.getPrimary().getVisualBounds();
        Scene scene = screen.view().inScene(Math.min(WIDTH, room.getWidth()), Math.min(HEIGHT, room.getHeight()));
        stage.setScene(scene);
        stage.titleProperty().bind(Bindings.createStringBinding(() -> words().lesson().title(
                screen.lesson().lesson().get().title(), screen.lessons().changed().get()), screen.lesson().lesson(),
                screen.lessons().changed()));
        stage.setOnCloseRequest(this::askBeforeClosing);
        keepJournal();
        screen.view().presenting().subscribe(stage::setFullScreen);
        stage.fullScreenProperty().subscribe(full -> screen.view().presenting().set(full));
        stage.setFullScreenExitHint("");
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        stage.setOnHidden(_ -> {
            journal.close();
            whenClosed.run();
        });
        screen.view().hurry(scene);
        stage.show();
        LOG.info("window open");
    }

    private void fail(Thread thread, Throwable failure) {
        LOG.error("uncaught in {}", thread.getName(), failure);
        Platform.runLater(() -> screen.lesson().say(new Notice.Failure(Problem.of(
                new WorkFault.Defect(AppFolders.writtenLog())))));
    }
}
