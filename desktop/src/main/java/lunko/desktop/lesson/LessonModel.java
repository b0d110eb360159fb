package lunko.desktop.lesson;

import java.util.Map;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import lunko.exchange.lesson.KeptLesson;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.practice.Attempt;
import lunko.practice.Results;
import lunko.problem.Checked;
import lunko.problem.Problem;

/** The lesson at hand, what is done to it, and what is said about that. To be used in the window's thread only. */
public final class LessonModel {
    private final ObjectProperty<Mode> mode = new SimpleObjectProperty<>(Mode.SHOW);
    private final BooleanProperty notesShown = new SimpleBooleanProperty();
    private final ReadOnlyObjectWrapper<History> history;
    private final ReadOnlyObjectWrapper<Lesson> lesson;
    private final ReadOnlyObjectWrapper<Optional<Notice>> notice = new ReadOnlyObjectWrapper<>(Optional.empty());

    private final ReadOnlyObjectWrapper<Results> results;
    private final ObjectProperty<Optional<Runnable>> begun = new SimpleObjectProperty<>(Optional.empty());

    /** A lesson to which nothing has been done yet. */
    public LessonModel(Lesson first) {
        history = new ReadOnlyObjectWrapper<>(History.of(first));
        lesson = new ReadOnlyObjectWrapper<>(first);
        results = new ReadOnlyObjectWrapper<>(new Results(first, Map.of()));
    }

    /** What was done to the lesson. */
    public ReadOnlyObjectProperty<History> history() {
        return history.getReadOnlyProperty();
    }

    /** The lesson. */
    public ReadOnlyObjectProperty<Lesson> lesson() {
        return lesson.getReadOnlyProperty();
    }

    /** What the window is used for. */
    public ObjectProperty<Mode> mode() {
        return mode;
    }

    /** Whether the note of the scene is to be read under the page. Another lesson begins without. */
    public BooleanProperty notesShown() {
        return notesShown;
    }

    /** The last thing that was said to the person, until it is taken back. */
    public ReadOnlyObjectProperty<Optional<Notice>> notice() {
        return notice.getReadOnlyProperty();
    }

    /** Takes up another lesson, to which nothing has been done yet. */
    public void open(Lesson other) {
        open(KeptLesson.of(other));
    }

    /** Takes up another lesson with what was answered in it, to which nothing has been done yet. */
    public void open(KeptLesson other) {
        sayNothing();
        notesShown.set(false);
        results.set(new Results(other.lesson(), other.attempts()));
        become(History.of(other.lesson()));
    }

    /** What has come of the questions of the lesson. It is no change of it, and not undone. */
    public ReadOnlyObjectProperty<Results> results() {
        return results.getReadOnlyProperty();
    }

    /** Keeps what has been done about the question of the scene at hand. */
    public void attempt(Attempt attempt) {
        results.set(results.get().with(lesson.get().scenes().at(), attempt));
    }

    /** The lesson with what has been answered in it, as a file keeps it. */
    public KeptLesson kept() {
        return new KeptLesson(lesson.get(), results.get().attempts());
    }

    /** Changes the lesson; says whether that was possible. If not it stays as it is, and the reason is said. */
    public boolean edit(Edit edit) {
        return switch (history.get().after(edit)) {
            case Checked.Valid<History>(History changed) -> {
                move(changed);
                yield true;
            }
            case Checked.Invalid<History>(Problem problem) -> {
                say(new Notice.Failure(problem));
                yield false;
            }
        };
    }

    /** Goes to another scene, counted from 0; beyond the first or the last means that one. */
    public void goTo(int scene) {
        move(history.get().at(scene));
    }

    /** Goes on with a history that was made of the one at hand. */
    public void take(History changed) {
        move(changed);
    }

    /**
     * What has been begun and is no change of the lesson yet, as a query that cannot run: undo takes that back first.
     */
    public ObjectProperty<Optional<Runnable>> begun() {
        return begun;
    }

    /** Takes back what has been begun, or else the last change. */
    public void undo() {
        begun.get().ifPresentOrElse(Runnable::run, () -> move(history.get().undo()));
    }

    /** Makes the last change again that was taken back. */
    public void redo() {
        move(history.get().redo());
    }

    /** Says something. */
    public void say(Notice said) {
        notice.set(Optional.of(said));
    }

    /** Says what is wrong. */
    public void say(Problem problem) {
        say(new Notice.Failure(problem));
    }

    /** Takes back what was said last. */
    public void sayNothing() {
        notice.set(Optional.empty());
    }

    private void move(History changed) {
        if (changed == history.get()) return;
        sayNothing();
        become(changed);
    }

    private void become(History now) {
        history.set(now);
        results.set(results.get().in(now.lesson()));
        lesson.set(now.lesson());
    }
}
