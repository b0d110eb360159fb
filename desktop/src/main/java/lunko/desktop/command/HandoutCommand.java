package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import lunko.exchange.file.Watch;
import lunko.handout.Handout;
import lunko.handout.HandoutFiles;
import lunko.handout.HandoutKind;
import lunko.handout.Options;
import lunko.handout.figure.Motif;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.Paper;
import lunko.insight.question.Gap;
import lunko.problem.Checked;
import lunko.query.change.SqlDialect;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command {@code lunko handout}: what learners are given of a lesson, with or without a display. */
@Command(name = "handout", mixinStandardHelpOptions = true)
final class HandoutCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--as", paramLabel = "KIND", required = true)
    private HandoutKind kind;

    @Mixin
    private SceneChoice scenes = new SceneChoice();

    @Option(names = "--of", paramLabel = "MOTIF", defaultValue = "scene")
    private Motif motif;

    @Option(names = "--paper", paramLabel = "PAPER", defaultValue = "a4")
    private Paper paper;

    @Option(names = "--look", paramLabel = "LOOK")
    private Optional<Palette> palette = Optional.empty();

    @Option(names = "--missing", paramLabel = "PART", split = ",")
    private Set<Gap> gaps = Set.of();

    @Option(names = "--variants", paramLabel = "N", defaultValue = "1")
    private int variants;

    @Option(names = "--width", paramLabel = "PIXELS", defaultValue = "800")
    private int width;

    @Option(names = "--scale", paramLabel = "N", defaultValue = "2")
    private double scale;

    @Option(names = "--seconds", paramLabel = "N", defaultValue = "1")
    private double seconds;

    @Option(names = "--steps", paramLabel = "STEPS", defaultValue = "every")
    private Moves moves;

    @Option(names = "--without-answers", descriptionKey = "without-answers")
    private boolean withoutAnswers;

    @Option(names = "--for", paramLabel = "DATABASE", defaultValue = "standard")
    private SqlDialect target;

    @Option(names = "--replace", descriptionKey = "replace")
    private boolean replace;

    @Option(names = {"-o", "--output"}, paramLabel = "FILE", required = true)
    private Path output;

    @Parameters(paramLabel = "FILE", arity = "0..2", descriptionKey = "files")
    private List<String> files = List.of();

    @Override
    public Integer call() {
        System.setProperty("java.awt.headless", "true");
        return new Tables(files, note -> spec.commandLine().getErr().println(note.said(words()))).lesson()
                .then(lesson -> scenes.of(lesson).map(numbers -> Handout.of(kind, lesson, numbers, options(), words())))
                .then(this::write).either(_ -> 0, problem -> LunkoCommand.refuse(spec, problem));
    }

    private Options options() {
        return new Options(motif, paper, palette.orElse(kind.usual()), gaps, variants, width, scale, seconds, moves,
                !withoutAnswers, target);
    }

    private Checked<HandoutFiles.Written> write(Handout handout) {
        List<Integer> obstructed = handout.obstructed().stream().map(scene -> scene + 1).toList();
        if (!obstructed.isEmpty()) spec.commandLine().getErr().println(words().handouts().notShown(obstructed));
        return HandoutFiles.write(handout.pieces(), output, replace, Watch.NOBODY).map(written -> {
            if (!written.missing().isEmpty()) spec.commandLine().getErr()
                    .println(words().handouts().missing(List.copyOf(written.missing())));
            return written;
        });
    }
}
