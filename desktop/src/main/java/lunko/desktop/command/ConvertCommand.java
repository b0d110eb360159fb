package lunko.desktop.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import lunko.exchange.TableFormat;
import lunko.exchange.TableSource;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.table.Table;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command {@code lunko convert}: tables from files of some kinds into a file of another. */
@Command(name = "convert", mixinStandardHelpOptions = true,
        description = "Reads the tables of files and writes them to one; the names of the files say of which kind they are.")
final class ConvertCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", arity = "2..*", description = {"Files to read, and the one to write:",
            ".csv, .tsv, .xlsx, .ods, .sql, .md, .zip (Tabular Data Package), .lunko (a lesson); .html is read only.", "FILE#TABLE means one of several tables."})
    private List<String> files;

    /** A lesson joins its first two tables, and has the others on its shelf. */
    private static Checked<Path> write(List<Table> tables, Path file) {
        if (!LessonFile.is(file)) return TableFormat.write(tables, file);
        return tables.size() < 2 ? Checked.invalid(file + ": A lesson joins two tables, and there is one: name another file to read.")
                : LessonFile.write(Lesson.on(tables.getFirst(), JoinKind.INNER, tables.get(1)).shelving(tables.subList(2, tables.size())), file);
    }

    @Override
    public Integer call() {
        List<Table> tables = new ArrayList<>();
        for (String from : files.subList(0, files.size() - 1)) {
            switch (TableSource.of(from).tables()) {
                case Checked.Valid<List<Table>>(List<Table> read) -> tables.addAll(read);
                case Checked.Invalid<List<Table>>(Problem problem) -> {
                    return LunkoCommand.refuse(spec, problem);
                }
            }
        }
        return write(tables, Path.of(files.getLast())).either(_ -> 0, problem -> LunkoCommand.refuse(spec, problem));
    }
}
