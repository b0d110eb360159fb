package lunko.desktop.show;

import java.util.Optional;
import java.util.OptionalLong;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.engine.ResultRow;
import lunko.insight.Lineage;
import lunko.insight.Lineage.Pointed;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.query.Side;

/** What the show shows of the lesson. It follows the lesson while it is to be seen, and catches up when it is again. */
public final class ShowModel {
    private final LessonModel lesson;
    private final ReadOnlyObjectWrapper<Showing> showing;
    private final ReadOnlyObjectWrapper<Optional<Lineage>> lineage = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObjectProperty<Picture> picture = new SimpleObjectProperty<>(Picture.VENN);
    private Optional<Pointed> chosen = Optional.empty();

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

    /** The picture that is shown beside the stage. */
    public ObjectProperty<Picture> picture() {
        return picture;
    }

    /** What belongs to the row that is pointed at, if one is. */
    public ReadOnlyObjectProperty<Optional<Lineage>> lineage() {
        return lineage.getReadOnlyProperty();
    }

    /** Points at a row for as long as the mouse is over it; nothing means the one that was chosen, if one was. */
    void point(Optional<Pointed> at) {
        show(at.or(() -> chosen));
    }

    /** Chooses a row to be pointed at until the next step. */
    void choose(Optional<Pointed> at) {
        chosen = at;
        show(at);
    }

    private void show(Optional<Pointed> pointed) {
        Optional<Lineage> now = pointed.flatMap(at -> showing.get().outcome().map(outcome -> new Lineage(outcome, at)));
        if (!now.equals(lineage.get())) lineage.set(now);
    }

    /** The step in which it was decided what becomes of the row that is pointed at. */
    OptionalLong decided() {
        return lineage.get().isEmpty() || showing.get().runs().isEmpty() ? OptionalLong.empty()
                : OptionalLong.of(switch (lineage.get().get().pointed()) {
                    case Pointed.Source(Side side, int row) -> showing.get().runs().get().decided(side, row);
                    case Pointed.Result(ResultRow row) -> showing.get().runs().get().decided(row);
                });
    }

    /** Goes to a step; beyond the first or the last means that step. */
    public void goTo(long number) {
        choose(Optional.empty());
        if (Math.clamp(number, 0, showing.get().last()) != showing.get().number()) {
            showing.set(showing.get().at(number));
        }
    }

    /** The next step in which a row comes into the result; the last step if none does. */
    long nextLanding() {
        return showing.get().runs().map(timeline -> timeline.nextLanding(showing.get().number())).orElse(0L);
    }

    /** The next step in which it is the turn of another row; the last step if there is none. */
    long nextTurn() {
        return showing.get().runs().map(timeline -> timeline.nextTurn(showing.get().number())).orElse(0L);
    }

    /** An edit keeps the step at hand; the end stays the end, so that the whole result is there to be seen. */
    private void follow() {
        Lesson now = lesson.lesson().get();
        Showing before = showing.get();
        if (lesson.mode().get() != Mode.SHOW || before.lesson() == now) return;
        choose(Optional.empty());
        History history = lesson.history().get();
        if (history.past().isEmpty() && history.future().isEmpty()) {
            showing.set(Showing.opened(now));
        } else {
            Showing changed = Showing.of(now);
            showing.set(before.isAtEnd() ? changed : changed.at(before.number()));
        }
    }
}
