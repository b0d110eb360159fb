package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import lunko.Said;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.query.change.QueryChange;
import lunko.query.sql.Name;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.TypeSize;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Whatever is done to a lesson, one thing after another. */
class EditsProperties {
    private static final List<String> TYPED = List.of("NULL", "", "12", "13", "x", "2.5", "true", "2026-05-01", "'a'");
    private static final List<String> NAMES =
            List.of("hives", "no", "Keeper_ID", "order", "a b", "kg\"x", "column_1", "größe", " hive ");
    private static final List<String> QUERIES = List.of("SELECT * FROM hives h JOIN keepers k USING (keeper_id)",
            "SELECT h.hive, COUNT(*) FROM hives h, harvests v WHERE h.hive_no = v.hive_no GROUP BY h.hive ORDER BY 2",
            "SELECT keeper FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives)", "SELECT",
            "SELECT q.n FROM (SELECT hive AS n FROM hives WHERE mother_no IS NULL) AS q",
            "SELECT q.hive FROM (SELECT hive, keeper_id FROM hives) AS q JOIN keepers ON q.keeper_id = "
                    + "keepers.keeper_id",
            "SELECT h.hive, (SELECT SUM(kg) FROM harvests WHERE hive_no = h.hive_no) AS kg FROM hives h ORDER BY "
                    + "kg, hive",
            "SELECT hives.*, village FROM hives LEFT JOIN keepers ON hives.keeper_id = keepers.keeper_id ORDER BY "
                    + "keeper",
            "SELECT village, COUNT(*) FROM keepers GROUP BY village HAVING MIN(keeper) > 'A' ORDER BY MIN(keeper)",
            "SELECT DISTINCT village FROM keepers ORDER BY village",
            "SELECT hive AS keeper FROM hives UNION SELECT keeper FROM keepers ORDER BY keeper",
            "SELECT * FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id "
                    + "WHERE h.keeper_id IS NULL OR k.keeper_id IS NULL",
            "SELECT hive FROM hives WHERE EXISTS (SELECT * FROM keepers k WHERE k.keeper_id = hives.keeper_id)");

    private static final List<String> VIEWED = List.of("SELECT * FROM %s", "SELECT COUNT(*) AS all_of_them FROM %s",
            "SELECT t.*, k.keeper AS k FROM %s t CROSS JOIN keepers k");

    private static final List<String> ALIASES = List.of("x", "h", "k", "hives", "r", "order", "keepers");
    private static final List<String> CALLED = List.of(
            "SELECT h.hive, k.keeper FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id ORDER BY h.hive",
            "SELECT h.hive FROM hives h WHERE EXISTS (SELECT * FROM harvests r WHERE r.hive_no = h.hive_no AND r.kg "
                    + "> 3)",
            "SELECT h.hive FROM hives h WHERE h.hive_no IN (SELECT h.hive_no FROM harvests h WHERE h.kg > 3)",
            "SELECT h.hive, (SELECT MAX(r.kg) FROM harvests r WHERE r.hive_no = h.hive_no) FROM hives h",
            "SELECT k.village, COUNT(*) FROM keepers k, hives h WHERE h.keeper_id = k.keeper_id GROUP BY k.village "
                    + "HAVING COUNT(h.hive) > 1",
            "SELECT q.hive FROM (SELECT h.hive, h.keeper_id FROM hives h) AS q JOIN keepers k ON "
                    + "k.keeper_id = q.keeper_id AND CASE WHEN q.hive LIKE 'C%' THEN TRUE ELSE k.village IS NULL END",
            "SELECT h.*, keepers.keeper FROM hives h LEFT JOIN keepers ON keepers.keeper_id = h.keeper_id JOIN "
                    + "harvests r ON r.hive_no = h.hive_no WHERE NOT (r.kg BETWEEN 1 AND 3) AND "
                    + "COALESCE(keepers.keeper, "
                    + "'x') IN ('Oda', 'x')");

