package lunko.lesson;

import java.util.Optional;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.words.EditSentences;

/** A lesson with what was done to it: each edit can be undone, and what was undone can be done again. */
public record History(Lesson lesson, Optional<Done> past, Optional<Done> future) {

    /** One change, the lesson it was made to, the lesson on the other side of it, and what lies beyond. */
    public record Done(Edit edit, Lesson before, Lesson lesson, Optional<Done> beyond) {

        /** What the change is called: {@code delete row 3 of hives}. */
        public String name(EditSentences in) {
            return edit.name(before, in);
        }
    }

    /** A lesson to which nothing has been done. */
    public static History of(Lesson lesson) {
        return new History(lesson, Optional.empty(), Optional.empty());
    }

    /** The history after one more edit; the same history if the edit changes nothing. */
    public Checked<History> after(Edit edit) {
        return changed(edit).map(changed -> changed.equals(lesson) ? this : new History(changed,
                Optional.of(new Done(edit, lesson, lesson, past)), Optional.empty()));
    }

    /** The history with one more edit as part of the last one, so that both are undone together. */
    public Checked<History> continuedBy(Edit edit) {
        return past.isEmpty() ? after(edit) : changed(edit)
                .map(changed -> changed.equals(lesson) ? this : new History(changed, past, Optional.empty()));
    }

    private Checked<Lesson> changed(Edit edit) {
        Optional<LessonFault> fault = Views.fault(lesson, edit);
        if (fault.isPresent()) return Checked.invalid(fault.get());
        return edit.applyTo(lesson).then(changed -> LessonLimits.checked(lesson, changed)).then(Views::checked);
    }

    /** The same history with another scene looked at, counted from 0, which is no change to be undone. */
    public History at(int scene) {
        return new History(lesson.at(scene), past, future);
    }

    /** The history with its last edit undone; the same history if there is none. */
    public History undo() {
        return past.map(done -> new History(done.lesson, done.beyond,
                Optional.of(new Done(done.edit, done.before, lesson, future)))).orElse(this);
    }

    /** The history as if its last edit had never been made; the same history if there is none. */
    public History withoutLast() {
        return past.map(done -> new History(done.lesson, done.beyond, Optional.empty())).orElse(this);
    }

    /** The history with its last undone edit done again; the same history if there is none. */
    public History redo() {
        return future.map(done -> new History(done.lesson,
                Optional.of(new Done(done.edit, done.before, lesson, past)), done.beyond)).orElse(this);
    }
}
