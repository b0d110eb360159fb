package lunko.desktop.scenes;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.work.Latest;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.practice.OtherMeaning;
import lunko.show.Asking;
import lunko.show.SceneGlance;
import lunko.show.Showing;

/** The scenes of the lesson at a glance, while their outline is to be seen, and which of them are selected. */
public final class ScenesModel {

    /** What all scenes of a lesson show. */
    private record Outline(Lesson lesson, List<SceneGlance> glances) {}

    private final LessonModel lesson;
    private final ReadOnlyObjectWrapper<List<SceneGlance>> glances = new ReadOnlyObjectWrapper<>(List.of());
    private final ObjectProperty<Set<Integer>> selected = new SimpleObjectProperty<>(Set.of());
    private final Latest<Outline, Outline> latest = new Latest<>("outline", ScenesModel::find, this::found);
    private final ReadOnlyObjectWrapper<Optional<Showing>> asking = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Latest<Lesson, Showing> latestAsking = new Latest<>("question", ScenesModel::shown, this::asked);
    private final ReadOnlyObjectWrapper<Optional<OtherMeaning>> other = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Latest<Showing, Meant> latestOther = new Latest<>("meaning", ScenesModel::meant, this::meant);
    private Optional<Outline> known = Optional.empty();

    /** What the question of a scene may mean beside what is meant. */
    private record Meant(Showing of, Optional<OtherMeaning> other) {}

    /** The scenes of a model's lesson. */
    public ScenesModel(LessonModel lesson) {
        this.lesson = lesson;
        lesson.lesson().subscribe(this::follow);
        lesson.mode().subscribe(this::follow);
    }

    /** The lesson, and what can be done to it. */
    public LessonModel lesson() {
        return lesson;
    }

    /** The scenes in their order. */
    public ReadOnlyObjectProperty<List<SceneGlance>> glances() {
        return glances.getReadOnlyProperty();
    }

    /** The numbers of those that are selected, counted from 0. */
    public ObjectProperty<Set<Integer>> selected() {
        return selected;
    }

    /** What the scene at hand shows, if it asks something and that is known already. */
    public ReadOnlyObjectProperty<Optional<Showing>> asking() {
        return asking.getReadOnlyProperty();
    }

    /** What its question may mean beside what is meant, once that is known. */
    public ReadOnlyObjectProperty<Optional<OtherMeaning>> otherMeaning() {
        return other.getReadOnlyProperty();
    }

    private static Meant meant(Showing of) {
        return new Meant(of, Asking.of(of.lesson()).flatMap(asking -> OtherMeaning.of(asking, of)));
    }

    private void meant(Meant found) {
        if (found.of().lesson() == lesson.lesson().get()) other.set(found.other());
    }

    private static Showing shown(Lesson of) {
        return Showing.of(of, of.scene().start().way());
    }

    private void asked(Showing found) {
        if (found.lesson() == lesson.lesson().get()) show(Optional.of(found));
    }

    private void ask(Lesson now) {
        boolean asks = now.scene().asked().isPresent();
        boolean atOnce = asks && !now.staged().mayTakeLong();
        show(atOnce ? Optional.of(shown(now)) : Optional.empty());
        if (asks && !atOnce) latestAsking.ask(now);
    }

    private void show(Optional<Showing> found) {
        other.set(Optional.empty());
        asking.set(found);
        found.filter(now -> !now.lesson().staged().mayTakeLong()).ifPresent(latestOther::ask);
    }

    private void follow() {
        Lesson now = lesson.lesson().get();
        if (lesson.mode().get() != Mode.SCENES) return;
        ask(now);
        Outline begun = new Outline(now,
                IntStream.range(0, now.scenes().size()).mapToObj(n -> glance(now.at(n))).toList());
        found(begun);
        if (begun.glances().stream().anyMatch(glance -> glance.seen().isEmpty())) latest.ask(begun);
    }

    /** What is known of a scene, or is found out at once. */
    private SceneGlance glance(Lesson of) {
        Optional<SceneGlance> before = known.filter(outline -> outline.lesson().shared() == of.shared()
                && outline.lesson().sharedLinks().equals(of.sharedLinks()))
                .flatMap(outline -> same(outline, of.scene()));
        return before.map(glance -> glance.at(of.scenes().at()))
                .orElseGet(() -> of.staged().mayTakeLong() ? SceneGlance.begun(of) : SceneGlance.of(of));
    }

    private static Optional<SceneGlance> same(Outline outline, Scene scene) {
        return outline.glances().stream().filter(glance -> glance.scene() == scene).findFirst();
    }

    private static Outline find(Outline begun) {
        return new Outline(begun.lesson(), begun.glances().stream().map(glance -> glance.seen().isPresent() ? glance
                : SceneGlance.of(begun.lesson().at(glance.number()))).toList());
    }

    private void found(Outline outline) {
        if (outline.lesson() != lesson.lesson().get()) return;
        known = Optional.of(outline);
        glances.set(outline.glances());
    }
}