    @Property(tries = 200, edgeCases = EdgeCasesMode.NONE)
    void leaveItSoundAndCanAllBeUndone(@ForAll long seed) {
        Random random = new Random(seed);
        List<History> steps = new ArrayList<>(List.of(History.of(DemoLesson.lesson())));
        List<Lesson> made = new ArrayList<>(List.of(DemoLesson.lesson()));
        for (int i = 0; i < 30; i++) {
            if (random.nextInt(5) == 0) steps.add(steps.getLast().at(random.nextInt(4)));
            History before = steps.getLast();
            Edit edit = edit(before.lesson(), random);
            before.after(edit).handle(after -> {
                if (after == before) return;
                steps.add(after);
                made.add(after.lesson().at(0));
                assertThat(after.past().orElseThrow().name(Said.ENGLISH.edits())).as(edit.toString()).isNotBlank();
                SoundLesson.check(after.lesson());
                assertIsAsIfMadeAnew(after.lesson(), edit);
            }, problem -> assertThat(Said.fault(problem)).as(edit.toString()).endsWith("."));
        }
        History history = steps.getLast();
        for (Lesson lesson : made.reversed()) {
            assertThat(history.lesson().at(0)).isEqualTo(lesson);
            history = history.undo();
        }
        for (Lesson lesson : made) {
            assertThat(history.lesson().at(0)).isEqualTo(lesson);
            history = history.redo();
        }
    }

    /** What a lesson has found out before an edit does not live on after it. */
    private static void assertIsAsIfMadeAnew(Lesson lesson, Edit edit) {
        Lesson same = new Lesson(lesson.title(), lesson.shared(), lesson.sharedLinks(), lesson.layout(),
                lesson.scenes(), new Views(lesson.views().all().stream()
                        .map(view -> new View(view.name(), WrittenQuery.of(view.query().sql()))).toList()));
        assertThat(same).as(edit.toString()).isEqualTo(lesson);
        assertThat(same.tables()).as(edit.toString()).isEqualTo(lesson.tables());
        assertThat(shown(lesson)).as(edit.toString()).isEqualTo(shown(same));
    }

    private static Object shown(Lesson lesson) {
        return lesson.staged().result().<Object>either(stage -> List.copyOf(stage.rows()), Said::fault);
    }

    /**
     * A table or a column by another name is the same one: the queries of a lesson go on meaning what they meant, those
     * alone excepted that match columns by their names.
     */
    @Property(tries = 400, edgeCases = EdgeCasesMode.NONE)
    void namesCanBeChangedUnderAnyQuery(@ForAll long seed) {
        Random random = new Random(seed);
        Lesson lesson = SceneEdit.Write.of(any(QUERIES.subList(1, QUERIES.size()), random)).applyTo(DemoLesson.lesson())
                .expect();
        // By itself, or through a view of it.
        Optional<History> through = random.nextBoolean() ? Optional.empty()
                : new TableEdit.KeepView(new View("seen", lesson.staged().query())).applyTo(lesson)
                        .then(with -> History.of(with).after(SceneEdit.Write.of("SELECT s.* FROM seen AS s")))
                        .either(Optional::of, _ -> Optional.empty());
        if (through.isPresent()) lesson = through.get().lesson();
        Object before = shown(lesson);
        for (int i = 0; i < 4; i++) {
            Table table = any(lesson.tables(), random);
            int at = random.nextInt(table.columns().size());
            Edit edit = random.nextBoolean() ? new TableEdit.Rename(table.name(), any(NAMES, random))
                    : new ColumnEdit.Change(table.name(), at, table.columns().get(at).named(any(NAMES, random)));
            Lesson unchanged = lesson;
            lesson = History.of(lesson).after(edit).<Lesson>either(History::lesson, _ -> unchanged);
        }
        assertThat(shown(lesson)).as(lesson.views() + lesson.staged().sql()).isEqualTo(before);
    }

    /**
     * A table called otherwise within a query is the same table; within that, a name means the innermost of its kind.
     */
    @Property(tries = 300, edgeCases = EdgeCasesMode.NONE)
    void tablesCanBeCalledOtherwiseInAnyQuery(@ForAll long seed) {
        Random random = new Random(seed);
        Lesson lesson = SceneEdit.Write.of(any(CALLED, random)).applyTo(DemoLesson.lesson()).expect();
        Object before = shown(lesson);
        for (int i = 0; i < 3; i++) {
            Lesson unchanged = lesson;
            QueryChange call = new QueryChange.Call(random.nextInt(3), Name.of(any(ALIASES, random)));
            lesson = new SceneEdit.Reword(call).applyTo(lesson).<Lesson>either(changed -> changed, _ -> unchanged);
        }
        assertThat(shown(lesson)).as(lesson.staged().sql()).isEqualTo(before);
    }

    private static Column sized(Column column, Random random) {
        List<TypeSize> sizes = TypeSize.usual(column.type());
        return sizes.isEmpty() ? column : column.sized(any(sizes, random));
    }

