package lunko.desktop.bench;

import java.util.Optional;
import lunko.insight.KeyCheck;
import lunko.lesson.Lesson;

/**
 * What is known about the link at hand of a lesson: nothing if its tables are not linked, or while it is still being looked at.
 *
 * @param busy whether it is still being looked at; meanwhile the check is the one before, if there is one
 */
record KeyLook(Lesson lesson, Optional<KeyCheck> check, boolean busy) {

    /** What is found by looking. */
    static KeyLook at(Lesson lesson) {
        return new KeyLook(lesson, lesson.on().isEmpty() ? Optional.empty() : Optional.of(KeyCheck.of(lesson.left(), lesson.right(), lesson.on())), false);
    }
}
