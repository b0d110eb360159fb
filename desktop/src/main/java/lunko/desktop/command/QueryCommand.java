package lunko.desktop.command;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import lunko.engine.sql.Database;
import lunko.exchange.TableSource;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.table.Table;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command {@code lunko query}: one query over tables in files. */
@Command(name = "query", mixinStandardHelpOptions = true)
final class QueryCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--table", paramLabel = "NAME=FILE")
    private Map<String, String> tables = new LinkedHashMap<>();

    @Mixin
    private OutputOptions output;

    @Parameters(paramLabel = "QUERY", descriptionKey = "query")
    private String query;

    @Override
    public Integer call() {
        List<Table> read = new ArrayList<>();
        for (Map.Entry<String, String> entry : tables.entrySet()) {
            switch (TableSource.of(entry.getValue()).one()) {
                case Checked.Valid<Table>(Table table) -> read.add(table.named(entry.getKey()));
                case Checked.Invalid<Table>(Problem problem) -> {
                    return LunkoCommand.refuse(spec, problem);
                }
            }
        }
        return new ScriptRun(output, false, spec.commandLine().getOut(), spec.commandLine().getErr())
                .run(new Origin.Query(), query, Database.of(read));
    }
}
