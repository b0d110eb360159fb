package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** Edits, and that each of them can be taken back and done again. */
class HistoryTest {
    private static final Table STANDS = Table.of("hives",
            List.of(new Column("hive_no", Type.TEXT), new Column("keeper_id", Type.INTEGER)), List.of());

    @Test
    void undoTakesEveryEditBackAndRedoDoesItAgain() {
        List<Edit> edits = List.of(new Edit.Arrange(Situation.EVERY_KEY_THE_SAME), new Edit.SetCell(Side.LEFT, 2, 2, Value.of(13)), new Edit.AddRow(Side.RIGHT),
                new Edit.DeleteRow(Side.LEFT, 0), new Edit.RenameTable(Side.RIGHT, "people"),
                new Edit.ChooseKind(JoinKind.FULL_OUTER), new Edit.Match(new KeyPair("hive", "village")),
                new Edit.Unmatch(new KeyPair("keeper_id", "keeper_id")),
                new Edit.TakeFromShelf(Side.RIGHT, "visits"), new Edit.DropFromShelf("grades"),
                new Edit.BringIn(Side.RIGHT, List.of(STANDS.named("visits"), STANDS.named("harvests"))),
                new Edit.ReplaceTable(Side.LEFT, STANDS));
        List<History> steps = new ArrayList<>(List.of(History.of(DemoLesson.lesson())));
        for (Edit edit : edits) steps.add(steps.getLast().after(edit).expect());

        History history = steps.getLast();
        for (int i = steps.size() - 2; i >= 0; i--) {
            history = history.undo();
            assertThat(history.lesson()).isEqualTo(steps.get(i).lesson()).isNotEqualTo(steps.get(i + 1).lesson());
        }
        assertThat(history.undo()).isSameAs(history);
        for (int i = 1; i < steps.size(); i++) {
            history = history.redo();
            assertThat(history.lesson()).isEqualTo(steps.get(i).lesson());
        }
    }

    @Test
    void tablesAndTheShelfChangePlacesAndNoNameIsThereTwice() {
        Lesson taken = new Edit.TakeFromShelf(Side.RIGHT, "harvests").applyTo(DemoLesson.lesson()).expect();
        assertThat(taken.right().name()).isEqualTo("harvests");
        assertThat(taken.on()).containsExactly(new KeyPair("hive_no", "hive_no"));
        assertThat(taken.shelf()).extracting(Table::name).containsExactly("keepers", "grades", "meadows", "visits");
        Lesson more = new Edit.BringIn(Side.LEFT, List.of(STANDS.named("keepers"), STANDS.named("visits"))).applyTo(taken).expect();
        assertThat(more.tables()).extracting(Table::name).doesNotHaveDuplicates().startsWith("keepers_2", "harvests").endsWith("visits_2");
        assertThat(new Edit.RenameTable(Side.LEFT, "Grades").applyTo(more).either(_ -> "", Problem::sentence))
                .isEqualTo("A table on the shelf is called Grades already: choose another name.");
    }

    @Test
    void aNewTableKeepsTheMatchedColumnsThatItHasAndGetsANameOfItsOwn() {
        Lesson lesson = new Edit.ReplaceTable(Side.RIGHT, STANDS).applyTo(DemoLesson.lesson()).expect();
        assertThat(lesson.right().name()).isEqualTo("hives_2");
        assertThat(lesson.on()).containsExactly(new KeyPair("keeper_id", "keeper_id"));
        assertThat(lesson.query().left().alias()).isNotEqualTo(lesson.query().right().alias());
        // hive_no is a number on one side and a text on the other: no proposal.
        assertThat(lesson.proposals()).isEmpty();
    }

    @Test
    void columnsThatCannotBeComparedAreRefusedWithTheReason() {
        assertThat(new Edit.Match(new KeyPair("hive_no", "village")).applyTo(DemoLesson.lesson()))
                .isEqualTo(Checked.invalid("hives.hive_no is integer and keepers.village is text, and SQL does not "
                        + "compare the two: match columns of one type."));
    }

    @Test
    void oneNameIsNotGivenToBothTables() {
        assertThat(new Edit.RenameTable(Side.LEFT, " Keepers").applyTo(DemoLesson.lesson()))
                .isInstanceOf(Checked.Invalid.class);
    }
}
