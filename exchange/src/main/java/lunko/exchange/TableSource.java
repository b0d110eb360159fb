package lunko.exchange;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.SameName;
import lunko.table.Table;

/** Where a table is read from: a file and, where that holds several, the name of the table or sheet in it. */
public record TableSource(Path file, Optional<String> table) {

    /** What is written on a command line: {@code hives.csv}, or {@code bees.xlsx#hives}. */
    public static TableSource of(String written) {
        int sign = written.lastIndexOf('#');
        boolean isName = sign < 0 || Files.exists(Path.of(written));
        return isName ? new TableSource(Path.of(written), Optional.empty())
                : new TableSource(Path.of(written.substring(0, sign)), Optional.of(written.substring(sign + 1)));
    }

    /** All tables meant: the one that is named, or all there are. */
    public Checked<Imported> tables() {
        return read(file).then(all -> table.isEmpty() ? Checked.valid(all)
                : named(all.tables(), table.get()).map(one -> new Imported(TableSet.of(one), all.notes())));
    }

    private static Checked<Imported> read(Path file) {
        return LessonFile.is(file) ? LessonFile.read(file).map(Lesson::set).map(Imported::of) : TableFormat.read(file);
    }

    /** The one table meant; a problem if there are several and none is named. */
    public Checked<Table> one() {
        return tables().map(Imported::tables)
                .then(all -> all.size() == 1 ? Checked.valid(all.getFirst())
                        : Checked.invalid(Problem.at(Place.inFile(file.toString()),
                                new FileFault.SeveralTables(names(all), file.getFileName().toString()))));
    }

    private Checked<Table> named(List<Table> all, String name) {
        return all.stream().filter(one -> SameName.of(one.name(), name)).findFirst()
                .<Checked<Table>>map(Checked::valid)
                .orElseGet(() -> Checked.invalid(Problem.at(Place.inFile(file.toString()),
                        new FileFault.NoSuchTable(name, names(all)))));
    }

    private static List<String> names(List<Table> all) {
        return all.stream().map(Table::name).toList();
    }
}
