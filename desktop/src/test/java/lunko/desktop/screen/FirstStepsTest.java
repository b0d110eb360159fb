package lunko.desktop.screen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.action.Action;
import lunko.lesson.Scene;
import lunko.lesson.course.Course;
import lunko.query.JoinKind;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The lesson for those who are new here: found where help is looked for, and read while it is tried. */
class FirstStepsTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void helpLeadsToALessonWhoseNotesAreReadUnderThePage(FxRobot robot) {
        robot.push(KeyCode.F1).clickOn("#first-steps");
        assertThat(model.lesson().lesson().get().title()).isEqualTo(Course.FIRST_STEPS.title());
        assertThat(robot.lookup("#note-bar").query().isVisible()).isTrue();
        // The keyboard is with the steps, as the note says.
        robot.push(KeyCode.RIGHT).push(KeyCode.RIGHT);
        assertThat(model.showing().get().number()).isEqualTo(2);
        // Whoever was in a table comes back from it: keys are for the steps of the next scene.
        robot.clickOn(robot.lookup(".table-row-cell .code-cell").<Node>queryAll().iterator().next());
        robot.clickOn(robot.lookup("#note-bar .button").<Button>queryAll().stream()
                .filter(button -> screen.view().actions().show().steps().nextScene().name().getValue()
                        .equals(button.getText()))
                .findFirst().orElseThrow());
        assertThat(model.lesson().lesson().get().scenes().at()).isEqualTo(1);
        robot.push(KeyCode.DIGIT4);
        assertThat(model.showing().get().lesson().scene().kind()).isEqualTo(JoinKind.FULL_OUTER);
        robot.push(KeyCode.F11);
        assertThat(robot.lookup("#note-bar").query().isVisible()).as("in front of a class").isFalse();
        robot.push(KeyCode.F11).push(KeyCode.SHIFT, KeyCode.F4);
        assertThat(robot.lookup("#note-bar").query().isVisible()).isFalse();
        robot.push(KeyCode.SHIFT, KeyCode.F4);
        robot.interact(() -> model.lesson().open(Course.NULL.lesson()));
        assertThat(robot.lookup("#note-bar").query().isVisible()).as("in another lesson").isFalse();
    }

    /** A key that its notes name is a key of the program. */
    @Test
    void theKeysThatAreNamedAreThere() {
        List<String> keys = Stream.concat(Stream.of("Enter", "Escape"), screen.view().actions().all().stream()
                .map(Action::shownKey).flatMap(Optional::stream)).toList();
        for (Scene scene : Course.FIRST_STEPS.lesson().scenes().all()) {
            assertThat(Pattern.compile("\\*\\*(.+?)\\*\\*").matcher(scene.telling().note()).results()
                    .map(named -> named.group(1))).as(scene.telling().title()).isNotEmpty().isSubsetOf(keys);
        }
    }
}
