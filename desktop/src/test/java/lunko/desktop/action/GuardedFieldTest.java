package lunko.desktop.action;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Fields in which anything can be typed. */
@ExtendWith(ApplicationExtension.class)
class GuardedFieldTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);

    private final List<Object> values = new ArrayList<>();
    private NumberBox<Integer> whole;
    private NumberBox<Double> decimal;
    private DayBox day;
    private Button take;

    @Start
    void open(Stage stage) {
        whole = NumberBox.whole(1, 10_000, 8);
        decimal = NumberBox.decimal(0.1, 60, 1, 0.5);
        day = new DayBox(MAY);
        List.of(whole.valueProperty(), decimal.valueProperty(), day.valueProperty())
                .forEach(value -> value.subscribe((_, now) -> values.add(now)));
        take = Controls.button("take");
        Form form = new Form();
        form.ask("whole", whole);
        form.askRange("others", decimal, day);
        take.disableProperty().bind(form.waits());
        stage.setScene(new Scene(new VBox(form, take), 600, 400));
        stage.show();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "abc", "0", "-1", "10001", "99999999999", "2.5", "1,000", "10 000", "NaN"})
    void whatIsNoWholeNumberOfThemStaysToBeMended(String typed, FxRobot robot) {
        type(robot, whole.getEditor(), typed);
        refused(robot, whole.getEditor(), typed, words().window().wholeNumber(1, 10_000));
        type(robot, whole.getEditor(), " 10000 ");
        taken(10_000);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "0.05", "61", "NaN", "1.2.3"})
    void whatIsNoNumberOfThemStaysToBeMended(String typed, FxRobot robot) {
        type(robot, decimal.getEditor(), typed);
        refused(robot, decimal.getEditor(), typed, "Type a number from 0.1 to 60.");
        type(robot, decimal.getEditor(), "2,5");
        taken(2.5);
        assertThat(decimal.getEditor().getText()).isEqualTo("2.5");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "May", "2026-02-30", "1.5.2026", "2026-5-1"})
    void whatIsNoDayStaysToBeMended(String typed, FxRobot robot) {
        type(robot, day.getEditor(), typed);
        refused(robot, day.getEditor(), typed, words().window().day(MAY));
        type(robot, day.getEditor(), "2024-02-29");
        taken(LocalDate.of(2024, 2, 29));
    }

    @Test
    void whatWasTheValueMayBeTypedAgainOrSteppedFrom(FxRobot robot) {
        type(robot, whole.getEditor(), "many");
        type(robot, whole.getEditor(), "8");
        assertThat(take.isDisabled()).isFalse();
        type(robot, whole.getEditor(), "many");
        robot.interact(() -> whole.increment());
        assertThat(whole.getEditor().getText()).isEqualTo("9");
        taken(9);
    }

    private void refused(FxRobot robot, TextField field, String typed, String why) {
        assertThat(values).as("values").isEmpty();
        assertThat(field.getText()).isEqualTo(typed);
        assertThat(said(robot)).containsExactly(why);
        assertThat(take.isDisabled()).as("the answer waits").isTrue();
    }

    private void taken(Object value) {
        assertThat(values).containsExactly(value);
        assertThat(take.isDisabled()).as("the answer waits").isFalse();
    }

    private static List<String> said(FxRobot robot) {
        return robot.lookup(".refusal").<Label>queryAll().stream().filter(Label::isVisible).map(Label::getText)
                .toList();
    }

    private static void type(FxRobot robot, TextField field, String text) {
        robot.interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        robot.type(KeyCode.TAB);
    }
}
