package lunko.desktop.command;

import java.util.concurrent.Callable;
import lunko.handout.HandoutKind;
import lunko.handout.Options;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** The command {@code lunko page}: a lesson as a page for learners, to step through and practise with. */
@Command(name = "page", mixinStandardHelpOptions = true)
final class PageCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private HandingOut out = new HandingOut();

    @Override
    public Integer call() {
        return out.handOut(spec, HandoutKind.PAGE, Options.in(HandoutKind.PAGE.usual()));
    }
}
