package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import lunko.Said;
import lunko.insight.keys.KeyFaults;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** Edits, and that each of them can be taken back and done again. */
class HistoryTest {
    private static final Table STANDS = Table.of("hives",
            List.of(new Column("hive_no", Type.TEXT), new Column("keeper_id", Type.INTEGER)), List.of());
    private static final KeyPair KEEPER = new KeyPair("keeper_id", "keeper_id");
    private static final KeyPair NAMES = new KeyPair("hive", "village");
    private static final Lesson DEMO = DemoLesson.lesson();

    @Test
    void undoTakesEveryEditBackAndRedoDoesItAgain() {
        List<Edit> edits = List.of(new SceneEdit.Arrange(Situation.EVERY_KEY_THE_SAME),
                new CellEdit.Type("hives", 2, 2, "13"),
                new RowEdit.Append("keepers", 1, "Ula"), new RowEdit.Insert("hives", 1),
                new RowEdit.Repeat("hives", 0, 2), new RowEdit.Move("hives", 0, 1, 2),
                new RowEdit.Delete("hives", 0, 1), new CellEdit.Put("hives", new Block(0, 1, 0, 2), "NULL"),
                new CellEdit.FillDown("keepers", new Block(0, 2, 2, 2)),
                new CellEdit.Paste("keepers", 4, 2, List.of(List.of("a", "1"), List.of("b", "2"))),
                new ColumnEdit.Add("hives", 1, Column.open("note")),
                new ColumnEdit.Change("hives", 0, new Column("no", Type.TEXT)), new ColumnEdit.Repeat("keepers", 0),
                new ColumnEdit.Move("hives", 0, 2), new ColumnEdit.Drop("hives", 0),
                new TableEdit.Rename("keepers", "people"), new SceneEdit.ChooseKind(JoinKind.FULL_OUTER),
                new LinkEdit.Match("hives", "people", NAMES),
                new LinkEdit.Unmatch("hives", "people", KEEPER), new LinkEdit.Drop("visits", "hives"),
                SceneEdit.take(DEMO, Side.RIGHT, "visits"),
                new TableEdit.Drop("grades"), new TableEdit.Create(),
                new TableEdit.BringIn(TableSet.of(STANDS.named("visits"))),
                new TableEdit.Replace("hives", TableSet.of(List.of(STANDS, STANDS.named("harvests")))),
                new TableEdit.Place("hives", new Spot(3, 4)),
                new TableEdit.Fold("hives", true), new SceneEdit.MakeRows("visits", Recipe.usual(5)),
                new SceneEdit.Note("slowly"),
                new SceneEdit.OpenLike(SceneStart.PLAIN.at(OptionalLong.of(3))), new SceneEdit.Retitle("Bees"));
        List<History> steps = new ArrayList<>(List.of(History.of(DEMO)));
        for (Edit edit : edits) {
            steps.add(steps.getLast().after(edit).expect());
            assertThat(steps.getLast().past().orElseThrow().name(Said.ENGLISH.edits())).isNotBlank();
            SoundLesson.check(steps.getLast().lesson());
        }
        History history = steps.getLast();
        for (int i = steps.size() - 2; i >= 0; i--) {
            history = history.undo();
            assertThat(history.lesson()).isEqualTo(steps.get(i).lesson()).isNotEqualTo(steps.get(i + 1).lesson());
        }
        assertThat(history.undo()).isSameAs(history);
        // Something else done instead: what was undone is gone for good.
        History otherwise = steps.getLast().undo().after(new SceneEdit.Retitle("Otherwise")).expect();
        assertThat(otherwise.redo()).isSameAs(otherwise);
        assertThat(otherwise.undo().redo().lesson()).isEqualTo(otherwise.lesson());
        for (int i = 1; i < steps.size(); i++) {
            history = history.redo();
            assertThat(history.lesson()).isEqualTo(steps.get(i).lesson());
        }
    }

    @Test
    void toLookAtAnotherSceneIsNoChangeAndWhatWasUndoneCanStillBeDoneAgain() {
        History kept = History.of(DEMO).after(new ScenesEdit.Keep(SceneStart.PLAIN)).expect()
                .after(new SceneEdit.Entitle("After it")).expect();
        History looked = kept.undo().at(0);
        assertThat(looked.redo().lesson()).isEqualTo(kept.lesson());
        assertThat(looked.undo().lesson()).isEqualTo(DEMO);
        Lesson moved = new ScenesEdit.Move(java.util.Set.of(0), 2).applyTo(kept.lesson()).expect();
        assertThat(moved.scene()).isEqualTo(kept.lesson().scene());
        assertThat(moved.scenes().at()).isZero();
    }

