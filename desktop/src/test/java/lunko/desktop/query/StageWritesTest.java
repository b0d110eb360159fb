package lunko.desktop.query;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.Window;
import lunko.desktop.OpenWindow;
import lunko.lesson.DemoLesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.query.Side;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What is done with a column on the stage writes the text of the query. */
class StageWritesTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void aColumnIsHiddenFilteredSortedByAndJoinedFurther(FxRobot robot) throws Exception {
        choose(robot, source("village, text"), "Select k.village");
        String few = "SELECT h.hive_no, h.hive, h.keeper_id, h.mother_no, k.keeper_id, k.keeper"
                + PLAIN.substring("SELECT *".length());
        assertText(robot, few);
        // The stage of the chosen columns and the result as a whole have the same menu.
        robot.interact(() -> model.goTo(model.showing().get().last()));
        choose(robot, result("keeper"), "Sort the result by k.keeper", "largest first");
        assertText(robot, few + " ORDER BY k.keeper DESC");
        robot.interact(() -> model.goTo(0));
        choose(robot, source("village, text"), "Only rows where", "k.village = 'Reedmere'");
        assertText(robot, few + " WHERE k.village = 'Reedmere' ORDER BY k.keeper DESC");
        // WHERE takes away what the left join keeps: that is said of a condition that nobody has typed as well.
        until(() -> robot.lookup(".query-doubt").tryQuery().isPresent());
        choose(robot, source("village, text"), "Join another table by k.village", "meadows", "meadow");
        assertThat(model.lesson().lesson().get().staged().sql())
                .contains(" INNER JOIN meadows m ON k.village = m.meadow WHERE");
        for (int i = 0; i < 4; i++) robot.interact(() -> model.lesson().undo());
        assertThat(model.lesson().lesson().get()).isEqualTo(DemoLesson.lesson());
        until(() -> robot.lookup(".query-doubt").tryQuery().isEmpty());
        assertThat(model.lesson().history().get().future()).isPresent();
    }

    @Test
    void ofSeveralQueriesTheOneThatIsShownStays(FxRobot robot) throws Exception {
        robot.interact(() -> model.lesson()
                .edit(new SceneEdit.Write(Optional.of(new WrittenQuery("SELECT * FROM hives; " + PLAIN, 1)))));
        choose(robot, source("village, text"), "Only rows where", "k.village IS NULL");
        assertText(robot, "SELECT * FROM hives; " + PLAIN + " WHERE k.village IS NULL");
        until(() -> area(robot).getText().endsWith("IS NULL"));
        assertThat(model.lesson().lesson().get().staged().query().number()).isEqualTo(1);
    }

    @Test
    void aValueOfTheStageIsAConditionOfTheQuery(FxRobot robot) {
        Node value = robot.lookup("#right-table .table-cell .label")
                .<Label>match(label -> label.getText().equals("Reedmere")).query();
        choose(robot, value, "Only rows where k.village = 'Reedmere'");
        assertText(robot, PLAIN + " WHERE k.village = 'Reedmere'");
    }

    @Test
    void inAChainAColumnIsDraggedOntoOneOfWhatWasJoinedBefore(FxRobot robot) {
        robot.interact(() -> model.lesson().edit(SceneEdit.Write.of(PLAIN + " CROSS JOIN visits v")));
        robot.interact(() -> {
            model.goTo(0);
            while (model.joinAtHand() == 0) model.goTo(model.showing().get().number() + 1);
            // A cross join asks for no column, and there is not room for all of them.
            model.opened(Side.LEFT).set(Set.of(4));
        });
        Node left = robot.lookup("#left-table .result-heading")
                .<Label>match(label -> label.getText().equals("k.keeper_id")).query();
        robot.drag(
                robot.lookup("#right-table .column-heading")
                        .match(node -> node.getAccessibleText().startsWith("keeper_id")).<Node>query(),
                MouseButton.PRIMARY).dropTo(left);
        assertText(robot, PLAIN + " INNER JOIN visits v ON k.keeper_id = v.keeper_id");
    }

    private static Node source(String said) {
        return new FxRobot().lookup(".column-heading").match(node -> node.getAccessibleText().startsWith(said)).query();
    }

    private static Node result(String heading) {
        return new FxRobot().lookup(".result-heading")
                .<Label>match(label -> label.getText().equals(heading) && label.getScene() != null && isSeen(label))
                .query();
    }

    /** Opens the menu of a heading or a cell, and takes what it says at the end of a path. */
    private static void choose(FxRobot robot, Node at, String... path) {
        robot.clickOn(at, MouseButton.SECONDARY);
        robot.interact(() -> {
            ContextMenu menu = Window.getWindows().stream().filter(ContextMenu.class::isInstance)
                    .map(ContextMenu.class::cast).filter(Window::isShowing).findFirst().orElseThrow();
            List<MenuItem> items = menu.getItems();
            MenuItem chosen = null;
            for (String text : path) {
                chosen = items.stream().filter(item -> text.equals(item.getText())).findFirst()
                        .orElseThrow(() -> new AssertionError(text));
                items = chosen instanceof Menu more ? more.getItems() : List.of();
            }
            menu.hide();
            chosen.fire();
        });
    }

    private void assertText(FxRobot robot, String sql) {
        assertThat(model.lesson().lesson().get().staged().sql()).isEqualTo(sql);
        assertThat(area(robot).getText()).isEqualTo(sql);
        assertThat(model.showing().get().obstacle()).isEmpty();
    }
}
