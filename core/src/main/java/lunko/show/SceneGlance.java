package lunko.show;

import java.util.Optional;
import java.util.OptionalLong;
import lunko.engine.Stage;
import lunko.insight.picture.ResultSketch;
import lunko.insight.picture.TableHues;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;

/**
 * A scene as the outline of a lesson shows it.
 *
 * @param number its number, counted from 0
 * @param sql its query
 * @param seen what that gives; nothing, where it is not known yet
 */
public record SceneGlance(int number, Scene scene, String sql, Optional<Seen> seen) {
    private static final int MOST_LINES = 7;

    /** What a query gives, at a glance; without a sketch and rows where it cannot run. */
    public record Seen(Optional<ResultSketch> sketch, OptionalLong rows, TableHues hues) {
        private static final Seen OBSTRUCTED = new Seen(Optional.empty(), OptionalLong.empty(), TableHues.NONE);
    }

    /** The scene that a lesson shows, its query not evaluated. */
    public static SceneGlance begun(Lesson lesson) {
        return new SceneGlance(lesson.scenes().at(), lesson.scene(), lesson.staged().sql(), Optional.empty());
    }

    /** The scene that a lesson shows. */
    public static SceneGlance of(Lesson lesson) {
        Seen seen = lesson.staged().result().either(SceneGlance::seen, _ -> Seen.OBSTRUCTED);
        SceneGlance begun = begun(lesson);
        return new SceneGlance(begun.number, begun.scene, begun.sql, Optional.of(seen));
    }

    private static Seen seen(Stage result) {
        return new Seen(Optional.of(ResultSketch.of(result, MOST_LINES)), OptionalLong.of(result.rows().size()),
                TableHues.of(result));
    }

    /** The same scene in another place. */
    public SceneGlance at(int other) {
        return new SceneGlance(other, scene, sql, seen);
    }

    /** Whether the scene has tables of its own. */
    public boolean isOwn() {
        return scene.own().isPresent();
    }
}
