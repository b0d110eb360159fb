package lunko.exchange.lesson;

import java.util.Map;
import lunko.lesson.Lesson;
import lunko.practice.Attempt;

/**
 * A lesson as a file keeps it, with what somebody who practises has done about its questions.
 *
 * @param attempts that, by the numbers of scenes from 0
 */
public record KeptLesson(Lesson lesson, Map<Integer, Attempt> attempts) {

    /** Keeps what it is given as it is. */
    public KeptLesson {
        attempts = Map.copyOf(attempts);
    }

    /** A lesson in which nobody has practised. */
    public static KeptLesson of(Lesson lesson) {
        return new KeptLesson(lesson, Map.of());
    }
}
