package lunko.lesson;

import java.util.Optional;
import lunko.lesson.own.OwnTables;
import lunko.problem.Checked;
import lunko.table.Table;
import lunko.words.EditSentences;

/** A change to whether the scene that is shown has a state of the tables of its own, and what differs in it. */
public sealed interface OwnTablesEdit extends Edit {

    /** From now on, what is changed in the scene stays in it. */
    record Begin() implements OwnTablesEdit {}

    /** The scene shows the lesson's tables again. */
    record Drop() implements OwnTablesEdit {}

    /** What differs no longer fits, and is gone. */
    record DropUnfit() implements OwnTablesEdit {}

    /** The lesson's tables become what the scene's are. What does not fit stays the scene's. */
    record TakeIntoLesson() implements OwnTablesEdit {}

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        Scene scene = lesson.scene();
        return Checked.valid(lesson.with(switch (this) {
            case Begin() -> scene.owning(Optional.of(scene.own().orElse(OwnTables.SAME)));
            case Drop() -> scene.owning(Optional.empty());
            case DropUnfit() -> scene.owning(scene.own().map(own -> own.withoutUnfit(lesson.shared())));
            case TakeIntoLesson() -> scene.owning(scene.own().map(own -> new OwnTables(own.unfit(lesson.shared())))
                    .filter(own -> !own.changes().isEmpty()));
        })).map(changed -> this instanceof TakeIntoLesson
                ? changed.sharing(lesson.stored().stream().map(Table::numbered).toList())
                        .changingLinks(link -> link.within(lesson.tables()))
                : changed);
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        return switch (this) {
            case Begin() -> in.beginOwnTables();
            case Drop() -> in.dropOwnTables();
            case DropUnfit() -> in.dropUnfit();
            case TakeIntoLesson() -> in.takeIntoLesson();
        };
    }
}
