package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import lunko.exchange.Imported;
import lunko.exchange.TableFormat;
import lunko.exchange.TableSource;
import lunko.exchange.Written;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.TableSet;
import lunko.lesson.View;
import lunko.lesson.course.Course;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.table.Table;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command {@code lunko convert}: tables from files of some kinds into a file of another. */
@Command(name = "convert", mixinStandardHelpOptions = true)
final class ConvertCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--demo")
    private boolean demo;

    @Parameters(paramLabel = "FILE", arity = "1..*", descriptionKey = "files")
    private List<String> files;

    @Override
    public Integer call() {
        List<String> from = files.subList(0, files.size() - 1);
        Path to = Path.of(files.getLast());
        if (demo == !from.isEmpty()) throw new ParameterException(spec.commandLine(),
                words().command().nameFiles());
        return lesson(from)
                .then(lesson -> LessonFile.is(to)
                        ? LessonFile.write(lesson, to).map(file -> new Written(file, List.of()))
                        : TableFormat.write(lesson.set(), to, words()))
                .either(this::said, problem -> LunkoCommand.refuse(spec, problem));
    }

    /** What the file does not hold is said on standard error. */
    private int said(Written written) {
        written.losses().forEach(loss -> spec.commandLine().getErr().println(loss.said().apply(words().files())));
        return 0;
    }

    /**
     * One lesson stays as it is; of other files, the tables of all make one. What was left out is said on standard
     * error.
     */
    private Checked<Lesson> lesson(List<String> from) {
        if (demo) return Checked.valid(Course.HIVES_AND_KEEPERS.lesson());
        if (from.size() == 1 && LessonFile.is(Path.of(from.getFirst())))
            return LessonFile.read(Path.of(from.getFirst()));
        List<Table> tables = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        List<View> views = new ArrayList<>();
        for (String one : from) {
            switch (TableSource.of(one).tables()) {
                case Checked.Valid<Imported>(Imported read) -> {
                    tables.addAll(read.tables());
                    links.addAll(read.set().links());
                    views.addAll(read.set().views());
                    read.notes().forEach(note -> spec.commandLine().getErr().println(note.said(words())));
                }
                case Checked.Invalid<Imported>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        return Checked.valid(Lesson.of(from.size() == 1 ? new TableSet(tables, links, views) : TableSet.of(tables)));
    }
}
