package lunko.desktop.show;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.lesson.History;
import lunko.lesson.Lesson;

/** What the show shows of the lesson. It follows the lesson while it is to be seen, and catches up when it is again. */
public final class ShowModel {
    private final LessonModel lesson;
    private final ReadOnlyObjectWrapper<Showing> showing;

    /** Shows the lesson of a model at the step it opens at. */
    public ShowModel(LessonModel lesson) {
        this.lesson = lesson;
        showing = new ReadOnlyObjectWrapper<>(Showing.opened(lesson.lesson().get()));
        lesson.lesson().subscribe(this::follow);
        lesson.mode().subscribe(this::follow);
    }

    /** The lesson, and what can be done to it. */
    public LessonModel lesson() {
        return lesson;
    }

    /** What is shown. */
    public ReadOnlyObjectProperty<Showing> showing() {
        return showing.getReadOnlyProperty();
    }

    /** Goes to a step; beyond the first or the last means that step. */
    public void goTo(long number) {
        if (Math.clamp(number, 0, showing.get().last()) != showing.get().number()) {
            showing.set(showing.get().at(number));
        }
    }

    /** An edit keeps the step at hand; the end stays the end, so that the whole result is there to be seen. */
    private void follow() {
        Lesson now = lesson.lesson().get();
        Showing before = showing.get();
        if (lesson.mode().get() != Mode.SHOW || before.lesson() == now) return;
        History history = lesson.history().get();
        if (history.past().isEmpty() && history.future().isEmpty()) {
            showing.set(Showing.opened(now));
        } else {
            Showing changed = Showing.of(now);
            showing.set(before.isAtEnd() ? changed : changed.at(before.number()));
        }
    }
}
