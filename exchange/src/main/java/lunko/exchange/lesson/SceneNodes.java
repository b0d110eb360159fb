package lunko.exchange.lesson;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Stream;
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
    static void describe(Scene scene, List<Table> shared, ObjectNode node) {
        Telling telling = scene.telling();
        if (!telling.title().isEmpty()) node.put("title", telling.title());
        node.put("left", scene.left()).put("kind", scene.kind().id()).put("right", scene.right());
        if (scene.pairing().natural()) node.put("natural", true);
        scene.written().ifPresent(query -> {
            node.put("query", query.sql());
            if (query.number() > 0) node.put("shown", query.number() + 1);
        });
        if (!telling.note().isEmpty()) node.put("note", telling.note());
        telling.seconds().ifPresent(seconds -> node.put("seconds", seconds));
        scene.start().step().ifPresent(step -> node.put("step", step));
        if (scene.start().way() != SceneStart.PLAIN.way()) node.put("way", scene.start().way().toString());
        if (scene.start().picture() != SceneStart.PLAIN.picture()) node.put("picture", scene.start().picture().id());
        scene.asked().ifPresent(asked -> QuestionNodes.describe(asked, node.putObject("asks")));
        scene.own().ifPresent(own -> new OwnNodes(shared).describe(own, node.putArray("own")));
    }

    /** A scene on these tables; nothing, if it names what is not there. */
    static Optional<Scene> scene(JsonNode described, List<Table> shared) {
        Optional<Table> left = named(shared, described.path("left").asText());
        Optional<Table> right = named(shared, described.path("right").asText());
        Optional<JoinKind> kind = JoinKind.named(described.path("kind").asText());
        if (left.isEmpty() || right.isEmpty() || kind.isEmpty()) return Optional.empty();
        Pairing pairing = new Pairing(left.get().name(), kind.get(), right.get().name(),
                described.path("natural").asBoolean() && kind.get().canBeNatural());
        Optional<WrittenQuery> query = Optional.of(described.path("query").asText()).filter(sql -> !sql.isBlank())
                .map(sql -> new WrittenQuery(sql, Math.max(0, described.path("shown").asInt(1) - 1)));
        return Optional.of(new Scene(telling(described), pairing, query, start(described),
                QuestionNodes.asked(described.path("asks")),
                described.has("own") ? Optional.of(new OwnNodes(shared).read(described.path("own")))
                        : Optional.empty()));
    }

    private static Telling telling(JsonNode described) {
        JsonNode seconds = described.path("seconds");
        return new Telling(described.path("title").asText(""), described.path("note").asText(""),
                seconds.canConvertToInt() && seconds.asInt() >= 0 ? OptionalInt.of(seconds.asInt())
                        : OptionalInt.empty());
    }

    private static SceneStart start(JsonNode described) {
        JsonNode step = described.path("step");
        return new SceneStart(step.canConvertToLong() ? OptionalLong.of(step.asLong()) : OptionalLong.empty(),
                Stream.of(JoinAlgorithm.values()).filter(way -> way.toString().equals(described.path("way").asText()))
                        .findFirst().orElse(SceneStart.PLAIN.way()),
                Picture.named(described.path("picture").asText()).orElse(SceneStart.PLAIN.picture()));
    }

    static Optional<Table> named(List<Table> tables, String name) {
        return tables.stream().filter(table -> table.name().equals(name)).findFirst();
    }
}
