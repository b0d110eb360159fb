package lunko.practice;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.words.Language;

/**
 * What has come of the questions of a lesson.
 *
 * @param attempts what was done about them, by the numbers of scenes from 0
 */
public record Results(Lesson lesson, Map<Integer, Attempt> attempts) {

    /** How many of its scenes ask something. */
    public int asked() {
        return (int) lesson.scenes().all().stream().filter(scene -> scene.asked().isPresent()).count();
    }

    /** The same with what has been done about one more, or otherwise. */
    public Results with(int scene, Attempt attempt) {
        Map<Integer, Attempt> changed = new HashMap<>(attempts);
        if (attempt.equals(Attempt.NONE)) changed.remove(scene);
        else changed.put(scene, attempt);
        return new Results(lesson, Map.copyOf(changed));
    }

    /** How many questions have been answered rightly. */
    public int right() {
        return (int) attempts.values().stream().filter(Attempt::right).count();
    }

    /** How many of them before the answer was shown. */
    public int alone() {
        return (int) attempts.values().stream().filter(one -> one.right() && !one.shown()).count();
    }

    /** What has come of one of them. */
    public Attempt of(int scene) {
        return attempts.getOrDefault(scene, Attempt.NONE);
    }

    /** How many there are and were answered; nothing, where nothing is asked. */
    public String score(Language in) {
        return asked() == 0 ? "" : in.pages().score(right(), asked(), alone());
    }

    /** All of it as a text that can be given to somebody. */
    public String text(Language in) {
        String questions = IntStream.range(0, lesson.scenes().size())
                .filter(scene -> lesson.scenes().all().get(scene).asked().isPresent())
                .mapToObj(scene -> in.pages().result(scene + 1, title(scene, in), came(of(scene), in)))
                .collect(Collectors.joining("\n"));
        return lesson.title() + "\n" + score(in) + "\n\n" + questions + "\n";
    }

    /** What a scene is called, and if it has no title, which of them it is. */
    public String title(int scene, Language in) {
        String title = lesson.scenes().all().get(scene).telling().title();
        return title.isBlank() ? in.pages().sceneOf(scene + 1, lesson.scenes().size()) : title;
    }

    private static String came(Attempt attempt, Language in) {
        if (!attempt.right()) return in.pages().notYet();
        return attempt.shown() ? in.pages().rightAfterwards() : in.questions().right();
    }

    /**
     * The same of a lesson that was made of this one: scenes that have gone elsewhere take theirs with them, and of
     * another question nothing is known.
     */
    public Results in(Lesson changed) {
        List<Scene> now = changed.scenes().all();
        Map<Integer, Attempt> after = new HashMap<>();
        attempts.forEach((number, attempt) -> lesson.scenes().all().stream().skip(number).findFirst()
                .ifPresent(scene -> {
                    boolean there = number < now.size() && now.get(number).equals(scene);
                    int at = there ? number : now.indexOf(scene);
                    boolean sameQuestion = now.size() == lesson.scenes().size()
                            && now.get(number).asked().equals(scene.asked());
                    if (at >= 0) after.put(at, attempt);
                    else if (sameQuestion) after.put(number, attempt);
                }));
        return new Results(changed, Map.copyOf(after));
    }
}
