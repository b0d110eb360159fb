package lunko.lesson;

import java.util.OptionalLong;
import lunko.insight.picture.Picture;
import lunko.steps.JoinAlgorithm;

/**
 * How a scene opens. What is looked at afterwards does not change it.
 *
 * @param step the number of the step; at the end where there is none
 * @param way how rows are matched
 * @param picture what is shown beside the stage
 */
public record SceneStart(OptionalLong step, JoinAlgorithm way, Picture picture) {
    /** With all steps done. */
    public static final SceneStart PLAIN =
            new SceneStart(OptionalLong.empty(), JoinAlgorithm.NESTED_LOOP, Picture.VENN);

    /** The same at another step. */
    public SceneStart at(OptionalLong other) {
        return new SceneStart(other, way, picture);
    }

    /** The same, matched in another way. */
    public SceneStart by(JoinAlgorithm other) {
        return new SceneStart(step, other, picture);
    }

    /** The same with another picture. */
    public SceneStart with(Picture other) {
        return new SceneStart(step, way, other);
    }
}
