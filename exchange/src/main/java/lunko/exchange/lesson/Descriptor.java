package lunko.exchange.lesson;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import lunko.lesson.Layout;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.Scene;
import lunko.lesson.Scenes;
import lunko.lesson.Spot;
import lunko.lesson.View;
import lunko.lesson.Views;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Limits;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.SameName;
import lunko.table.Table;

/** What {@code lesson.json} says about a lesson beside the rows of its tables (docs/lesson-format.md). */
record Descriptor(String source, JsonNode root) {

    /** What it says about a lesson. */
    static ObjectNode of(Lesson lesson, int version) {
        ObjectNode root = JsonNodeFactory.instance.objectNode().put("format", "lunko-lesson").put("version", version)
                .put("title", lesson.title());
        ArrayNode tables = root.putArray("tables");
        lesson.shared().forEach(table -> describe(table, lesson.layout(), tables.addObject()));
        if (!lesson.views().all().isEmpty()) {
            ArrayNode views = root.putArray("views");
            lesson.views().all().forEach(view -> describe(view, lesson.layout(), views.addObject()));
        }
        ArrayNode links = root.putArray("links");
        for (Link link : lesson.sharedLinks()) {
            ArrayNode on = links.addObject().put("left", link.left()).put("right", link.right()).putArray("on");
            link.pairs().forEach(pair -> on.addObject().put("left", pair.left()).put("right", pair.right()));
        }
        ArrayNode scenes = root.putArray("scenes");
        lesson.scenes().all().forEach(scene -> SceneNodes.describe(scene, lesson.shared(), scenes.addObject()));
        if (lesson.scenes().at() > 0) root.put("scene", lesson.scenes().at() + 1);
        return root;
    }

    private static void describe(Table table, Layout layout, ObjectNode node) {
        node.put("name", table.name());
        columns(node, "key", table.columns().stream().filter(Column::key));
        columns(node, "required", table.columns().stream().filter(column -> !column.nullable() && !column.key()));
        columns(node, "open", table.columns().stream().filter(Column::open));
        card(table.name(), layout, node);
        for (int row = 0; row < table.rows().size(); row++) {
            for (Map.Entry<Integer, String> misfit : table.rows().get(row).misfits().entrySet()) {
                node.withArray("misfits").addObject().put("row", row + 1)
                        .put("column", table.columns().get(misfit.getKey()).name()).put("typed", misfit.getValue());
            }
        }
    }

    private static void describe(View view, Layout layout, ObjectNode node) {
        node.put("name", view.name()).put("query", view.query().sql());
        card(view.name(), layout, node);
    }

    private static void card(String table, Layout layout, ObjectNode node) {
        layout.spot(table).ifPresent(spot -> node.putObject("at").put("x", spot.x()).put("y", spot.y()));
        if (layout.isFolded(table)) node.put("folded", true);
    }

    private static void columns(ObjectNode node, String what, Stream<Column> columns) {
        List<Column> some = columns.toList();
        if (!some.isEmpty()) some.forEach(column -> node.withArray(what).add(column.name()));
    }

    /** The views; one whose query is not said is left out. */
    private Views views() {
        List<View> views = new ArrayList<>();
        for (JsonNode view : root.path("views")) {
            String name = view.path("name").asText();
            String query = view.path("query").asText();
            if (!name.isBlank() && !query.isBlank()) views.add(new View(name, WrittenQuery.of(query)));
        }
        return new Views(views);
    }

    /** The lesson on these tables; a problem if what it names is not there. */
    Checked<Lesson> lesson(List<Table> stored) {
        Views views = views();
        Set<String> names = new HashSet<>();
        for (String name : Stream.concat(stored.stream().map(Table::name), views.all().stream().map(View::name))
                .toList()) {
            if (!names.add(SameName.key(name))) return problem(new FileFault.LessonTableTwice(name));
        }
        return views.broken(stored).map(this::<Lesson>problem).orElseGet(() -> lesson(stored, views))
                .then(lesson -> lesson.brokenView().map(this::<Lesson>problem).orElse(Checked.valid(lesson)));
    }

    private <T> Checked<T> problem(Views.Broken broken) {
        return problem(new FileFault.LessonViewWrong(broken.view().name(), broken.why().fault()));
    }

    private Checked<Lesson> lesson(List<Table> stored, Views views) {
        List<Table> tables = views.over(stored);
        List<Scene> scenes = new ArrayList<>();
        for (JsonNode described : root.path("scenes")) {
            Optional<Scene> scene = SceneNodes.scene(described, tables).filter(one -> isWithinLimits(one, stored));
            if (scene.isEmpty()) return problem(new FileFault.LessonSceneWrong(scenes.size() + 1));
            scenes.add(scene.get());
        }
        if (scenes.isEmpty()) return problem(new FileFault.LessonWithoutScene());
        Optional<TableFault> tooManyScenes = Limits.ofScenes(scenes.size());
        if (tooManyScenes.isPresent()) return Checked.invalid(Problem.at(Place.inFile(source), tooManyScenes.get()));
        int at = Math.clamp(root.path("scene").asInt(1) - 1L, 0, scenes.size() - 1);
        // The first version had the columns of the one link in its scene, and nothing of the bench.
        List<JsonNode> linked = new ArrayList<>();
        (root.has("links") ? root.path("links") : root.path("scenes")).forEach(linked::add);
        Set<Link> links = new LinkedHashSet<>();
        for (JsonNode link : linked) {
            List<KeyPair> pairs = new ArrayList<>();
            link.path("on")
                    .forEach(pair -> pairs.add(new KeyPair(pair.path("left").asText(), pair.path("right").asText())));
            Optional<Table> one = SceneNodes.named(tables, link.path("left").asText());
            Optional<Table> other = SceneNodes.named(tables, link.path("right").asText());
            if (one.isEmpty() || other.isEmpty() || pairs.stream().anyMatch(pair -> !has(one.get(), pair.left(), scenes)
                    || !has(other.get(), pair.right(), scenes))) {
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
            if (!views.has(table.name())) described.add(withMisfits(withRules(table, node), node));
        }
        return Checked.valid(new Lesson(root.path("title").asText(), described, List.copyOf(links), layout,
                new Scenes(scenes, at), views));
    }

    /** Whether a table has a column, in the lesson or in one of its scenes. */
    private static boolean has(Table table, String column, List<Scene> scenes) {
        return Stream.concat(Stream.of(table), scenes.stream().filter(scene -> scene.own().isPresent())
                .flatMap(scene -> scene.tables(List.of(table)).stream()))
                .anyMatch(state -> state.column(column).isPresent());
    }

    /** Whether the scene's own state of the tables is one that a lesson may show. */
    private static boolean isWithinLimits(Scene scene, List<Table> shared) {
        return scene.own().isEmpty() || scene.tables(shared).stream()
                .allMatch(table -> shared.contains(table) || Limits.fault(table, Optional.empty()).isEmpty());
    }

    private JsonNode described(Table table) {
        for (String kind : List.of("tables", "views")) {
            for (JsonNode node : root.path(kind)) {
                if (node.path("name").asText().equals(table.name())) return node;
            }
        }
        return JsonNodeFactory.instance.objectNode();
    }

    private static Table withRules(Table table, JsonNode node) {
        Table ruled = table;
        for (int i = 0; i < table.columns().size(); i++) {
            Column column = table.columns().get(i);
            boolean open = lists(node, "open", column);
            ruled = ruled.withColumn(i, new Column(column.name(), column.type(), column.size(),
                    column.key() || lists(node, "key", column),
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

    private <T> Checked<T> problem(FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
