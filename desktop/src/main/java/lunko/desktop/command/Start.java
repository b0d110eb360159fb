package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.io.File;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Stream;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.machine.AppFolders;
import lunko.desktop.machine.Journal;
import lunko.desktop.screen.Habits;
import lunko.desktop.show.model.ShowModel;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;

/** Starts with what some files hold, or with the demo lesson: in a window or, where there is no display, offscreen. */
public final class Start {
    /** Lunko joins two tables. */
    static final int MOST_FILES = 2;

    private final List<String> files;
    private final PrintWriter out;
    private final PrintWriter err;

    /** A start with at most {@value #MOST_FILES} files. */
    public Start(List<String> files, PrintWriter out, PrintWriter err) {
        this.files = List.copyOf(files);
        this.out = out;
        this.err = err;
    }

    /** Whether arguments say no more than this, so that nothing else need be read in them: they are names of files. */
    public static boolean isAll(String... arguments) {
        return arguments.length <= MOST_FILES && Stream.of(arguments).allMatch(name -> new File(name).isFile());
    }

    /** Starts and waits for the end; gives the exit code. A defect is said. */
    public int run() {
        try {
            // It takes its time, in which the files are read.
            Toolkit.onDisplay();
            List<String> notes = new ArrayList<>();
            Checked<Lesson> read = new Tables(files, note -> notes.add(note.said(words()))).lesson();
            notes.forEach(err::println);
            return switch (read) {
                case Checked.Invalid<Lesson>(Problem problem) -> refuse(err, problem);
                case Checked.Valid<Lesson>(Lesson lesson) -> with(lesson, notes);
            };
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return 1;
        } catch (RuntimeException | Error defect) {
            return Defect.report(defect, err);
        }
    }

    private int with(Lesson lesson, List<String> notes) throws InterruptedException {
        ShowModel model = new ShowModel(new LessonModel(lesson));
        if (!Toolkit.onDisplay().join()) {
            return new Tour(lesson, AppFolders.state().resolve("demo"), out).show().either(_ -> 0,
                    problem -> refuse(err, problem));
        }
        CountDownLatch closed = new CountDownLatch(1);
        Toolkit.call(() -> {
            Habits habits = Habits.in(AppFolders.state());
            LunkoWindow window =
                    new LunkoWindow(model, files.stream().map(Path::of).filter(LessonFile::is).findFirst(),
                            new Journal(AppFolders.journal()), habits);
            window.open(closed::countDown);
            if (!notes.isEmpty()) window.say(String.join(" ", notes));
            if (files.isEmpty()) window.greet(habits.recent());
            return null;
        });
        closed.await();
        return 0;
    }

    /** Says a problem; gives the exit code for it. */
    static int refuse(PrintWriter err, Problem problem) {
        err.println(words().problems().inColons(problem).text());
        return 1;
    }
}
