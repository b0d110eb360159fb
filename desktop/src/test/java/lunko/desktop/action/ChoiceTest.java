package lunko.desktop.action;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.insight.picture.Picture;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What is chosen among titles. */
class ChoiceTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    /** What stands beside it stays where it is, whatever is chosen and whatever has been looked at. */
    @Test
    void aChoiceIsAsWideAsTheWidestOfItsTitles(FxRobot robot) {
        robot.interact(() -> screen.lesson().mode().set(Mode.SCENES));
        ChoiceBox<?> choice = robot.lookup(".scene-details .choice-box").<ChoiceBox<?>>queryAll().stream()
                .filter(box -> box.getItems().contains(Picture.PAIRS)).findFirst().orElseThrow();
        double width = choice.prefWidth(-1);
        for (int i = 0; i < choice.getItems().size(); i++) {
            int number = i;
            robot.interact(() -> choice.getSelectionModel().select(number));
            robot.interact(choice::show);
            robot.interact(choice::hide);
            assertThat(choice.prefWidth(-1)).as(String.valueOf(choice.getValue())).isEqualTo(width);
            Node title = choice.lookup(".label .text");
            assertThat(title.localToScene(title.getBoundsInLocal()).getMaxX()).as(String.valueOf(choice.getValue()))
                    .isLessThan(choice.localToScene(choice.lookup(".open-button").getBoundsInParent()).getMinX());
        }
    }
}
