package lunko.desktop.command;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.lesson.Recent;
import lunko.desktop.look.Appearance;
import lunko.desktop.machine.Display;
import lunko.desktop.machine.Journal;
import lunko.desktop.screen.Habits;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.course.Course;
import lunko.query.JoinKind;
import picocli.CommandLine.Command;

/**
 * The command {@code lunko rehearse}: the window opened on no display, with what is done in it first, and closed again.
 * What Java keeps of this in a cache makes later starts quicker.
 */
@Command(name = "rehearse", hidden = true)
final class RehearseCommand implements Callable<Integer> {
    /** What is drawn is drawn in so many milliseconds. */
    private static final long BREATH = 400;

    @Override
    public Integer call() throws InterruptedException {
        Display.isThere();
        Toolkit.startOffscreen();
        // Nothing is kept of it: there is no such folder.
        Path nowhere = Path.of(System.getProperty("java.io.tmpdir"), "lunko-rehearsal");
        LunkoWindow window = Toolkit.call(() -> {
            LunkoWindow made =
                    new LunkoWindow(new ShowModel(new LessonModel(Course.HIVES_AND_KEEPERS.lesson())), Optional.empty(),
                            new Journal(nowhere),
                            new Habits(new Recent(nowhere.resolve("recent-lessons.txt")), new Appearance()));
            made.open(() -> {});
            return made;
        });
        for (Runnable act : new Runnable[] {() -> window.screen().model().goTo(3),
                () -> window.screen().model().choose(JoinKind.INNER),
                () -> window.screen().lesson().mode().set(Mode.TABLES),
                () -> window.screen().lesson().mode().set(Mode.SHOW)}) {
            Thread.sleep(BREATH);
            Toolkit.call(() -> {
                act.run();
                return act;
            });
        }
        Thread.sleep(BREATH);
        Toolkit.call(() -> {
            window.stage().hide();
            return window;
        });
        return 0;
    }
}
