package lunko.desktop.show;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.exchange.lesson.LessonFile;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.lesson.SceneEdit;
import lunko.practice.Distractors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** A lesson in the hands of one learner, in the window. */
class PracticeTest extends OpenWindow {
    @TempDir
    private Path folder;

    @Start
    void start(Stage stage) {
        open(stage);
    }

    private void ask(FxRobot robot, Question question) {
        robot.interact(() -> model.lesson().edit(new SceneEdit.Ask(Optional.of(Asked.plainly(question)))));
    }

    private static String text(FxRobot robot, String id) {
        return robot.lookup(id).queryLabeled().getText();
    }

    private static boolean isSeen(FxRobot robot, String id) {
        return robot.lookup(id).tryQuery().filter(node -> node.isVisible() && node.getParent().isVisible()).isPresent();
    }

    @Test
    void whatALearnerHasAnsweredIsKeptWithTheLesson(FxRobot robot) throws Exception {
        ask(robot, new Question.HowMany());
        assertThat(isSeen(robot, "#check")).isFalse();
        robot.push(KeyCode.CONTROL, KeyCode.K).push(KeyCode.SHIFT, KeyCode.PAGE_UP).push(KeyCode.F12);
        robot.clickOn("#guess").write("3").clickOn("#check");
        assertThat(text(robot, "#verdict")).isEqualTo("Not quite");
        assertThat(text(robot, "#score")).startsWith("0 of");
        robot.clickOn("#hint");
        assertThat(robot.lookup("#practice").query().isVisible()).isTrue();
        robot.clickOn("#guess").push(KeyCode.CONTROL, KeyCode.A).write("5").push(KeyCode.ENTER);
        assertThat(text(robot, "#answer")).isEqualTo("5 rows");
        // What was answered in a scene is there when they come back to it.
        robot.push(KeyCode.SHIFT, KeyCode.PAGE_DOWN).push(KeyCode.SHIFT, KeyCode.PAGE_UP);
        assertThat(text(robot, "#answer")).isEqualTo("5 rows");
        Path file = folder.resolve("answered.lunko");
        robot.interact(() -> screen.lessons().save(file, () -> {}));
        until(() -> file.toFile().exists());
        assertThat(LessonFile.open(file).expect().attempts().get(0).right()).isTrue();
        assertThat(LessonFile.open(file).expect().attempts().get(0).shown()).isFalse();
        robot.interact(() -> model.lesson().mode().set(Mode.SCENES));
        assertThat(robot.lookup(".scene-asks").queryAll().stream().map(badge -> ((Label) badge)
                .getText())).contains("answered: how many rows");
    }

    @Test
    void resultsOfAllQuestionsAreCopied(FxRobot robot) {
        ask(robot, new Question.HowMany());
        robot.push(KeyCode.F12).clickOn("#guess").write("5").clickOn("#check").clickOn("View")
                .clickOn("Copy my results");
        robot.interact(() -> assertThat(Clipboard.getSystemClipboard().getString())
                .contains("1 of 1 questions answered rightly").contains("Right"));
    }

    @Test
    void resultsAreMatchedWithQueriesByMouse(FxRobot robot) {
        ask(robot, Distractors.of(model.showing().get()));
        List<Node> tables = List.copyOf(robot.lookup(".match-results .small-table").queryAll());
        assertThat(tables).hasSize(4);
        robot.clickOn("#match-1-A").clickOn("#match-2-A");
        assertThat(robot.lookup("#match-1-A").<ToggleButton>query().isSelected()).isFalse();
        robot.clickOn("#match-1-B").clickOn("#match-3-C").clickOn("#match-4-D").push(KeyCode.X);
        assertThat(text(robot, "#answer")).isEqualTo("1 – B, 2 – A, 3 – C, 4 – D");
        assertThat(text(robot, ".ask-verdict")).isEqualTo("Right");
    }
}
