package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import lunko.problem.Problem;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import picocli.CommandLine;

/** The command {@code lunko} itself: opens the window, or shows the demo where there is no display for one. */
@Command(name = "lunko", mixinStandardHelpOptions = true, versionProvider = ProgramVersion.class,
        subcommands = {PictureCommand.class,
                RunCommand.class, QueryCommand.class,
                ConvertCommand.class, HandoutCommand.class, PageCommand.class})
public final class LunkoCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", descriptionKey = "files")
    private List<String> files = List.of();

    /** The command line; what a defect of the program does there is logged, and said in one sentence. */
    static CommandLine commandLine() {
        return new CommandLine(new LunkoCommand()).setResourceBundle(new HelpTexts())
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((defect, command, _) -> Defect.report(defect, command.getErr()));
    }

    /** Does what arguments say; gives the exit code. */
    public static int run(String[] arguments, PrintWriter out, PrintWriter err) {
        return commandLine().setOut(out).setErr(err).execute(arguments);
    }

    @Override
    public Integer call() {
        if (files.size() > Start.MOST_FILES) {
            throw new ParameterException(spec.commandLine(), words().command().twoFilesAtMost(files.size()));
        }
        return new Start(files, spec.commandLine().getOut(), spec.commandLine().getErr()).run();
    }

    /** Says a problem on standard error; gives the exit code for it. */
    static int refuse(CommandSpec spec, Problem problem) {
        return Start.refuse(spec.commandLine().getErr(), problem);
    }
}
