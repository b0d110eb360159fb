package lunko.lesson;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.words.EditSentences;

/** A change to which scenes a lesson has, and in which order. Scenes count from 0. */
public sealed interface ScenesEdit extends Edit {

    /** The scene that is shown as it was. */
    record PutBack(Scene as) implements ScenesEdit {}

    /** What is shown now as a scene of its own, behind the one that is shown, opening like this. */
    record Keep(SceneStart start) implements ScenesEdit {}

    /** Scenes once more, behind the last of them. */
    record Repeat(Set<Integer> which) implements ScenesEdit {}

    /** Scenes together to another place: before a scene, or at the end where there is none of that number. */
    record Move(Set<Integer> which, int before) implements ScenesEdit {}

    /** Scenes gone. */
    record Drop(Set<Integer> which) implements ScenesEdit {}

    /** Scenes of another lesson behind the one that is shown, with the tables that they need. */
    record BringIn(Lesson from, Set<Integer> which) implements ScenesEdit {}

    /** Scenes that show something, behind the one that is shown. */
    record Show(String title, List<Scene> more) implements ScenesEdit {}

    /** How long scenes took when they were rehearsed, in seconds. */
    record Rehearse(Map<Integer, Integer> seconds) implements ScenesEdit {}

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        Scenes scenes = lesson.scenes();
        return switch (this) {
            case Keep(SceneStart start) -> Checked.valid(lesson.with(scenes.inserting(scenes.at(),
                    List.of(scenes.shown().telling(Telling.SILENT).asking(Optional.empty()).opening(start)))));
            case Repeat(Set<Integer> which) -> Checked.valid(lesson.with(scenes.repeating(which)));
            case PutBack(Scene as) -> Checked.valid(lesson.with(as));
            case Move(Set<Integer> which, int before) -> Checked.valid(lesson.with(scenes.moving(which, before)));
            case Drop(Set<Integer> which) when which.size() >= scenes.size() ->
                Checked.invalid(new LessonFault.LastScene());
            case Drop(Set<Integer> which) -> Checked.valid(lesson.with(scenes.without(which)));
            case Rehearse(Map<Integer, Integer> seconds) ->
                Checked.valid(lesson.with(scenes.numbering((n, scene) -> seconds.containsKey(n)
                        ? scene.telling(scene.telling().taking(OptionalInt.of(seconds.get(n)))) : scene)));
            case Show(_, List<Scene> more) -> Checked.valid(lesson.with(scenes.inserting(scenes.at(), more)));
            case BringIn(Lesson from, Set<Integer> which) -> Checked.valid(Borrowing.of(lesson, from, which));
        };
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        return switch (this) {
            case Keep _ -> in.keepScene();
            case PutBack _ -> in.putBack();
            case Repeat(Set<Integer> which) -> in.repeatScenes(called(before, which));
            case Move(Set<Integer> which, _) -> in.moveScenes(called(before, which));
            case Drop(Set<Integer> which) -> in.deleteScenes(called(before, which));
            case Rehearse _ -> in.keepMinutes();
            case Show(String title, _) -> in.setUp(title);
            case BringIn(Lesson from, Set<Integer> which) -> in.bringInScenes(which.size(), from.title());
        };
    }

    private static EditSentences.SceneNames called(Lesson lesson, Set<Integer> which) {
        int first = new TreeSet<>(which).first();
        return new EditSentences.SceneNames(which.size(), first + 1,
                Optional.of(lesson.scenes().all().get(first).telling().title()).filter(title -> !title.isBlank()));
    }
}
