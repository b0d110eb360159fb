package lunko.desktop.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import lunko.desktop.Documents;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;

/** The man page, and what completes the command in fish, say what the command's help says. */
class CommandDocumentsTest {
    private static final Path SHARE = Path.of("..", "installer", "src", "linux", "share");

    private final CommandLine command = LunkoCommand.commandLine();

    @Test
    void theManPage() throws IOException {
        List<String> lines = new ArrayList<>(List.of(".TH LUNKO 1", ".SH NAME",
                "lunko \\- show learners how joins produce their results", ".SH SYNOPSIS", ".B lunko",
                "[\\fIFILE\\fR...]", ".br", ".B lunko", "\\fICOMMAND\\fR [\\fIOPTION\\fR...] [\\fIFILE\\fR...]",
                ".SH DESCRIPTION"));
        lines.add(roff(description(command)));
        lines.addAll(arguments(command));
        for (CommandLine sub : subcommands()) {
            lines.add(".SH lunko " + sub.getCommandName());
            lines.add(roff(description(sub)));
            lines.addAll(arguments(sub));
        }
        List<String> footer =
                String.join("", command.getCommandSpec().usageMessage().footer()).formatted().strip().lines().toList();
        int examples = footer.indexOf("Examples:");
        lines.add(".SH EXIT STATUS");
        lines.add(roff(String.join(" ", footer.subList(0, examples)).strip()));
        lines.add(".SH EXAMPLES");
        footer.subList(examples + 1, footer.size()).forEach(line -> {
            lines.add(roff(line.strip()));
            lines.add(".br");
        });
        lines.addAll(List.of(".SH FILES",
                "What was opened last and what the window looked like stays in the person's own folders for state and",
                "configuration (XDG Base Directory Specification)."));
        Documents.check(SHARE.resolve("man/man1/lunko.1"), String.join("\n", lines) + "\n");
    }

    @Test
    void whatCompletesItInFish() throws IOException {
        List<String> lines = new ArrayList<>();
        lines.add("set -l commands "
                + subcommands().stream().map(CommandLine::getCommandName).collect(Collectors.joining(" ")));
        String first = "\"not __fish_seen_subcommand_from $commands\"";
        for (CommandLine sub : subcommands())
            lines.add("complete -c lunko -n " + first + " -a " + sub.getCommandName() + " -d "
                    + quoted(description(sub)));
        options(command).forEach(option -> lines.add(completion(first, option)));
        for (CommandLine sub : subcommands()) {
            String within = "\"__fish_seen_subcommand_from " + sub.getCommandName() + "\"";
            options(sub).forEach(option -> lines.add(completion(within, option)));
        }
        Documents.check(SHARE.resolve("fish/vendor_completions.d/lunko.fish"), String.join("\n", lines) + "\n");
    }

    private List<CommandLine> subcommands() {
        return command.getSubcommands().values().stream()
                .filter(sub -> !sub.getCommandSpec().usageMessage().hidden()).toList();
    }

    private static Stream<OptionSpec> options(CommandLine of) {
        return of.getCommandSpec().options().stream().filter(option -> !option.hidden())
                .sorted(Comparator.comparing(OptionSpec::longestName));
    }

    private static String description(CommandLine of) {
        return String.join(" ", of.getCommandSpec().usageMessage().description());
    }

    private static List<String> arguments(CommandLine of) {
        CommandSpec spec = of.getCommandSpec();
        return Stream.concat(
                spec.positionalParameters().stream().map(file -> ".TP\n\\fI" + roff(file.paramLabel()) + "\\fR\n"
                        + roff(said(file))),
                options(of).map(option -> ".TP\n" + Stream.of(option.names()).map(name -> "\\fB" + roff(name) + "\\fR")
                        .collect(Collectors.joining(", "))
                        + (option.arity().max() == 0 ? "" : " \\fI" + roff(option.paramLabel()) + "\\fR") + "\n"
                        + roff(said(option))))
                .toList();
    }

    private static String completion(String when, OptionSpec option) {
        String names = Stream.of(option.names())
                .map(name -> name.startsWith("--") ? " -l " + name.substring(2) : " -s " + name.substring(1))
                .collect(Collectors.joining());
        String values = candidates(option).isEmpty() ? "" : " -f -a " + quoted(String.join(" ", candidates(option)));
        return "complete -c lunko -n " + when + names + (option.arity().max() == 0 ? "" : " -r" + values) + " -d "
                + quoted(said(option));
    }

    private static List<String> candidates(ArgSpec of) {
        return of.completionCandidates() == null ? List.of()
                : StreamSupport.stream(of.completionCandidates().spliterator(), false).toList();
    }

    private static String said(ArgSpec of) {
        return String.join(" ", of.description()).replace("${COMPLETION-CANDIDATES}",
                String.join(", ", candidates(of)));
    }

    private static String quoted(String text) {
        return "'" + text.replace("\\", "\\\\").replace("'", "\\'") + "'";
    }

    /** A line at whose beginning nothing is a command, and whose hyphens are those of a terminal. */
    private static String roff(String text) {
        String escaped = text.replace("\\", "\\e").replace("-", "\\-");
        return escaped.startsWith(".") || escaped.startsWith("'") ? "\\&" + escaped : escaped;
    }
}
