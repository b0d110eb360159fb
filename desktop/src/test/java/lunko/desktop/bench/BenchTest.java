package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TableCell;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.desktop.lesson.Notice;
import lunko.insight.keys.KeyCheck;
import lunko.insight.keys.KeyFinding;
import lunko.lesson.CellEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.TableEdit;
import lunko.lesson.TableSet;
import lunko.lesson.View;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.query.KeyPair;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * The bench, driven as a person drives it: tables are built, and what is known of them is said before they are joined.
 */
class BenchTest extends OpenWindow {
    private static final Lesson DEMO = DemoLesson.lesson();
    private static final KeyPair KEEPER = new KeyPair("keeper_id", "keeper_id");

    @Start
    void start(Stage stage) {
        open(stage);
        screen.lesson().mode().set(Mode.TABLES);
    }

    @Test
    void theKeyCheckFollowsWhatIsTyped(FxRobot robot) {
        assertThat(check().tally().pairs()).isEqualTo(3);
        assertThat(texts(robot, ".finding")).isEqualTo(found());
        assertThat(texts(robot, ".key-check .tile-rows")).containsExactly("3", "5", "5", "7", "20", "3", "2", "2", "2",
                "4");
        robot.doubleClickOn(cell(robot, "hives", 2, 2));
        robot.eraseText(4).write("13").type(KeyCode.ENTER);
        assertThat(check().tally().pairs()).isEqualTo(4);
        assertThat(texts(robot, ".finding")).isEqualTo(found());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(lesson()).isEqualTo(DEMO);
        robot.push(KeyCode.F6);
        assertThat(screen.lesson().mode().get()).isEqualTo(Mode.SHOW);
        assertThat(screen.model().showing().get().lesson()).isEqualTo(DEMO);
    }

    /** The check of the keys by which the pair at hand is matched. */
    private KeyCheck check() {
        return KeyCheck.of(lesson().staged().left(), lesson().staged().right(), lesson().staged().on());
    }

    /** What it finds, in the words of the window. */
    private List<String> found() {
        return KeyFinding.of(check(), lesson().staged().on()).stream()
                .map(finding -> finding.headline().in(words().keys())).toList();
    }

    @Test
    void twoTablesThatAreLinkedWhileNothingIsShownAreWhatIsShown(FxRobot robot) {
        robot.interact(() -> {
            screen.lesson().open(Lesson.begun());
            screen.lesson()
                    .edit(new TableEdit.BringIn(TableSet.of(List.of(DEMO.table("hives"), DEMO.table("keepers")))));
            screen.lesson().edit(new LinkEdit.Match("hives", "keepers", new KeyPair("keeper_id", "keeper_id")));
        });
        assertThat(lesson().scene().left()).isEqualTo("hives");
        assertThat(lesson().scene().right()).isEqualTo("keepers");
        // What is shown stays, whatever is linked beside it.
        robot.interact(() -> {
            screen.lesson().edit(new TableEdit.BringIn(TableSet.of(DEMO.table("harvests"))));
            screen.lesson().edit(new LinkEdit.Match("hives", "harvests", new KeyPair("hive_no", "hive_no")));
        });
        assertThat(lesson().scene().right()).isEqualTo("keepers");
    }

    /** A view is kept of the result, follows an edit, and says so where somebody types into it. */
    @Test
    void aResultThatIsKeptAsAViewFollowsItsQuery(FxRobot robot) {
        robot.push(KeyCode.F6);
        robot.clickOn("#result-menu").clickOn("Keep the result as a view").push(KeyCode.F6).push(KeyCode.F6);
        assertThat(lesson().table("result").rows()).hasSize(5);
        robot.interact(() -> screen.lesson().edit(new TableEdit.Fold("hives", true)));
        assertThat(isSeen(robot.lookup("#card-result").lookup(".view-sign").query())).isTrue();
        assertThat(isSeen(robot.lookup("#card-keepers").lookup(".view-sign").query())).isFalse();
        robot.interact(() -> screen.lesson().edit(new CellEdit.Put("hives", Block.cell(1, 2), "11")));
        assertThat(lesson().table("result").rows().get(1).value(5)).isEqualTo(Value.of("Oda"));
        robot.clickOn(cell(robot, "result", 0, 1)).type(KeyCode.F2);
        assertThat(screen.lesson().notice().get().orElseThrow()).isEqualTo(
                new Notice.Failure(Problem.of(new LessonFault.RowsOfView("result"))));
        robot.clickOn(robot.lookup("#card-result").lookup(".more").queryButton()).clickOn("Show its query");
        assertThat(screen.lesson().mode().get()).isEqualTo(Mode.SHOW);
        assertThat(lesson().scene().written()).isEqualTo(lesson().views().find("result").map(View::query));
    }

