package lunko.desktop.bench;

import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.lesson.Lesson;

/**
 * What the bench shows of the lesson: it follows while it is to be seen. Long tables are looked at beside the window's
 * thread.
 */
public final class BenchModel {
    /** Tables with so many rows together are looked at at once. */
    private static final int AT_ONCE = 2_000;

    private final LessonModel lesson;
    private final ReadOnlyObjectWrapper<KeyInspection> look;
    private boolean atWork;

    /** The bench of a lesson. */
    public BenchModel(LessonModel lesson) {
        this.lesson = lesson;
        look = new ReadOnlyObjectWrapper<>(KeyInspection.before(lesson.lesson().get()));
        lesson.lesson().subscribe(this::follow);
        lesson.mode().subscribe(this::follow);
        follow();
    }

    /** The lesson, and what can be done to it. */
    LessonModel lesson() {
        return lesson;
    }

    /** What is known about the link at hand. */
    ReadOnlyObjectProperty<KeyInspection> look() {
        return look.getReadOnlyProperty();
    }

    private void follow() {
        Lesson now = lesson.lesson().get();
        KeyInspection before = look.get();
        if (lesson.mode().get() != Mode.TABLES || before.lesson() == now && !before.busy()) return;
        if (!before.busy() && before.lesson().tables().equals(now.tables())
                && before.lesson().links().equals(now.links()) && isSameLink(before.lesson(), now)) {
            look.set(before.of(now));
        } else if (now.tables().stream().mapToInt(table -> table.rows().size()).sum() <= AT_ONCE) {
            look.set(KeyInspection.at(now));
        } else {
            look.set(before.lookingAt(now, isSameLink(before.lesson(), now)));
            if (!atWork) work(now);
        }
    }

    /** One look at a time: what has changed meanwhile is looked at afterwards. */
    private void work(Lesson meant) {
        atWork = true;
        Thread.ofVirtual().name("key check").start(() -> {
            KeyInspection found = KeyInspection.at(meant);
            Platform.runLater(() -> {
                atWork = false;
                Lesson now = lesson.lesson().get();
                if (now == meant) look.set(found);
                else if (look.get().busy()) work(now);
            });
        });
    }

    private static boolean isSameLink(Lesson before, Lesson now) {
        return before.scene().left().equals(now.scene().left()) && before.scene().right().equals(now.scene().right())
                && before.staged().on().equals(now.staged().on());
    }
}
