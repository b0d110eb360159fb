package lunko.desktop.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import lunko.desktop.machine.AppFolders;
import lunko.desktop.machine.Display;
import lunko.desktop.machine.Journal;
import lunko.desktop.screen.Habits;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The command {@code lunko} itself: opens the window, or shows the demo where there is no display for one. */
@Command(name = "lunko", mixinStandardHelpOptions = true, version = "Lunko 0.1.0", subcommands = {PictureCommand.class,
        RunCommand.class, QueryCommand.class,
        ConvertCommand.class, RehearseCommand.class},
        description = "Shows how joins produce their results, step by step.",
        footer = {"",
                "Without files it opens the demo lesson. The exit code is 0, 1 for a problem, 2 for wrong usage."})
public final class LunkoCommand implements Callable<Integer> {
    /** What is said where the program itself is at fault. */
    public static final String DEFECT =
            "Something went wrong inside Lunko. The details are in " + AppFolders.log() + ".";

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = {
            "The file of the left table, and that of the right table; or one with both:",
            "CSV, TSV, XLSX, ODS, SQL, Markdown, HTML or a Tabular Data Package, FILE#TABLE for one of several in it."})
    private List<String> files = List.of();

    /** The command line; what a defect of the program does there is logged, and said in one sentence. */
    public static CommandLine commandLine() {
        return new CommandLine(new LunkoCommand()).setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((defect, command, _) -> {
                    LoggerFactory.getLogger(LunkoCommand.class).error("unexpected", defect);
                    command.getErr().println(DEFECT);
                    return 1;
                });
    }

    @Override
    public Integer call() throws InterruptedException {
        if (files.size() > 2) {
            throw new ParameterException(spec.commandLine(), "Lunko joins two tables: name one or two files, not "
                    + files.size() + ".");
        }
        List<String> notes = new ArrayList<>();
        Checked<Lesson> read = new Tables(files, notes::add).lesson();
        notes.forEach(spec.commandLine().getErr()::println);
        return switch (read) {
            case Checked.Invalid<Lesson>(Problem problem) -> refuse(spec, problem);
            case Checked.Valid<Lesson>(Lesson lesson) -> Display.isThere() ? window(lesson, notes) : tour(lesson);
        };
    }

    /** Says a problem on standard error; gives the exit code for it. */
    static int refuse(CommandSpec spec, Problem problem) {
        spec.commandLine().getErr().println(problem.inColons());
        return 1;
    }

    private int window(Lesson lesson, List<String> notes) throws InterruptedException {
        CountDownLatch closed = new CountDownLatch(1);
        Toolkit.startOnDisplay();
        Toolkit.call(() -> {
            LunkoWindow window =
                    new LunkoWindow(lesson, files.stream().map(Path::of).filter(LessonFile::is).findFirst(),
                            new Journal(AppFolders.journal()), Habits.in(AppFolders.state()));
            window.open(closed::countDown);
            if (!notes.isEmpty()) window.say(String.join(" ", notes));
            return null;
        });
        closed.await();
        return 0;
    }

    private int tour(Lesson lesson) {
        return new Tour(lesson, AppFolders.state().resolve("demo"), spec.commandLine().getOut()).show().either(_ -> 0,
                problem -> refuse(spec, problem));
    }
}
