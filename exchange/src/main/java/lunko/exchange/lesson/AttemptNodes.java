package lunko.exchange.lesson;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import lunko.exchange.json.Json;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.question.Answer;
import lunko.insight.question.Guess;
import lunko.lesson.Lesson;
import lunko.practice.Attempt;
import lunko.query.JoinKind;
import lunko.show.Asking;

/** What a learner has done about questions, as it is kept beside a lesson: by the numbers of scenes, from 1. */
public final class AttemptNodes {
    private AttemptNodes() {}

    /** Describes what was done about the questions of scenes, by their numbers from 0. */
    public static Json of(Map<Integer, Attempt> attempts) {
        Json.Members all = Json.EMPTY;
        for (Map.Entry<Integer, Attempt> one : new TreeMap<>(attempts).entrySet())
            all = all.with(String.valueOf(one.getKey() + 1), of(one.getValue()));
        return all;
    }

    private static Json of(Attempt attempt) {
        return Json.EMPTY.with("guess", attempt.guess().map(AttemptNodes::of))
                .withIf("right", attempt.right()).withIf("uncovered", attempt.uncovered())
                .withIf("shown", attempt.shown());
    }

    private static Json of(Guess guess) {
        return switch (guess) {
            case Guess.Number(long rows) -> Json.EMPTY.with("number", rows);
            case Guess.Typed(String text) -> Json.EMPTY.with("text", text);
            case Guess.Written(String text, _, _) -> Json.EMPTY.with("sql", text);
            case Guess.Changed() -> Json.EMPTY.with("changed", true);
            case Guess.Kind(JoinKind kind) -> Json.EMPTY.with("kind", kind.id());
            case Guess.Matched(List<Integer> results) ->
                Json.EMPTY.with("matched", results.stream().map(Json::of));
            case Guess.Marked(Set<Pointed> marked) ->
                Json.EMPTY.with("marked", Answer.sorted(marked).map(PointedNodes::of));
        };
    }

    /** What is described of the scenes of a lesson; what is not of them is left out. */
    public static Map<Integer, Attempt> read(Json kept, Lesson lesson) {
        Map<Integer, Attempt> attempts = new HashMap<>();
        for (int scene = 0; scene < lesson.scenes().size(); scene++) {
            Json one = kept.at(String.valueOf(scene + 1));
            if (one.members().isEmpty()) continue;
            attempts.put(scene, new Attempt(guess(one.at("guess"), lesson.at(scene)), Optional.empty(),
                    one.at("right").truth(false), 0, one.at("uncovered").truth(false), one.at("shown").truth(false)));
        }
        return attempts;
    }

    private static Optional<Guess> guess(Json guess, Lesson lesson) {
        if (guess.has("number")) return guess.at("number").whole().map(Guess.Number::new);
        if (guess.has("text")) return Optional.of(new Guess.Typed(guess.at("text").text()));
        if (guess.has("sql")) return Asking.of(lesson).map(open -> open.written(guess.at("sql").text(), lesson));
        if (guess.has("changed")) return Optional.of(new Guess.Changed());
        if (guess.has("kind")) return JoinKind.named(guess.at("kind").text()).map(Guess.Kind::new);
        if (guess.has("matched")) return Optional.of(new Guess.Matched(
                guess.at("matched").items().stream().map(result -> result.whole(Guess.Matched.NONE)).toList()));
        if (!guess.has("marked")) return Optional.empty();
        Set<Pointed> marked = new HashSet<>();
        guess.at("marked").items().forEach(row -> PointedNodes.read(row).ifPresent(marked::add));
        return Optional.of(new Guess.Marked(marked));
    }
}
