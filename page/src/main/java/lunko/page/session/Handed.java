package lunko.page.session;

import java.util.List;
import java.util.Optional;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.Scenes;

/**
 * A lesson as it is handed to learners.
 *
 * @param answers whether they may have the answers shown
 */
public record Handed(Lesson lesson, boolean answers) {

    /**
     * Some scenes of a lesson, of which there is at least one, without what is the speaker's; where answers are not
     * shown, those that somebody has written are left out.
     */
    public static Handed of(Lesson lesson, List<Integer> scenes, boolean answers) {
        List<Scene> handed = scenes.stream().map(lesson.scenes().all()::get)
                .map(scene -> scene.telling(scene.telling().forLearners())
                        .asking(scene.asked().map(asked -> answers ? asked : withoutAnswer(asked))))
                .toList();
        return new Handed(new Lesson(lesson.title(), lesson.shared(), lesson.sharedLinks(), lesson.layout(),
                new Scenes(handed, 0), lesson.views()), answers);
    }

    private static Asked withoutAnswer(Asked asked) {
        return Optional.of(asked.question()).filter(Question.InWords.class::isInstance)
                .map(_ -> asked.asking(new Question.InWords(""))).orElse(asked);
    }
}
