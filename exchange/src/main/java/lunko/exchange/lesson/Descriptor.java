package lunko.exchange.lesson;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Stream;
import lunko.lesson.Layout;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.Pairing;
import lunko.lesson.Scene;
import lunko.lesson.Scenes;
import lunko.lesson.Spot;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Limits;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;

/** What {@code lesson.json} says about a lesson beside the rows of its tables (docs/lesson-format.md). */
record Descriptor(String source, JsonNode root) {

    /** What it says about a lesson. */
    static ObjectNode of(Lesson lesson, int version) {
        ObjectNode root = JsonNodeFactory.instance.objectNode().put("format", "lunko-lesson").put("version", version)
                .put("title", lesson.title());
        ArrayNode tables = root.putArray("tables");
        lesson.tables().forEach(table -> describe(table, lesson.layout(), tables.addObject()));
        ArrayNode links = root.putArray("links");
        for (Link link : lesson.links()) {
            ArrayNode on = links.addObject().put("left", link.left()).put("right", link.right()).putArray("on");
            link.pairs().forEach(pair -> on.addObject().put("left", pair.left()).put("right", pair.right()));
        }
        ArrayNode scenes = root.putArray("scenes");
        lesson.scenes().all().forEach(scene -> describe(scene, scenes.addObject()));
        if (lesson.scenes().at() > 0) root.put("scene", lesson.scenes().at() + 1);
        return root;
    }

    private static void describe(Scene scene, ObjectNode node) {
        node.put("left", scene.left()).put("kind", scene.kind().id()).put("right", scene.right());
        if (scene.pairing().natural()) node.put("natural", true);
        scene.written().ifPresent(query -> {
            node.put("query", query.sql());
            if (query.number() > 0) node.put("shown", query.number() + 1);
        });
        if (!scene.note().isEmpty()) node.put("note", scene.note());
        scene.step().ifPresent(step -> node.put("step", step));
    }

    private static void describe(Table table, Layout layout, ObjectNode node) {
        node.put("name", table.name());
        columns(node, "key", table.columns().stream().filter(Column::key));
        columns(node, "required", table.columns().stream().filter(column -> !column.nullable() && !column.key()));
        columns(node, "open", table.columns().stream().filter(Column::open));
        layout.spot(table.name()).ifPresent(spot -> node.putObject("at").put("x", spot.x()).put("y", spot.y()));
        if (layout.isFolded(table.name())) node.put("folded", true);
        for (int row = 0; row < table.rows().size(); row++) {
            for (Map.Entry<Integer, String> misfit : table.rows().get(row).misfits().entrySet()) {
                node.withArray("misfits").addObject().put("row", row + 1)
                        .put("column", table.columns().get(misfit.getKey()).name()).put("typed", misfit.getValue());
            }
        }
    }

    private static void columns(ObjectNode node, String what, Stream<Column> columns) {
        List<Column> some = columns.toList();
        if (!some.isEmpty()) some.forEach(column -> node.withArray(what).add(column.name()));
    }

    /** A scene on these tables; nothing, if it names what is not there. */
    private static Optional<Scene> scene(JsonNode described, List<Table> tables) {
        Optional<Table> left = named(tables, described.path("left"));
        Optional<Table> right = named(tables, described.path("right"));
        Optional<JoinKind> kind = JoinKind.named(described.path("kind").asText());
        if (left.isEmpty() || right.isEmpty() || kind.isEmpty()) return Optional.empty();
        Pairing pairing = new Pairing(left.get().name(), kind.get(), right.get().name(),
                described.path("natural").asBoolean() && kind.get().canBeNatural());
        Optional<WrittenQuery> query = Optional.of(described.path("query").asText()).filter(sql -> !sql.isBlank())
                .map(sql -> new WrittenQuery(sql, Math.max(0, described.path("shown").asInt(1) - 1)));
        JsonNode step = described.path("step");
        return Optional.of(new Scene(pairing, query, described.path("note").asText(""),
                step.canConvertToLong() ? OptionalLong.of(step.asLong()) : OptionalLong.empty()));
    }

