package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.List;
import lunko.exchange.file.Watch;
import lunko.handout.Handout;
import lunko.handout.HandoutFiles;
import lunko.handout.HandoutKind;
import lunko.handout.Options;
import lunko.problem.Checked;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What commands that hand something out have in common: of which lesson, which of its scenes, and where to. */
final class HandingOut {
    @Mixin
    private SceneChoice scenes = new SceneChoice();

    @Option(names = "--without-answers", descriptionKey = "without-answers")
    private boolean withoutAnswers;

    @Option(names = "--replace", descriptionKey = "replace")
    private boolean replace;

    @Option(names = {"-o", "--output"}, paramLabel = "FILE", required = true)
    private Path output;

    @Parameters(paramLabel = "FILE", arity = "0..2", descriptionKey = "files")
    private List<String> files = List.of();

    /** Hands it out; gives the exit code, and says on standard error what is missing. */
    int handOut(CommandSpec spec, HandoutKind kind, Options options) {
        System.setProperty("java.awt.headless", "true");
        return new Tables(files, note -> spec.commandLine().getErr().println(note.said(words()))).lesson()
                .then(lesson -> scenes.of(lesson).map(numbers -> Handout.of(kind, lesson, numbers,
                        options.withAnswers(!withoutAnswers), words())))
                .then(handout -> write(spec, handout)).either(_ -> 0, problem -> LunkoCommand.refuse(spec, problem));
    }

    private Checked<HandoutFiles.Written> write(CommandSpec spec, Handout handout) {
        List<Integer> obstructed = handout.obstructed().stream().map(scene -> scene + 1).toList();
        if (!obstructed.isEmpty()) spec.commandLine().getErr().println(words().handouts().notShown(obstructed));
        return HandoutFiles.write(handout.pieces(), output, replace, Watch.NOBODY).map(written -> {
            if (!written.missing().isEmpty()) spec.commandLine().getErr()
                    .println(words().handouts().missing(List.copyOf(written.missing())));
            return written;
        });
    }
}
