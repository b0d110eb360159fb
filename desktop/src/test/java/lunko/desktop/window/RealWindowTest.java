package lunko.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.lesson.DemoLesson;
import lunko.lesson.Link;
import lunko.query.KeyPair;
import lunko.table.Table;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * What only a real window shows, on an X display with a window manager: keys that come from the system, the mouse held
 * down, a file from another program.
 */
@Tag("window")
class RealWindowTest extends OpenWindow {
    @TempDir
    private Path folder;

    @Start
    void start(Stage stage) {
        stage.setX(0);
        stage.setY(0);
        stage.setWidth(1010);
        stage.setHeight(770);
        open(stage);
    }

    @Test
    void whatWasTypedIntoTheQueryIsTakenBackByKey(FxRobot robot) throws Exception {
        robot.clickOn("#query-text").push(KeyCode.CONTROL, KeyCode.END).push(KeyCode.SHIFT, KeyCode.X);
        until(() -> area(robot).getText().equals(PLAIN + "X"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> area(robot).getText().equals(PLAIN));
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        until(() -> area(robot).getText().equals(PLAIN + "X"));
        // Escape leaves the field, and takes a text that cannot be shown no further.
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.ESCAPE).push(KeyCode.DIGIT1);
        until(() -> area(robot).getText().equals(PLAIN.replace("LEFT JOIN", "INNER JOIN")));
        assertThat(model.lesson().lesson().get().title()).isEqualTo(DemoLesson.lesson().title());
    }

    @Test
    void aHeadingDraggedOntoAnotherLinksTheTwo(FxRobot robot) throws Exception {
        robot.interact(() -> model.lesson().mode().set(Mode.TABLES));
        drag(robot, middle(heading(robot, "hives", "hive_no")), middle(heading(robot, "keepers", "keeper_id")));
        until(() -> model.lesson().lesson().get().link("hives", "keepers").map(Link::pairs)
                .filter(pairs -> pairs.contains(new KeyPair("hive_no", "keeper_id"))).isPresent());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> model.lesson().lesson().get().equals(DemoLesson.lesson()));
    }

    @Test
    void aFileFromAnotherProgramIsDroppedOnTheBench(FxRobot robot) throws Exception {
        Path file = folder.resolve("apiaries.csv");
        Files.writeString(file, "apiary,hives\nOrchard,3\nHeath,\n");
        robot.interact(() -> model.lesson().mode().set(Mode.TABLES));
        Process other = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                System.getProperty("java.class.path"), FileSource.class.getName(), file.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD).start();
        AtomicBoolean over = new AtomicBoolean();
        robot.interact(() -> area(robot).getScene().addEventFilter(DragEvent.DRAG_OVER, _ -> over.set(true)));
        try (BufferedReader said = other.inputReader()) {
            assertThat(said.readLine()).isEqualTo("shown");
            Point2D from = new Point2D(FileSource.LEFT + FileSource.WIDTH / 2, FileSource.TOP + FileSource.HEIGHT / 2);
            dragFromOutside(robot, from, said, new Point2D(600, 640), over::get);
            until(() -> robot.lookup("Import").tryQuery().isPresent());
            robot.clickOn("Import");
            until(() -> model.lesson().lesson().get().find("apiaries").isPresent());
            List<Table> tables = model.lesson().lesson().get().tables();
            assertThat(tables.getLast().name()).isEqualTo("apiaries");
            assertThat(tables.getLast().rows()).hasSize(2);
        } finally {
            other.destroy();
        }
    }

    private static Node heading(FxRobot robot, String table, String column) {
        return robot.from(robot.lookup("#card-" + table)).lookup(".column-heading").queryAll().stream()
                .filter(node -> node.getAccessibleText().startsWith(column + ",")).findFirst().orElseThrow();
    }

    private static Point2D middle(Node node) {
        return node.localToScreen(node.getLayoutBounds().getCenterX(), node.getLayoutBounds().getCenterY());
    }

    /**
     * Drags between two windows. How long the other program and the display need to take a drag up depends on the
     * machine, so a hand stays at each end until they have; and begins anew where they never do, because a press before
     * a window is there to take it, or let go before it was taken for a drag, is no drag.
     */
    private static void dragFromOutside(FxRobot robot, Point2D from, BufferedReader said, Point2D to,
            Callable<Boolean> over) throws Exception {
        boolean there = false;
        for (int tries = 0; tries < 8 && !there; tries++) {
            while (said.ready()) said.readLine();
            robot.moveTo(from).press(MouseButton.PRIMARY);
            there = waved(robot, from, said::ready) && waved(robot, to, over);
            robot.release(MouseButton.PRIMARY);
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(there).as("dragged over").isTrue();
    }

    /** Moves to and fro at a place until something has come true, for some seconds at most; whether it has. */
    private static boolean waved(FxRobot robot, Point2D at, Callable<Boolean> condition) throws Exception {
        for (int i = 0; i < 60; i++) {
            robot.moveTo(at.add(i % 2 == 0 ? 0 : 12, 0));
            Thread.sleep(50);
            if (condition.call()) return true;
        }
        return false;
    }

    /** Drags in steps, as a hand does. */
    private static void drag(FxRobot robot, Point2D from, Point2D to) throws InterruptedException {
        robot.moveTo(from).press(MouseButton.PRIMARY);
        for (int i = 1; i <= 10; i++) {
            robot.moveTo(from.interpolate(to, i / 10.0));
            Thread.sleep(50);
        }
        Thread.sleep(200);
        robot.release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }
}
