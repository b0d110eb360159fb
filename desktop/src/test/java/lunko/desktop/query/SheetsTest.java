package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.paint.Paint;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Notice;
import lunko.desktop.look.SqlFlow;
import lunko.insight.picture.KindChart;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.lesson.CellEdit;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;
import lunko.query.change.ConditionDraft.How;
import lunko.query.change.ConditionSite;
import lunko.query.change.RephrasingKind;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Name;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.matcher.control.LabeledMatchers;
import org.testfx.util.WaitForAsyncUtils;

/** What stands in the place of the stage for a while, as a person uses it. */
class SheetsTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void everyWayToSayAQueryCanBeChosen(FxRobot robot) throws Exception {
        robot.push(KeyCode.W);
        Set<RephrasingKind> missing = EnumSet.allOf(RephrasingKind.class);
        String semi = " keepers k WHERE h.keeper_id = k.keeper_id)";
        for (String sql : List.of(PLAIN.replace("LEFT", "INNER"), PLAIN.replace("LEFT", "FULL"),
                "SELECT * FROM hives h WHERE EXISTS (SELECT *  FROM" + semi,
                "SELECT * FROM hives h WHERE NOT EXISTS (SELECT * FROM" + semi,
                "SELECT * FROM hives h WHERE h.keeper_id IN (SELECT k.keeper_id FROM keepers k)",
                "SELECT q.hive FROM (SELECT * FROM hives) q JOIN keepers k ON q.keeper_id = k.keeper_id",
                PLAIN + " LEFT JOIN visits v ON v.hive_no = h.hive_no",
                PLAIN + " JOIN visits v ON v.keeper_id = k.keeper_id")) {
            robot.interact(() -> model.lesson().edit(SceneEdit.Write.of(sql)));
            until(SheetsTest::tried);
            for (RephrasingKind kind : List.copyOf(missing)) {
                Optional<Node> way = robot.lookup(".way").match(
                        node -> ((Label) node.lookup(".way-title")).getText()
                                .equals(words().sheets().way(words().rephrasings().title(kind))))
                        .tryQuery();
                Optional<Button> use = way.flatMap(node -> Optional.ofNullable((Button) node.lookup(".use")));
                if (use.isEmpty()) continue;
                String text = ((SqlFlow) way.get().lookup(".sql-flow")).getAccessibleText();
                robot.interact(use.get()::fire);
                assertText(text);
                missing.remove(kind);
                robot.interact(() -> model.lesson().undo());
                until(SheetsTest::tried);
            }
        }
        assertThat(missing).isEmpty();
        robot.push(KeyCode.W);
        assertThat(robot.lookup("#ways").tryQuery()).isEmpty();
    }

    /** Whether all ways of the query at hand have been found out. */
    private static boolean tried() {
        return new FxRobot().lookup(".sheet .about").<Label>queryAll().stream()
                .anyMatch(label -> label.getText().endsWith("tried on your tables"));
    }

    @Test
    void aWayThatIsNotAlwaysTheSameShowsOnWhichTables(FxRobot robot) throws Exception {
        robot.interact(() -> model.lesson().edit(new SceneEdit.ChooseKind(JoinKind.LEFT_ANTI)));
        robot.push(KeyCode.W);
        until(() -> robot.lookup(".counter-button").tryQuery().isPresent());
        robot.clickOn(".counter-button");
        assertThat(
                robot.lookup(".small-title").<Label>queryAll().stream().filter(OpenWindow::isSeen).map(Label::getText))
                .contains("hives", "keepers", words().sheets().asItIsNow(1), words().sheets().soInstead(0));
    }

    @Test
    void aConditionIsSentFromWhereToOn(FxRobot robot) throws Exception {
        String where = PLAIN + " WHERE k.village = 'Ashholt'";
        robot.interact(() -> model.lesson().edit(SceneEdit.Write.of(where)));
        robot.push(KeyCode.O);
        until(() -> robot.lookup("#send").tryQuery().isPresent());
        assertThat(robot.lookup(".aligned-title").<Label>queryAll().stream().map(Label::getText))
                .containsExactly(words().sheets().asItIs("WHERE", 2), words().sheets().inOther("ON", 5));
        assertThat(robot.lookup(".aligned-gap").queryAll()).hasSize(3);
        assertThat(robot.lookup(".why-both").queryAll()).hasSize(3);
        robot.clickOn("#send");
        until(() -> robot.lookup(".aligned-title").<Label>queryAll().stream()
                .anyMatch(title -> title.getText().startsWith("In WHERE: ")));
        assertThat(model.lesson().lesson().get().staged().sql()).isEqualTo(PLAIN + " AND k.village = 'Ashholt'");
        robot.clickOn("#send");
        assertThat(model.lesson().lesson().get().staged().sql()).isEqualTo(where);
    }

    @Test
    void severalQueriesAreRunTogetherAndShownOneByOne(FxRobot robot) throws Exception {
        String kinds = String.join(";\n",
                List.of("INNER", "LEFT", "RIGHT", "FULL").stream().map(kind -> PLAIN.replace("LEFT", kind)).toList())
                + ";\nSELECT * FROM hives h CROSS JOIN keepers k";
        robot.interact(() -> model.lesson().edit(SceneEdit.Write.of(kinds)));
        robot.push(KeyCode.R);
        until(() -> robot.lookup(".result-count").queryAll().size() == 5);
        assertThat(robot.lookup(".result-count").<Label>queryAll().stream().map(Label::getText))
                .containsExactly("3 rows", "5 rows", "5 rows", "7 rows", "20 rows");
        robot.interact(
                robot.lookup(".use").queryAllAs(Button.class).stream().reduce((_, last) -> last).orElseThrow()::fire);
        assertThat(model.showing().get().outcome().orElseThrow().size()).isEqualTo(20);
        // A kind is chosen for the one that is shown, and the others stay.
        robot.push(KeyCode.DIGIT2);
        assertThat(model.lesson().lesson().get().staged().sql()).startsWith(kinds.substring(0, kinds.lastIndexOf(';')))
                .endsWith(PLAIN);
    }

    @Test
    void theQueryIsCopiedInTheWordsOfADatabase(FxRobot robot) throws Exception {
        robot.interact(() -> model.lesson().edit(new SceneEdit.ChooseKind(JoinKind.FULL_OUTER)));
        robot.push(KeyCode.D);
        robot.clickOn(robot.lookup(".choices .toggle-button").queryAllAs(ToggleButton.class).stream()
                .filter(button -> button.getText().equals("H2")).findFirst().orElseThrow());
        robot.clickOn("#copy-query");
        assertThat(clipboard()).contains("UNION ALL").contains("\"hives\" h");
        robot.clickOn("#copy-script");
        assertThat(clipboard()).startsWith("-- ").contains("CREATE TABLE \"hives\"").contains("VARCHAR")
                .endsWith(";\n");
    }

    @Test
    void aQueryIsBuiltWithoutTyping(FxRobot robot) throws Exception {
        robot.push(KeyCode.U);
        choose(robot, "#add-table", "harvests");
        assertText(PLAIN + " INNER JOIN harvests h2 ON h.hive_no = h2.hive_no");
        robot.interact(() -> robot.lookup("#alias-2").query().requestFocus());
        field(robot, "#alias-2", "r");
        // All of it is made anew, and the keyboard is where it was.
        assertThat(robot.lookup("#alias-2").query().isFocused()).isTrue();
        String chain = PLAIN + " INNER JOIN harvests r ON h.hive_no = r.hive_no";
        assertText(chain);
        robot.interact(() -> {
            robot.lookup("#condition-left").<ChoiceBox<ColumnName>>query().setValue(ColumnName.of(Name.of("r"), "kg"));
            robot.lookup("#condition-comparison").<ChoiceBox<How>>query().setValue(How.GREATER);
            robot.lookup("#condition-right").<ComboBox<String>>query().getEditor().setText("4");
            robot.lookup("#condition-seat").<ChoiceBox<ConditionSite>>query().setValue(new ConditionSite.Where());
            robot.lookup("#add-condition").<Button>query().fire();
        });
        assertText(chain + " WHERE r.kg > 4");
        // A condition is changed in its place; what is none is said, and costs nothing.
        condition(robot, "r.kg > 4", "r.kg >");
        assertThat(said()).contains("condition");
        condition(robot, "r.kg >", "r.kg BETWEEN 4 AND 20");
        assertText(chain + " WHERE r.kg BETWEEN 4 AND 20");
        condition(robot, "r.kg BETWEEN 4 AND 20", "r.kg > 4");
        choose(robot, "#add-sort", "r.kg");
        field(robot, "#first-rows", "2");
        assertText(chain + " WHERE r.kg > 4 ORDER BY r.kg FETCH FIRST 2 ROWS ONLY");
        assertThat(robot.lookup("#build .about").<Label>queryAll().stream().map(Label::getText))
                .anyMatch(said -> said.startsWith("gives 2 rows"));
        choose(robot, "#join-1", "LEFT JOIN");
        assertThat(model.lesson().lesson().get().staged().sql()).contains("LEFT JOIN harvests r");
        // Columns: one goes, and what is left is named.
        for (String gone : List.of("h.hive_no", "h.keeper_id", "h.mother_no", "k.keeper_id", "k.keeper", "k.village",
                "r.hive_no", "r.day")) {
            robot.interact(() -> robot.lookup(".sheet .query-button").queryAllAs(ButtonBase.class).stream()
                    .filter(button -> ("Do not select " + gone).equals(button.getAccessibleText())).findFirst()
                    .orElseThrow().fire());
        }
        assertThat(model.lesson().lesson().get().staged().sql()).startsWith("SELECT h.hive, r.kg FROM");
        assertThat(looksTicked(robot)).isFalse();
        robot.interact(() -> robot.lookup("#build .check-box").<CheckBox>query().fire());
        assertThat(model.lesson().lesson().get().staged().sql()).startsWith("SELECT DISTINCT h.hive, r.kg FROM");
        assertThat(looksTicked(robot)).isTrue();
        swap(robot);
        assertThat(model.lesson().lesson().get().staged().sql()).contains("FROM keepers k RIGHT JOIN hives h ON");
        assertThat(model.showing().get().obstacle()).isEmpty();
    }

    /** Whether in the one box to tick on the sheet a tick is to be seen. */
    private static boolean looksTicked(FxRobot robot) {
        robot.interact(() -> robot.lookup("#build").query().applyCss());
        return !colour(robot, ".mark").equals(colour(robot, ".box"));
    }

    private static Paint colour(FxRobot robot, String part) {
        return robot.lookup("#build .check-box " + part).<Region>query().getBackground().getFills().getLast().getFill();
    }

    @Test
    void everyKindIsSeenAtOnceComparedAndChosen(FxRobot robot) {
        robot.push(KeyCode.K);
        assertThat(rows(robot)).containsExactly("3", "5", "5", "7", "3", "2", "2", "2", "4");
        assertThat(robot.lookup(".chart-cell.kept").match(cell -> cell.getParent() instanceof KindChartLine).queryAll())
                .hasSize(12);
        // By the arrows to what an inner join makes of the last line, a keeper without a match.
        robot.interact(() -> robot.lookup(".kind-chart").query().requestFocus());
        for (int i = 0; i < 7; i++) robot.push(KeyCode.DOWN);
        assertThat(robot.lookup(".chart-why").query().getAccessibleText()).startsWith("Yara is not in the result");
        assertThat(robot.lookup(".chart-changed").<Label>queryAll()).extracting(Label::getText)
                .containsExactly(words().kinds().removed(2), words().kinds().added(0));
        assertThat(robot.lookup(".kind-chart").query().getAccessibleText()).isEqualTo(words().kinds()
                .cellOf("· – Yara", JoinKind.INNER, KindChart.Cell.ABSENT));
        robot.clickOn(robot.lookup(".chart-heading").match(LabeledMatchers.hasText("full anti")).<Node>query());
        assertThat(model.showing().get().kind()).contains(JoinKind.FULL_ANTI);
        robot.interact(() -> model.lesson().edit(new CellEdit.Type("hives", 2, 2, "13")));
        assertThat(rows(robot)).containsExactly("4", "5", "5", "6", "4", "3", "1", "1", "2");
        assertThat(robot.lookup(".chart-cell.kept").match(cell -> cell.getParent() instanceof KindChartLine
                && isSeen(cell)).queryAll()).hasSize(1 + 1 + 2 + 2);
        // As many lines as there are, of which those in view are made.
        robot.interact(() -> model.lesson().edit(new CellEdit.Paste("hives", 5, 1,
                IntStream.range(0, 300).mapToObj(n -> List.of("Fern " + n, "11")).toList())));
        assertThat(rows(robot).getFirst()).isEqualTo("304");
        assertThat(robot.lookup(".kind-chart .chart-line").queryAll()).hasSizeLessThan(60);
        robot.interact(() -> robot.lookup(".kind-chart").query().requestFocus());
        for (int i = 0; i < 30; i++) robot.push(KeyCode.DOWN);
        assertThat(robot.lookup(".kind-chart").query().getAccessibleText()).startsWith("Fern 25 – Oda");
        assertThat(robot.lookup(".chart-cell").match(cell -> cell.getPseudoClassStates().toString().contains(
                "pointed") && isSeen(cell)).queryAll()).hasSize(1);
        robot.push(KeyCode.DIGIT5);
        assertThat(robot.lookup(".kind-chart").queryAll()).isEmpty();
    }

    @Test
    void resultsAreLinedUpAndAGapTellsItsWhy(FxRobot robot) throws Exception {
        robot.push(KeyCode.L);
        until(() -> robot.lookup(".aligned-title").queryAll().size() == 2);
        assertThat(robot.lookup(".aligned-title").<Label>queryAll()).extracting(Label::getText)
                .containsExactly("on the stage: 5 rows", "inner: 3 rows");
        assertThat(robot.lookup(".aligned-gap").queryAll()).hasSize(2);
        robot.moveTo(robot.lookup(".aligned-gap").<Node>queryAll().iterator().next());
        assertThat(robot.lookup(".chart-why").query().getAccessibleText()).contains("Linden");
        robot.clickOn("#compare-with").clickOn(robot.lookup(".check-menu-item .label")
                .match(LabeledMatchers.hasText("full outer")).<Node>query());
        until(() -> robot.lookup(".aligned-title").queryAll().size() == 3);
        assertThat(robot.lookup(".aligned-gap").queryAll()).hasSize(2 + 2 * 2);
        robot.interact(() -> model.lesson().edit(new CellEdit.Type("hives", 2, 2, "13")));
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#compare-with");
        assertThat(robot.lookup("before: change keeper_id in row 3 of hives").tryQuery()).isPresent();
        robot.push(KeyCode.ESCAPE);
        // Not while it would give an answer away.
        robot.interact(() -> model.lesson()
                .edit(new SceneEdit.Ask(Optional.of(Asked.plainly(new Question.HowMany())))));
        assertThat(robot.lookup(".aligned").query().getParent().isVisible()
                && robot.lookup("#side-by-side-sheet").query().getParent().isVisible()).isFalse();
    }

    /** How many rows each kind gives, at the foot of the chart. */
    private static List<String> rows(FxRobot robot) {
        return robot.lookup(".chart-rows").<Label>queryAll().stream().map(Label::getText).toList();
    }

    @Test
    void whatSwappingDoesIsSaid(FxRobot robot) throws Exception {
        robot.push(KeyCode.U);
        swap(robot);
        until(() -> said().contains("Swapped: the same 5 rows, in another order."));
        robot.interact(
                () -> model.lesson().edit(SceneEdit.Write.of(PLAIN + " JOIN visits v ON v.keeper_id = k.keeper_id")));
        swap(robot);
        until(() -> said().contains("But the order of joins matters: the last two tables joined first gives "));
        assertThat(model.lesson().lesson().get().staged().sql())
                .startsWith("SELECT * FROM keepers k RIGHT JOIN hives h");
    }

    private String said() {
        return model.lesson().notice().get().map(Notice::sentence).orElse("");
    }

    private static void swap(FxRobot robot) {
        robot.interact(() -> robot.lookup(".sheet .query-button").queryAllAs(ButtonBase.class).stream()
                .filter(button -> "Swap the sides of this join: left becomes right".equals(button.getAccessibleText()))
                .findFirst().orElseThrow().fire());
    }

    private static void condition(FxRobot robot, String is, String becomes) {
        robot.interact(() -> {
            TextField field = robot.lookup(".condition-field").<TextField>queryAll().stream()
                    .filter(each -> each.getText().equals(is)).findFirst().orElseThrow();
            field.setText(becomes);
            field.fireEvent(new ActionEvent());
        });
    }

    private void assertText(String sql) {
        assertThat(model.lesson().lesson().get().staged().sql()).isEqualTo(sql);
        assertThat(model.showing().get().obstacle()).isEmpty();
    }

    private static void choose(FxRobot robot, String menu, String item) {
        robot.interact(() -> robot.lookup(menu).<MenuButton>query().getItems().stream()
                .filter(each -> each.getText().equals(item)).findFirst().orElseThrow().fire());
    }

    private static void field(FxRobot robot, String id, String text) {
        robot.interact(() -> {
            TextField field = robot.lookup(id).query();
            field.setText(text);
            field.fireEvent(new ActionEvent());
        });
    }

    private static String clipboard() {
        return WaitForAsyncUtils.waitForAsyncFx(120_000, () -> Clipboard.getSystemClipboard().getString());
    }
}
