package lunko.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Recent;
import lunko.desktop.look.Look;
import lunko.desktop.machine.Journal;
import lunko.desktop.screen.Habits;
import lunko.desktop.show.model.ShowModel;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.course.Course;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The lesson as a document: nothing that was done to it is lost by closing, by a crash, or by another window. */
@ExtendWith(ApplicationExtension.class)
class LunkoWindowTest {
    private static final long A_WHILE = 120_000;

    @TempDir
    private Path folder;
    private LunkoWindow window;
    private Path file;
    private final AtomicInteger closed = new AtomicInteger();

    @Start
    void open(Stage unused) throws IOException {
        Look.install();
        Path journal = folder.resolve("journal");
        Files.createDirectories(journal);
        // What a process has left that is not there any more.
        LessonFile.write(noted(DemoLesson.lesson().of(JoinKind.CROSS)), journal.resolve("999999999.lunko")).expect();
        file = folder.resolve("bees.lunko");
        LessonFile.write(DemoLesson.lesson(), file).expect();
        window = new LunkoWindow(new ShowModel(new LessonModel(DemoLesson.lesson())), Optional.of(file),
                new Journal(journal), Habits.in(folder));
        window.open(closed::incrementAndGet);
    }

    @AfterEach
    void close() {
        Platform.runLater(window.stage()::hide);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void changesAreJournalledSavedAndAskedAbout(FxRobot robot) throws Exception {
        waitForOffer(robot);
        robot.push(KeyCode.DIGIT1);
        // To look at another kind of join is no change.
        assertThat(window.stage().getTitle()).isEqualTo("Hives and keepers – Lunko");
        note(robot);
        assertThat(window.stage().getTitle()).isEqualTo("Hives and keepers (changed) – Lunko");
        Path own = folder.resolve("journal").resolve(ProcessHandle.current().pid() + ".lunko");
        WaitForAsyncUtils.waitFor(A_WHILE, TimeUnit.MILLISECONDS, () -> Files.exists(own));
        assertThat(LessonFile.read(own)).isEqualTo(Checked.valid(noted(DemoLesson.lesson().of(JoinKind.INNER))));

        ask(robot);
        robot.clickOn("Cancel");
        assertThat(closed.get()).isZero();

        robot.push(KeyCode.CONTROL, KeyCode.S);
        WaitForAsyncUtils.waitFor(A_WHILE, TimeUnit.MILLISECONDS, () -> !Files.exists(own));
        assertThat(LessonFile.read(file)).isEqualTo(Checked.valid(noted(DemoLesson.lesson().of(JoinKind.INNER))));
        assertThat(window.stage().getTitle()).isEqualTo("Hives and keepers – Lunko");
        robot.interact(() -> Event.fireEvent(window.stage(),
                new WindowEvent(window.stage(), WindowEvent.WINDOW_CLOSE_REQUEST)));
        assertThat(closed.get()).isOne();
    }

    @Test
    void whatACrashHasLeftIsTakenUpAgainAndAFileOfSomebodyElseStays(FxRobot robot) throws Exception {
        waitForOffer(robot);
        robot.clickOn("Recover them");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.stage().getTitle()).isEqualTo("Hives and keepers (changed) – Lunko");
        assertThat(folder.resolve("journal").resolve("999999999.lunko")).doesNotExist();

        Lesson other = DemoLesson.lesson().of(JoinKind.FULL_OUTER);
        LessonFile.write(other, file).expect();
        Files.setLastModifiedTime(file, FileTime.fromMillis(System.currentTimeMillis() + 5_000));
        robot.push(KeyCode.CONTROL, KeyCode.S);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#notice").queryAll()).hasSize(1);
        assertThat(LessonFile.read(file)).isEqualTo(Checked.valid(other));
        ask(robot);
        robot.clickOn("Do not save");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(closed.get()).isOne();
    }

