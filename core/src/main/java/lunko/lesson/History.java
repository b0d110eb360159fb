package lunko.lesson;

import java.util.Optional;
import lunko.problem.Checked;

/** A lesson with what was done to it: each edit can be undone, and what was undone can be done again. */
public record History(Lesson lesson, Optional<Done> past, Optional<Done> future) {

    /** One change by name, the lesson on the other side of it, and what lies beyond. */
    public record Done(String name, Lesson lesson, Optional<Done> beyond) {}

    /** A lesson to which nothing has been done. */
    public static History of(Lesson lesson) {
        return new History(lesson, Optional.empty(), Optional.empty());
    }

    /** The history after one more edit; the same history if the edit changes nothing. */
    public Checked<History> after(Edit edit) {
        return changed(edit).map(changed -> changed.equals(lesson) ? this : new History(changed,
                Optional.of(new Done(edit.name(lesson), lesson, past)), Optional.empty()));
    }

    /** The history with one more edit as part of the last one, so that both are undone together. */
    public Checked<History> continuedBy(Edit edit) {
        return past.isEmpty() ? after(edit) : changed(edit)
                .map(changed -> changed.equals(lesson) ? this : new History(changed, past, Optional.empty()));
    }

    private Checked<Lesson> changed(Edit edit) {
        return edit.applyTo(lesson).then(changed -> LessonLimits.checked(lesson, changed));
    }

    /** The history with its last edit undone; the same history if there is none. */
    public History undo() {
        return past.map(done -> new History(done.lesson, done.beyond,
                Optional.of(new Done(done.name, lesson, future)))).orElse(this);
    }

    /** The history with its last undone edit done again; the same history if there is none. */
    public History redo() {
        return future.map(done -> new History(done.lesson,
                Optional.of(new Done(done.name, lesson, past)), done.beyond)).orElse(this);
    }
}
