package lunko.desktop.command;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.lesson.Recent;
import lunko.desktop.look.Appearance;
import lunko.desktop.machine.Display;
import lunko.desktop.machine.Journal;
import lunko.desktop.screen.Habits;
import lunko.desktop.show.model.ShowModel;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;

/**
 * A start on no display, with what is done in the window first, and its end. What Java keeps of this in a cache makes
 * later starts quicker: as in them, the library for arguments stays away, whose classes are too old for the cache.
 */
public final class RehearsedStart {
    private static final String[] ARGUMENTS = {"rehearse"};
    /** What is drawn is drawn in so many milliseconds. */
    private static final long BREATH = 400;

    private RehearsedStart() {}

    /** Whether arguments ask for it. */
    public static boolean isMeant(String... arguments) {
        return Arrays.equals(arguments, ARGUMENTS);
    }

    /** Starts and ends; gives the exit code. */
    public static int run() {
        try {
            Path folder = Files.createTempDirectory("lunko");
            Path file = folder.resolve("lesson" + LessonFile.ENDING);
            Display.rehearse(folder);
            Toolkit.startOffscreen();
            Lesson lesson = new Tables(List.of(), _ -> {}).lesson().expect();
            LessonFile.write(lesson, file).expect();
            rehearse(new Tables(List.of(file.toString()), _ -> {}).lesson().expect(), folder);
            Files.delete(file);
            Files.delete(folder);
            return 0;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return 1;
        }
    }

    private static void rehearse(Lesson lesson, Path folder) throws InterruptedException {
        // Nothing is kept of what is done: there are no such files.
        Habits habits = new Habits(new Recent(folder.resolve("none").resolve("recent-lessons.txt")), new Appearance());
        LunkoWindow window = Toolkit.call(() -> {
            LunkoWindow made = new LunkoWindow(new ShowModel(new LessonModel(lesson)), Optional.empty(),
                    new Journal(folder.resolve("none")), habits);
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
    }
}
