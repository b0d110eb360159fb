package lunko.exchange.lesson;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
import lunko.insight.picture.Picture;
import lunko.lesson.Pairing;
import lunko.lesson.Scene;
import lunko.lesson.SceneStart;
import lunko.lesson.Telling;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import lunko.steps.JoinAlgorithm;
import lunko.table.Table;

/** Scenes as they stand in {@code lesson.json} (docs/lesson-format.md). */
final class SceneNodes {
    private SceneNodes() {}

    /** Describes a scene of a lesson that has these tables. */
    static Json.Members describe(Scene scene, List<Table> shared) {
        Telling telling = scene.telling();
        Json.Members node = Json.EMPTY.with("title", text(telling.title())).with("left", scene.left())
                .with("kind", scene.kind().id()).with("right", scene.right())
                .withIf("natural", scene.pairing().natural());
        if (scene.written().isPresent()) node = node.with("query", scene.written().get().sql())
                .with("shown", scene.written().map(WrittenQuery::number).filter(at -> at > 0)
                        .map(at -> Json.of(at + 1)));
        node = node.with("note", text(telling.note())).with("handed", text(telling.handed()));
        if (telling.seconds().isPresent()) node = node.with("seconds", telling.seconds().getAsInt());
        SceneStart start = scene.start();
        if (start.step().isPresent()) node = node.with("step", start.step().getAsLong());
        if (start.way() != SceneStart.PLAIN.way()) node = node.with("way", start.way().toString());
        if (start.picture() != SceneStart.PLAIN.picture()) node = node.with("picture", start.picture().id());
        return node.with("asks", scene.asked().map(QuestionNodes::describe))
                .with("own", scene.own().map(own -> new OwnNodes(shared).describe(own)));
    }

    private static Optional<Json> text(String text) {
        return Optional.of(text).filter(said -> !said.isEmpty()).map(Json::of);
    }

    /** A scene on these tables; nothing, if it names what is not there. */
    static Optional<Scene> scene(Json described, List<Table> shared) {
        Optional<Table> left = named(shared, described.at("left").text());
        Optional<Table> right = named(shared, described.at("right").text());
        Optional<JoinKind> kind = JoinKind.named(described.at("kind").text());
        if (left.isEmpty() || right.isEmpty() || kind.isEmpty()) return Optional.empty();
        Pairing pairing = new Pairing(left.get().name(), kind.get(), right.get().name(),
                described.at("natural").truth(false) && kind.get().canBeNatural());
        Optional<WrittenQuery> query = Optional.of(described.at("query").text()).filter(sql -> !sql.isBlank())
                .map(sql -> new WrittenQuery(sql, Math.max(0, described.at("shown").whole(1) - 1)));
        return Optional.of(new Scene(telling(described), pairing, query, start(described),
                QuestionNodes.asked(described.at("asks")),
                described.has("own") ? Optional.of(new OwnNodes(shared).read(described.at("own")))
                        : Optional.empty()));
    }

    private static Telling telling(Json described) {
        return new Telling(described.at("title").text(), described.at("note").text(), described.at("handed").text(),
                described.at("seconds").whole().filter(seconds -> seconds >= 0 && seconds <= Integer.MAX_VALUE)
                        .map(seconds -> OptionalInt.of(seconds.intValue())).orElse(OptionalInt.empty()));
    }

    private static SceneStart start(Json described) {
        return new SceneStart(described.at("step").whole().map(OptionalLong::of).orElse(OptionalLong.empty()),
                Stream.of(JoinAlgorithm.values()).filter(way -> way.toString().equals(described.at("way").text()))
                        .findFirst().orElse(SceneStart.PLAIN.way()),
                Picture.named(described.at("picture").text()).orElse(SceneStart.PLAIN.picture()));
    }

    static Optional<Table> named(List<Table> tables, String name) {
        return tables.stream().filter(table -> table.name().equals(name)).findFirst();
    }
}
