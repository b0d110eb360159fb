package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import lunko.exchange.file.Watch;
import lunko.handout.Handout;
import lunko.handout.HandoutFiles;
import lunko.handout.HandoutKind;
import lunko.handout.Options;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command {@code lunko page}: a lesson as a page for learners, to step through and practise with. */
@Command(name = "page", mixinStandardHelpOptions = true)
final class PageCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

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

    @Override
    public Integer call() {
        System.setProperty("java.awt.headless", "true");
        Options options = Options.in(HandoutKind.PAGE.usual()).withAnswers(!withoutAnswers);
        return new Tables(files, note -> spec.commandLine().getErr().println(note.said(words()))).lesson()
                .then(lesson -> scenes.of(lesson)
                        .map(numbers -> Handout.of(HandoutKind.PAGE, lesson, numbers, options, words())))
                .then(page -> HandoutFiles.write(page.pieces(), output, replace, Watch.NOBODY))
                .either(_ -> 0, problem -> LunkoCommand.refuse(spec, problem));
    }
}
