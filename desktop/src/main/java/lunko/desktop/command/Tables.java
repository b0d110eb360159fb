package lunko.desktop.command;

import java.nio.file.Path;
import java.util.List;
import lunko.exchange.csv.CsvReader;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.query.Side;

/** The lesson that the files on a command line make. */
record Tables(List<Path> files) {

    /** Two files are joined; one takes the place of the demo's left table; without any it is the demo lesson. */
    Checked<Lesson> lesson() {
        Checked<Lesson> lesson = Checked.valid(DemoLesson.lesson());
        for (int i = 0; i < files.size(); i++) {
            Side side = Side.values()[i];
            Path file = files.get(i);
            lesson = lesson.then(before -> CsvReader.read(file)
                    .then(table -> new Edit.ReplaceTable(side, table).applyTo(before)));
        }
        return lesson;
    }
}
