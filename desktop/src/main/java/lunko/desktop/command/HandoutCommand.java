package lunko.desktop.command;

import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import lunko.handout.HandoutKind;
import lunko.handout.Options;
import lunko.handout.figure.Motif;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.Paper;
import lunko.insight.question.Gap;
import lunko.query.change.SqlDialect;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** The command {@code lunko handout}: what learners are given of a lesson, with or without a display. */
@Command(name = "handout", mixinStandardHelpOptions = true)
final class HandoutCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--as", paramLabel = "KIND", required = true)
    private HandoutKind kind;

    @Mixin
    private HandingOut out = new HandingOut();

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

    @Option(names = "--for", paramLabel = "DATABASE", defaultValue = "standard")
    private SqlDialect target;

    @Override
    public Integer call() {
        return out.handOut(spec, kind, new Options(motif, paper, palette.orElse(kind.usual()), gaps, variants, width,
                scale, seconds, moves, true, target));
    }
}
