package lunko.desktop.scenes;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.TextFlow;
import javafx.stage.Stage;
import javafx.stage.Window;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.exchange.lesson.LessonFile;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Picture;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Guess;
import lunko.insight.question.Question;
import lunko.lesson.CellEdit;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.lesson.course.Course;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.steps.JoinAlgorithm;
import lunko.table.Block;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** A lesson of several scenes: made in the show, put in order in the outline, and gone through. */
class ScenesTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    private List<JoinKind> kinds() {
        return lesson().scenes().all().stream().map(Scene::kind).toList();
    }

    @Test
    void digitsOfANumberChooseNoKind(FxRobot robot) {
        JoinKind kind = lesson().scene().kind();
        robot.interact(() -> {
            model.lesson().mode().set(Mode.SCENES);
            model.lesson().edit(new SceneEdit.Ask(Optional.of(Asked.plainly(new Question.WhatStands(0, 0)))));
        });
        robot.interact(() -> robot.lookup(".spinner").query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A).type(KeyCode.DIGIT2, KeyCode.TAB);
        assertThat(lesson().scene().asked().orElseThrow().question()).isEqualTo(new Question.WhatStands(1, 0));
        // The keyboard is at the next number, though both fields have been made anew.
        robot.push(KeyCode.CONTROL, KeyCode.A).type(KeyCode.DIGIT3, KeyCode.TAB);
        assertThat(lesson().scene().asked().orElseThrow().question()).isEqualTo(new Question.WhatStands(1, 2));
        assertThat(lesson().scene().kind()).isEqualTo(kind);
    }

    @Test
    void theKeyboardStaysAtAChoiceThatHasBeenMade(FxRobot robot) {
        robot.interact(() -> model.lesson().mode().set(Mode.SCENES));
        robot.interact(() -> chip(robot, "at the end").requestFocus());
        robot.type(KeyCode.SPACE);
        assertThat(lesson().scene().start().step()).isEmpty();
        assertThat(chip(robot, "at the end").isFocused()).isTrue();
    }

    private static ToggleButton chip(FxRobot robot, String text) {
        return robot.lookup(".choice-chip").<ToggleButton>queryAll().stream()
                .filter(chip -> chip.getText().equals(text)).findFirst().orElseThrow();
    }

    @Test
    void theShowIsKeptAsAScene(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.K).push(KeyCode.DIGIT1).push(KeyCode.HOME).push(KeyCode.PAGE_DOWN);
        robot.clickOn("Pair grid").push(KeyCode.CONTROL, KeyCode.K).push(KeyCode.DIGIT4);
        assertThat(kinds()).containsExactly(JoinKind.LEFT_OUTER, JoinKind.INNER, JoinKind.FULL_OUTER);
        robot.clickOn("Venn diagram").push(KeyCode.END).push(KeyCode.SHIFT, KeyCode.PAGE_UP).push(KeyCode.SHIFT,
                KeyCode.PAGE_DOWN);
        // It opens as it was when it was kept.
        assertThat(model.showing().get().number()).isOne();
        assertThat(model.picture().get()).isEqualTo(Picture.PAIRS);
        assertThat(robot.lookup(".scene-place").queryLabeled().getText()).isEqualTo("3 of 3");
        // Undo shows what it takes back, whatever is looked at.
        robot.push(KeyCode.SHIFT, KeyCode.PAGE_UP).push(KeyCode.SHIFT, KeyCode.PAGE_UP).push(KeyCode.CONTROL,
                KeyCode.Z);
        assertThat(lesson().scenes().at()).isEqualTo(2);
        assertThat(kinds()).containsExactly(JoinKind.LEFT_OUTER, JoinKind.INNER, JoinKind.INNER);
    }

    /** A mistake is chosen from the list: it is on the stage, and the next scene is the same mended. */
    @Test
    void aMistakeIsSetUpWithAClick(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.K).push(KeyCode.F6).clickOn("#add-scenes").clickOn("Show a mistake…")
                .clickOn("A figure that is too large");
        assertThat(model.lesson().mode().get()).isEqualTo(Mode.SHOW);
        assertThat(lesson().scenes().size()).isEqualTo(4);
        assertThat(lesson().scenes().at()).isEqualTo(2);
        assertThat(lesson().scene().telling().title()).isEqualTo("A figure that is too large");
        assertThat(robot.lookup(".diagnostic-line").queryAll()).isNotEmpty();
        robot.push(KeyCode.SHIFT, KeyCode.PAGE_DOWN);
        assertThat(lesson().scene().telling().title()).isEqualTo("The figure, each row once");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(lesson().scenes().size()).isEqualTo(2);
        // What the tables lack is said in the list.
        robot.interact(() -> model.lesson().open(Lesson.begun()));
        robot.push(KeyCode.F6).clickOn("#add-scenes").clickOn("Show a mistake…").clickOn("Side by side, line by line");
        assertThat(robot.lookup(".recipe .query-problem").queryLabeled().getText()).isEqualTo(
                "It needs a link between two tables that have rows: make one first.");
    }

    @Test
    void aRowThatIsChangedInASceneOfItsOwnIsTheSameInAllOthers(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.K).push(KeyCode.F6).clickOn("#tables-own").push(KeyCode.F6);
        assertThat(model.lesson().mode().get()).isEqualTo(Mode.TABLES);
        robot.clickOn("Tam").push(KeyCode.CONTROL, KeyCode.DELETE).push(KeyCode.F6);
        assertThat(lesson().table("keepers").rows()).hasSize(3);
        assertThat(model.showing().get().outcome().orElseThrow().join().right().rows()).hasSize(3);
        robot.push(KeyCode.SHIFT, KeyCode.PAGE_UP);
        assertThat(lesson().table("keepers").rows()).hasSize(4);
        robot.push(KeyCode.SHIFT, KeyCode.PAGE_DOWN).push(KeyCode.F6);
        assertThat(robot.lookup(".own-change").queryLabeled().getText()).contains("keepers", "Tam");
        robot.clickOn("#own-take");
        assertThat(lesson().at(0).table("keepers").rows()).hasSize(3);
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(lesson().table("keepers").rows()).hasSize(4);
    }

    @Test
    void scenesAreNamedMovedDuplicatedAndDeletedInTheirOutline(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.K).push(KeyCode.DIGIT1).push(KeyCode.CONTROL, KeyCode.K)
                .push(KeyCode.DIGIT4).push(KeyCode.F6);
        assertThat(robot.lookup("#scenes").<ListView<?>>query().isFocused()).isTrue();
        robot.push(KeyCode.F2).write("Keep both").push(KeyCode.ENTER).push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.UP);
        assertThat(kinds()).containsExactly(JoinKind.LEFT_OUTER, JoinKind.FULL_OUTER, JoinKind.INNER);
        assertThat(lesson().scene().telling().title()).isEqualTo("Keep both");
        robot.push(KeyCode.SHIFT, KeyCode.DOWN).push(KeyCode.F9);
        assertThat(kinds()).containsExactly(JoinKind.LEFT_OUTER, JoinKind.FULL_OUTER, JoinKind.INNER,
                JoinKind.FULL_OUTER, JoinKind.INNER);
        robot.push(KeyCode.HOME).push(KeyCode.DELETE);
        assertThat(kinds()).hasSize(4).startsWith(JoinKind.FULL_OUTER);
        // A figure chooses no kind here, where nobody would see it.
        robot.push(KeyCode.DIGIT5).clickOn("#scene-note");
        robot.interact(() -> robot.lookup("#scene-note").<TextInputControl>query().setText("**Slowly**"));
        robot.push(KeyCode.ESCAPE);
        assertThat(lesson().scene().telling().note()).isEmpty();
        robot.clickOn("#scene-note").write("Slowly").clickOn("#scenes");
        assertThat(lesson().scenes().all()).anyMatch(scene -> scene.telling().note().equals("Slowly"));
        assertThat(kinds()).doesNotContain(JoinKind.CROSS);
        robot.push(KeyCode.ENTER);
        assertThat(model.lesson().mode().get()).isEqualTo(Mode.SHOW);
    }

    /** What is typed is saved, though the keyboard has not left it yet; and one goes on typing. */
    @Test
    void aNoteIsSavedWhileItIsTyped(FxRobot robot) throws Exception {
        Path file = folder.resolve("typed.lunko");
        robot.push(KeyCode.F6).clickOn("#scene-note").push(KeyCode.CONTROL, KeyCode.END).write(" Slowly");
        robot.interact(() -> screen.lessons().save(file, () -> {}));
        until(() -> Files.exists(file) && !screen.lessons().changed().get());
        assertThat(LessonFile.read(file).expect().scene().telling().note()).endsWith("twice? Slowly");
        robot.write(" now");
        assertThat(robot.lookup("#scene-note").<TextInputControl>query().getText()).endsWith("Slowly now");
    }

    /** With Page Down alone, as a remote has it, every step of every scene is seen, and with Page Up again. */
    @Test
    void aLessonIsGoneThroughWithARemote(FxRobot robot) {
        Lesson course = Course.HIVES_AND_KEEPERS.lesson();
        robot.interact(() -> screen.lesson().open(course));
        robot.push(KeyCode.F11);
        List<Integer> scenes = new ArrayList<>(List.of(lesson().scenes().at()));
        long pressed = 0;
        while (lesson().scenes().at() < 5 && pressed++ < 400) {
            robot.push(KeyCode.PAGE_DOWN);
            if (scenes.getLast() != lesson().scenes().at()) {
                scenes.add(lesson().scenes().at());
                assertThat(model.showing().get().number()).isZero();
                assertThat(model.showing().get().lesson()).isSameAs(lesson());
            }
        }
        assertThat(scenes).containsExactly(0, 1, 2, 3, 4, 5);
        assertThat(robot.lookup(".scene-bead").queryAll()).hasSize(course.scenes().size());
        robot.push(KeyCode.PAGE_UP);
        assertThat(lesson().scenes().at()).isEqualTo(4);
        assertThat(model.showing().get().isAtEnd()).isTrue();
        robot.push(KeyCode.F11);
    }

    private void ask(FxRobot robot, Question question) {
        robot.interact(() -> model.lesson().edit(new SceneEdit.Ask(Optional.of(Asked.plainly(question)))));
    }

    private static boolean isSeen(FxRobot robot, String what) {
        return Stream.iterate(robot.lookup(what).query(), Objects::nonNull, Node::getParent).allMatch(Node::isVisible);
    }

    @Test
    void aWrongGuessIsUncoveredWithItsWhys(FxRobot robot) {
        ask(robot, new Question.WhichRows(Side.LEFT, Question.Fate.UNMATCHED));
        // Nothing gives the answer away, not even to those who point at a row.
        assertThat(model.showing().get().number()).isZero();
        assertThat(isSeen(robot, ".kind-counts")).isFalse();
        assertThat(isSeen(robot, ".picture-card")).isFalse();
        assertThat(isSeen(robot, ".marks")).isFalse();
        robot.interact(() -> model.pointing().choose(Optional.of(new Pointed.Source(Side.LEFT, 2))));
        assertThat(model.pointing().lineage().get()).isEmpty();
        // By its name in the bar, and in its table.
        robot.clickOn("#ask .choice-chip").clickOn(robot.from(robot.lookup("#left-table").queryAll())
                .lookup("Linden").<Node>query());
        assertThat(model.asking().get().orElseThrow().marked().marked()).containsExactlyInAnyOrder(
                new Pointed.Source(Side.LEFT, 0), new Pointed.Source(Side.LEFT, 2));
        robot.push(KeyCode.X);
        assertThat(robot.lookup("#answer").queryLabeled().getText()).isEqualTo("Linden, Sainfoin");
        assertThat(robot.lookup(".ask-why").queryAllAs(Button.class)).extracting(Button::getText)
                .containsExactly("missed: Sainfoin", "too many: Clover");
        assertThat(model.showing().get().isAtEnd()).isTrue();
        assertThat(isSeen(robot, ".kind-counts")).isTrue();
        robot.clickOn("missed: Sainfoin");
        assertThat(robot.lookup("#why .why").queryAs(TextFlow.class).getAccessibleText()).contains("Sainfoin");
        // An edit changes the answer.
        robot.interact(() -> model.lesson().edit(new CellEdit.Put("hives", Block.cell(4, 2), "13")));
        assertThat(robot.lookup("#answer").queryLabeled().getText()).isEqualTo("Linden");
    }

    @Test
    void theStepsUncoverAndAKindIsGuessedByItsKey(FxRobot robot) {
        ask(robot, new Question.HowMany());
        robot.clickOn("#guess").write("5").push(KeyCode.ENTER).push(KeyCode.RIGHT);
        assertThat(model.asking().get().orElseThrow().uncovered()).isFalse();
        robot.push(KeyCode.END);
        assertThat(robot.lookup(".ask-verdict").queryLabeled().getText()).isEqualTo("Right");
        ask(robot, new Question.WhichKind());
        assertThat(isSeen(robot, ".query-pane")).isFalse();
        robot.push(KeyCode.DIGIT1);
        assertThat(lesson().scene().kind()).isEqualTo(JoinKind.LEFT_OUTER);
        robot.push(KeyCode.X);
        assertThat(robot.lookup(".ask-verdict").queryLabeled().getText()).isEqualTo("Not quite");
        assertThat(isSeen(robot, ".query-pane")).isTrue();
    }

    @Test
    void pairsAreMarkedInTheGridAndQueriesAreCompared(FxRobot robot) throws Exception {
        ask(robot, new Question.WhichPairs());
        assertThat(robot.lookup(".pair-cell").queryAllAs(Label.class)).hasSize(20)
                .allMatch(cell -> cell.getText().isEmpty());
        // The other picture would tell; in its place is said what uncovers it.
        robot.clickOn("Venn diagram");
        assertThat(robot.lookup(".picture-card .cover").query().isVisible()).isTrue();
        assertThat(robot.lookup(".venn-circle").match(node -> node.getParent().isVisible()).queryAll()).isEmpty();
        robot.clickOn("Pair grid");
        assertThat(robot.lookup(".picture-card .cover").query().isVisible()).isFalse();
        robot.clickOn(robot.lookup(".pair-cell").queryAllAs(Label.class).iterator().next());
        robot.push(KeyCode.X);
        assertThat(robot.lookup(".ask-why").queryAll()).hasSize(2);
        ask(robot, new Question.WriteQuery(Demand.ROWS));
        robot.clickOn("#guess").write("select * from hive").push(KeyCode.ENTER);
        until(() -> robot.lookup("#ask .query-problem").tryQuery().isPresent());
        robot.clickOn("#guess").push(KeyCode.CONTROL, KeyCode.A)
                .write("select * from hives left join keepers using (keeper_id)").push(KeyCode.ENTER);
        until(() -> robot.lookup("#ask .query-problem").tryQuery().isEmpty());
        robot.push(KeyCode.X);
        assertThat(robot.lookup(".ask-verdict").queryLabeled().getText()).isEqualTo("Not quite");
        robot.push(KeyCode.X).clickOn("#guess").push(KeyCode.CONTROL, KeyCode.A).write(
                "select h.*, k.* from keepers k right join hives h on h.keeper_id = k.keeper_id").push(KeyCode.ENTER);
        until(() -> model.asking().get().orElseThrow().guess().filter(guess -> guess instanceof Guess.Written written
                && written.sql().contains("right join")).isPresent());
        robot.push(KeyCode.X);
        assertThat(robot.lookup(".ask-verdict").queryLabeled().getText()).isEqualTo("Right");
    }

    @Test
    void whatChangesFromSceneToSceneIsMarked(FxRobot robot) {
        robot.interact(() -> screen.lesson().open(Course.HIVES_AND_KEEPERS.lesson().at(2)));
        robot.push(KeyCode.SHIFT, KeyCode.PAGE_DOWN).push(KeyCode.END);
        assertThat(model.showing().get().changes().orElseThrow().removed()).hasSize(1);
    }

    /** Another scene has other tables: what was being typed belongs to the one before, and cells are not made anew. */
    @Test
    void anotherSceneWithOtherTablesKeepsWhatWasTypedAndTheCells(FxRobot robot) {
        robot.interact(() -> screen.lesson().open(Course.HIVES_AND_KEEPERS.lesson().at(15)));
        Set<Node> before = robot.lookup(".table-cell").queryAll();
        robot.doubleClickOn("Linden").write("Lime");
        robot.clickOn(robot.lookup(".scene-bar .button").<Node>queryAll().stream().skip(1).findFirst().orElseThrow());
        assertThat(lesson().scenes().at()).isEqualTo(16);
        assertThat(robot.lookup(".table-name").queryAll()).extracting("text").contains("harvests");
        assertThat(robot.lookup(".table-cell").queryAll().stream().filter(Node::isVisible).filter(before::contains))
                .hasSizeGreaterThan(before.size() * 3 / 4);
        assertThat(lesson().at(15).table("hives").rows()).extracting(row -> row.value(1).shown()).contains("Lime")
                .doesNotContain("Linden");
        assertThat(lesson().at(15).table("harvests")).isEqualTo(Course.HIVES_AND_KEEPERS.lesson().table("harvests"));
    }

    @Test
    void theSpeakerSeesTheNoteAndWhatComesNext(FxRobot robot) {
        robot.interact(() -> {
            screen.lesson().open(Course.HIVES_AND_KEEPERS.lesson());
            model.algorithm().set(JoinAlgorithm.HASH);
        });
        robot.push(KeyCode.SHIFT, KeyCode.F11);
        Window speaker = robot.listWindows().stream().filter(window -> window instanceof Stage opened
                && opened.getTitle().equals("Speaker’s window")).findFirst().orElseThrow();
        robot.interact(() -> screen.lesson().goTo(2));
        assertThat(robot.from(speaker.getScene().getRoot()).lookup(".speaker-title").queryLabeled().getText())
                .isEqualTo("Keep every hive");
        assertThat(robot.from(speaker.getScene().getRoot()).lookup(".speaker-next").queryLabeled().getText())
                .contains("After Tam has left");
        assertThat(robot.from(speaker.getScene().getRoot()).lookup(".markdown-text").queryAllAs(
                javafx.scene.text.Text.class)).anyMatch(text -> text.getText().startsWith("One word changes"));
        assertThat(model.algorithm().get()).isEqualTo(JoinAlgorithm.NESTED_LOOP);
        robot.interact(() -> robot.targetWindow(speaker));
        robot.interact(() -> ((Stage) speaker).requestFocus());
        long before = model.showing().get().number();
        robot.push(KeyCode.RIGHT);
        assertThat(model.showing().get().number()).isEqualTo(before + 1);
        robot.push(KeyCode.SHIFT, KeyCode.F11);
        assertThat(speaker.isShowing()).isFalse();
        assertThat(Optional.of(model.lesson().mode().get())).contains(Mode.SHOW);
    }
}
