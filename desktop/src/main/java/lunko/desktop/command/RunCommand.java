package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import lunko.engine.sql.Database;
import lunko.exchange.file.SourceText;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
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
        if (LessonFile.is(Path.of(file))) return LessonFile.read(Path.of(file)).either(this::run,
                problem -> LunkoCommand.refuse(spec, problem));
        Checked<SourceText> script = file.equals("-") ? SourceText.read(new Origin.StandardInput(), System.in)
                : SourceText.read(Path.of(file));
        return script.either(text -> script().run(text.source(), text.text(), Database.of(List.of())),
                problem -> LunkoCommand.refuse(spec, problem));
    }

    private ScriptRun script() {
        return new ScriptRun(output, keepGoing, spec.commandLine().getOut(), spec.commandLine().getErr());
    }

    /** The queries of all scenes, each on its tables. */
    private int run(Lesson lesson) {
        int code = 0;
        for (int n = 0; n < lesson.scenes().size() && (code == 0 || keepGoing); n++) {
            Lesson scene = lesson.at(n);
            spec.commandLine().getOut().print(output.format().heading(
                    words().scenes().numbered(n + 1, scene.scene().telling().title())));
            code = Math.max(code, script().run(new Origin.Query(), scene.staged().sql(),
                    Database.of(scene.tables())));
        }
        return code;
    }
}
