package lunko.desktop.command;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import lunko.engine.sql.Database;
import lunko.exchange.file.SourceText;
import lunko.problem.Checked;
import lunko.problem.Origin;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command {@code lunko run}: a script of SQL from top to bottom. */
@Command(name = "run", mixinStandardHelpOptions = true)
final class RunCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private OutputOptions output;

    @Option(names = "--keep-going")
    private boolean keepGoing;

    @Parameters(paramLabel = "FILE", descriptionKey = "file")
    private String file;

    @Override
    public Integer call() {
        Checked<SourceText> script = file.equals("-") ? SourceText.read(new Origin.StandardInput(), System.in)
                : SourceText.read(Path.of(file));
        return script.either(
                text -> new ScriptRun(output, keepGoing, spec.commandLine().getOut(), spec.commandLine().getErr())
                        .run(text.source(), text.text(), Database.of(List.of())),
                problem -> LunkoCommand.refuse(spec, problem));
    }
}
