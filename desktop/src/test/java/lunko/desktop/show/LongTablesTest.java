package lunko.desktop.show;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.OpenWindow;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.Look;
import lunko.desktop.screen.Habits;
import lunko.desktop.screen.Screen;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.result.ListedRow;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchFrame;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Tables that do not fit the screen: what a step is about can always be seen, and columns stay under each other. */
@ExtendWith(ApplicationExtension.class)
class LongTablesTest {
    private ShowModel model;
    private Stage stage;

    @Start
    void open(Stage window) {
        Look.install();
        stage = window;
        Lesson lesson = Lesson.on(table("stands", 200, 4), JoinKind.LEFT_OUTER, table("keepers", 60, 12));
        Screen screen = Screen.of(lesson, () -> window, Habits.in(Path.of("target", "habits")),
                _ -> new SimpleObjectProperty<>(Duration.ZERO));
        model = screen.model();
        OpenWindow.fill(window, screen);
        window.show();
    }

    @Test
    void theRowsAtHandAndTheLandingRowAreInView(FxRobot robot) {
        for (long number : List.of(0L, 5000L, 5001L, 11_000L, model.showing().get().last() - 1, 61L)) {
            robot.interact(() -> model.goTo(number));
            WaitForAsyncUtils.waitForFxEvents();
            MatchFrame frame = model.showing().get().match().orElseThrow();
            for (Side side : Side.values()) {
                GridTable<?> source = robot.lookup("#" + side.id() + "-table .grid-table").query();
                frame.now(side).ifPresent(row -> assertSeen(source, row, "step " + number));
                GridTable<?> result = robot.lookup("#" + side.id() + "-result").query();
                if (!frame.landed().isEmpty()) assertSeen(result, last(result), "step " + number);
            }
        }
    }

    @Test
    void whatTakesLongIsFoundOutBesideTheWindowAndTheLastChangeIsShown(FxRobot robot) throws Exception {
        Node stages = robot.lookup(".stages").query();
        AtomicBoolean dimmed = new AtomicBoolean();
        // Hundreds of thousands of rows, and before they are there another change.
        robot.interact(() -> {
            model.lesson().edit(SceneEdit.Write.of(
                    "SELECT COUNT(*) FROM stands s CROSS JOIN keepers k CROSS JOIN keepers l WHERE s.keeper_id * 3 "
                            + "+ k.keeper_id <> 7 OR l.keepers_column_1 < s.stands_column_1"));
            dimmed.set(model.waiting().get()
                    && stages.getPseudoClassStates().contains(PseudoClass.getPseudoClass("stale")));
            model.lesson().edit(
                    SceneEdit.Write.of("SELECT COUNT(*) FROM stands s CROSS JOIN keepers k CROSS JOIN keepers l"));
        });
        WaitForAsyncUtils.waitFor(2, TimeUnit.MINUTES, () -> !model.waiting().get());
        assertThat(dimmed).isTrue();
        assertThat(model.showing().get().lesson()).isSameAs(model.lesson().lesson().get());
        assertThat(model.showing().get().wholeAtHand().orElseThrow().rows())
                .containsExactly(List.of(Value.of(200 * 60 * 60)));
        // What is taken back before it was found out is not waited for.
        robot.interact(() -> {
            model.lesson().edit(SceneEdit.Write.of(
                    "SELECT COUNT(*) FROM stands s CROSS JOIN keepers k CROSS JOIN keepers l WHERE s.keeper_id * 3 "
                            + "+ l.keeper_id <> 7"));
            model.lesson().undo();
        });
        assertThat(model.waiting().get()).isFalse();
        robot.interact(() -> {
            model.algorithm().set(JoinAlgorithm.HASH);
            model.algorithm().set(JoinAlgorithm.NESTED_LOOP);
        });
        assertThat(model.waiting().get()).isFalse();
        assertThat(model.showing().get().algorithm()).isEqualTo(JoinAlgorithm.NESTED_LOOP);
        assertThat(stages.getPseudoClassStates()).doesNotContain(PseudoClass.getPseudoClass("stale"));
    }