    @Test
    void aLinkThatIsProposedIsDrawnAndTakenByKeyOrWithAClick(FxRobot robot) {
        robot.interact(() -> screen.lesson().edit(new LinkEdit.Drop("hives", "keepers")));
        for (Runnable take : List.<Runnable>of(() -> robot.push(KeyCode.CONTROL, KeyCode.J),
                () -> robot.clickOn(".key-many.proposed"))) {
            robot.interact(() -> {
                for (String other : List.of("visits", "harvests"))
                    screen.lesson().edit(new LinkEdit.Drop("hives", other));
                screen.lesson().edit(new LinkEdit.Drop("hives", "hives"));
            });
            assertThat(robot.lookup(".key-many.proposed").queryAll()).isNotEmpty();
            take.run();
            assertThat(lesson().staged().on()).containsExactly(KEEPER);
            robot.interact(() -> screen.lesson().edit(new LinkEdit.Drop("hives", "keepers")));
        }
    }

    @Test
    void whatALinkSaysStandsOverNoCardAndACardThatComesIsToBeSeen(FxRobot robot) {
        List<Node> cards = List.copyOf(robot.lookup(".bench-card").queryAll());
        for (Node label : robot.lookup(".key-many").queryAll())
            assertThat(cards).noneMatch(card -> card.getBoundsInParent().intersects(label.getBoundsInParent()));
        robot.interact(() -> {
            for (int i = 0; i < 6; i++)
                screen.lesson().edit(new TableEdit.BringIn(TableSet.of(DEMO.table("harvests"))));
        });
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(
                () -> screen.lesson().edit(new TableEdit.BringIn(TableSet.of(DEMO.table("harvests").named("last")))));
        WaitForAsyncUtils.waitForFxEvents();
        Bounds view = robot.lookup(".bench-scroll").query().localToScene(
                robot.lookup(".bench-scroll").query().getLayoutBounds());
        Bounds last = robot.lookup("#card-last").query().localToScene(
                robot.lookup("#card-last").query().getLayoutBounds());
        assertThat(last.getMinY()).isBetween(view.getMinY() - 1, view.getMaxY());
    }

