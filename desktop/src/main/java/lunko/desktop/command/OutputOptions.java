package lunko.desktop.command;

import java.util.Optional;
import lunko.engine.Stage;
import lunko.exchange.result.ResultFormat;
import lunko.exchange.result.Steps;
import lunko.steps.JoinAlgorithm;
import picocli.CommandLine.Option;

/** How results are printed: the same for every command that prints some. */
final class OutputOptions {
    @Option(names = "--format", paramLabel = "FORMAT", defaultValue = "table")
    private ResultFormat format;

    @Option(names = "--steps")
    private boolean steps;

    @Option(names = "--way", paramLabel = "WAY", defaultValue = "nested-loop")
    private JoinAlgorithm algorithm;

    ResultFormat format() {
        return format;
    }

    /** The steps of a query, if they are wanted. */
    Optional<Steps> steps(Stage result) {
        return steps ? Optional.of(Steps.of(result, algorithm)) : Optional.empty();
    }
}
