package lunko.show;

import java.util.Optional;
import java.util.OptionalLong;
import lunko.engine.Stage;
import lunko.insight.picture.ResultSketch;
import lunko.insight.picture.TableHues;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.own.OwnTables;

/**
 * A scene as the outline of a lesson shows it.
 *
 * @param number its number, counted from 0
 * @param sql its query
 * @param seen what that gives; nothing, where it is not known yet
 * @param unfit how many differences of its own tables have nothing to go by any more
 */
public record SceneGlance(int number, Scene scene, String sql, Optional<Seen> seen, int unfit) {
    private static final int MOST_LINES = 7;

    /** What a query gives, at a glance; without a sketch and rows where it cannot run. */
    public record Seen(Optional<ResultSketch> sketch, OptionalLong rows, TableHues hues) {
        private static final Seen OBSTRUCTED = new Seen(Optional.empty(), OptionalLong.empty(), TableHues.NONE);
    }

    /** The scene that a lesson shows, its query not evaluated. */
    public static SceneGlance begun(Lesson lesson) {
        Scene scene = lesson.scene();
        return new SceneGlance(lesson.scenes().at(), scene, lesson.staged().sql(), Optional.empty(),
                scene.own().map(own -> own.unfit(lesson.shared()).size()).orElse(0));
    }

    /** The scene that a lesson shows. */
    public static SceneGlance of(Lesson lesson) {
        Seen seen = lesson.staged().result().either(SceneGlance::seen, _ -> Seen.OBSTRUCTED);
        SceneGlance begun = begun(lesson);
        return new SceneGlance(begun.number, begun.scene, begun.sql, Optional.of(seen), begun.unfit);
    }

    private static Seen seen(Stage result) {
        return new Seen(Optional.of(ResultSketch.of(result, MOST_LINES)), OptionalLong.of(result.rows().size()),
                TableHues.of(result));
    }

    /** The same scene in another place. */
    public SceneGlance at(int other) {
        return new SceneGlance(other, scene, sql, seen, unfit);
    }

    /** Whether the scene has tables of its own. */
    public boolean isOwn() {
        return scene.own().isPresent();
    }

    /** What differs in its tables from the lesson's. */
    public OwnTables own() {
        return scene.own().orElse(OwnTables.SAME);
    }
}
