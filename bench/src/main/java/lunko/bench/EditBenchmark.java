package lunko.bench;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import javafx.scene.Scene;
import javafx.scene.control.TableView;
import lunko.desktop.lesson.Mode;
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
 * The work in the window's thread for an edit, an undo and a scroll on a bench with two tables of 10,000 rows and 20
 * columns: what is done at once, and the styles and the layout of the next picture. It is measured in the window
 * itself, picture by picture.
 */
final class EditBenchmark {
    private static final int ROWS = 10_000;
    private static final int COLUMNS = 20;

    private final Random random = new Random(7);
    private final Screen screen;
    private final TableView<?> grid;
    private final Scene scene;

    private EditBenchmark(Mode mode) {
        Lesson lesson = Lesson.of("long", table("stands"), JoinKind.INNER, table("keepers"),
                List.of(new KeyPair("column_0", "column_0")));
        OpenWindow window = OpenWindow.of(lesson);
        screen = window.screen();
        screen.lesson().mode().set(mode);
        scene = window.scene();
        // The bench is made when it is opened.
        scene.getRoot().applyCss();
        grid = (TableView<?>) scene.lookup("#card-stands .grid-table");
    }

    /** Opens a window on the bench and measures; the toolkit must be there. */
    static List<WindowTimes.Times> run() {
        EditBenchmark opened = WindowTimes.inWindow(() -> new EditBenchmark(Mode.TABLES));
        WindowTimes clock = WindowTimes.inWindow(() -> new WindowTimes(opened.scene));
        return List.of(clock.measure("a key is typed", opened::edit), clock.measure("it is taken back", opened::undo),
                clock.measure("scrolling to any row", opened::scroll));
    }

    /** Opens a window in the show and measures an edit. */
    static WindowTimes.Times runInTheShow() {
        EditBenchmark opened = WindowTimes.inWindow(() -> new EditBenchmark(Mode.SHOW));
        WindowTimes clock = WindowTimes.inWindow(() -> new WindowTimes(opened.scene));
        return clock.measure("a key is typed in the show", opened::edit);
    }

    private void edit() {
        screen.lesson()
                .edit(new CellEdit.Type("stands", random.nextInt(12), 0, Integer.toString(random.nextInt(ROWS))));
    }

    private void undo() {
        screen.lesson().undo();
    }

    private void scroll() {
        grid.scrollTo(random.nextInt(ROWS));
    }

    private static Table table(String name) {
        List<Column> columns = IntStream.range(0, COLUMNS)
                .mapToObj(i -> new Column("column_" + i, i % 2 == 0 ? Type.INTEGER : Type.TEXT)).toList();
        return Table.of(name, columns, IntStream.range(0, ROWS).mapToObj(row -> IntStream.range(0, COLUMNS)
                .mapToObj(i -> i % 2 == 0 ? Value.of(row / 2 + i) : Value.of("meadow " + row % 97)).toList()).toList());
    }
}
