package lunko.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.scene.control.TableView;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.lesson.Mode;
import lunko.desktop.look.Look;
import lunko.desktop.screen.Habits;
import lunko.desktop.screen.Screen;
import lunko.lesson.CellEdit;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/**
 * The work in the window's thread for an edit, an undo and a scroll on a bench with two tables of 10,000 rows and 20 columns: what
 * is done at once, and the styles and the layout of the next picture. It is measured in the window itself, picture by picture.
 */
public final class EditBenchmark {
    private static final int ROWS = 10_000;
    private static final int COLUMNS = 20;
    private static final int WARM_UP = 150;
    private static final int MEASURED = 300;

    private final Random random = new Random(7);
    private final Screen screen;
    private final TableView<?> grid;
    private final BlockingQueue<Long> pictures = new ArrayBlockingQueue<>(1);
    private long atOnce;
    private long began;
    private boolean waiting;

    /** Times in milliseconds, from the shortest to the longest. */
    public record Times(String of, List<Double> sorted) {

        /** The time that so many of a hundred are under. */
        public double percentile(int percent) {
            return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
        }
    }

    private EditBenchmark() {
        Look.install();
        Lesson lesson = Lesson.of("long", table("stands"), JoinKind.INNER, table("keepers"), List.of(new KeyPair("column_0", "column_0")));
        Stage stage = new Stage();
        screen = Screen.of(lesson, () -> stage, Habits.in(Path.of("target", "habits")), _ -> new SimpleObjectProperty<>(Duration.ZERO));
        screen.lesson().mode().set(Mode.TABLES);
        Scene scene = screen.view().inScene(1280, 800);
        stage.setScene(scene);
        stage.show();
        grid = (TableView<?>) scene.lookup("#card-stands .grid-table");
        scene.addPreLayoutPulseListener(() -> began = System.nanoTime());
        scene.addPostLayoutPulseListener(() -> {
            if (waiting) pictures.add(atOnce + System.nanoTime() - began);
            waiting = false;
        });
    }

    /** Opens a window and measures. */
    public static List<Times> run() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        FutureTask<EditBenchmark> opening = new FutureTask<>(EditBenchmark::new);
        Platform.startup(opening);
        try {
            EditBenchmark opened = opening.get();
            List<Times> times = List.of(opened.measure("a key is typed", opened::edit), opened.measure("it is taken back", opened::undo),
                    opened.measure("scrolling to any row", opened::scroll));
            Platform.exit();
            return times;
        } catch (InterruptedException | ExecutionException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private Times measure(String what, Runnable work) throws InterruptedException {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < WARM_UP + MEASURED; i++) {
            Platform.runLater(() -> {
                long start = System.nanoTime();
                work.run();
                atOnce = System.nanoTime() - start;
                waiting = true;
                Platform.requestNextPulse();
            });
            double millis = pictures.take() / 1e6;
            if (i >= WARM_UP) times.add(millis);
        }
        times.sort(Double::compare);
        return new Times(what, times);
    }

    private void edit() {
        screen.lesson().edit(new CellEdit.Type("stands", random.nextInt(12), 0, Integer.toString(random.nextInt(ROWS))));
    }

    private void undo() {
        screen.lesson().undo();
    }

    private void scroll() {
        grid.scrollTo(random.nextInt(ROWS));
    }

    private static Table table(String name) {
        List<Column> columns = IntStream.range(0, COLUMNS).mapToObj(i -> new Column("column_" + i, i % 2 == 0 ? Type.INTEGER : Type.TEXT)).toList();
        return Table.of(name, columns, IntStream.range(0, ROWS).mapToObj(row -> IntStream.range(0, COLUMNS)
                .mapToObj(i -> i % 2 == 0 ? Value.of(row / 2 + i) : Value.of("meadow " + row % 97)).toList()).toList());
    }
}
