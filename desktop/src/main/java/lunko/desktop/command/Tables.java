package lunko.desktop.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import lunko.exchange.TableSource;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Table;

/** The lesson that the files on a command line make. */
record Tables(List<String> files) {

    /** A lesson file is that lesson; two tables are joined; one takes the place of the demo's left table; without any it is the demo lesson. */
    Checked<Lesson> lesson() {
        if (files.size() == 1 && LessonFile.is(Path.of(files.getFirst()))) return LessonFile.read(Path.of(files.getFirst()));
        List<Table> tables = new ArrayList<>();
        for (String file : files) {
            switch (TableSource.of(file).tables()) {
                case Checked.Valid<List<Table>>(List<Table> read) -> tables.addAll(files.size() == 1 ? read : read.subList(0, 1));
                case Checked.Invalid<List<Table>>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        return switch (tables.size()) {
            case 0 -> Checked.valid(DemoLesson.lesson());
            case 1 -> new Edit.ReplaceTable(Side.LEFT, tables.getFirst()).applyTo(DemoLesson.lesson());
            default -> Checked.valid(Lesson.on(tables.getFirst(), JoinKind.INNER, tables.get(1)).shelving(tables.subList(2, tables.size())));
        };
    }
}
