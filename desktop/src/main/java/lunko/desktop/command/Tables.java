package lunko.desktop.command;

import java.nio.file.Path;
import java.util.List;
import lunko.exchange.csv.CsvReader;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.Side;

/** The lesson that the files on a command line make. */
record Tables(List<Path> files) {

    /** Two files are joined; one takes the place of the demo's left table; without any it is the demo lesson. */
    Checked<Lesson> lesson() {
        Lesson demo = DemoLesson.lesson();
        return switch (files.size()) {
            case 0 -> Checked.valid(demo);
            case 1 -> CsvReader.read(files.getFirst())
                    .then(table -> new Edit.ReplaceTable(Side.LEFT, table).applyTo(demo));
            default -> CsvReader.read(files.getFirst()).then(left -> CsvReader.read(files.getLast())
                    .map(right -> Lesson.on(left, JoinKind.INNER, right)));
        };
    }
}