    private static Edit edit(Lesson lesson, Random random) {
        Table table = any(lesson.tables(), random);
        String name = table.name();
        int columns = table.columns().size();
        int column = random.nextInt(columns);
        int rows = table.rows().size();
        return switch (random.nextInt(rows == 0 ? 28 : 35)) {
            case 0 -> new RowEdit.Append(name, column, any(TYPED, random));
            case 1 -> new RowEdit.Insert(name, random.nextInt(rows + 1));
            case 2 -> new CellEdit.Paste(name, random.nextInt(rows + 1), column,
                    List.of(List.of(any(TYPED, random), any(TYPED, random)), List.of(any(TYPED, random))));
            case 3 -> new ColumnEdit.Add(name, random.nextInt(columns + 1), Column.open("column_1"));
            case 4 -> new ColumnEdit.Change(name, column,
                    random.nextBoolean() ? table.columns().get(column).of(any(Type.values(), random))
                            : sized(table.columns().get(column), random));
            case 5 -> new ColumnEdit.Change(name, column, table.columns().get(column).named(any(NAMES, random)));
            case 6 -> new ColumnEdit.Repeat(name, column);
            case 7 -> new ColumnEdit.Move(name, column, random.nextInt(columns) - column);
            case 8 -> new ColumnEdit.Drop(name, column);
            case 9 -> random.nextBoolean() ? new TableEdit.Create() : new TableEdit.KeepView(new View(
                    any(NAMES, random), WrittenQuery.of(any(VIEWED, random).formatted("\"" + name + "\""))));
            case 10 -> new TableEdit.Rename(name, any(NAMES, random));
            case 11 -> new TableEdit.Drop(name);
            case 12 -> new TableEdit.Replace(name, TableSet.of(any(lesson.tables(), random)));
            case 13 -> new TableEdit.Fold(name, random.nextBoolean());
            case 14, 15 -> match(table, any(lesson.tables(), random), random);
            case 16 -> lesson.links().isEmpty() ? new TableEdit.Create()
                    : new LinkEdit.Drop(lesson.links().getFirst().left(), lesson.links().getFirst().right());
            case 17 -> new SceneEdit.ChooseKind(any(JoinKind.values(), random));
            case 18 -> SceneEdit.take(lesson, any(Side.values(), random), name);
            case 19 -> SceneEdit.Write.of(any(QUERIES, random));
            case 20 -> new SceneEdit.JoinNaturally(Optional.of(JoinKind.INNER));
            case 21 -> new SceneEdit.OpenLike(SceneStart.PLAIN.at(OptionalLong.of(random.nextInt(9))));
            case 22 -> new ScenesEdit.Keep(SceneStart.PLAIN);
            case 23 -> scenes(lesson, random);
            case 24 -> new ScenesEdit.BringIn(DemoLesson.lesson(), Set.of(0));
            case 25, 26 -> new OwnTablesEdit.Begin();
            case 27 -> any(List.of(new OwnTablesEdit.Drop(), new OwnTablesEdit.DropUnfit(),
                    new OwnTablesEdit.TakeIntoLesson()), random);
            case 28 -> new CellEdit.Type(name, any(table.rows(), random).id(), column, any(TYPED, random));
            case 29 -> new RowEdit.Repeat(name, random.nextInt(rows), rows - 1);
            case 30 -> new RowEdit.Move(name, 0, random.nextInt(rows), random.nextInt(3));
            case 31 -> new RowEdit.Delete(name, random.nextInt(rows), rows - 1);
            case 32 -> new CellEdit.Put(name, block(rows, column, random), any(TYPED, random));
            case 33 -> new CellEdit.FillDown(name, block(rows, column, random));
            default -> new SceneEdit.MakeRows(name, Recipe.usual(random.nextInt(6)));
        };
    }

    private static Edit scenes(Lesson lesson, Random random) {
        int all = lesson.scenes().size();
        Set<Integer> some = random.ints(0, all).limit(1 + random.nextInt(2)).boxed().collect(Collectors.toSet());
        return switch (random.nextInt(4)) {
            case 0 -> new ScenesEdit.Repeat(some);
            case 1 -> new ScenesEdit.Drop(some);
            case 2 -> new ScenesEdit.Rehearse(Map.of(random.nextInt(all), 90));
            default -> new ScenesEdit.Move(some, random.nextInt(all + 1));
        };
    }

    private static Block block(int rows, int column, Random random) {
        int first = random.nextInt(rows);
        return new Block(first, first + random.nextInt(rows - first), 0, column);
    }

    private static Edit match(Table left, Table right, Random random) {
        return new LinkEdit.Match(left.name(), right.name(),
                new KeyPair(any(left.columns(), random).name(), any(right.columns(), random).name()));
    }

    private static <T> T any(List<T> of, Random random) {
        return of.get(random.nextInt(of.size()));
    }

    private static <T> T any(T[] of, Random random) {
        return of[random.nextInt(of.length)];
    }
}
