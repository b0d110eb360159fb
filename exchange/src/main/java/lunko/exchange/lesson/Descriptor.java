package lunko.exchange.lesson;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
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
record Descriptor(String source, Json root) {

    /** What it says about a lesson. */
    static Json of(Lesson lesson, int version) {
        Json.Members root = Json.EMPTY.with("format", "lunko-lesson").with("version", version)
                .with("title", lesson.title())
                .with("tables", lesson.shared().stream().map(table -> described(table, lesson.layout())))
                .withAny("views", lesson.views().all().stream().map(view -> described(view, lesson.layout())))
                .with("links", lesson.sharedLinks().stream().map(Descriptor::described))
                .with("scenes", lesson.scenes().all().stream()
                        .map(scene -> SceneNodes.describe(scene, lesson.shared())));
        return lesson.scenes().at() > 0 ? root.with("scene", lesson.scenes().at() + 1) : root;
    }

    private static Json described(Link link) {
        return Json.EMPTY.with("left", link.left()).with("right", link.right()).with("on", link.pairs().stream()
                .map(pair -> Json.EMPTY.with("left", pair.left()).with("right", pair.right())));
    }

    private static Json described(Table table, Layout layout) {
        Json.Members node = Json.EMPTY.with("name", table.name())
                .withAny("key", names(table, Column::key))
                .withAny("required", names(table, column -> !column.nullable() && !column.key()))
                .withAny("open", names(table, Column::open));
        List<Json> misfits = new ArrayList<>();
        for (int row = 0; row < table.rows().size(); row++) {
            for (Map.Entry<Integer, String> misfit : table.rows().get(row).misfits().entrySet()) {
                misfits.add(Json.EMPTY.with("row", row + 1)
                        .with("column", table.columns().get(misfit.getKey()).name()).with("typed", misfit.getValue()));
            }
        }
        return card(table.name(), layout, node).withAny("misfits", misfits.stream());
    }

    private static Json described(View view, Layout layout) {
        return card(view.name(), layout, Json.EMPTY.with("name", view.name()).with("query", view.query().sql()));
    }

    private static Json.Members card(String table, Layout layout, Json.Members node) {
        return node.with("at", layout.spot(table)
                .map(spot -> Json.EMPTY.with("x", Json.of(spot.x())).with("y", Json.of(spot.y()))))
                .withIf("folded", layout.isFolded(table));
    }

    private static Stream<Json> names(Table table, Predicate<Column> some) {
        return table.columns().stream().filter(some).map(column -> Json.of(column.name()));
    }

    /** The views; one whose query is not said is left out. */
    private Views views() {
        List<View> views = new ArrayList<>();
        for (Json view : root.at("views").items()) {
            String name = view.at("name").text();
            String query = view.at("query").text();
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
        for (Json described : root.at("scenes").items()) {
            Optional<Scene> scene = SceneNodes.scene(described, tables).filter(one -> isWithinLimits(one, stored));
            if (scene.isEmpty()) return problem(new FileFault.LessonSceneWrong(scenes.size() + 1));
            scenes.add(scene.get());
        }
        if (scenes.isEmpty()) return problem(new FileFault.LessonWithoutScene());
        Optional<TableFault> tooManyScenes = Limits.ofScenes(scenes.size());
        if (tooManyScenes.isPresent()) return Checked.invalid(Problem.at(Place.inFile(source), tooManyScenes.get()));
        int shown = Math.clamp(root.at("scene").whole(1) - 1L, 0, scenes.size() - 1);
        // The first version had the columns of the one link in its scene, and nothing of the bench.
        List<Json> linked = (root.has("links") ? root.at("links") : root.at("scenes")).items();
        Set<Link> links = new LinkedHashSet<>();
        for (Json link : linked) {
            List<KeyPair> pairs = new ArrayList<>();
            link.at("on").items()
                    .forEach(pair -> pairs.add(new KeyPair(pair.at("left").text(), pair.at("right").text())));
            Optional<Table> one = SceneNodes.named(tables, link.at("left").text());
            Optional<Table> other = SceneNodes.named(tables, link.at("right").text());
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
            Json node = described(table);
            Json at = node.at("at");
            Optional<Spot> spot = at.at("x").number()
                    .flatMap(x -> at.at("y").number().map(y -> new Spot(x.doubleValue(), y.doubleValue())));
            if (spot.isPresent()) layout = layout.moving(table.name(), spot.get());
            if (node.at("folded").truth(false)) layout = layout.folding(table.name(), true);
            if (!views.has(table.name())) described.add(withMisfits(withRules(table, node), node));
        }
        return Checked.valid(new Lesson(root.at("title").text(), described, List.copyOf(links), layout,
                new Scenes(scenes, shown), views));
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

    private Json described(Table table) {
        for (String kind : List.of("tables", "views")) {
            for (Json node : root.at(kind).items()) {
                if (node.at("name").text().equals(table.name())) return node;
            }
        }
        return Json.NULL;
    }

    private static Table withRules(Table table, Json node) {
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

    private static boolean lists(Json node, String what, Column column) {
        for (Json name : node.at(what).items()) {
            if (name.text().equals(column.name())) return true;
        }
        return false;
    }

    /** What was typed and does not fit; what is not there any more is left out. */
    private static Table withMisfits(Table table, Json node) {
        List<Row> rows = new ArrayList<>(table.rows());
        for (Json misfit : node.at("misfits").items()) {
            OptionalInt column = table.column(misfit.at("column").text());
            int row = misfit.at("row").whole(0) - 1;
            if (column.isEmpty() || row < 0 || row >= table.rows().size()) continue;
            rows.set(row, rows.get(row).with(column.getAsInt(), Entry.misfit(misfit.at("typed").text())));
        }
        return new Table(table.name(), table.columns(), rows, table.nextId());
    }

    private <T> Checked<T> problem(FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
