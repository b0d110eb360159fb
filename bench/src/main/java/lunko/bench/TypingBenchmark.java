package lunko.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.show.Showing;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.fxmisc.richtext.StyleClassedTextArea;

/**
 * The work in the window's thread for each key that is typed into a query of ten tables, and for the stage to follow.
 */
final class TypingBenchmark {
    private static final int TABLES = 10;
    private static final String TYPED = " AND t3.name_3 = 'Ashholt' AND t7.key_7 > 1";

    private static final String MORE = " AND t9.key_9 > 0";

    private final Scene scene;
    private final ShowModel model;
    private final StyleClassedTextArea area;
    private final String chain;
    private int typed;
    private boolean back;
    private boolean other;
    private History history;
    private Showing found;

    private TypingBenchmark() {
        List<Table> tables = IntStream.range(0, TABLES).mapToObj(TypingBenchmark::table).toList();
        Lesson first = Lesson.of("ten", tables.get(0), JoinKind.INNER, tables.get(1),
                List.of(new KeyPair("key_0", "key_1")), tables.subList(2, TABLES).toArray(Table[]::new));
        StringBuilder text = new StringBuilder("SELECT t0.name_0, t9.name_9\nFROM stock_0 t0");
        for (int i = 1; i < TABLES; i++)
            text.append("\n  LEFT JOIN stock_").append(i).append(" t").append(i).append(" ON t").append(i)
                    .append(".key_").append(i).append(" = t").append(i - 1).append(".key_").append(i - 1);
        chain = text + "\nWHERE t0.key_0 > 0";
        Lesson lesson = SceneEdit.Write.of(chain).applyTo(first).expect();
        OpenWindow window = OpenWindow.of(lesson);
        model = window.screen().model();
        scene = window.scene();
        area = (StyleClassedTextArea) scene.lookup("#query-text");
        area.requestFocus();
        area.moveTo(area.getLength());
        history = model.lesson().history().get();
        found = model.showing().get();
    }

    /** Opens a window and measures; the toolkit must be there. */
    static List<WindowTimes.Times> run() {
        TypingBenchmark opened = WindowTimes.inWindow(TypingBenchmark::new);
        WindowTimes clock = WindowTimes.inWindow(() -> new WindowTimes(opened.scene));
        List<WindowTimes.Times> times = new ArrayList<>();
        times.add(clock.measure("a key, with its colours and what completes it", opened::key));
        times.add(clock.measure("the stage follows a text that can be shown", opened::find, opened::follow));
        return times;
    }

    /** One more letter, or, when all have been typed, one less. */
    private void key() {
        if (typed == TYPED.length()) back = true;
        if (typed == 0) back = false;
        if (back) {
            area.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.BACK_SPACE, false, false, false, false));
            typed--;
        } else {
            area.fireEvent(new KeyEvent(KeyEvent.KEY_TYPED, TYPED.substring(typed, typed + 1), "", KeyCode.UNDEFINED,
                    false, false, false, false));
            typed++;
        }
    }

    /** Types another text, and finds out what it shows, as is done beside the window's thread. */
    private void find() {
        other = !other;
        area.deleteText(chain.length(), area.getLength());
        if (other) area.appendText(MORE);
        history = model.lesson().history().get().continuedBy(SceneEdit.Write.of(area.getText())).expect();
        found = Showing.of(history.lesson(), model.algorithm().get()).following(model.showing().get());
    }

    private void follow() {
        model.take(history, found);
    }

    private static Table table(int number) {
        return Table.of("stock_" + number,
                List.of(new Column("key_" + number, Type.INTEGER), new Column("name_" + number, Type.TEXT)),
                IntStream.range(0, 5).mapToObj(row -> List.<Value>of(Value.of(row), Value.of("meadow " + row)))
                        .toList());
    }
}