    @Test
    void theTwoHalvesOfTheResultStayTogetherStepByStep(FxRobot robot) {
        GridTable<?> left = robot.lookup("#left-result").query();
        GridTable<?> right = robot.lookup("#right-result").query();
        for (long direction : List.of(1L, -1L)) {
            robot.interact(() -> model.goTo(6000));
            for (int i = 0; i < 150; i++) {
                robot.interact(() -> model.goTo(model.showing().get().number() + direction));
                // A scroll bar that has just come has its height with the next picture.
                if (Math.abs(left.rowMiddle(0) - right.rowMiddle(0)) > 1.5) WaitForAsyncUtils.waitForFxEvents();
                assertThat(left.rowMiddle(0)).isCloseTo(right.rowMiddle(0), Offset.offset(1.5));
            }
        }
        WaitForAsyncUtils.sleep(400, TimeUnit.MILLISECONDS);
        WaitForAsyncUtils.waitForFxEvents();
        assertSeen(left, last(left), "after stepping back");
        assertSeen(right, last(right), "after stepping back");
    }

    @Test
    void theResultsColumnsAreUnderThoseTheyComeFromHoweverTheWindowIsSizedAndScrolled(FxRobot robot) {
        for (double width : List.of(1280.0, 1060.0, 1200.0)) {
            robot.interact(() -> stage.setWidth(width));
            WaitForAsyncUtils.waitForFxEvents();
            robot.interact(() -> robot.lookup("#right-table .grid-table").<TableView<?>>query().scrollToColumnIndex(8));
            WaitForAsyncUtils.waitForFxEvents();
            for (Side side : Side.values()) {
                List<Double> sources = edges(robot, "#" + side.id() + "-table .column-header");
                assertThat(sources).hasSizeGreaterThan(4);
                assertThat(edges(robot, "#" + side.id() + "-result .column-header")).isEqualTo(sources);
            }
        }
    }

    @Test
    void whatIsTypedInATableIsNotTakenForAKeyOfTheSteps(FxRobot robot) {
        robot.clickOn(robot.lookup("#left-table .value").<Node>query());
        robot.write("55").type(KeyCode.ENTER);
        assertThat(model.showing().get().lesson().staged().kind()).isEqualTo(JoinKind.LEFT_OUTER);
        assertThat(model.showing().get().lesson().staged().left().rows().getFirst().value(0)).isEqualTo(Value.of(55));
    }

    /** The row that came last, or that may come next. */
    private static int last(GridTable<?> result) {
        return (int) result.getItems().stream().filter(row -> ((ListedRow) row).fate() != ListedRow.Arrival.TO_COME)
                .count() - 1;
    }

    private static void assertSeen(GridTable<?> table, int row, String when) {
        assertThat(table.isInView(row)).as("%s: row %d of %s", when, row, table.getId()).isTrue();
        Node shown = table.lookupAll(".table-row-cell").stream()
                .filter(node -> ((TableRow<?>) node).getIndex() == row && node.isVisible())
                .findFirst().orElseThrow();
        // Where the row says it is, there it is.
        Bounds inTable = table.sceneToLocal(shown.localToScene(shown.getLayoutBounds()));
        assertThat(inTable.getCenterY()).as(when).isCloseTo(table.rowMiddle(row), Offset.offset(1.5));
    }

    private static List<Double> edges(FxRobot robot, String headers) {
        return robot.lookup(headers).queryAll().stream()
                .map(node -> node.localToScene(node.getLayoutBounds()).getMinX())
                .map(x -> (double) Math.round(x)).sorted().toList();
    }

    private static Table table(String name, int rows, int columns) {
        List<Column> heads = IntStream.range(0, columns)
                .mapToObj(i -> new Column(i == 0 ? "keeper_id" : name + "_column_" + i, Type.INTEGER)).toList();
        return Table.of(name, heads, IntStream.range(0, rows).mapToObj(row -> IntStream.range(0, columns)
                .<Value>mapToObj(i -> Value.of(row % (i + 50))).toList()).toList());
    }
}
