package lunko.desktop.show;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.paint.Color;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Notice;
import lunko.insight.picture.Picture;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What there is to be seen has its room, and its words, whatever is shown. */
class RoomTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void eightRowsOfFourColumnsNeedNoScrollBarAndNothingIsCut(FxRobot robot) {
        Table swarms = Table.of("swarms",
                List.of(new Column("swarm_no", Type.INTEGER), new Column("swarm", Type.TEXT),
                        new Column("keeper_no", Type.INTEGER), new Column("caught", Type.DATE)),
                IntStream.range(1, 9)
                        .mapToObj(i -> List.<Value>of(Value.of(i), Value.of("Old Orchard"),
                                i == 4 ? Value.NULL : Value.of(i), new Value.DateValue(LocalDate.of(2026, 5, i))))
                        .toList());
        Table wardens = Table.of("wardens",
                List.of(new Column("keeper_no", Type.INTEGER), new Column("warden", Type.TEXT),
                        new Column("village", Type.TEXT), new Column("since", Type.INTEGER)),
                IntStream.range(1, 9).mapToObj(
                        i -> List.<Value>of(Value.of(i), Value.of("Marek"), Value.of("Reedmere"), Value.of(2000 + i)))
                        .toList());
        Lesson eight = Lesson.of("eight", swarms, JoinKind.LEFT_OUTER, wardens,
                List.of(new KeyPair("keeper_no", "keeper_no")));
        robot.interact(() -> show(eight));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".grid-table .scroll-bar").<Node>queryAll()).isNotEmpty()
                .noneMatch(bar -> isSeen(bar) && bar.getOpacity() > 0);
        assertThat(Stream.of(".grid-table .value", ".grid-table .result-heading", ".column-heading .label")
                .flatMap(all -> robot.lookup(all).<Label>queryAll().stream())
                .filter(label -> isSeen(label) && !label.getText().isEmpty())).hasSizeGreaterThan(100)
                .allSatisfy(label -> assertThat(((Text) label.lookup(".text")).getText()).isEqualTo(label.getText()));
    }

    @Test
    void howeverLongTheQueryAndWhatIsSaidOfItNothingLeavesTheWindowOrLiesOnAnother(FxRobot robot) throws Exception {
        String chain = "SELECT h.hive\nFROM hives h" + IntStream.range(0, 8)
                .mapToObj(i -> "\n  LEFT JOIN keepers k" + i + " ON k" + i + ".keeper_id = h.keeper_id")
                .collect(Collectors.joining());
        for (String where : List.of("", "\nWHERE k7.village = 'Ashholt'")) {
            write(robot, chain + where);
            assertThat(robot.lookup(".query-doubt").queryAll()).hasSize(where.isEmpty() ? 0 : 1);
            Bounds page = bounds(robot, ".show-page");
            assertThat(page.getMinY()).isGreaterThan(40);
            assertThat(page.getMaxY()).isLessThanOrEqualTo(800);
            assertThat(bounds(robot, ".stage-strip").getMaxY()).isLessThanOrEqualTo(bounds(robot, ".stages").getMinY());
            assertThat(bounds(robot, ".stages").getMaxY()).isLessThanOrEqualTo(bounds(robot, ".why-line").getMinY());
            for (Node drawn : robot.lookup(".venn-region").queryAll())
                assertThat(((Shape) drawn).getFill()).isNotEqualTo(Color.BLACK);
        }
    }

    @Test
    void whatIsSaidToThePersonLiesOnNothingAndTakesNoRoomWhenItIsGone(FxRobot robot) {
        double alone = bounds(robot, ".step-bar").getMaxY();
        assertThat(alone).isGreaterThan(780);
        robot.interact(() -> model.lesson().say(new Notice.Success("Said. ".repeat(40))));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bounds(robot, "#notice").getMinY()).isGreaterThan(bounds(robot, ".step-bar").getMaxY());
        assertThat(bounds(robot, "#notice").getMaxY()).isLessThan(800);
        robot.interact(() -> model.lesson().sayNothing());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bounds(robot, ".step-bar").getMaxY()).isEqualTo(alone);
    }

    @Test
    void whatDecidesIsInViewHoweverManyColumnsThereAre(FxRobot robot) throws Exception {
        Table wide = Table.of("wide", IntStream.range(0, 12)
                .mapToObj(i -> new Column("c" + i, i % 2 == 0 ? Type.INTEGER : Type.TEXT)).toList(),
                List.of(IntStream.range(0, 12).<Value>mapToObj(i -> i % 2 == 0 ? Value.of(100_000 + i)
                        : Value.of("a text that is longer than there is room " + i)).toList()));
        robot.interact(() -> show(Lesson.of("wide", wide, JoinKind.INNER, wide.named("other"),
                List.of(new KeyPair("c10", "c10")))));
        WaitForAsyncUtils.waitForFxEvents();
        assertInView(robot, "#left-table", "c10", 1);
        assertInView(robot, "#right-table", "c10", 1);
        assertInView(robot, "#right-result", "o.c10", 1);
        write(robot, "SELECT * FROM wide w JOIN other o ON w.c10 = o.c10 WHERE o.c11 <> 'x'");
        robot.interact(() -> model.goTo(model.showing().get().last() - 1));
        WaitForAsyncUtils.waitForFxEvents();
        // Before and after the filter.
        assertInView(robot, ".rows-stage", "o.c11", 2);
    }

    /** So many headings of that name can be read where they stand. */
    private static void assertInView(FxRobot robot, String within, String heading, int times) {
        Bounds room = bounds(robot, within);
        assertThat(robot.lookup(within + " .column-header .label").<Label>queryAll().stream()
                .filter(label -> isSeen(label) && label.getText().equals(heading))).hasSize(times).allSatisfy(label -> {
                    Bounds at = label.localToScene(label.getLayoutBounds());
                    assertThat(room.contains(at)).as(at + " in " + room).isTrue();
                    assertThat(((Text) label.lookup(".text")).getText()).isEqualTo(heading);
                });
    }

    @Test
    void everyControlHasWordsForAScreenReader(FxRobot robot) {
        robot.interact(() -> model.picture().set(Picture.PAIRS));
        List<Node> controls = robot
                .lookup(node -> node instanceof ButtonBase || node instanceof TableView || node instanceof ChoiceBox
                        || node instanceof Slider
                        || node instanceof TextInputControl
                        || node instanceof TableCell<?, ?> cell && !cell.isEmpty() && cell.getGraphic() != null
                        || node.getAccessibleRole() == AccessibleRole.IMAGE_VIEW)
                .queryAll().stream().filter(OpenWindow::isSeen).toList();
        assertThat(controls).hasSizeGreaterThan(60)
                .allSatisfy(control -> assertThat(Stream.of(control.getAccessibleText(),
                        control instanceof Labeled labeled ? labeled.getText() : null)).as(control.toString())
                        .anyMatch(words -> words != null && !words.isBlank()));
        assertThat(robot.lookup(".result-part .value-cell").match(cell -> states(cell).contains("padded"))
                .<Node>queryAll()).hasSize(6)
                .extracting(Node::getAccessibleText).containsOnly("NULL added by the join");
    }

    private static Bounds bounds(FxRobot robot, String of) {
        Node node = robot.lookup(of).query();
        return node.localToScene(node.getLayoutBounds());
    }
}
