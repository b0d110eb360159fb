package lunko.desktop.grid;

import static lunko.desktop.words.Spoken.words;

import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.FontWeight;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.look.Tip;
import lunko.desktop.look.Typeface;
import lunko.lesson.TableEdit;

/** The name of a table, typed over to rename it. */
public final class TableName extends TextField {
    private static final Typeface NAME = Typeface.text(FontWeight.BOLD, 14.5);

    private final LessonModel model;
    private final Supplier<String> table;
    private Runnable next;

    /** The name of a table; {@code then} takes the keyboard when it has been typed. */
    public TableName(LessonModel model, Supplier<String> table, Runnable then) {
        this.model = model;
        this.table = table;
        this.next = then;
        setText(table.get());
        getStyleClass().add("table-name");
        Tip.on(this, words().tables().renameTable());
        prefWidthProperty().bind(textProperty().map(text -> Math.clamp(NAME.width(text) + 14, 40, 200)));
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) setText(table.get());
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.TAB
                    || event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                Runnable now = next;
                next = then;
                now.run();
            }
        });
        focusedProperty().subscribe(focused -> {
            if (!focused && !getText().equals(table.get())) rename();
        });
    }

    private void rename() {
        model.edit(new TableEdit.Rename(table.get(), getText()));
        setText(table.get());
    }

    /** When the name has been typed next, the keyboard goes there. */
    public void then(Runnable once) {
        next = once;
    }

    /** Shows the name, unless one is being typed. */
    public void show() {
        if (!isFocused() && !getText().equals(table.get())) setText(table.get());
    }
}
