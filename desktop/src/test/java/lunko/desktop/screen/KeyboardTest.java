package lunko.desktop.screen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.lesson.RowEdit;
import lunko.query.JoinKind;
import lunko.table.Column;
import lunko.table.Table;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Where the keyboard is, and what it does there. */
class KeyboardTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void theListOfKeysFitsIsSearchedAndGoesWithEscape(FxRobot robot) {
        robot.push(KeyCode.F1);
        Node list = robot.lookup(".key-list").query();
        Bounds at = list.localToScene(list.getLayoutBounds());
        assertThat(at.getMinY()).isNotNegative();
        assertThat(at.getMaxY()).isLessThanOrEqualTo(800);
        robot.write("semi");
        assertThat(robot.lookup(".key-list .key").queryAll()).hasSize(2);
        robot.write(" zz");
        assertThat(robot.lookup(".key-list .key").queryAll()).isEmpty();
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup(".key-list").match(node -> node.getParent().isVisible()).queryAll()).isEmpty();
        robot.push(KeyCode.DIGIT4);
        assertThat(model.showing().get().lesson().scene().kind()).isEqualTo(JoinKind.FULL_OUTER);
    }

    @Test
    void whatAsksKeepsTheKeyboardUntilItIsAnswered(FxRobot robot) {
        robot.push(KeyCode.S);
        String before = area(robot).getText();
        // Keys of the query, of kinds and of the page do nothing behind it, and nothing is typed there.
        robot.push(KeyCode.Q).write("x").push(KeyCode.DIGIT4).push(KeyCode.F6).push(KeyCode.TAB).push(KeyCode.TAB)
                .push(KeyCode.TAB).push(KeyCode.TAB).write("y");
        assertThat(area(robot).getText()).isEqualTo(before);
        assertThat(model.lesson().mode().get()).isEqualTo(Mode.SHOW);
        assertThat(robot.lookup("#join-self").tryQuery()).isPresent();
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup("#join-self").tryQuery()).isEmpty();
        robot.push(KeyCode.DIGIT4);
        assertThat(model.showing().get().lesson().scene().kind()).isEqualTo(JoinKind.FULL_OUTER);
    }

    @Test
    void aNewLessonIsTypedAtOnceThoughNobodyHasSeenItsTables(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        robot.write("weirs").push(KeyCode.TAB).write("no").push(KeyCode.ENTER).write("1").push(KeyCode.ENTER);
        Table left = model.lesson().lesson().get().tables().getFirst();
        assertThat(left.name()).isEqualTo("weirs");
        assertThat(left.columns()).extracting(Column::name).containsExactly("no");
        assertThat(left.rows()).hasSize(1);
    }

    @Test
    void aLetterThatIsTypedIntoATableDoesNothingElse(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        robot.write("weirs").push(KeyCode.TAB).write("no").push(KeyCode.TAB).write("name").push(KeyCode.ENTER);
        robot.write("1").push(KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        // Keys that stand in menus, too.
        robot.push(KeyCode.U).push(KeyCode.K).push(KeyCode.G);
        assertThat(model.lesson().mode().get()).isEqualTo(Mode.TABLES);
        robot.write("upper").push(KeyCode.ENTER);
        assertThat(model.lesson().lesson().get().tables().getFirst().rows()).singleElement()
                .satisfies(row -> assertThat(row.value(1).shown()).endsWith("upper"));
    }

    @Test
    void aSheetIsSeenWhereverItIsOpenedAndGoesWithEscapeWhereverTheKeyboardIs(FxRobot robot) {
        robot.push(KeyCode.F6).push(KeyCode.R);
        assertThat(model.lesson().mode().get()).isEqualTo(Mode.SHOW);
        assertThat(screen.view().query().sheet().getValue()).isPresent();
        robot.clickOn(".why-line").push(KeyCode.ESCAPE);
        assertThat(screen.view().query().sheet().getValue()).isEmpty();
    }

    /** Space plays and a figure chooses a kind, whatever was clicked last. */
    @Test
    void whatIsClickedInTheShowDoesNotTakeTheKeyboard(FxRobot robot) {
        for (String clicked : List.of("Pair grid", "Venn diagram", "#kind-inner", "only pairs")) {
            robot.clickOn(clicked);
            robot.push(KeyCode.SPACE);
            assertThat(screen.player().playing().get()).as(clicked).isTrue();
            robot.push(KeyCode.SPACE).push(KeyCode.DIGIT2);
            assertThat(screen.player().playing().get()).isFalse();
            assertThat(model.showing().get().lesson().scene().kind()).isEqualTo(JoinKind.LEFT_OUTER);
        }
        // A click on the stage leaves the text that was being written.
        String title = model.lesson().lesson().get().title();
        robot.clickOn(".lesson-title").clickOn(".why-line").push(KeyCode.DIGIT1);
        assertThat(model.showing().get().lesson().scene().kind()).isEqualTo(JoinKind.INNER);
        assertThat(model.lesson().lesson().get().title()).isEqualTo(title);
    }

    @Test
    void inATableWithoutRowsEnterDoesNothing(FxRobot robot) throws Throwable {
        robot.interact(() -> model.lesson().edit(new RowEdit.Delete("hives", 0, 4)));
        robot.interact(() -> robot.lookup("#left-table .grid-table").<TableView<?>>queryAll().stream()
                .filter(OpenWindow::isSeen).findFirst().orElseThrow().requestFocus());
        robot.push(KeyCode.ENTER).push(KeyCode.DOWN).push(KeyCode.TAB);
        assertThat(model.lesson().lesson().get().table("hives").rows()).isEmpty();
        WaitForAsyncUtils.checkException();
    }

    @Test
    void aQueryThatCannotRunIsSaidToBeSoAndTakenBackByUndoFirst(FxRobot robot) throws Exception {
        robot.push(KeyCode.DIGIT1);
        String ran = model.showing().get().lesson().staged().sql();
        robot.push(KeyCode.Q).push(KeyCode.CONTROL, KeyCode.A).write("SELECT * FROM hive");
        until(() -> model.stale().get());
        robot.clickOn(".why-line");
        String said = robot.lookup("#why").query().getAccessibleText();
        assertThat(said).startsWith("The query above cannot run");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(model.stale().get()).isFalse();
        assertThat(robot.lookup("#query-text").<StyleClassedTextArea>query().getText()).isEqualTo(ran);
        assertThat(model.showing().get().lesson().scene().kind()).isEqualTo(JoinKind.INNER);
        assertThat(robot.lookup("#why").query().getAccessibleText()).isNotEqualTo(said);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(model.showing().get().lesson().scene().kind()).isEqualTo(JoinKind.LEFT_OUTER);
    }
}
