package lunko.bench;

import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Scene;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/**
 * The work in the window's thread for the steps of a left join of 50 × 50 rows, and what going through very many of
 * them leaves in the heap.
 */
final class ShowBenchmark {
    private static final int ROWS = 50;
    private static final int MANY = 100_000;
    private static final int DRAGGED = 23;

    private final Scene scene;
    private final ShowModel model;
    private int direction = DRAGGED;

    /** What was measured; the heap in megabytes. */
    record Measured(List<WindowTimes.Times> times, long steps, double heapBefore, double heapAfter) {}

    private ShowBenchmark() {
        Lesson lesson = Lesson.of("fifty", table("hives"), JoinKind.LEFT_OUTER, table("keepers"),
                List.of(new KeyPair("column_0", "column_0")));
        OpenWindow window = OpenWindow.of(lesson);
        model = window.screen().model();
        scene = window.scene();
    }

    /** Opens a window and measures; the toolkit must be there. */
    static Measured run() {
        ShowBenchmark opened = WindowTimes.inWindow(ShowBenchmark::new);
        WindowTimes clock = WindowTimes.inWindow(() -> new WindowTimes(opened.scene));
        List<WindowTimes.Times> times = List.of(clock.measure("the next step", opened::next),
                clock.measure("the step bar dragged on", opened::drag));
        long steps = WindowTimes.inWindow(() -> opened.model.showing().get().last());
        opened.goThrough(MANY / 10);
        double before = heap();
        opened.goThrough(MANY);
        return new Measured(times, steps, before, heap());
    }

    private void next() {
        ShowModel at = model;
        at.goTo(at.showing().get().isAtEnd() ? 0 : at.showing().get().number() + 1);
    }

    private void drag() {
        long number = model.showing().get().number() + direction;
        if (number < 0 || number > model.showing().get().last()) direction = -direction;
        model.goTo(number);
    }

    /** Steps with a layout after each hundredth, as a person sees some of those that a dragged bar goes past. */
    private void goThrough(int steps) {
        for (int hundred = 0; hundred < steps / 100; hundred++) {
            WindowTimes.inWindow(() -> {
                for (int i = 0; i < 100; i++) next();
                scene.getRoot().applyCss();
                scene.getRoot().layout();
                return 0;
            });
        }
    }

    /** The megabytes in use when nothing is left that nobody needs. */
    private static double heap() {
        for (int i = 0; i < 4; i++) {
            System.gc();
            WindowTimes.inWindow(() -> 0);
        }
        return (Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) / 1048576.0;
    }

    private static Table table(String name) {
        List<Column> columns = IntStream.range(0, 4)
                .mapToObj(i -> new Column("column_" + i, i % 2 == 0 ? Type.INTEGER : Type.TEXT)).toList();
        return Table.of(name, columns, IntStream.range(0, ROWS).mapToObj(row -> IntStream.range(0, 4)
                .mapToObj(i -> i % 2 == 0 ? Value.of(name.length() % 2 == 0 ? row : row / 2)
                        : Value.of("meadow " + row % 17))
                .toList()).toList());
    }
}
