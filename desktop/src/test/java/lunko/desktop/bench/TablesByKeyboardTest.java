package lunko.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.query.JoinKind;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Tables of one's own, from nothing, by keyboard. */
class TablesByKeyboardTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
        screen.lesson().mode().set(Mode.TABLES);
    }

    @Test
    void aTableIsMadeByTypingItsNameItsHeadingsAndItsRows(FxRobot robot) {
        robot.clickOn("New table").write("swarms").type(KeyCode.ENTER);
        robot.write("no").type(KeyCode.TAB).write("tree").type(KeyCode.ENTER);
        robot.write("1").type(KeyCode.TAB).write("Ash").type(KeyCode.ENTER).write("2").type(KeyCode.TAB).write("Elm")
                .type(KeyCode.ENTER);
        Table swarms = lesson().table("swarms");
        assertThat(swarms.columns()).containsExactly(new Column("no", Type.INTEGER), new Column("tree", Type.TEXT));
        assertThat(swarms.rows()).extracting(Row::values).containsExactly(List.of(Value.of(1), Value.of("Ash")),
                List.of(Value.of(2), Value.of("Elm")));
    }

    @ParameterizedTest
    @EnumSource(names = {"ENTER", "TAB", "ESCAPE"})
    void aHeadingThatIsOfferedGoesAgainIfNobodyNamesIt(KeyCode leaving, FxRobot robot) {
        robot.clickOn("New table").write("swarms").type(KeyCode.ENTER);
        robot.write("no").type(KeyCode.TAB).write("tree").type(KeyCode.TAB);
        assertThat(lesson().table("swarms").columns()).hasSize(3);
        robot.type(leaving);
        assertThat(lesson().table("swarms").columns()).extracting(Column::name).containsExactly("no", "tree");
        robot.write("1").type(KeyCode.ENTER);
        assertThat(lesson().table("swarms").rows()).extracting(Row::values)
                .containsExactly(List.of(Value.of(1), Value.NULL));
        robot.interact(screen.lesson()::undo).interact(screen.lesson()::undo);
        assertThat(lesson().table("swarms").columns()).as("what was not made is not undone").last()
                .extracting(Column::name).isNotEqualTo("tree");
    }

    @Test
    void aLessonIsBegunByKeyboardAloneAndItsFirstLinkIsWhatIsShown(FxRobot robot) {
        robot.clickOn("#lesson-menu").clickOn("New lesson");
        robot.write("boats").type(KeyCode.TAB).write("boat_no").type(KeyCode.TAB).write("boat").type(KeyCode.ENTER);
        robot.write("1").type(KeyCode.TAB).write("Wren").type(KeyCode.ENTER);
        // From the row that nothing is typed into, on to the table that is still empty.
        robot.type(KeyCode.ENTER).write("trips").type(KeyCode.TAB).write("boat_no").type(KeyCode.ENTER);
        assertThat(lesson().proposedLinks()).isEmpty();
        robot.write("1").type(KeyCode.ENTER);
        assertThat(lesson().tables()).extracting(Table::name).containsExactly("boats", "trips");
        assertThat(lesson().title()).isEqualTo("boats, trips");
        assertThat(lesson().table("boats").columns()).extracting(Column::name).containsExactly("boat_no", "boat");
        robot.clickOn("Link").push(KeyCode.F6);
        assertThat(screen.model().showing().get().outcome().orElseThrow().size()).isEqualTo(1);
        // Nothing that was clicked, and is gone, has left the keyboard in the title.
        robot.push(KeyCode.DIGIT2);
        assertThat(lesson().scene().kind()).isEqualTo(JoinKind.LEFT_OUTER);
        assertThat(lesson().title()).isEqualTo("boats, trips");
    }
}
