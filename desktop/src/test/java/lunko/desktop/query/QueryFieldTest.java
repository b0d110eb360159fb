package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import javafx.css.PseudoClass;
import javafx.event.Event;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TableRow;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.lesson.ColumnEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.ScenesEdit;
import lunko.lesson.mistake.Mistake;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.query.JoinKind;
import lunko.query.sql.Completion.Proposal;
import lunko.table.Column;
import lunko.table.Type;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The text of the query as a person types it. */
class QueryFieldTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void theStageFollowsWhatIsTypedAndTheTextWhatIsChosen(FxRobot robot) throws Exception {
        assertThat(area(robot).getText()).isEqualTo(PLAIN);
        robot.push(KeyCode.Q);
        assertThat(area(robot).isFocused()).isTrue();
        robot.interact(() -> area(robot).selectRange(22, 26));
        robot.write("FULL");
        until(() -> model.showing().get().lesson().staged().kind() == JoinKind.FULL_OUTER);
        assertThat(model.showing().get().outcome().orElseThrow().size()).isEqualTo(7);
        assertThat(model.showing().get().changes().orElseThrow().said(words())).isEqualTo("2 added");
        // The plain join is still the one of the two tables: its kind can be chosen, and a key in the field is a
        // letter.
        robot.push(KeyCode.ESCAPE).push(KeyCode.DIGIT1);
        assertThat(area(robot).getText()).isEqualTo(PLAIN.replace("LEFT JOIN", "INNER JOIN"));
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(model.showing().get().lesson()).isEqualTo(DemoLesson.lesson());
    }

    /** Tab completes what is begun, or goes on; it is never a sign of the query. */
    @Test
    void tabIsNoPartOfAQuery(FxRobot robot) throws Exception {
        type(robot, "SELECT * FROM hi");
        robot.push(KeyCode.END).push(KeyCode.TAB).push(KeyCode.TAB);
        until(() -> area(robot).getText().equals("SELECT * FROM hives"));
        robot.write(" ").push(KeyCode.TAB);
        assertThat(area(robot).getText()).isEqualTo("SELECT * FROM hives ");
        assertThat(area(robot).isFocused()).isFalse();
    }

    /** Whoever types and goes elsewhere at once, and takes it back there, finds the text that the lesson has. */
    @Test
    void whatIsTakenBackElsewhereIsNotInTheTextAnyMore(FxRobot robot) throws Exception {
        String before = area(robot).getText();
        type(robot, "SELECT h.hive FROM hives h");
        robot.push(KeyCode.F6);
        until(() -> model.lesson().history().get().past().isPresent());
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.F6).push(KeyCode.F6);
        assertThat(model.lesson().mode().get()).isEqualTo(Mode.SHOW);
        assertThat(area(robot).getText()).isEqualTo(before);
    }

    @Test
    void whatIsWrongMayBeDeletedWhenItIsGoneTo(FxRobot robot) throws Exception {
        type(robot, PLAIN.replace("keepers", "keeper"));
        until(() -> !styled(robot, "wrong").isEmpty());
        robot.interact(() -> {
            area(robot).clear();
            Event.fireEvent(area(robot), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.F3, false, false, false,
                    false));
        });
        assertThat(area(robot).getCaretPosition()).isZero();
    }

    @Test
    void typingThatGoesOnIsOneChangeOfTheLesson(FxRobot robot) throws Exception {
        robot.push(KeyCode.Q);
        for (String more : List.of(" WHERE h.hive_no < 3", " AND h.hive_no > 1")) {
            robot.interact(() -> area(robot).appendText(more));
            until(() -> model.showing().get().lesson().staged().sql().endsWith(more));
        }
        assertThat(model.lesson().history().get().past().orElseThrow().beyond()).isEmpty();
        assertThat(area(robot).isUndoAvailable()).isTrue();
        robot.push(KeyCode.ESCAPE).interact(() -> model.lesson().undo());
        assertThat(model.showing().get().lesson()).isEqualTo(DemoLesson.lesson());
        until(() -> area(robot).getText().equals(PLAIN));
    }

    @Test
    void whatIsWrongIsUnderlinedAndMendedWithAClickWhileTheLastPictureStays(FxRobot robot) throws Exception {
        type(robot, PLAIN.replace("keepers", "keeper"));
        until(() -> !styled(robot, "wrong").isEmpty());
        assertThat(styled(robot, "wrong")).isEqualTo("keeper");
        assertThat(robot.lookup(".query-problem").<Label>query().getText())
                .isEqualTo(words().problems().of(Problem.of(new QueryFault.NotThere(QueryFault.Thing.TABLE, "keeper",
                        Optional.empty(), List.of("hives"), Optional.of("keepers")))).text());
        assertThat(model.showing().get().lesson()).isEqualTo(DemoLesson.lesson());
        assertThat(robot.lookup(".stages").query().getPseudoClassStates())
                .contains(PseudoClass.getPseudoClass("stale"));
        robot.clickOn(robot.lookup(".fix").<Button>queryAll().stream()
                .filter(fix -> fix.getText().equals("Change to keepers")).findFirst().orElseThrow());
        until(() -> styled(robot, "wrong").isEmpty() && area(robot).getText().equals(PLAIN));
        until(() -> !model.stale().get());
    }

    /** Wherever the change was made, and wherever the keyboard is. */
    @Test
    void whatAChangeOfTheTablesMakesWrongIsSaidAtOnce(FxRobot robot) throws Exception {
        type(robot, "SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE k.keeper_id = h.hive_no)");
        until(() -> model.lesson().lesson().get().staged().sql().contains("EXISTS"));
        robot.interact(() -> model.lesson().edit(
                new ColumnEdit.Change("hives", 0, new Column("hive_no", Type.TEXT))));
        assertThat(area(robot).isFocused()).isTrue();
        until(() -> robot.lookup(".query-problem").tryQuery().isPresent());
        assertThat(robot.lookup(".query-problem").<Label>query().getText()).contains("SQL does not compare the two");
        robot.interact(() -> model.lesson().undo());
        until(() -> robot.lookup(".query-problem").tryQuery().isEmpty());
    }

    /** Whatever has been typed in between, and whatever would have been shown of it. */
    @Test
    void whatIsSaidOfATextIsSaidAgainWhenItIsBack(FxRobot robot) throws Exception {
        robot.interact(() -> model.lesson().edit(new ScenesEdit.Show("Joined by the wrong column",
                Mistake.WRONG_COLUMN.in(DemoLesson.lesson(), words().mistakes()).expect())));
        String doubted = area(robot).getText();
        until(() -> robot.lookup(".query-doubt").tryQuery().isPresent());
        typeAndTakeBack(robot, doubted);
        assertThat(robot.lookup(".query-doubt").tryQuery()).isPresent();
        // Without ON, the rectangle is shown that it would make.
        robot.interact(() -> area(robot).replaceText(doubted.substring(0, doubted.indexOf(" ON "))));
        until(() -> robot.lookup(".query-problem").tryQuery().isPresent());
        robot.interact(() -> model.lesson().undo());
        assertThat(area(robot).getText()).isEqualTo(doubted);
        until(() -> robot.lookup(".query-doubt").tryQuery().isPresent());
    }

    @Test
    void aTextOfTheLessonThatCannotRunIsNoPreviewWhenItIsBack(FxRobot robot) throws Exception {
        type(robot, "SELECT * FROM hives CROSS JOIN meadows");
        until(() -> model.showing().get().lesson().staged().kind() == JoinKind.CROSS);
        robot.push(KeyCode.ESCAPE).interact(() -> model.choose(JoinKind.INNER));
        String without = area(robot).getText();
        until(() -> robot.lookup(".query-problem").tryQuery().isPresent());
        typeAndTakeBack(robot, without);
        assertThat(robot.lookup(".query-problem").tryQuery()).isPresent();
        assertThat(model.stale().get()).isFalse();
        assertThat(model.showing().get().lesson()).isSameAs(model.lesson().lesson().get());
    }

    @Test
    void aForgottenOnShowsTheRectangleItWouldMake(FxRobot robot) throws Exception {
        type(robot, "SELECT * FROM hives h JOIN keepers k");
        until(() -> robot.lookup(".query-problem").tryQuery().isPresent());
        assertThat(robot.lookup(".query-problem").<Label>query().getText()).contains("5 × 4 = 20 rows");
        assertThat(model.showing().get().outcome().orElseThrow().size()).isEqualTo(20);
        assertThat(robot.lookup("#why").query().getAccessibleText()).contains("every row paired with every row");
        assertThat(model.lesson().lesson().get()).isEqualTo(DemoLesson.lesson());
        robot.clickOn(robot.lookup(".fix").<Button>queryAll().stream().filter(fix -> fix.getText().contains("ON"))
                .findFirst().orElseThrow());
        until(() -> model.showing().get().outcome().orElseThrow().size() == 3);
    }

    /** Whatever is chosen on the stage is done to what is to be seen there. */
    @Test
    void aKindChosenForAPreviewMakesAQueryOfIt(FxRobot robot) throws Exception {
        // The second time, the query that it makes is the one that the lesson has.
        for (int i = 0; i < 2; i++) {
            type(robot, "SELECT * FROM hives h JOIN keepers k");
            until(() -> model.showing().get().outcome().orElseThrow().size() == 20);
            robot.push(KeyCode.ESCAPE).push(KeyCode.DIGIT3);
            until(() -> !model.stale().get());
            assertThat(area(robot).getText()).isEqualTo(PLAIN.replace("LEFT", "RIGHT"));
            assertThat(model.showing().get().lesson().staged().kind()).isEqualTo(JoinKind.RIGHT_OUTER);
        }
    }

    /** None of its steps is one of the lesson's: these are where they were when it ends. */
    @Test
    void aPreviewUncoversNoAnswer(FxRobot robot) throws Exception {
        robot.interact(() -> model.lesson()
                .edit(new SceneEdit.Ask(Optional.of(Asked.plainly(new Question.HowMany())))));
        robot.interact(() -> model.goTo(2));
        for (String on : List.of(" ON h.keeper_id = k.keeper_id", "")) {
            type(robot, "SELECT * FROM hives h JOIN keepers k");
            until(() -> model.showing().get().outcome().orElseThrow().size() == 20);
            assertThat(model.asking().get().orElseThrow().uncovered()).isFalse();
            // Where there were no rows before, there are some now, and they look so.
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(robot.lookup("#left-result .result-row").<TableRow<?>>queryAll())
                    .filteredOn(row -> !row.isEmpty())
                    .hasSizeGreaterThan(3).noneMatch(row -> states(row).contains("to-come"));
            if (on.isEmpty()) robot.push(KeyCode.ESCAPE).push(KeyCode.CONTROL, KeyCode.Z);
            else robot.interact(() -> area(robot).appendText(on));
            until(() -> model.showing().get().lesson() == model.lesson().lesson().get());
            assertThat(model.showing().get().number()).isEqualTo(2);
            assertThat(model.asking().get().orElseThrow().uncovered()).isFalse();
        }
    }

    @Test
    void aKeyGoesFromOneProblemToTheNext(FxRobot robot) throws Exception {
        type(robot,
                "SELECT * FROM hive; SELECT * FROM keepers WHERE keeper_id = NULL; SELECT village FROM keepers "
                        + "ORDER village");
        until(() -> robot.lookup("#next-diagnostic").tryQuery().isPresent());
        assertThat(area(robot).getSelectedText()).isEmpty();
        robot.push(KeyCode.F3);
        assertThat(area(robot).getSelectedText()).startsWith("keeper_id");
        robot.push(KeyCode.F3);
        assertThat(area(robot).getSelectedText()).isEqualTo("ORDER");
        robot.push(KeyCode.F3);
        assertThat(area(robot).getSelectedText()).isEqualTo("hive");
    }

    @Test
    void whatIsKnownCompletesAWord(FxRobot robot) throws Exception {
        robot.push(KeyCode.Q).write(" JOIN ha");
        assertThat(proposed(robot)).containsExactly("harvests");
        robot.push(KeyCode.TAB).write(" r ON r.");
        assertThat(proposed(robot)).containsExactly("hive_no", "day", "kg");
        robot.push(KeyCode.DOWN).push(KeyCode.UP).push(KeyCode.ENTER).write(" = h.hive_no");
        robot.push(KeyCode.ESCAPE);
        until(() -> model.showing().get().lesson().staged().sql()
                .equals(PLAIN + " JOIN harvests r ON r.hive_no = h.hive_no"));
        assertThat(robot.lookup(".stage-tile").queryAll()).isNotEmpty();
    }

    @Test
    void theWordsAtWorkAreLitAndAClauseUnderTheMouseLightsItsStage(FxRobot robot) throws Exception {
        robot.interact(() -> model.goTo(1));
        assertThat(styled(robot, "at-work")).isEqualTo("ON h.keeper_id = k.keeper_id");
        type(robot, PLAIN + " WHERE k.village = 'Ashholt'");
        until(() -> model.showing().get().lesson().staged().sql().endsWith("'Ashholt'"));
        robot.interact(() -> model.goTo(model.showing().get().last() - 1));
        assertThat(styled(robot, "at-work")).isEqualTo("WHERE k.village = 'Ashholt'");
        robot.interact(() -> area(robot).getCharacterBoundsOnScreen(75, 76)
                .ifPresent(at -> robot.moveTo(at.getMinX() + 2, at.getMinY() + 4)));
        robot.moveBy(1, 0);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".stage-tile").match(tile -> states(tile).contains("lit")).<Button>query()
                .getAccessibleText()).startsWith("Filter");
        // Names say whose they are, and the parenthesis at the caret its match.
        assertThat(styled(robot, "of-hue-first")).isEqualTo("hiveshh");
    }

    @Test
    void whateverIsTypedIsEitherShownOrExplained(FxRobot robot) throws Exception {
        Random random = new Random(6);
        List<String> words = List.of((PLAIN
                + " WHERE k.village = 'Ashholt' AND ( h.hive_no > 2 ) ORDER BY h.hive DESC FETCH FIRST 3 ROWS ONLY "
                + "; -- \n NATURAL USING NULL * , 7 ' \"")
                .split(" "));
        robot.push(KeyCode.Q);
        for (int round = 0; round < 16; round++) {
            List<String> mixed = new ArrayList<>(List.of((PLAIN + " WHERE h.hive_no > 2 ORDER BY h.hive").split(" ")));
            for (int i = 0; i <= round % 3; i++)
                mixed.set(random.nextInt(mixed.size()), words.get(random.nextInt(words.size())));
            String text = String.join(" ", mixed);
            robot.interact(() -> area(robot).replaceText(text));
            until(() -> model.stale().get()
                    ? robot.lookup(".query-problem").<Label>tryQuery().filter(label -> !label.getText().isBlank())
                            .isPresent()
                    : model.showing().get().lesson().staged().sql().equals(text)
                            && model.showing().get().obstacle().isEmpty());
            robot.interact(() -> area(robot).replaceText(PLAIN));
            until(() -> !model.stale().get() && model.showing().get().lesson().staged().sql().equals(PLAIN));
        }
    }

    private void type(FxRobot robot, String text) {
        robot.push(KeyCode.Q).interact(() -> area(robot).replaceText(text));
        robot.interact(() -> area(robot).moveTo(0));
    }

    /** So quickly that the lesson does not hear of it; then waits until the text has been read again. */
    private void typeAndTakeBack(FxRobot robot, String text) {
        robot.push(KeyCode.Q).interact(() -> {
            area(robot).replaceText("SELECT 1 AS one");
            area(robot).replaceText(text);
        });
        WaitForAsyncUtils.sleep(400, TimeUnit.MILLISECONDS);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static List<String> proposed(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup("#completion").<ListView<Proposal>>query().getItems().stream().map(Proposal::text).toList();
    }

    /** The characters that have a style. */
    private static String styled(FxRobot robot, String style) {
        StyleClassedTextArea area = area(robot);
        StringBuilder styled = new StringBuilder();
        int at = 0;
        for (var span : area.getStyleSpans(0, area.getLength())) {
            Collection<String> styles = span.getStyle();
            if (styles.contains(style)) styled.append(area.getText(at, at + span.getLength()));
            at += span.getLength();
        }
        return styled.toString();
    }
}
