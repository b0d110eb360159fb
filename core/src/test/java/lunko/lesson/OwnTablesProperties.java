package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import lunko.Said;
import lunko.lesson.own.OwnTables;
import lunko.lesson.own.TableChange;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** A scene's own state of the tables: kept as what differs, and given back as it was. */
class OwnTablesProperties {
    private static final Lesson DEMO = DemoLesson.lesson();

    /** Whatever is done to a table, what differs makes it of the lesson's, and is nothing where nothing differs. */
    @Property(tries = 500, edgeCases = EdgeCasesMode.NONE)
    void whatDiffersIsEnough(@ForAll long seed) {
        Random random = new Random(seed);
        OwnTables own = OwnTables.SAME;
        for (int i = 0; i < 8; i++) {
            Table now = changed(own.on(DEMO.shared()).get(random.nextInt(2)), random);
            own = own.becoming(DEMO.shared(), now, 0);
            assertThat(own.unfit(DEMO.shared())).isEmpty();
            Table again = own.on(DEMO.shared()).stream().filter(table -> table.name().equals(now.name())).findFirst()
                    .orElseThrow();
            assertThat(told(again)).isEqualTo(told(now));
        }
        for (Table table : DEMO.shared()) own = own.becoming(DEMO.shared(), table, 0);
        assertThat(own).isEqualTo(OwnTables.SAME);
    }

    private static Object told(Table table) {
        return List.of(table.columns(), table.rows().stream().map(Row::entries).toList());
    }

    private static Table changed(Table table, Random random) {
        int rows = table.rows().size();
        int columns = table.columns().size();
        int column = random.nextInt(columns);
        return switch (random.nextInt(rows == 0 ? 5 : 9)) {
            case 0 -> table.inserting(random.nextInt(rows + 1), List.of(table.blank()));
            // A table has no two columns of one name.
            case 1 -> table.insertingColumn(random.nextInt(columns + 1),
                    new Column("n" + random.nextInt(Integer.MAX_VALUE), Type.DECIMAL));
            case 2 -> columns == 1 ? table : table.minusColumn(column);
            case 3 -> table.movingColumn(column, random.nextInt(columns) - column);
            case 4 -> table.withColumn(column, random.nextBoolean()
                    ? table.columns().get(column).of(Type.values()[random.nextInt(5)])
                    : table.columns().get(column).sized(new TypeSize.Characters(1 + random.nextInt(3))));
            case 5 -> table.minusRows(random.nextInt(rows), rows - 1);
            case 6 -> table.movingRows(0, random.nextInt(rows), random.nextInt(rows));
            default -> table.changing(Block.cell(random.nextInt(rows), column), (_, at, _) -> random.nextBoolean()
                    ? Entry.NULL : table.columns().get(at).entry("1" + random.nextInt(3)));
        };
    }

    @Example
    void theFirstEditStaysInItsScene() {
        Lesson lesson = done(DEMO, new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(),
                new RowEdit.Delete("keepers", 1, 1), cell("hives", 0, 2, "12"));
        assertThat(lesson.shared()).isEqualTo(DEMO.tables());
        assertThat(lesson.at(0).tables()).isEqualTo(DEMO.tables());
        assertThat(lesson.scene().own().orElseThrow().changes()).hasOnlyElementsOfTypes(TableChange.RowGone.class,
                TableChange.CellOther.class).hasSize(2);
        assertThat(lesson.staged().result().expect().rows()).hasSize(5);
        assertThat(done(lesson, new OwnTablesEdit.Drop()).tables()).isEqualTo(DEMO.tables());
        Lesson taken = done(lesson, new OwnTablesEdit.TakeIntoLesson());
        assertThat(taken.at(0).tables()).isEqualTo(lesson.tables());
        assertThat(taken.scene().own()).isEmpty();
    }

    @Example
    void whatDoesNotFitAnyMoreIsKeptUntilSomebodyDecides() {
        Lesson own = done(DEMO, new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(),
                cell("hives", 0, 2, "NULL"), cell("hives", 1, 2, "NULL"));
        Lesson changed = done(own.at(0), cell("hives", 0, 2, "13")).at(1);
        assertThat(changed.scene().own().orElseThrow().unfit(changed.shared())).hasSize(1);
        assertThat(changed.table("hives").rows().get(0).value(2)).isEqualTo(Value.of(13));
        assertThat(changed.table("hives").rows().get(1).value(2)).isEqualTo(Value.NULL);
        // An edit elsewhere does not lose it, and what it waits for brings it back.
        Lesson more = done(changed, cell("hives", 2, 2, "14"));
        assertThat(more.scene().own().orElseThrow().unfit(more.shared())).hasSize(1);
        Lesson back = done(more.at(0), cell("hives", 0, 2, "11")).at(1);
        assertThat(back.table("hives").rows().get(0).value(2)).isEqualTo(Value.NULL);
        assertThat(done(more, new OwnTablesEdit.DropUnfit()).scene().own().orElseThrow().changes()).hasSize(2);
    }