    @Test
    void aBlockIsPastedWithTheRowsAndColumnsItNeedsAndWhatDoesNotFitIsKept() {
        Lesson pasted = new CellEdit.Paste("keepers", 3, 0,
                List.of(List.of("15", "Ula", "Ashholt", "2.5"), List.of("sixteen", "Jon"))).applyTo(DEMO).expect();
        Table keepers = pasted.staged().right();
        assertThat(keepers.columns()).extracting(Column::name).endsWith("column_4");
        assertThat(keepers.columns().getLast().type()).isEqualTo(Type.DECIMAL);
        assertThat(keepers.rows().get(3).values()).extracting(Value::shown).containsExactly("15", "Ula", "Ashholt",
                "2.5");
        assertThat(keepers.rows().get(4).entry(0)).isEqualTo(Entry.misfit("sixteen"));
        assertThat(keepers.rows().get(4).values()).extracting(Value::shown).containsExactly("NULL", "Jon", "NULL",
                "NULL");
        assertThat(new Block(3, 4, 0, 1).typed(keepers)).containsExactly(List.of("15", "Ula"),
                List.of("sixteen", "Jon"));
    }

    @Test
    void aNewColumnTakesItsTypeFromTheFirstValueTypedAndFromNoOther() {
        Lesson lesson = new TableEdit.Create().applyTo(DEMO).expect();
        for (String typed : List.of("NULL", "12", "x"))
            lesson = new RowEdit.Append("table", 0, typed).applyTo(lesson).expect();
        assertThat(lesson.table("table").columns().getFirst().type()).isEqualTo(Type.INTEGER);
        assertThat(lesson.table("table").rows()).extracting(row -> row.entry(0)).containsExactly(Entry.NULL,
                Entry.of(Value.of(12)), Entry.misfit("x"));
    }

    @Test
    void tablesComeAndGoAndNoNameIsThereTwice() {
        Lesson taken = SceneEdit.take(DEMO, Side.RIGHT, "harvests").applyTo(DEMO).expect();
        assertThat(taken.staged().on()).containsExactly(new KeyPair("hive_no", "hive_no"));
        assertThat(taken.title()).isEqualTo("Hives and keepers");
        assertThat(SceneEdit.take(taken, Side.LEFT, "harvests").applyTo(taken).expect().scene())
                .isEqualTo(taken.scene().of(taken.scene().pairing().of("harvests", "hives")));
        Lesson more =
                new TableEdit.Replace("hives", TableSet.of(List.of(STANDS.named("keepers"), STANDS.named("visits"))))
                        .applyTo(taken).expect();
        assertThat(more.tables()).extracting(Table::name).containsExactly("keepers_2", "keepers", "harvests", "grades",
                "meadows", "visits", "visits_2");
        assertThat(new TableEdit.Rename("keepers_2", "Grades").applyTo(more))
                .isEqualTo(Checked.invalid(new LessonFault.TableNameTaken("Grades")));
        Lesson last = DEMO;
        for (String name : List.of("hives", "keepers", "harvests", "grades", "visits"))
            last = new TableEdit.Drop(name).applyTo(last).expect();
        assertThat(last.scene()).isEqualTo(DEMO.scene().of(DEMO.scene().pairing().of("meadows", "meadows")));
        assertThat(new TableEdit.Drop("meadows").applyTo(last)).isInstanceOf(Checked.Invalid.class);
    }

    @Test
    void aTableInThePlaceOfAnotherKeepsTheLinksThatItCanAndGetsANameOfItsOwn() {
        Lesson lesson = new TableEdit.Replace("keepers", TableSet.of(STANDS)).applyTo(DEMO).expect();
        assertThat(lesson.staged().right().name()).isEqualTo("hives_2");
        assertThat(lesson.staged().on()).containsExactly(KEEPER);
        assertThat(lesson.staged().join().left().alias()).isNotEqualTo(lesson.staged().join().right().alias());
        // hive_no is a number on one side and a text on the other: no proposal.
        assertThat(lesson.staged().proposals()).isEmpty();
    }

    @Test
    void columnsThatCannotBeComparedAreLinkedAndTheQuerySaysWhyItCannotRun() {
        Lesson lesson =
                new LinkEdit.Match("hives", "keepers", new KeyPair("hive_no", "village")).applyTo(DEMO).expect();
        assertThat(lesson.staged().result().either(_ -> "", Problem::fault))
                .isInstanceOf(QueryFault.NotMatchable.class);
    }

    @Test
    void linksNobodyDrewAreProposedByNameAndByValues() {
        Lesson bare = new Lesson("", DEMO.tables(), List.of(), Layout.PLAIN, DEMO.scenes());
        assertThat(bare.proposedLinks()).contains(new Link("hives", "keepers", List.of(KEEPER)),
                new Link("hives", "hives", List.of(new KeyPair("mother_no", "hive_no"))),
                new Link("hives", "harvests", List.of(new KeyPair("hive_no", "hive_no"))))
                .noneMatch(link -> link.touches("grades"));
        assertThat(DEMO.proposedLinks()).noneMatch(link -> link.between("hives", "keepers").isPresent());
    }

    @Test
    void keysThatAreThereTwiceOrNullAreFound() {
        Table table = Table.of("t", List.of(new Column("k", Type.INTEGER).asKey()),
                List.of(List.of(Value.of(1)), List.of(Value.NULL), List.of(Value.of(2)), List.of(Value.of(1))));
        assertThat(KeyFaults.of(table).twice()).containsExactly(0, 3);
        assertThat(KeyFaults.of(table).missing()).containsOnlyKeys(1);
        assertThat(KeyFaults.of(DEMO.staged().left()).isNone()).isTrue();
    }
}