    @Test
    void blocksAreSelectedClearedFilledMovedAndRepeatedWithTheKeyboard(FxRobot robot) {
        robot.clickOn(cell(robot, "keepers", 0, 1)).push(KeyCode.SHIFT, KeyCode.DOWN).push(KeyCode.SHIFT,
                KeyCode.RIGHT);
        robot.push(KeyCode.DELETE);
        assertThat(column("keepers", 1)).containsExactly("", "", "Bert", "Yara");
        assertThat(column("keepers", 2)).startsWith("", "");
        robot.push(KeyCode.F8);
        assertThat(column("keepers", 1)).startsWith("NULL", "NULL");
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        robot.push(KeyCode.F7);
        assertThat(column("keepers", 1)).containsExactly("Oda", "Oda", "Bert", "Yara");
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(column("keepers", 0)).containsExactly("13", "11", "12", "14");
        robot.push(KeyCode.F9);
        assertThat(column("keepers", 0)).containsExactly("13", "11", "12", "11", "12", "14");
        robot.push(KeyCode.CONTROL, KeyCode.DELETE);
        assertThat(column("keepers", 0)).containsExactly("13", "11", "12", "14");
        robot.push(KeyCode.INSERT);
        assertThat(column("keepers", 0)).contains("NULL").hasSize(5);
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.LEFT);
        assertThat(lesson().staged().right().columns()).extracting(Column::name).startsWith("keeper", "keeper_id");
        while (screen.lesson().history().get().past().isPresent()) robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(lesson()).isEqualTo(DEMO);
    }

    @Test
    void blocksGoToASpreadsheetAndComeBack(FxRobot robot) {
        robot.clickOn(cell(robot, "hives", 2, 1)).push(KeyCode.SHIFT, KeyCode.RIGHT).push(KeyCode.SHIFT, KeyCode.DOWN)
                .push(KeyCode.CONTROL, KeyCode.C);
        robot.interact(
                () -> assertThat(Clipboard.getSystemClipboard().getString()).isEqualTo("Linden\t\nBramble\t11\n"));
        robot.interact(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString("15\tUla\nsixteen\tJon\n");
            Clipboard.getSystemClipboard().setContent(content);
        });
        robot.clickOn(cell(robot, "keepers", 3, 0)).push(KeyCode.DOWN).push(KeyCode.CONTROL, KeyCode.V);
        assertThat(lesson().staged().right().rows().get(5).entry(0)).isEqualTo(Entry.misfit("sixteen"));
        assertThat(column("keepers", 1)).endsWith("Ula", "Jon");
        assertThat(screen.lesson().history().get().past().orElseThrow().name(words().edits()))
                .isEqualTo(words().edits().paste(2, "keepers"));
    }

    @Test
    void columnsAreRenamedRetypedAndLinkedFromTheirHeadings(FxRobot robot) {
        beginRenaming(robot, "keepers", "keeper");
        robot.eraseText(6).write("name").type(KeyCode.ENTER);
        assertThat(lesson().staged().right().column("name")).hasValue(1);
        robot.rightClickOn(heading(robot, "keepers", "name"));
        robot.clickOn("Type: text").clickOn("integer – 4 do not fit: “Oda”, “Tam”, “Bert”, “Yara”");
        assertThat(lesson().staged().right().rows().getFirst().entry(1)).isEqualTo(Entry.misfit("Oda"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        robot.rightClickOn(heading(robot, "keepers", "name"));
        robot.clickOn("Type: text").moveTo("Length").push(KeyCode.RIGHT)
                .clickOn("text(3) – 2 do not fit: “Bert”, “Yara”");
        assertThat(column("keepers", 1)).containsSubsequence("Oda", "Tam");
        assertThat(lesson().staged().right().rows().get(2).entry(1)).isEqualTo(Entry.misfit("Bert"));
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        robot.drag(heading(robot, "hives", "hive_no")).dropTo(heading(robot, "keepers", "keeper_id"));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(lesson().staged().on()).containsExactly(KEEPER, new KeyPair("hive_no", "keeper_id"));
        robot.drag(heading(robot, "keepers", "village")).dropTo(heading(robot, "keepers", "keeper"));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(lesson().link("keepers", "keepers")).isPresent();
        // What is shown stays.
        assertThat(lesson().scene()).isEqualTo(DEMO.scene());
    }

    /** Two clicks are two, and no double one, where the machine is so slow that half a second lies between them. */
    private static void beginRenaming(FxRobot robot, String table, String column) {
        for (int tries = 0; tries < 4 && robot.lookup(".heading-field").tryQuery().isEmpty(); tries++)
            robot.doubleClickOn(heading(robot, table, column));
    }

    @Test
    void cardsAreMovedFoldedAndDroppedAndALinkIsChosen(FxRobot robot) {
        Node card = robot.lookup("#card-keepers").query();
        Bounds before = card.getBoundsInParent();
        robot.drag(robot.lookup("#card-keepers .about").<Node>query()).dropBy(-40, 30);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(card.getBoundsInParent().getMinX()).isEqualTo(before.getMinX() - 40);
        assertThat(screen.lesson().history().get().past().orElseThrow().name(words().edits()))
                .isEqualTo(words().edits().moveTable("keepers"));
        robot.clickOn("#card-visits .fold");
        assertThat(lesson().layout().isFolded("visits")).isFalse();
        robot.clickOn(robot.lookup(".key-many")
                .match((Node node) -> node.getAccessibleText().startsWith("link of visits and keepers")).<Node>query());
        assertThat(lesson().staged().left().name()).isEqualTo("visits");
        assertThat(texts(robot, ".finding")).isNotEmpty().isEqualTo(found());
        robot.clickOn("#card-visits .more").clickOn("Delete visits");
        assertThat(lesson().find("visits")).isEmpty();
        assertThat(robot.lookup("#card-visits").tryQuery()).isEmpty();
    }

    @Test
    void aSituationIsSetUpSaidAndTakenBack(FxRobot robot) {
        robot.clickOn("an unmatched left row");
        assertThat(notice()).isEqualTo(words().edits().newUnmatched(6, "hives", "keepers", "16"));
        assertThat(texts(robot, ".finding")).isEqualTo(found());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(lesson()).isEqualTo(DEMO);
        robot.clickOn("a key spelled differently");
        assertThat(notice()).isEqualTo(words().problems().of(Problem.of(new LessonFault.NoTextKey())).text());
    }

    @Test
    void aNearMissIsMendedWithAClickAndALinkIsProposed(FxRobot robot) {
        robot.interact(() -> {
            screen.lesson().edit(new LinkEdit.Unmatch("hives", "keepers", KEEPER));
            screen.lesson().edit(new LinkEdit.Match("hives", "keepers", new KeyPair("hive", "keeper")));
            screen.lesson().edit(new CellEdit.Type("hives", 0, 1, "oda"));
        });
        assertThat(check().nearMisses()).hasSize(1);
        robot.clickOn("Fix");
        assertThat(check().nearMisses()).isEmpty();
        assertThat(check().tally().pairs()).isOne();
        assertThat(texts(robot, ".finding")).isEqualTo(found());
        robot.interact(() -> screen.lesson().edit(new LinkEdit.Drop("hives", "keepers")));
        assertThat(texts(robot, ".finding")).isEmpty();
        assertThat(texts(robot, ".proposed-link")).first().isEqualTo("hives.keeper_id = keepers.keeper_id");
        robot.clickOn("Link");
        assertThat(lesson().staged().on()).containsExactly(KEEPER);
    }

    @Test
    void rowsAreShownBeforeTheyAreTaken(FxRobot robot) {
        robot.clickOn("#card-hives .make-rows");
        robot.doubleClickOn("#recipe-rows").push(KeyCode.CONTROL, KeyCode.A).write("5").type(KeyCode.TAB);
        assertThat(texts(robot, ".recipe-preview .recipe-head")).containsExactly("hive_no", "hive", "keeper_id",
                "mother_no");
        assertThat(texts(robot, ".recipe-cell")).hasSize(20).contains("Clover", "NULL");
        assertThat(lesson()).isEqualTo(DEMO);
        robot.clickOn("Replace the 5 rows there");
        assertThat(lesson().staged().left().rows()).hasSize(5);
        assertThat(screen.lesson().history().get().past().orElseThrow().name(words().edits()))
                .isEqualTo(words().edits().generateRows(5, "hives"));
    }

    @Test
    void enterTakesWhatIsTypedAndAnswers(FxRobot robot) {
        robot.clickOn("#card-hives .make-rows");
        robot.doubleClickOn("#recipe-rows").push(KeyCode.CONTROL, KeyCode.A).write("many").type(KeyCode.ENTER);
        assertThat(lesson()).isEqualTo(DEMO);
        robot.push(KeyCode.CONTROL, KeyCode.A).write("7").type(KeyCode.ENTER);
        assertThat(lesson().staged().left().rows()).hasSize(7);
        assertThat(robot.lookup(".recipe").tryQuery()).isEmpty();
    }

    @Test
    void howAFileIsReadIsShownAndPutRightBeforeItIsTaken(FxRobot robot) throws Exception {
        Path file = Files.write(folder.resolve("swarms.csv"),
                "no;tree\n1;Ulme\n2;Bärlauch\n".getBytes(Charset.forName("windows-1252")));
        robot.interact(() -> screen.files().open(file, Optional.empty()));
        until(() -> robot.lookup(".intake").tryQuery().isPresent());
        assertThat(texts(robot, ".intake .recipe-cell")).containsExactly("1", "2", "Ulme", "Bärlauch");
        ChoiceBox<Character> separator = robot.lookup("#intake-separator").query();
        robot.interact(() -> separator.setValue(','));
        assertThat(texts(robot, ".row-preview .recipe-head")).containsExactly("no;tree");
        robot.interact(() -> separator.setValue(';'));
        robot.clickOn("Import");
        assertThat(column("swarms", 1)).containsExactly("Ulme", "Bärlauch");
        assertThat(lesson().tables()).hasSize(7);
    }

    @Test
    void aTableIsCopiedAndPasted(FxRobot robot) {
        robot.clickOn(cell(robot, "keepers", 0, 0)).push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        robot.clickOn(cell(robot, "hives", 0, 0)).push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(lesson().staged().left().rows()).extracting(Row::values)
                .isEqualTo(DEMO.staged().right().rows().stream().map(Row::values).toList());
    }

    private List<String> column(String table, int column) {
        return lesson().table(table).rows().stream().map(row -> row.entry(column).shown()).toList();
    }

    private static Node cell(FxRobot robot, String table, int row, int column) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup("#card-" + table + " .table-cell")
                .match(node -> node instanceof TableCell<?, ?> cell && cell.getIndex() == row
                        && cell.getTableView().getColumns().indexOf(cell.getTableColumn()) == column + 1)
                .query();
    }

    private static Node heading(FxRobot robot, String table, String column) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup("#card-" + table + " .column-heading")
                .match((Node node) -> node.getAccessibleText().startsWith(column + ",")).query();
    }
}