    /** The lesson on these tables; a problem if what it names is not there. */
    Checked<Lesson> lesson(List<Table> tables) {
        Set<String> names = new HashSet<>();
        for (Table table : tables) {
            if (!names.add(table.name().toLowerCase(Locale.ROOT)))
                return problem(new FileFault.LessonTableTwice(table.name()));
        }
        List<Scene> scenes = new ArrayList<>();
        for (JsonNode described : root.path("scenes")) {
            Optional<Scene> scene = scene(described, tables);
            if (scene.isEmpty()) return problem(new FileFault.LessonSceneWrong(scenes.size() + 1));
            scenes.add(scene.get());
        }
        if (scenes.isEmpty()) return problem(new FileFault.LessonWithoutScene());
        int at = Math.clamp(root.path("scene").asInt(1) - 1L, 0, scenes.size() - 1);
        // The first version had the columns of the one link in its scene, and nothing of the bench.
        List<JsonNode> linked = new ArrayList<>();
        (root.has("links") ? root.path("links") : root.path("scenes")).forEach(linked::add);
        Set<Link> links = new LinkedHashSet<>();
        for (JsonNode link : linked) {
            List<KeyPair> pairs = new ArrayList<>();
            link.path("on")
                    .forEach(pair -> pairs.add(new KeyPair(pair.path("left").asText(), pair.path("right").asText())));
            Optional<Table> one = named(tables, link.path("left"));
            Optional<Table> other = named(tables, link.path("right"));
            if (one.isEmpty() || other.isEmpty() || pairs.stream().anyMatch(
                    pair -> one.get().column(pair.left()).isEmpty() || other.get().column(pair.right()).isEmpty())) {
                return problem(new FileFault.LessonLinkWrong());
            }
            if (!pairs.isEmpty()) links.add(new Link(one.get().name(), other.get().name(), pairs));
        }
        Optional<TableFault> tooMany = Limits.ofLinks(links.size());
        if (tooMany.isPresent()) return Checked.invalid(Problem.at(Place.inFile(source), tooMany.get()));
        Layout layout = Layout.PLAIN;
        List<Table> described = new ArrayList<>();
        for (Table table : tables) {
            JsonNode node = described(table);
            if (node.path("at").path("x").isNumber() && node.path("at").path("y").isNumber()) {
                layout = layout.moving(table.name(),
                        new Spot(node.path("at").path("x").asDouble(), node.path("at").path("y").asDouble()));
            }
            if (node.path("folded").asBoolean()) layout = layout.folding(table.name(), true);
            described.add(withMisfits(withRules(table, node), node));
        }
        return Checked.valid(
                new Lesson(root.path("title").asText(), described, List.copyOf(links), layout, new Scenes(scenes, at)));
    }

    private JsonNode described(Table table) {
        for (JsonNode node : root.path("tables")) {
            if (node.path("name").asText().equals(table.name())) return node;
        }
        return JsonNodeFactory.instance.objectNode();
    }

    private static Table withRules(Table table, JsonNode node) {
        Table ruled = table;
        for (int i = 0; i < table.columns().size(); i++) {
            Column column = table.columns().get(i);
            boolean open = lists(node, "open", column);
            ruled = ruled.withColumn(i,
                    new Column(column.name(), column.type(), column.key() || lists(node, "key", column),
                            column.nullable() && !lists(node, "required", column), open));
        }
        return ruled;
    }

    private static boolean lists(JsonNode node, String what, Column column) {
        for (JsonNode name : node.path(what)) {
            if (name.asText().equals(column.name())) return true;
        }
        return false;
    }

    /** What was typed and does not fit; what is not there any more is left out. */
    private static Table withMisfits(Table table, JsonNode node) {
        List<Row> rows = new ArrayList<>(table.rows());
        for (JsonNode misfit : node.path("misfits")) {
            OptionalInt column = table.column(misfit.path("column").asText());
            int row = misfit.path("row").asInt() - 1;
            if (column.isEmpty() || row < 0 || row >= table.rows().size()) continue;
            rows.set(row, rows.get(row).with(column.getAsInt(), Entry.misfit(misfit.path("typed").asText())));
        }
        return new Table(table.name(), table.columns(), rows, table.nextId());
    }

    private static Optional<Table> named(List<Table> tables, JsonNode name) {
        return tables.stream().filter(table -> table.name().equals(name.asText())).findFirst();
    }

    private <T> Checked<T> problem(FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
