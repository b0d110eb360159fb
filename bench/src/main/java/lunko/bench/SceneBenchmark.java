package lunko.bench;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lunko.desktop.lesson.Mode;
import lunko.desktop.query.SheetKind;
import lunko.lesson.CellEdit;
import lunko.lesson.Lesson;
import lunko.lesson.course.Course;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/**
 * The work in the window's thread from one scene of the course to the next, for its outline after an edit, and for the
 * chart of all kinds of 100 × 100 rows after an edit.
 */
final class SceneBenchmark {
    private static final int ROWS = 100;

    private final Random random = new Random(7);
    private final OpenWindow window;
    private int on = 1;

    private SceneBenchmark(Lesson lesson) {
        window = OpenWindow.of(lesson);
    }

    /** Opens windows and measures; the toolkit must be there. */
    static List<WindowTimes.Times> run() {
        return List.of(measured("from scene to scene", Course.HIVES_AND_KEEPERS.lesson(), Mode.SHOW, false),
                measured("the outline of twenty scenes after an edit", Course.HIVES_AND_KEEPERS.lesson(), Mode.SCENES,
                        false),
                measured("the chart of 100 × 100 rows after an edit",
                        Lesson.of("hundred", table("hives"), JoinKind.LEFT_OUTER, table("keepers"),
                                List.of(new KeyPair("column_0", "column_0"))),
                        Mode.SHOW, true));
    }

    private static WindowTimes.Times measured(String what, Lesson lesson, Mode mode, boolean chart) {
        SceneBenchmark opened = WindowTimes.inWindow(() -> {
            SceneBenchmark made = new SceneBenchmark(lesson);
            made.window.screen().lesson().mode().set(mode);
            if (chart) made.window.screen().view().query().toggle(SheetKind.KINDS);
            return made;
        });
        WindowTimes clock = WindowTimes.inWindow(() -> new WindowTimes(opened.window.scene()));
        return clock.measure(what, mode == Mode.SHOW && !chart ? opened::next : opened::edit);
    }

    private void next() {
        int at = window.screen().lesson().lesson().get().scenes().at();
        int last = window.screen().lesson().lesson().get().scenes().size() - 1;
        if (at + on < 0 || at + on > last) on = -on;
        window.screen().lesson().goTo(at + on);
    }

    private void edit() {
        window.screen().lesson().edit(new CellEdit.Type("hives", random.nextInt(5), 0,
                Integer.toString(random.nextInt(ROWS))));
    }

    private static Table table(String name) {
        return Table.of(name, List.of(new Column("column_0", Type.INTEGER), new Column("hive", Type.TEXT)),
                IntStream.range(0, ROWS).mapToObj(row -> List.of(Value.of(row), Value.of("meadow " + row))).toList());
    }
}
