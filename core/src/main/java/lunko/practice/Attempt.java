package lunko.practice;

import java.util.Optional;
import lunko.insight.question.Guess;

/**
 * What a learner has done about the question of a scene.
 *
 * @param guess what they think
 * @param assessed what that has come to, once it was checked
 * @param right whether it has once been right
 * @param hints how many hints they have had since they last changed it
 * @param uncovered whether the answer is there to be seen
 * @param shown whether it was shown before they were right
 */
public record Attempt(Optional<Guess> guess, Optional<Assessment> assessed, boolean right, int hints,
        boolean uncovered, boolean shown) {
    /** Nothing yet. */
    public static final Attempt NONE = new Attempt(Optional.empty(), Optional.empty(), false, 0, false, false);

    /** The same with another guess, which is still to be checked. */
    public Attempt guessing(Guess other) {
        return new Attempt(Optional.of(other), Optional.empty(), right, 0, uncovered, shown);
    }

    /** The same, checked. */
    public Attempt assessed(Assessment as) {
        return new Attempt(guess, Optional.of(as), right || as.isRight(), hints, uncovered || as.isRight(), shown);
    }

    /** The same with one more hint, which may be the answer. */
    public Attempt hinted(boolean answer) {
        return new Attempt(guess, assessed, right, hints + 1, uncovered, shown || answer && !right);
    }

    /** The same, the answer shown or covered again. */
    public Attempt uncovered(boolean now) {
        return new Attempt(guess, assessed, right, hints, now, shown || now && !right);
    }
}
