package lunko.desktop.show;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableRow;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.look.Look;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Row;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The mode in which tables are built: what is known before they are joined, and what can be done about it. */
@ExtendWith(ApplicationExtension.class)
class TablesModeTest {
    private ShowModel model;

    @Start
    void open(Stage stage) {
        Look.install();
        Screen screen = Screen.of(DemoLesson.lesson(), () -> stage, _ -> new SimpleObjectProperty<>(Duration.ZERO));
        model = screen.model();
        stage.setScene(screen.view().inScene(1280, 800));
        stage.show();
    }

    @Test
    void theKeyCheckFollowsWhatIsTyped(FxRobot robot) {
        robot.clickOn("#mode-tables");
        assertThat(texts(robot, ".finding")).startsWith("3 rows of hives have a partner", "11 is shared by 2 rows of hives")
                .contains("1 row of hives has no key at all", "No near-misses");
        assertThat(texts(robot, ".tile-rows")).containsExactly("3", "5", "5", "7", "20", "3", "2", "2", "2");

        robot.doubleClickOn(robot.lookup("#left-on-bench .table-row-cell").queryAll().stream().map(node -> (TableRow<?>) node)
                .filter(row -> row.getIndex() == 2).flatMap(row -> row.lookupAll(".table-cell").stream())
                .filter(node -> node instanceof TableCell<?, ?> cell && cell.getTableView().getColumns().indexOf(cell.getTableColumn()) == 3)
                .findFirst().orElseThrow());
        robot.eraseText(4).write("13").type(KeyCode.ENTER);
        assertThat(texts(robot, ".finding")).startsWith("4 rows of hives have a partner").doesNotContain("1 row of hives has no key at all");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(model.showing().get().lesson()).isEqualTo(DemoLesson.lesson());
        robot.push(KeyCode.F6);
        assertThat(model.mode().get()).isEqualTo(Mode.SHOW);
    }

    @Test
    void aSituationIsSetUpSaidAndTakenBack(FxRobot robot) {
        robot.clickOn("#mode-tables").clickOn("a left row without a partner");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(model.notice().get().orElseThrow().sentence())
                .isEqualTo("Row 6 of hives is new: nobody in keepers has the key 16.");
        assertThat(texts(robot, ".finding")).contains("2 rows of hives have no partner");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(model.showing().get().lesson()).isEqualTo(DemoLesson.lesson());
        robot.clickOn("a key spelt differently");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(model.notice().get().orElseThrow().sentence()).startsWith("A number cannot be spelt differently: match columns of text");
    }

    @Test
    void aNearMissIsMendedWithAClick(FxRobot robot) {
        robot.interact(() -> {
            model.edit(new Edit.Unmatch(new KeyPair("keeper_id", "keeper_id")));
            model.edit(new Edit.Match(new KeyPair("hive", "keeper")));
            model.edit(new Edit.SetCell(Side.LEFT, 0, 1, Value.of("oda")));
        });
        robot.clickOn("#mode-tables");
        assertThat(texts(robot, ".finding")).contains("'oda' is almost 'Oda'");
        robot.clickOn("Mend");
        assertThat(texts(robot, ".finding")).startsWith("1 row of hives has a partner").contains("No near-misses");
        robot.interact(() -> model.edit(new Edit.Unmatch(new KeyPair("hive", "keeper"))));
        assertThat(texts(robot, ".finding")).isEmpty();
        assertThat(texts(robot, ".key-check-content .about")).first().asString().startsWith("No columns are matched yet");
    }

    @Test
    void rowsAreShownBeforeTheyAreTakenAndTablesComeFromTheShelf(FxRobot robot) {
        robot.clickOn("#mode-tables").clickOn(robot.lookup("#left-on-bench .card-head .button").nth(1).<Node>query());
        robot.doubleClickOn("#recipe-rows").push(KeyCode.CONTROL, KeyCode.A).write("5").type(KeyCode.TAB);
        assertThat(texts(robot, ".recipe-head")).containsExactly("hive_no", "hive", "keeper_id");
        assertThat(texts(robot, ".recipe-cell")).hasSize(15).contains("Clover", "NULL");
        assertThat(model.showing().get().lesson()).isEqualTo(DemoLesson.lesson());
        robot.clickOn("Take these rows");
        assertThat(model.showing().get().lesson().left().rows()).hasSize(5);
        assertThat(model.history().get().past().orElseThrow().name()).isEqualTo("make 5 rows of hives");

        robot.clickOn(robot.lookup(".shelf-card .button").nth(1).<Node>query());
        assertThat(model.showing().get().lesson().right().name()).isEqualTo("harvests");
        assertThat(texts(robot, ".shelf-name")).containsExactly("keepers", "grades", "meadows", "visits");
    }

    @Test
    void aTableIsCopiedAndPasted(FxRobot robot) {
        robot.clickOn("#mode-tables").clickOn("#right-on-bench .table-row-cell");
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        robot.clickOn("#left-on-bench .table-row-cell").push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(model.showing().get().lesson().left().rows()).extracting(Row::values)
                .isEqualTo(DemoLesson.lesson().right().rows().stream().map(Row::values).toList());
        robot.interact(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString("| a | b |\n|---|--:|\n| x | 1 |");
            Clipboard.getSystemClipboard().setContent(content);
        });
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(model.showing().get().lesson().left().rows()).extracting(Row::values).containsExactly(List.of(Value.of("x"), Value.of(1)));
    }

    private static List<String> texts(FxRobot robot, String query) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup(query).queryAll().stream().map(node -> ((Label) node).getText()).toList();
    }
}
