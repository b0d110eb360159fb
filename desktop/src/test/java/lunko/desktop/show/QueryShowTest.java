package lunko.desktop.show;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.CubicCurve;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.grid.GridTable;
import lunko.desktop.show.model.Player;
import lunko.desktop.show.model.Speed;
import lunko.engine.ResultRow;
import lunko.insight.picture.Lineage;
import lunko.insight.picture.Picture;
import lunko.lesson.CellEdit;
import lunko.lesson.RowEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.ScenesEdit;
import lunko.lesson.WrittenQuery;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.steps.RowFrame;
import lunko.steps.StageKind;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Queries of many stages, natural and self joins, ways of matching, and the result looked at otherwise, as a person
 * drives them.
 */
class QueryShowTest extends OpenWindow {
    private static final String QUERY =
            "SELECT h.hive, k.keeper, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id JOIN "
                    + "harvests r ON r.hive_no = h.hive_no WHERE r.kg > 4 ORDER BY r.kg";

    private Player player;

    @Start
    void start(Stage stage) {
        open(stage);
        player = screen.player();
    }

    @Test
    void aWrittenQueryIsShownStageByStage(FxRobot robot) throws Exception {
        write(robot, QUERY);
        List<Node> tiles = robot.lookup(".stage-tile").queryAll().stream()
                .sorted(Comparator.comparingDouble(Node::getLayoutX)).toList();
        assertThat(tiles).extracting(tile -> ((Button) tile).getAccessibleText()).first()
                .isEqualTo("Match hives with keepers: left outer join, nested loop: 3 rows, of 5 × 4");
        for (Node tile : tiles) {
            robot.interact(((Button) tile)::fire);
            assertThat(states(tile)).contains("at-hand");
            assertShown(robot);
        }
        for (long step = 0; step <= model.showing().get().last(); step += 3) {
            long number = step;
            robot.interact(() -> model.goTo(number));
            assertShown(robot);
        }
        // The result of the first join is the left side of the second.
        robot.interact(((Button) tiles.get(2))::fire);
        assertThat(seen(robot, "#left-table .table-name")).contains("hives + keepers");
        assertThat(robot.lookup(".venn-circle.hue-third").queryAll()).hasSize(1);
        robot.push(KeyCode.DIGIT2);
        assertThat(model.showing().get().lesson().scene().written().map(WrittenQuery::sql))
                .contains(QUERY.replace(" JOIN harvests", " LEFT JOIN harvests"));
        assertThat(robot.lookup("#kind-left-semi").query().isDisabled()).isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.HOME).push(KeyCode.B);
        assertThat(model.showing().get().number()).isEqualTo(model.showing().get().timeline().orElseThrow().end(0));
    }

    @Test
    void aRowBeforeAStageSaysWhatBecameOfIt(FxRobot robot) throws Exception {
        write(robot, QUERY);
        robot.interact(() -> model.goTo(model.showing().get().timeline().orElseThrow().end(2)));
        WaitForAsyncUtils.waitForFxEvents();
        Node struck = robot.lookup(".stage-card .table-row-cell")
                .match(node -> states(node).contains("left-out") && isSeen(node) && !((TableRow<?>) node).isEmpty())
                .query();
        robot.moveTo(struck.lookup(".reason-cell"));
        assertThat(robot.lookup("#why").query().getAccessibleText()).contains("is removed.");
        assertThat(states(struck)).contains("lit");
        assertThat(seen(robot, ".reason-cell")).contains("2.5 > 4 is false", "4.5 > 4 is true");
    }

    @Test
    void rowsOfAStageMayGoWhileItsWordsArePointedAt(FxRobot robot) throws Exception {
        write(robot, "SELECT * FROM hives WHERE hive_no > 2");
        assertThat(robot.lookup(".kind-counts .count-tile").<Node>queryAll())
                .isNotEmpty().noneMatch(tile -> states(tile).contains("chosen"));
        robot.interact(() -> {
            model.goTo(1);
            model.pointing().part().set(OptionalInt.of(model.showing().get().frame().orElseThrow().part()));
        });
        assertThat(lit(robot)).isEqualTo(2);
        robot.interact(() -> model.lesson().edit(new RowEdit.Delete("hives", 1, 4)));
        assertThat(lit(robot)).isEqualTo(1);
    }

    @Test
    void theRowThatCameLastIsInViewAlsoWhenAnotherJoinIsShownHalfWay(FxRobot robot) throws Exception {
        write(robot, "SELECT * FROM hives h CROSS JOIN keepers k");
        robot.interact(() -> model.goTo(0));
        robot.interact(() -> model.goTo(model.showing().get().last()));
        write(robot, "SELECT * FROM hives WHERE hive_no > 2");
        robot.interact(() -> model.goTo(3));
        write(robot, "SELECT * FROM hives h CROSS JOIN keepers other");
        int landed = model.showing().get().match().orElseThrow().landed().size();
        assertThat(landed).isBetween(1, 4);
        assertThat(robot.lookup("#right-result").<GridTable<?>>query().isWhollyInView(landed - 1)).isTrue();
    }

    private static long lit(FxRobot robot) {
        return robot.lookup(".stage-card .table-row-cell").queryAll().stream()
                .filter(row -> states(row).contains("lit") && isSeen(row)).count();
    }

    @Test
    void naturalAndSelfJoinsAreExplainedAndThenDone(FxRobot robot) {
        robot.push(KeyCode.A);
        assertThat(seen(robot, ".explained-right")).containsExactly("These are the right columns.");
        robot.clickOn("#natural-full-outer");
        assertThat(headings(robot, Side.LEFT)).containsExactly("keeper_id", "h.hive_no", "h.hive", "h.mother_no");
        assertThat(headings(robot, Side.RIGHT)).containsExactly("k.keeper", "k.village");
        assertThat(model.showing().get().outcome().orElseThrow().size()).isEqualTo(7);
        robot.push(KeyCode.S).clickOn("#join-self");
        assertThat(model.showing().get().lesson().staged().sql())
                .isEqualTo("SELECT * FROM hives l FULL JOIN hives r ON l.mother_no = r.hive_no");
    }

    @Test
    void rowsAreMatchedByBucketsAndBySortedListsToo(FxRobot robot) {
        robot.interact(() -> {
            model.algorithm().set(JoinAlgorithm.HASH);
            model.goTo(2);
        });
        assertThat(robot.lookup("#algorithm").<ChoiceBox<JoinAlgorithm>>query().getValue())
                .isEqualTo(JoinAlgorithm.HASH);
        assertThat(seen(robot, ".row-mark")).containsExactlyInAnyOrder("bucket 11", "bucket 12");
        robot.interact(() -> {
            model.algorithm().set(JoinAlgorithm.SORT_MERGE);
            model.goTo(3);
        });
        assertThat(seen(robot, ".row-mark.left")).containsExactlyInAnyOrder("1st", "2nd", "3rd", "4th", "aside");
        robot.push(KeyCode.END);
        assertThat(model.showing().get().match().orElseThrow().landed()).hasSize(5);
    }

    @Test
    void onlyThePairsArePlayed(FxRobot robot) throws Exception {
        robot.push(KeyCode.HOME).push(KeyCode.P);
        List<Showing> played = new ArrayList<>();
        robot.interact(() -> {
            player.speed().set(Speed.TEN);
            model.showing().subscribe((_, now) -> played.add(now));
        });
        robot.push(KeyCode.SPACE);
        until(() -> !player.playing().get());
        assertThat(played.getLast().isAtEnd()).isTrue();
        assertThat(played.subList(0, played.size() - 1)).isNotEmpty()
                .allSatisfy(now -> assertThat(now.match().orElseThrow().step().lands()).isTrue());
    }

    @Test
    void theResultSaysWhatAnotherKindDidToIt(FxRobot robot) {
        robot.push(KeyCode.DIGIT1);
        assertThat(links(robot)).containsExactly("1 – 1 pair", "2 – 2 pair", "4 – 1 pair", "3 – · removed",
                "5 – · removed");
        robot.push(KeyCode.DIGIT4);
        assertThat(links(robot)).containsExactly("1 – 1 pair", "2 – 2 pair", "3 – · new", "4 – 1 pair", "5 – · new",
                "· – 3 new", "· – 4 new");
        assertThat(model.showing().get().changes().orElseThrow().said(words())).isEqualTo("4 added");
    }

    @Test
    void theResultIsSortedHiddenGroupedAndCopiedWithoutBeingChanged(FxRobot robot) {
        robot.interact(() -> model.lesson().edit(new SceneEdit.LookAt("hives", "harvests")));
        assertThat(links(robot)).startsWith("1 – 1 pair", "1 – 2 repeated", "1 – 3 repeated", "2 – 4 pair");
        Label kg = robot.lookup("#right-result .result-heading").<Label>queryAll().stream()
                .filter(label -> label.getText().contains("kg")).findFirst().orElseThrow();
        robot.clickOn(kg);
        assertThat(links(robot).getFirst()).isEqualTo("5 – 7 pair");
        robot.rightClickOn("#right-result .result-heading").clickOn("Hide r.hive_no");
        assertThat(headings(robot, Side.RIGHT)).hasSize(2);
        robot.push(KeyCode.C);
        List<String> lines = WaitForAsyncUtils.waitForAsyncFx(120_000, () -> Clipboard.getSystemClipboard().getString())
                .lines().toList();
        assertThat(lines.getFirst()).isEqualTo("l.hive_no\thive\tkeeper_id\tmother_no\tday\tkg");
        assertThat(lines.get(1)).isEqualTo("5\tSainfoin\t15\t\t2026-07-15\t1.5");
        assertThat(lines).hasSize(10);
        robot.push(KeyCode.G);
        assertThat(links(robot)).startsWith("1 – 3 pair", "1 – 1 repeated", "1 – 2 repeated");
        assertThat(model.showing().get().outcome().orElseThrow().size()).isEqualTo(9);
    }

    @Test
    void theResultOfAQueryIsLookedAtOtherwiseAndSaysWhatChanged(FxRobot robot) throws Exception {
        write(robot, QUERY);
        assertThat(listed(robot)).containsExactly("4.5", "5.0", "6.0", "7.5");
        robot.clickOn("#query-result .result-heading");
        assertThat(listed(robot)).containsExactly("5.0", "4.5", "6.0", "7.5");
        robot.push(KeyCode.G).rightClickOn("#query-result .result-heading").clickOn("Hide hive").push(KeyCode.C);
        List<String> lines = WaitForAsyncUtils.waitForAsyncFx(120_000, () -> Clipboard.getSystemClipboard().getString())
                .lines().toList();
        assertThat(lines).hasSize(5).startsWith("keeper\tkg");
        robot.interact(() -> model.lesson().edit(SceneEdit.Write.of(QUERY.replace("> 4", "> 5.5"))));
        assertThat(listed(robot)).hasSize(4);
        assertThat(robot.lookup(".query-row").queryAll().stream().filter(row -> states(row).contains("removed")))
                .hasSize(2);
        assertThat(seen(robot, ".stage-card .about")).anyMatch(
                said -> said.contains("2 rows · 2 removed · sorted here only · 1 column hidden"));
        robot.moveTo(
                robot.lookup(".query-row").match(row -> isSeen(row) && !((TableRow<?>) row).isEmpty()).<Node>query());
        assertThat(robot.lookup("#why").query().getAccessibleText()).contains("harvests row 2 is row");
        assertThat(model.pointing().decided().get()).isPresent();
    }

    @Test
    void threeCirclesChooseKindsAndArePointedAt(FxRobot robot) throws Exception {
        String chain =
                "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id LEFT JOIN harvests r ON "
                        + "r.hive_no = h.hive_no";
        write(robot, chain);
        Label linden = robot.lookup(".venn-row").<Label>queryAll().stream()
                .filter(row -> isSeen(row) && row.getText().equals("Linden")).findFirst().orElseThrow();
        robot.moveTo(linden);
        assertThat(states(linden)).contains("lit");
        robot.clickOn(linden);
        assertThat(model.showing().get().lesson().scene().written().map(WrittenQuery::sql))
                .contains(chain.replace("LEFT JOIN harvests", "INNER JOIN harvests"));
    }

    @Test
    void thePairGridSaysKeyByKeyWhyThereAreSoManyAndPointsAtPairs(FxRobot robot) {
        robot.interact(() -> model.picture().set(Picture.PAIRS));
        assertThat(seen(robot, ".pair-sum")).containsExactly("5 rows: 3 pairs + 2 kept");
        robot.clickOn("#pairs-by-key");
        assertThat(seen(robot, ".pair-sum")).containsExactly("3 pairs: 11 gives 2 × 1, 12 gives 1 × 1");
        // Linden and Tam: they have been compared, and do not match.
        robot.moveTo(robot.lookup(".pair-cell")
                .match(cell -> "Linden and Tam: unknown".equals(cell.getAccessibleText())).<Node>query());
        assertThat(robot.lookup("#why").query().getAccessibleText()).startsWith("Linden's keeper_id is NULL.");
        assertThat(robot.lookup("#left-table .table-row-cell").match(row -> states(row).contains("lit")).queryAll())
                .hasSize(1);
        // Another scene tells it again only when it is asked.
        robot.interact(() -> model.lesson().edit(new ScenesEdit.Keep(model.asItIs())));
        assertThat(seen(robot, ".pair-sum")).containsExactly("5 rows: 3 pairs + 2 kept");
    }

    @Test
    void theResultIsWalkedThroughByTheKeyboard(FxRobot robot) {
        robot.clickOn(robot.lookup("#left-result .value-cell").<Node>query()).moveTo("#why").push(KeyCode.DOWN);
        assertThat(model.pointing().lineage().get().orElseThrow().pointed())
                .isEqualTo(new Lineage.Pointed.Result(new ResultRow.Met(1, 1)));
        robot.push(KeyCode.DOWN);
        assertThat(robot.lookup("#why").query().getAccessibleText()).startsWith("Linden has no match");
    }

    /** The stage shows what the frame says, whichever stage it is of. */
    private void assertShown(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        Showing now = model.showing().get();
        assertThat(robot.lookup("#why").query().getAccessibleText())
                .isEqualTo(now.frame().orElseThrow().shown().why().in(words()).text());
        if (!(now.frame().orElseThrow().shown() instanceof RowFrame frame) || frame.kind() == StageKind.RESULT) return;
        List<TableView<?>> grids = robot.lookup(".stage-card .grid-table").<TableView<?>>queryAll().stream()
                .sorted(Comparator.comparingDouble(grid -> grid.localToScene(0, 0).getX())).toList();
        assertThat(grids.getLast().getItems()).hasSize(frame.landed());
        List<Node> struck = robot.lookup(".stage-card .table-row-cell").match(node -> states(node).contains("left-out"))
                .queryAll().stream().toList();
        assertThat(struck)
                .hasSize((int) frame.fates().stream().filter(RowFrame.RowProgress.STRUCK_OUT::equals).count());
        long lanes = IntStream.range(0, frame.landed()).count();
        assertThat(robot.lookup(node -> node instanceof CubicCurve lane
                && lane.getParent().getStyleClass().contains("met") && isSeen(lane)).queryAll()).hasSize((int) lanes);
    }

    @Test
    void theColumnsOfAQuerysResultAreAsWideAsItsValuesNowAre(FxRobot robot) throws Exception {
        write(robot, "SELECT h.hive, k.keeper, k.village FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id "
                + "ORDER BY h.hive");
        robot.interact(() -> model.lesson().edit(new CellEdit.Type("hives", 0, 1, "Thyme")));
        List<Double> before = widths(robot);
        // What changed is marked before and after: the columns are the same ones.
        robot.interact(() -> model.lesson().edit(new CellEdit.Type("hives", 0, 1, "Thyme beside the mill")));
        assertThat(widths(robot).getFirst()).isGreaterThan(before.getFirst());
    }

    /** How wide the headings of the query's result are, from left to right. */
    private static List<Double> widths(FxRobot robot) {
        robot.interact(() -> robot.lookup("#query-result").query().getScene().getRoot().layout());
        return robot.lookup("#query-result .result-heading").<Label>queryAll().stream()
                .sorted(Comparator.comparingDouble(label -> label.localToScene(0, 0).getX())).map(Label::getWidth)
                .toList();
    }

    private static List<String> headings(FxRobot robot, Side side) {
        // What a heading says follows from the room it is given.
        robot.interact(() -> robot.lookup("#" + side.id() + "-result").query().getScene().getRoot().layout());
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup("#" + side.id() + "-result .result-heading").<Label>queryAll().stream()
                .sorted(Comparator.comparingDouble(label -> label.localToScene(0, 0).getX())).map(Labeled::getText)
                .toList();
    }

    /** What stands in the last column of the query's result, from top to bottom. */
    private static List<String> listed(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup(".query-row").queryAll().stream().map(node -> (TableRow<?>) node)
                .filter(row -> !row.isEmpty() && row.isVisible()).sorted(Comparator.comparingInt(TableRow::getIndex))
                .map(row -> row.lookupAll(".value").stream()
                        .max(Comparator.comparingDouble(value -> value.localToScene(0, 0).getX()))
                        .map(value -> ((Label) value).getText()).orElseThrow())
                .toList();
    }

    /** What stands between the two parts of the result. */
    private static List<String> links(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup(".result-links .table-row-cell").queryAll().stream().map(node -> (TableRow<?>) node)
                .filter(row -> !row.isEmpty() && row.isVisible())
                .sorted(Comparator.comparingInt(TableRow::getIndex))
                .map(row -> String.join(" ", Stream.of(".link-numbers", ".link-word")
                        .map(part -> ((Label) row.lookup(part)).getText()).toList()))
                .toList();
    }

    private static List<String> seen(FxRobot robot, String query) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup(query).<Node>queryAll().stream().filter(QueryShowTest::isSeen)
                .filter(node -> node instanceof Labeled).map(node -> ((Labeled) node).getText()).toList();
    }
}
