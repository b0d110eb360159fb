package lunko.desktop.show;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import javafx.scene.shape.CubicCurve;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.OpenWindow;
import lunko.desktop.look.Theme;
import lunko.desktop.screen.Habits;
import lunko.desktop.show.model.Speed;
import lunko.desktop.show.result.ListedRow;
import lunko.lesson.DemoLesson;
import lunko.lesson.LinkEdit;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.steps.MatchFrame;
import lunko.steps.RowState;
import lunko.steps.Step;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The window, driven as a person drives it. */
class ShowViewTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage, Duration.millis(80));
    }

    @Test
    void changingAKeyChangesTheResultAtOnce(FxRobot robot) {
        assertThat(result(robot, 2)).containsExactly("3", "Linden", "NULL", "1", "NULL", "NULL", "NULL");
        robot.doubleClickOn(cell(robot, Side.LEFT, 2, 3));
        robot.eraseText(4).write("13").type(KeyCode.ENTER);
        assertThat(result(robot, 2)).containsExactly("3", "Linden", "13", "1", "13", "Bert", "Ashholt");

        // The selection has gone on below: typing replaces the key of Bramble.
        robot.write("null").type(KeyCode.TAB);
        assertThat(result(robot, 3)).containsExactly("4", "Bramble", "NULL", "2", "NULL", "NULL", "NULL");
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(model.showing().get().lesson()).isEqualTo(DemoLesson.lesson());
    }

    @Test
    void aValueThatDoesNotFitIsKeptMarkedAndExplained(FxRobot robot) {
        robot.doubleClickOn(cell(robot, Side.LEFT, 0, 3));
        robot.eraseText(2).write("twelve").type(KeyCode.ENTER);
        assertThat(notice())
                .isEqualTo(
                        "“twelve” does not fit keeper_id, which is integer: type a whole number such as 12, or "
                                + "NULL. Until then it counts as NULL.");
        Label shown = (Label) cell(robot, Side.LEFT, 0, 3).lookup(".value");
        assertThat(shown.getText()).isEqualTo("twelve");
        assertThat(states(shown)).contains("misfit");
        assertThat(result(robot, 0)).containsExactly("1", "Clover", "NULL", "NULL", "NULL", "NULL", "NULL");
        robot.push(KeyCode.UP).push(KeyCode.F2).eraseText(6).write("12").type(KeyCode.ENTER);
        assertThat(result(robot, 0)).containsExactly("1", "Clover", "12", "NULL", "12", "Tam", "Reedmere");
        assertThat(screen.lesson().notice().get()).isEmpty();
    }

    @Test
    void rowsAreAddedAndDeletedAndTablesRenamed(FxRobot robot) {
        robot.clickOn("#right-table .card-head .button");
        robot.write("15").type(KeyCode.TAB).write("'Ula'").type(KeyCode.ENTER);
        assertThat(result(robot, 4)).containsExactly("5", "Sainfoin", "15", "NULL", "15", "Ula", "NULL");

        robot.clickOn(cell(robot, Side.LEFT, 0, 2)).push(KeyCode.CONTROL, KeyCode.DELETE);
        assertThat(result(robot, 0)).startsWith("2", "Heather");

        robot.doubleClickOn("#left-table .table-name").write("stands").type(KeyCode.ENTER);
        assertThat(texts(robot, "#left-result .result-heading")).containsExactly("s.hive_no", "s.hive", "s.keeper_id",
                "s.mother_no");
        robot.doubleClickOn("#left-table .table-name").write("keepers").type(KeyCode.ENTER);
        assertThat(notice())
                .isEqualTo(words().problems().of(Problem.of(new LessonFault.TableNameTaken("keepers"))).text());
        assertThat(model.showing().get().lesson().staged().left().name()).isEqualTo("stands");
    }

    @Test
    void aLeftJoinIsSteppedToItsEndAndBack(FxRobot robot) {
        robot.push(KeyCode.HOME);
        assertThat(model.showing().get().number()).isZero();
        for (long step = 1; step <= model.showing().get().last(); step++) {
            robot.push(KeyCode.RIGHT);
            assertShown(robot);
        }
        assertThat(model.showing().get().isAtEnd()).isTrue();
        for (long step = model.showing().get().last(); step > 0; step--) {
            robot.push(KeyCode.LEFT);
            assertShown(robot);
        }
        assertThat(model.showing().get().number()).isZero();
    }

    @Test
    void playingGoesFromTheStartToTheEndAndPausesThere(FxRobot robot) throws Exception {
        robot.interact(() -> screen.player().speed().set(Speed.WHOLE));
        robot.push(KeyCode.SPACE);
        assertThat(screen.player().playing().get()).isTrue();
        until(() -> !screen.player().playing().get());
        assertThat(model.showing().get().isAtEnd()).isTrue();
        robot.push(KeyCode.DOWN);
        assertThat(screen.player().speed().get()).isEqualTo(Speed.TEN);
    }

    @Test
    void theBarIsDraggedToAStep(FxRobot robot) {
        Bounds track = robot.lookup("#steps .track").query().localToScreen(
                robot.lookup("#steps .track").query().getLayoutBounds());
        robot.drag("#steps .thumb").dropTo(track.getMinX() + track.getWidth() / 2, track.getCenterY());
        assertThat(model.showing().get().number()).isBetween(12L, 14L);
        assertShown(robot);
    }

    @Test
    void aHeadingDraggedOntoAnotherMatchesTheTwo(FxRobot robot) {
        robot.drag(heading(robot, Side.RIGHT, "keeper"), MouseButton.PRIMARY).dropTo(heading(robot, Side.LEFT, "hive"));
        KeyPair first = new KeyPair("keeper_id", "keeper_id");
        assertThat(model.showing().get().lesson().staged().on()).containsExactly(first, new KeyPair("hive", "keeper"));
        assertThat(result(robot, 0)).containsExactly("1", "Clover", "11", "NULL", "NULL", "NULL", "NULL");

        robot.drag(heading(robot, Side.LEFT, "hive_no"), MouseButton.PRIMARY)
                .dropTo(heading(robot, Side.RIGHT, "village"));
        assertThat(model.showing().get().obstacle().orElseThrow().fault())
                .isInstanceOf(QueryFault.NotMatchable.class);
    }

    @Test
    void withoutAPairOfColumnsTheScreenSaysWhatToDo(FxRobot robot) {
        robot.interact(() -> model.lesson()
                .edit(new LinkEdit.Unmatch("hives", "keepers", new KeyPair("keeper_id", "keeper_id"))));
        assertThat(robot.lookup("#why").query().lookup(".text")).isNotNull();
        assertThat(model.showing().get().obstacle().orElseThrow().fault())
                .isEqualTo(new LessonFault.NothingMatched("hives", "keepers"));
        assertThat(robot.lookup("#left-result .table-row-cell .value").queryAll()).isEmpty();
        robot.clickOn(".proposed");
        assertThat(result(robot, 0)).containsExactly("1", "Clover", "11", "NULL", "11", "Oda", "Ashholt");
    }

    @Test
    void everyKindIsChosenByClickAndByKey(FxRobot robot) {
        for (JoinKind kind : JoinKind.values()) {
            robot.push(KeyCode.valueOf("DIGIT" + (kind.ordinal() + 1) % 10));
            assertThat(model.showing().get().lesson().staged().kind()).isEqualTo(kind);
            assertShown(robot);
        }
        robot.clickOn("#kind-right-outer");
        assertThat(model.showing().get().lesson().staged().kind()).isEqualTo(JoinKind.RIGHT_OUTER);
        assertThat(texts(robot, ".venn-content.right .venn-row")).containsExactly("Bert", "Yara");
        assertThat(texts(robot, ".venn-content.both .venn-row"))
                .containsExactly("Clover · Oda", "Heather · Tam", "Bramble · Oda");
    }

    @Test
    void aRegionOfTheVennDiagramTakesItsRowsInAndOut(FxRobot robot) {
        robot.clickOn(robot.lookup(".venn-right").<Node>query());
        assertThat(model.showing().get().lesson().staged().kind()).isEqualTo(JoinKind.FULL_OUTER);
        robot.interact(() -> robot.lookup(".venn-both").query().getOnMouseClicked().handle(null));
        assertThat(model.showing().get().lesson().staged().kind()).isEqualTo(JoinKind.FULL_ANTI);
        assertThat(result(robot, 0)).containsExactly("3", "Linden", "NULL", "1", "NULL", "NULL", "NULL");
        robot.push(KeyCode.DIGIT1);
        assertThat(texts(robot, ".venn-caption .venn-meaning")).contains("3 pairs of 3 hives and 2 keepers");
        robot.push(KeyCode.DIGIT6);
        assertThat(result(robot, 2)).containsExactly("4", "Bramble", "11", "2");
        assertThat(texts(robot, ".no-columns"))
                .contains(words().resultGrid().givesNoColumns(JoinKind.LEFT_SEMI, "keepers"));
    }

    @Test
    void aCrossJoinHasARectangleInThePlaceOfCircles(FxRobot robot) {
        robot.push(KeyCode.DIGIT5);
        assertThat(robot.lookup(".venn-circle").match(node -> node.getParent().isVisible()).queryAll()).isEmpty();
        assertThat(robot.lookup(".cross-view .pair-cell").match(node -> node.getParent().isVisible()).queryAll())
                .hasSize(20);
        robot.push(KeyCode.DIGIT1);
        assertThat(robot.lookup(".venn-circle").match(node -> node.getParent().isVisible()).queryAll()).hasSize(2);
    }

    private static List<Double> widths(FxRobot robot, String query) {
        return robot.lookup(query).<Label>queryAll().stream().map(label -> label.prefWidth(-1)).toList();
    }

    @Test
    void pointingAtARowLightsUpAllThatBelongsToItAndSaysWhy(FxRobot robot) {
        List<Double> widths = widths(robot, ".venn-row");
        robot.moveTo(cell(robot, Side.RIGHT, 0, 2));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(lit(robot, "#left-table")).containsExactly(0, 3);
        assertThat(lit(robot, "#left-result")).containsExactly(0, 3);
        assertThat(texts(robot, ".venn-row").size()).isEqualTo(7);
        assertThat(robot.lookup(".venn-row").match(node -> states(node).contains("lit")).queryAll()).hasSize(2);
        // Their places are as wide as the names are that are not pointed at.
        assertThat(widths(robot, ".venn-row")).isEqualTo(widths);
        assertThat(robot.lookup(".lane-lit").queryAll()).hasSize(2);
        assertThat(robot.lookup("#why").query().getAccessibleText())
                .isEqualTo("Oda is in the result twice, once for each match: Clover, Bramble.");
        robot.clickOn(cell(robot, Side.LEFT, 4, 2)).moveTo("#why");
        assertThat(robot.lookup("#why").query().getAccessibleText()).startsWith(
                "Sainfoin is in the result once, although it matches no row of keepers (its keeper_id is 15)");
        robot.clickOn("To step 25");
        assertThat(model.showing().get().number()).isEqualTo(25);
        assertThat(lit(robot, "#left-table")).isEmpty();
        robot.push(KeyCode.HOME).push(KeyCode.N).push(KeyCode.M).push(KeyCode.PAGE_DOWN);
        assertThat(model.showing().get().number()).isEqualTo(7);
    }

    @Test
    void theStageAloneIsPresentedAndEverythingIsMadeLarger(FxRobot robot) {
        robot.push(KeyCode.F11);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".kind-bar").query().isVisible()).isFalse();
        assertThat(robot.lookup("#why").query().isVisible()).isTrue();
        // A presenter's remote goes through the steps, whatever has been clicked.
        robot.push(KeyCode.HOME).clickOn(cell(robot, Side.LEFT, 0, 2)).push(KeyCode.PAGE_DOWN).push(KeyCode.PAGE_DOWN);
        assertThat(model.showing().get().number()).isEqualTo(2);
        robot.push(KeyCode.END).push(KeyCode.F11).push(KeyCode.CONTROL, KeyCode.PLUS).push(KeyCode.CONTROL,
                KeyCode.PLUS);
        WaitForAsyncUtils.waitForFxEvents();
        Bounds why = robot.lookup("#why").query().localToScene(robot.lookup("#why").query().getLayoutBounds());
        assertThat(why.getHeight()).isBetween(68.0, 72.0);
        assertThat(why.getMaxX()).isLessThanOrEqualTo(1280);
        robot.clickOn("#view-menu").clickOn("Dark");
        assertThat(robot.lookup(".show").query().getStyleClass()).contains("theme-dark");
        assertThat(Habits.in(folder).appearance().theme().get()).isEqualTo(Theme.DARK);
    }

    @Test
    void thePairGridFillsAsTheStepsGo(FxRobot robot) {
        robot.clickOn("Pair grid");
        for (long number : List.of(0L, 14L, 26L)) {
            robot.interact(() -> model.goTo(number));
            WaitForAsyncUtils.waitForFxEvents();
            long compared = model.showing().get().match().orElseThrow().comparisons();
            assertThat(robot.lookup(".pair-cell").match(node -> states(node).contains("seen")).queryAll())
                    .hasSize((int) compared);
        }
        assertThat(texts(robot, ".pair-total")).containsExactly("1", "1", "0 +1", "1", "0 +1", "2", "1", "0", "0");
        assertThat(texts(robot, ".pair-sum")).containsExactly("5 rows: 3 pairs + 2 kept");
    }

    private static List<Integer> lit(FxRobot robot, String table) {
        return rows(robot, table).stream().filter(row -> states(row).contains("lit")).map(TableRow::getIndex).sorted()
                .toList();
    }

    @Test
    void aFileBecomesATableAndABadOneLeavesEverythingAsItIs(FxRobot robot) throws Exception {
        Path good = Files.writeString(folder.resolve("people.csv"), "keeper_id,name\n12,Ula\n15,\n");
        drop(robot, Side.RIGHT, good);
        robot.clickOn("Import");
        assertThat(result(robot, 4)).containsExactly("5", "Sainfoin", "15", "NULL", "15", "NULL");
        Path bad = Files.writeString(folder.resolve("bad.csv"), "keeper_id,name\n12,\"Ula\n");
        drop(robot, Side.RIGHT, bad);
        assertThat(texts(robot, ".intake-said").getFirst())
                .isEqualTo(
                        bad + ", line 2, column 4: The quote that opens here has no end: add the closing quote.");
        robot.clickOn("Cancel");
        assertThat(model.showing().get().lesson().staged().right().name()).isEqualTo("people");
    }

    @Test
    void theResultIsSavedWholeWhateverStepIsAtHand(FxRobot robot) throws Exception {
        robot.push(KeyCode.HOME);
        Path file = folder.resolve("result.csv");
        robot.interact(() -> screen.files().save(model.showing().get().outcome().orElseThrow(), file));
        until(() -> screen.lesson().notice().get().isPresent());
        assertThat(Files.readAllLines(file)).hasSize(6)
                .startsWith("hive_no,hive,h.keeper_id,mother_no,k.keeper_id,keeper,village")
                .contains("3,Linden,,1,,,");
        assertThat(notice()).isEqualTo("Saved 5 rows to " + file + ".");
    }

    private void drop(FxRobot robot, Side side, Path file) throws Exception {
        Dragboard board = mock(Dragboard.class);
        when(board.hasFiles()).thenReturn(true);
        when(board.getFiles()).thenReturn(List.of(file.toFile()));
        robot.interact(() -> Event.fireEvent(robot.lookup("#" + side.id() + "-table").query(),
                new DragEvent(DragEvent.DRAG_DROPPED, board, 0, 0, 0, 0, TransferMode.COPY, null, null, null)));
        until(() -> robot.lookup(".shade").query().isVisible());
    }

    /** Every view shows what the frame says: rows at hand, landed rows, lanes, the verdict, the sentence. */
    private void assertShown(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        MatchFrame frame = model.showing().get().match().orElseThrow();
        for (Side side : Side.values()) {
            List<TableRow<?>> rows = rows(robot, "#" + side.id() + "-table");
            for (TableRow<?> row : rows) {
                boolean now = frame.now(side).stream().anyMatch(n -> n == row.getIndex());
                boolean out = frame.rows(side).get(row.getIndex()) == RowState.LEFT_OUT;
                assertThat(states(row)).as("step %d, %s row %d", frame.number(), side, row.getIndex())
                        .matches(s -> s.contains("now") == now && s.contains("left-out") == out);
            }
            assertThat(robot.lookup("#" + side.id() + "-result").<TableView<?>>query().getItems().stream()
                    .filter(row -> row instanceof ListedRow listed
                            && (listed.fate() == ListedRow.Arrival.LANDED
                                    || listed.fate() == ListedRow.Arrival.PENDING)))
                    .hasSize(frame.landed().size() + (frame.pending().isPresent() ? 1 : 0));
        }
        long lanes = frame.lanes().stream().mapToLong(List::size).sum();
        assertThat(robot.lookup(node -> node instanceof CubicCurve c && c.getParent().getStyleClass().contains("met"))
                .queryAll()).hasSize((int) lanes);
        boolean compares = frame.step() instanceof Step.Compare;
        assertThat(robot.lookup(".verdict").query().isVisible()).isEqualTo(compares);
        assertThat(robot.lookup("#why").query().getAccessibleText()).isEqualTo(frame.why().in(words()).text());
    }

    private static List<TableRow<?>> rows(FxRobot robot, String table) {
        return robot.lookup(table + " .table-row-cell").queryAll().stream()
                .<TableRow<?>>map(node -> (TableRow<?>) node).filter(row -> row.isVisible() && !row.isEmpty()).toList();
    }

    /** The values of a row of the result, left columns first. */
    private static List<String> result(FxRobot robot, int row) {
        WaitForAsyncUtils.waitForFxEvents();
        return Arrays.stream(Side.values())
                .flatMap(side -> rows(robot, "#" + side.id() + "-result").stream().filter(r -> r.getIndex() == row)
                        .flatMap(r -> r.lookupAll(".value").stream())
                        .sorted(Comparator.comparingDouble(v -> v.localToScene(0, 0).getX()))
                        .map(value -> ((Label) value).getText()))
                .toList();
    }

    private static Node cell(FxRobot robot, Side side, int row, int column) {
        return rows(robot, "#" + side.id() + "-table").stream().filter(r -> r.getIndex() == row)
                .flatMap(r -> r.lookupAll(".table-cell").stream())
                .filter(node -> node instanceof TableCell<?, ?> cell
                        && cell.getTableView().getColumns().indexOf(cell.getTableColumn()) == column)
                .findFirst().orElseThrow();
    }

    private static Node heading(FxRobot robot, Side side, String column) {
        return robot.lookup("#" + side.id() + "-table .column-heading").queryAll().stream()
                .filter(node -> node.getAccessibleText().startsWith(column + ","))
                .findFirst().orElseThrow();
    }
}
