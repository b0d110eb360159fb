package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** Views follow their queries, and nothing can be done that would leave one without what it reads. */
class ViewsTest {
    private static final View CARED = view("cared", "SELECT h.hive, h.keeper_id, k.keeper FROM hives h "
            + "JOIN keepers k ON k.keeper_id = h.keeper_id");
    private static final View COUNTED =
            view("counted", "SELECT c.keeper, COUNT(*) AS hives FROM cared c GROUP BY c.keeper");
    /** The second view reads the first, which comes after it. */
    private static final Lesson WITH = done(DemoLesson.lesson(), new TableEdit.KeepView(CARED)).with(
            new Views(List.of(COUNTED, CARED)));

    private static View view(String name, String sql) {
        return new View(name, WrittenQuery.of(sql));
    }

    private static Lesson done(Lesson lesson, Edit... edits) {
        History history = History.of(lesson);
        for (Edit edit : edits) history = history.after(edit).expect();
        return history.lesson();
    }

    private static Object refused(Lesson lesson, Edit edit) {
        return History.of(lesson).after(edit).either(_ -> "done", Problem::fault);
    }

    @Test
    void aViewFollowsEachEditAndACopyDoesNot() {
        Table copy = ResultCopy.of(WITH.find("cared").map(_ -> WrittenQuery.of("SELECT * FROM cared")
                .on(WITH.tables()).expect()).orElseThrow(), "copied");
        Lesson lesson = done(WITH, new TableEdit.KeepResult(copy));
        Lesson after = done(lesson, new RowEdit.Delete("keepers", 1, 1));
        assertThat(after.table("copied")).isEqualTo(lesson.table("copied"));
        assertThat(after.table("cared").rows()).hasSizeLessThan(lesson.table("cared").rows().size());
        assertThat(after.table("counted").rows()).extracting(row -> row.value(0).shown())
                .doesNotContain(DemoLesson.lesson().table("keepers").rows().get(1).value(1).shown());
        // What is left is the same as before, row by row, so that it can be told what went.
        assertThat(lesson.table("cared").rows()).extracting(Row::id)
                .containsAll(after.table("cared").rows().stream().map(Row::id).toList());
    }

    @Test
    void theSceneHasTheViewOfItsOwnTables() {
        Lesson two = done(WITH, new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(),
                new RowEdit.Delete("keepers", 1, 1));
        assertThat(two.table("cared")).isNotEqualTo(two.at(0).table("cared"));
        assertThat(two.at(0).table("cared")).isEqualTo(WITH.table("cared"));
        assertThat(done(two, new OwnTablesEdit.TakeIntoLesson()).at(0).table("cared")).isEqualTo(two.table("cared"));
    }

    @Test
    void itsRowsAndColumnsAreNotEdited() {
        for (Edit edit : List.<Edit>of(new CellEdit.Type("cared", 0, 0, "Fern"), new RowEdit.Insert("cared", 0),
                new ColumnEdit.Drop("cared", 0), new SceneEdit.MakeRows("cared", Recipe.usual(3)),
                new TableEdit.Replace("cared", TableSet.of(DemoLesson.lesson().table("grades")))))
            assertThat(refused(WITH, edit)).isEqualTo(new LessonFault.RowsOfView("cared"));
        Lesson shown = done(WITH, new SceneEdit.LookAt("hives", "cared"));
        assertThat(refused(shown, new SceneEdit.Arrange(Situation.PARENT_DELETED)))
                .isEqualTo(new LessonFault.RowsOfView("cared"));
    }

    @Test
    void whatAViewReadsStays() {
        for (Edit edit : List.of(new TableEdit.Drop("keepers"), new ColumnEdit.Drop("hives", 2),
                new ColumnEdit.Change("hives", 2, new Column("keeper_id", lunko.table.Type.DATE)),
                new TableEdit.KeepView(view("cared", "SELECT * FROM counted"))))
            assertThat(refused(WITH, edit)).isInstanceOf(LessonFault.ViewBroken.class);
        assertThat(refused(WITH, new TableEdit.Drop("cared"))).isInstanceOf(LessonFault.ViewBroken.class);
        assertThat(done(WITH, new TableEdit.Drop("counted"), new TableEdit.Drop("cared"),
                new TableEdit.Drop("keepers")).views()).isEqualTo(Views.NONE);
        // A scene's own tables must have it too.
        Lesson own = done(DemoLesson.lesson(), new ScenesEdit.Keep(SceneStart.PLAIN), new OwnTablesEdit.Begin(),
                new ColumnEdit.Drop("keepers", 2)).at(0);
        assertThat(refused(own, new TableEdit.KeepView(view("villages", "SELECT village FROM keepers"))))
                .isInstanceOf(LessonFault.ViewBroken.class);
        assertThat(refused(WITH, new TableEdit.KeepView(view("grades", "SELECT * FROM hives"))))
                .isEqualTo(new LessonFault.TableNameTaken("grades"));
        assertThat(refused(WITH, new TableEdit.KeepView(view("all", "SELECT a.hive FROM hives a, hives b, hives c, "
                + "hives d, hives e, hives f, hives g, hives h, hives i, hives j"))))
                .isEqualTo(new LessonFault.ViewTooLarge("all"));
    }

    @Test
    void newNamesAreFollowedThroughViews() {
        Lesson lesson = done(WITH, new SceneEdit.LookAt("cared", "keepers"),
                new LinkEdit.Match("cared", "keepers", new KeyPair("keeper_id", "keeper_id")),
                SceneEdit.Write.of("SELECT c.keeper_id FROM cared c JOIN counted d ON c.keeper = d.keeper"));
        List<List<Value>> rows = lesson.staged().result().expect().rows();
        Lesson renamed = done(lesson, new TableEdit.Rename("hives", "stands"), new TableEdit.Rename("cared", "kept"),
                new ColumnEdit.Change("stands", 2, lesson.table("hives").columns().get(2).named("who")),
                new ColumnEdit.Change("keepers", 1, lesson.table("keepers").columns().get(1).named("person")));
        assertThat(renamed.table("kept").columns()).extracting(Column::name).containsExactly("hive", "who", "person");
        assertThat(renamed.table("counted").columns()).extracting(Column::name).containsExactly("person", "hives");
        assertThat(renamed.staged().sql()).isEqualTo("SELECT c.who FROM kept c JOIN counted d ON c.person = d.person");
        assertThat(renamed.staged().result().expect().rows()).isEqualTo(rows);
        assertThat(renamed.link("kept", "keepers").orElseThrow().pairs())
                .containsExactly(new KeyPair("who", "keeper_id"));
    }

    @Test
    void aSceneBringsTheViewsThatItNeedsAndTheirTables() {
        Lesson from = done(WITH, SceneEdit.Write.of("SELECT * FROM counted"));
        Lesson empty = Lesson.begun();
        Lesson brought = done(empty, new ScenesEdit.BringIn(from, Set.of(0)));
        assertThat(brought.views().all()).containsExactlyInAnyOrder(COUNTED, CARED);
        assertThat(brought.staged().result()).isInstanceOf(Checked.Valid.class);
        assertThat(done(brought, new ScenesEdit.BringIn(from, Set.of(0))).views()).isEqualTo(brought.views());
        Lesson other = done(empty, new TableEdit.Rename("table_1", "cared"),
                new ScenesEdit.BringIn(from, Set.of(0)));
        assertThat(other.views().all()).extracting(View::name).containsExactlyInAnyOrder("counted", "cared_2");
        assertThat(other.staged().result().expect().rows()).isEqualTo(from.staged().result().expect().rows());
    }
}
