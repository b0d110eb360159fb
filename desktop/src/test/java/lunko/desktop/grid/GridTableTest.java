package lunko.desktop.grid;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.Orientation;
import javafx.scene.Scene;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import lunko.desktop.look.Look;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** A table whose columns are as wide as somebody says. */
@ExtendWith(ApplicationExtension.class)
class GridTableTest {
    private static final double WIDE = 300;
    private static final double HIGH = GridTable.HEADER_HEIGHT + 5 * GridTable.ROW_HEIGHT;
    private GridTable<Integer> table;

    @Start
    void open(Stage stage) {
        Look.install();
        table = new GridTable<>();
        for (int i = 0; i < 3; i++) {
            TableColumn<Integer, String> column = GridTable.column();
            column.setPrefWidth(WIDE / 3);
            table.getColumns().add(column);
        }
        table.getItems().setAll(IntStream.range(0, 5).boxed().toList());
        Pane pane = new Pane(table);
        Look.dress(pane);
        stage.setScene(new Scene(pane, 600, 400));
        stage.show();
    }

    @Test
    void noScrollBarStaysForTheSakeOfTheOther(FxRobot robot) {
        assertThat(barsAt(robot, WIDE - 60, HIGH - 60)).isEqualTo(2);
        assertThat(barsAt(robot, WIDE + 6, HIGH + 6)).isZero();
        assertThat(barsAt(robot, WIDE - 60, HIGH + 40)).isOne();
        // One that was there for the rows would now call for the other, and they would both stay.
        assertThat(barsAt(robot, WIDE + 25, HIGH - 60)).isOne();
        assertThat(barsAt(robot, WIDE + 5, HIGH + 65)).isZero();
    }

    @Test
    void whatIsSaidInPlaceOfRowsTakesNoRoomWhenThereAreSome(FxRobot robot) {
        double least = table.minHeight(-1);
        robot.interact(() -> {
            Region placeholder = new Region();
            placeholder.setMinHeight(HIGH);
            table.setPlaceholder(placeholder);
            table.getItems().clear();
            table.getParent().layout();
            table.getItems().add(1);
            table.getParent().layout();
        });
        assertThat(table.minHeight(-1)).isEqualTo(least);
    }

    @Test
    void aColumnOutOfSightThatGetsWiderIsScrolledTo(FxRobot robot) {
        for (int i = 0; i < 2; i++) {
            double last = WIDE * (i + 1);
            robot.interact(() -> table.getColumns().getLast().setPrefWidth(last));
            barsAt(robot, WIDE / 2, HIGH + 40);
            assertThat(table.lookupAll(".table-row-cell")).isNotEmpty().allSatisfy(row -> assertThat(
                    ((Region) row).getWidth()).isGreaterThanOrEqualTo(WIDE / 3 * 2 + last));
        }
    }

    private long barsAt(FxRobot robot, double width, double height) {
        robot.interact(() -> table.setPrefSize(width, height));
        for (int i = 0; i < 3; i++) robot.interact(() -> table.getParent().layout());
        return List.of(Orientation.values()).stream()
                .filter(direction -> table.bar(direction).filter(ScrollBar::isVisible).isPresent()).count();
    }
}
