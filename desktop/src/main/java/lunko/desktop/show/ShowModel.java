package lunko.desktop.show;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;

/** What the screen shows and what can be done to it. To be used in the window's thread only. */
public final class ShowModel {
    private final ObjectProperty<Mode> mode = new SimpleObjectProperty<>(Mode.SHOW);
    private final ReadOnlyObjectWrapper<History> history;
    private final ReadOnlyObjectWrapper<Showing> showing;
    private final ReadOnlyObjectWrapper<Optional<Notice>> notice = new ReadOnlyObjectWrapper<>(Optional.empty());

    /** Shows a lesson with all its steps done. */
    public ShowModel(Lesson lesson) {
        history = new ReadOnlyObjectWrapper<>(History.of(lesson));
        showing = new ReadOnlyObjectWrapper<>(Showing.of(lesson));
    }

    /** The lesson and what was done to it. */
    public ReadOnlyObjectProperty<History> history() {
        return history.getReadOnlyProperty();
    }

    /** What the window is used for. */
    public ObjectProperty<Mode> mode() {
        return mode;
    }

    /** What the screen shows. */
    public ReadOnlyObjectProperty<Showing> showing() {
        return showing.getReadOnlyProperty();
    }

    /** The last thing that was said to the person, until it is taken back. */
    public ReadOnlyObjectProperty<Optional<Notice>> notice() {
        return notice.getReadOnlyProperty();
    }

    /** Goes to a step; beyond the first or the last means that step. */
    public void goTo(long number) {
        if (Math.clamp(number, 0, showing.get().last()) != showing.get().number()) {
            showing.set(showing.get().at(number));
        }
    }

    /** Takes up another lesson, to which nothing has been done yet. */
    public void open(Lesson lesson) {
        sayNothing();
        history.set(History.of(lesson));
        showing.set(Showing.of(lesson));
    }

    /** Changes the lesson. Where that is not possible it stays as it is, and the reason is said. */
    public void edit(Edit edit) {
        switch (history.get().after(edit)) {
            case Checked.Valid<History>(History changed) -> move(changed);
            case Checked.Invalid<History>(Problem problem) -> say(new Notice.Trouble(problem));
        }
    }

    /** Takes the last change back. */
    public void undo() {
        move(history.get().undo());
    }

    /** Makes the last change again that was taken back. */
    public void redo() {
        move(history.get().redo());
    }

    /** Says something. */
    public void say(Notice said) {
        notice.set(Optional.of(said));
    }

    /** Takes back what was said last. */
    public void sayNothing() {
        notice.set(Optional.empty());
    }

    /** An edit keeps the step at hand; the end stays the end, so that the whole result is there to be seen. */
    private void move(History changed) {
        if (changed == history.get()) return;
        sayNothing();
        Showing before = showing.get();
        history.set(changed);
        Showing now = Showing.of(changed.lesson());
        showing.set(before.isAtEnd() ? now : now.at(before.number()));
    }
}