    @Test
    void whatACrashHasLeftIsKeptWhereItCannotBeRead(FxRobot robot) throws Exception {
        Path journal = Files.createDirectories(folder.resolve("other-journal"));
        Files.writeString(journal.resolve("999999998.lunko"), "half of a file");
        LunkoWindow other = WaitForAsyncUtils.waitForAsyncFx(A_WHILE, () -> {
            LunkoWindow made = new LunkoWindow(new ShowModel(new LessonModel(DemoLesson.lesson())), Optional.empty(),
                    new Journal(journal), Habits.in(folder));
            made.open(() -> {});
            return made;
        });
        WaitForAsyncUtils.waitFor(A_WHILE, TimeUnit.MILLISECONDS, () -> other.screen().lesson().notice().get()
                .filter(said -> said.sentence()
                        .endsWith("It is kept in " + journal.resolve("999999998.lunko.unreadable") + "."))
                .isPresent());
        robot.interact(other.stage()::hide);
        assertThat(journal.resolve("999999998.lunko.unreadable")).hasContent("half of a file");
    }

    @Test
    void whoIsHereForTheFirstTimeIsShownTheFirstStepsOnce(FxRobot robot) throws Exception {
        waitForOffer(robot);
        Files.delete(folder.resolve("journal").resolve("999999999.lunko"));
        Recent recent = new Recent(folder.resolve("nobody-yet.txt"));
        robot.interact(() -> window.screen().lesson().sayNothing());
        robot.interact(() -> window.greet(recent));
        robot.clickOn(Course.FIRST_STEPS.title());
        assertThat(window.stage().getTitle()).startsWith(Course.FIRST_STEPS.title());
        robot.interact(() -> window.greet(recent));
        assertThat(window.screen().lesson().notice().get()).isEmpty();
    }

    @Test
    void thatNothingCanBeNotedIsSaid(FxRobot robot) throws Exception {
        Path noFolder = Files.writeString(folder.resolve("no-folder"), "");
        AtomicReference<LunkoWindow> other = new AtomicReference<>();
        robot.interact(() -> {
            other.set(new LunkoWindow(new ShowModel(new LessonModel(DemoLesson.lesson())), Optional.empty(),
                    new Journal(noFolder), Habits.in(folder)));
            other.get().open(() -> {});
            other.get().screen().lesson().edit(new SceneEdit.Note("slowly"));
        });
        WaitForAsyncUtils.waitFor(A_WHILE, TimeUnit.MILLISECONDS, () -> other.get().screen().lesson().notice().get()
                .filter(said -> said.sentence().contains("because " + noFolder + " cannot be written to")).isPresent());
        robot.interact(other.get().stage()::hide);
    }

    @Test
    void aNewLessonAsksAboutTheOldOneAndHasATitleAndANote(FxRobot robot) {
        assertThat(Habits.in(folder).recent().lessons()).containsExactly(file.toAbsolutePath());
        note(robot);
        robot.clickOn("#lesson-menu");
        assertThat(robot.lookup(node -> node instanceof Label label && label.getText().startsWith("bees.lunko   in "))
                .tryQuery()).isPresent();
        robot.clickOn("New lesson").clickOn("Do not save");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.stage().getTitle()).isEqualTo("table_1, table_2 – Lunko");
        robot.doubleClickOn(".lesson-title").push(KeyCode.CONTROL, KeyCode.A).write("Swarms").type(KeyCode.ENTER);
        note(robot);
        assertThat(window.stage().getTitle()).isEqualTo("Swarms (changed) – Lunko");
        robot.push(KeyCode.F4);
        assertThat(robot.lookup("#note").queryTextInputControl().getText()).isEqualTo("slowly");
        robot.clickOn("Cancel");
    }

    private static void waitForOffer(FxRobot robot) throws TimeoutException {
        WaitForAsyncUtils.waitFor(A_WHILE, TimeUnit.MILLISECONDS, () -> !robot.lookup("#notice").queryAll().isEmpty());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void note(FxRobot robot) {
        robot.push(KeyCode.F4).clickOn("#note").push(KeyCode.CONTROL, KeyCode.A).write("slowly").clickOn("Keep");
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static Lesson noted(Lesson lesson) {
        return new SceneEdit.Note("slowly").applyTo(lesson).expect();
    }

    /** Asks the window to close, as its frame does. */
    private void ask(FxRobot robot) {
        Platform.runLater(() -> {
            WindowEvent request = new WindowEvent(window.stage(), WindowEvent.WINDOW_CLOSE_REQUEST);
            Event.fireEvent(window.stage(), request);
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".alert").queryAll()).isNotEmpty();
    }
}
