package lunko.desktop.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import lunko.exchange.Imported;
import lunko.exchange.TableSource;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.TableEdit;
import lunko.lesson.course.Course;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;

/** The lesson that the files on a command line make; what was left out of them is said to somebody. */
record Tables(List<String> files, Consumer<Imported.Note> said) {

    /**
     * A lesson file is that lesson; two tables are joined; one takes the place of the demo's left table; without any it
     * is the demo lesson.
     */
    Checked<Lesson> lesson() {
        if (files.size() == 1 && LessonFile.is(Path.of(files.getFirst())))
            return LessonFile.read(Path.of(files.getFirst()));
        List<Imported> brought = new ArrayList<>();
        for (String file : files) {
            switch (TableSource.of(file).tables()) {
                case Checked.Valid<Imported>(Imported read) -> {
                    brought.add(read);
                    read.notes().forEach(said);
                }
                case Checked.Invalid<Imported>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        return switch (brought.size()) {
            case 0 -> Checked.valid(Course.HIVES_AND_KEEPERS.lesson());
            case 1 -> brought.getFirst().tables().size() > 1 ? Checked.valid(Lesson.of(brought.getFirst().set()))
                    : new TableEdit.Replace(DemoLesson.lesson().scene().left(), brought.getFirst().set())
                            .applyTo(DemoLesson.lesson());
            default -> Checked.valid(Lesson.on(brought.getFirst().tables().getFirst(), JoinKind.INNER,
                    brought.get(1).tables().getFirst()));
        };
    }
}
