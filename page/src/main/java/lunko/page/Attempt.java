package lunko.page;

import java.util.Optional;
import lunko.insight.question.Guess;

/**
 * What a learner has done about the question of a scene.
 *
 * @param guess what they think
 * @param checked whether that has been checked
 * @param right whether it has once been right
 * @param hints how many hints they have had since they last changed it
 * @param uncovered whether the answer is there to be seen
 * @param shown whether it has been shown before they were right
 */
public record Attempt(Optional<Guess> guess, boolean checked, boolean right, int hints, boolean uncovered,
        boolean shown) {
    /** Nothing yet. */
    public static final Attempt NONE = new Attempt(Optional.empty(), false, false, 0, false, false);

    /** The same with another guess, which is still to be checked. */
    Attempt guessing(Guess other) {
        return new Attempt(Optional.of(other), false, right, hints, uncovered, shown);
    }

    /** The same, checked. */
    Attempt checked(boolean isRight) {
        return new Attempt(guess, true, right || isRight, hints, uncovered || isRight, shown);
    }

    /** The same with one more hint. */
    Attempt hinted() {
        return new Attempt(guess, true, right, hints + 1, uncovered, shown);
    }

    /** The same, the answer shown or covered again. */
    Attempt uncovered(boolean now) {
        return new Attempt(guess, checked, right, hints, now, shown || now && !right);
    }
}
