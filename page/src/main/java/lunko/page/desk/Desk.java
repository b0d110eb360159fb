package lunko.page.desk;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lunko.exchange.json.Json;
import lunko.exchange.json.JsonReader;
import lunko.exchange.lesson.AttemptNodes;
import lunko.exchange.lesson.LessonFile;
import lunko.exchange.lesson.PointedNodes;
import lunko.lesson.Lesson;
import lunko.page.session.Handed;
import lunko.page.session.Session;
import lunko.page.session.Wish;
import lunko.page.shown.SessionJson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.words.Language;

/**
 * Where a learner works: it holds the session and answers what the view asks, in JSON. It answers the same on a JVM and
 * in a browser.
 */
public final class Desk {
    private static final String SOURCE = "lesson";

    private final Language in;
    private final JsonReader reader;
    private Optional<Session> session = Optional.empty();

    /** A desk that speaks a language, and reads files by what reads JSON there. */
    public Desk(Language in, JsonReader reader) {
        this.in = in;
        this.reader = reader;
    }

    /** The answer to what is asked. */
    public Json answer(Json asked) {
        return switch (asked.at("do").text()) {
            case "open" -> opened(asked);
            case "point" -> session.flatMap(now -> PointedNodes.read(asked)
                    .map(pointed -> new SessionJson(now, in).pointing(pointed))).orElse(Json.EMPTY);
            case "results" -> session.map(now -> new SessionJson(now, in).results()).orElse(Json.NULL);
            case "attempts" -> session.map(now -> AttemptNodes.of(now.attempts())).orElse(Json.EMPTY);
            case "files" -> session.<Json>map(now -> files(now.lesson())).orElse(Json.EMPTY);
            default -> session.flatMap(now -> Wish.of(asked).map(wish -> after(now, wish))).orElse(Json.EMPTY);
        };
    }

    private Json after(Session before, Wish wish) {
        Session after = before.after(wish);
        session = Optional.of(after);
        Json.Members shown = new SessionJson(after, in).since(Optional.of(before));
        return kept(before, after) ? shown : shown.with("keep", AttemptNodes.of(after.attempts()));
    }

    /** Whether there is nothing new that should last. */
    private static boolean kept(Session before, Session after) {
        return before.lesson() == after.lesson() && before.attempts().equals(after.attempts());
    }

    /** Opens a lesson that was given, and what was made of it before, where that can still be read. */
    private Json opened(Json asked) {
        return switch (lesson(asked.at("given"))) {
            case Checked.Invalid<Lesson>(Problem problem) ->
                Json.EMPTY.with("problem", in.problems().of(problem).text());
            case Checked.Valid<Lesson>(Lesson given) -> {
                Lesson made = asked.has("made") ? lesson(asked.at("made"))
                        .either(Optional::of, _ -> Optional.<Lesson>empty())
                        .filter(lesson -> lesson.scenes().size() == given.scenes().size()).orElse(given) : given;
                Handed handed = new Handed(given, asked.at("answers").truth(true));
                session = Optional.of(Session.of(handed, made, AttemptNodes.read(asked.at("attempts"), given)));
                yield new SessionJson(session.get(), in).all().with("text", SessionJson.words(in));
            }
        };
    }

    private Checked<Lesson> lesson(Json files) {
        Map<String, byte[]> bytes = new HashMap<>();
        files.members().forEach((name, text) -> bytes.put(name, text.text().getBytes(StandardCharsets.UTF_8)));
        return LessonFile.lesson(SOURCE, bytes, reader);
    }

    /** The files of a lesson by name, each as a text. */
    public static Json files(Lesson lesson) {
        Map<String, Json> texts = new LinkedHashMap<>();
        LessonFile.files(lesson)
                .forEach((name, bytes) -> texts.put(name, Json.of(new String(bytes, StandardCharsets.UTF_8))));
        return new Json.Members(texts);
    }
}