    @Example
    void namesGoWithTheTablesOfEveryScene() {
        Lesson own = done(DEMO, new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(),
                cell("hives", 0, 2, "NULL"), new ColumnEdit.Add("hives", 4, new Column("since", Type.DATE)));
        Lesson renamed = done(own.at(0), new TableEdit.Rename("hives", "stands"),
                new ColumnEdit.Change("stands", 2, DEMO.table("hives").columns().get(2).named("keeper"))).at(1);
        assertThat(renamed.table("stands").rows().get(0).value(2)).isEqualTo(Value.NULL);
        assertThat(renamed.table("stands").columns()).extracting(Column::name).contains("keeper", "since");
        // A name that only another scene knows is taken as well.
        assertThat(new ColumnEdit.Change("stands", 3, renamed.table("stands").columns().get(3).named("since"))
                .applyTo(renamed.at(0)).either(_ -> "", Said::fault)).contains("another scene");
    }

    /** What a scene has of its own is never too large for its column, however small the lesson makes that. */
    @Example
    void aColumnIsAsLargeAsTheScenesOwnValuesWant() {
        String longer = "a name that no other hive has";
        Lesson own = done(DEMO, new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(),
                cell("hives", 0, 1, longer));
        Column small = DEMO.table("hives").columns().get(1).sized(new TypeSize.Characters(20));
        Lesson sized = done(own.at(0), new ColumnEdit.Change("hives", 1, small));
        assertThat(sized.table("hives").columns().get(1)).isEqualTo(small);
        assertThat(sized.at(1).table("hives").rows().getFirst().value(1)).isEqualTo(Value.of(longer));
        assertThat(sized.at(1).table("hives").columns().get(1).size()).isEqualTo(new TypeSize.Any());
    }

    /** Scenes brought in from another lesson show what they showed there, whatever the tables here are called. */
    @Example
    void scenesAreBroughtInWithWhatTheyNeed() {
        Lesson from = done(DEMO, SceneEdit.Write.of("SELECT * FROM hives h JOIN harvests r ON h.hive_no = r.hive_no"),
                new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(), cell("harvests", 0, 2, "9"),
                new SceneEdit.Entitle("Heavier"));
        Lesson other = done(DEMO, cell("harvests", 0, 0, "4"), new TableEdit.Drop("hives"));
        Lesson brought = done(other, new ScenesEdit.BringIn(from, Set.of(1)));
        assertThat(brought.scene().telling().title()).isEqualTo("Heavier");
        assertThat(brought.tables()).extracting(Table::name).contains("hives", "harvests_2");
        assertThat(brought.staged().result().expect().rows()).isEqualTo(from.staged().result().expect().rows());
        assertThat(brought.link("hives", "harvests_2")).isPresent();
        Lesson same = done(DEMO, new ScenesEdit.BringIn(from, Set.of(1)));
        assertThat(same.shared()).isEqualTo(DEMO.shared());
        assertThat(same.scene().own()).isEqualTo(Optional.of(from.scene().own().orElseThrow()));
    }

    /** Rows that two scenes have of their own are never taken for one, be they made here or brought in. */
    @Example
    void rowsOfTwoScenesAreTwo() {
        Lesson two = done(DEMO, new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(),
                new RowEdit.Append("hives", 1, "Mallow"), new ScenesEdit.Keep(SceneStart.PLAIN),
                new OwnTablesEdit.Drop(), new OwnTablesEdit.Begin(), new RowEdit.Append("hives", 1, "Thyme"));
        Lesson brought = done(two, new ScenesEdit.BringIn(two, Set.of(1)));
        assertThat(List.of(two.at(1), two, brought)).extracting(lesson -> lesson.table("hives").rows().getLast().id())
                .doesNotHaveDuplicates().allMatch(id -> id < 0);
        assertThat(brought.table("hives").rows().getLast().value(1)).isEqualTo(Value.of("Mallow"));
    }

    private static CellEdit cell(String table, int row, int column, String typed) {
        return new CellEdit.Put(table, Block.cell(row, column), typed);
    }

    private static Lesson done(Lesson lesson, Edit... edits) {
        Lesson after = lesson;
        for (Edit edit : edits) after = edit.applyTo(after).expect();
        return after;
    }
}
