package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.query.JoinKind;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;

/**
 * The whole lesson where there is no display: every step of every kind of join as text, and pictures of the window in a
 * folder.
 */
final class Tour {
    /** Nobody reads more than that on a terminal. */
    private static final long MOST_STEPS = 1000;

    private final Lesson lesson;
    private final Path folder;
    private final PrintWriter out;

    Tour(Lesson lesson, Path folder, PrintWriter out) {
        this.lesson = lesson;
        this.folder = folder;
        this.out = out;
    }

    /** Shows it; gives the folder with the pictures, or a problem if they cannot be written. */
    Checked<Path> show() {
        out.println(words().command().noDisplay(lesson.title()));
        List<Lesson> runs = Stream.of(JoinKind.values()).map(lesson::of).toList();
        runs.forEach(this::tell);
        out.println();
        out.println(words().command().makingPictures());
        out.flush();
        return writable().then(there -> {
            Toolkit.startOffscreen();
            for (Lesson run : runs) {
                Checked<Path> written = picture(run, there);
                if (written instanceof Checked.Invalid<Path>) return written;
            }
            out.println(words().command().picturesAre(there.toString()));
            out.flush();
            return Checked.valid(there);
        });
    }

    private void tell(Lesson run) {
        out.println();
        out.println(words().command().heading(run.scene().kind()));
        Showing.of(run, JoinAlgorithm.NESTED_LOOP).run().handle(shown -> {
            out.println(run.staged().sql());
            Timeline timeline = shown.timeline();
            long told = Math.min(timeline.last(), MOST_STEPS);
            for (long number = 0; number <= told; number++) tell(timeline, number);
            if (told == timeline.last()) return;
            out.println(words().command().moreSteps(timeline.last() - told - 1));
            tell(timeline, timeline.last());
        }, problem -> out.println(words().problems().of(problem).text()));
    }

    private void tell(Timeline timeline, long number) {
        out.printf("%4d  %s%n", number, timeline.at(number).shown().why().in(words()).text());
    }

    /** Two pictures of a kind: half-way, and at the end. */
    private static Checked<Path> picture(Lesson run, Path folder) {
        Snapshot snapshot =
                Snapshot.of(run, Snapshot.Setting.USUAL, LunkoWindow.WIDTH,
                        LunkoWindow.HEIGHT);
        String name = run.scene().kind().id().replace(' ', '-');
        return snapshot.write(snapshot.last() / 2, folder.resolve(name + "-half-way.png"))
                .then(_ -> snapshot.write(snapshot.last(), folder.resolve(name + ".png")));
    }

    /** The folder, or another one where that cannot be made. */
    private Checked<Path> writable() {
        try {
            return Checked.valid(Files.createDirectories(folder));
        } catch (IOException refused) {
            try {
                return Checked.valid(Files.createTempDirectory("lunko-demo"));
            } catch (IOException alsoRefused) {
                return Checked
                        .invalid(Problem.of(new WorkFault.NoFolderForPictures(folder.toString(),
                                String.valueOf(alsoRefused.getMessage()))));
            }
        }
    }
}
