package lunko.desktop.query;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import lunko.query.sql.Completion;
import lunko.table.Table;
import org.fxmisc.richtext.StyleClassedTextArea;

/** What can be written at the caret of a text, offered while it is typed, and taken by key or click. */
final class Completing {
    private final StyleClassedTextArea area;
    private final Supplier<List<Table>> tables;
    private final CompletionList list;

    /** For a text about some tables, as they are when it is typed; {@code dressedAs} looks like the window. */
    Completing(Node dressedAs, StyleClassedTextArea area, Supplier<List<Table>> tables) {
        this.area = area;
        this.tables = tables;
        list = new CompletionList(dressedAs, this::take);
    }

    /** Offers nothing any more. */
    void stop() {
        list.hide();
    }

    /** Whether a key that is pressed means what is offered, or asks for it. */
    boolean press(KeyEvent event) {
        KeyCode code = event.getCode();
        boolean chooses = (code == KeyCode.ENTER || code == KeyCode.TAB) && !event.isShortcutDown();
        if (list.isShown() && code == KeyCode.DOWN) list.move(1);
        else if (list.isShown() && code == KeyCode.UP) list.move(-1);
        else if (list.isShown() && chooses) list.chosen().ifPresent(this::take);
        else if (list.isShown() && code == KeyCode.ESCAPE) list.hide();
        else if (code == KeyCode.SPACE && event.isControlDown()) show(found());
        else if (code == KeyCode.TAB && !event.isShiftDown() && isBegun(found())) show(found());
        else {
            if (code.isNavigationKey()) list.hide();
            return false;
        }
        return true;
    }

    /** A letter or a dot may be the beginning of something that is known. */
    void typed(KeyEvent event) {
        String sign = event.getCharacter();
        if (sign.isEmpty() || event.isShortcutDown()) return;
        int first = sign.codePointAt(0);
        // That key has been seen to already.
        if (first == '\t') return;
        if (!Character.isLetterOrDigit(first) && first != '.' && first != '_') {
            list.hide();
            return;
        }
        Completion found = found();
        // A digit that begins no name is followed by anything.
        if (sign.equals(".") || found.from() < area.getCaretPosition()) show(found);
        else list.hide();
    }

    /** Whether a word is begun that can be gone on with. */
    private boolean isBegun(Completion found) {
        return found.from() < area.getCaretPosition() && !found.proposals().isEmpty();
    }

    private Completion found() {
        return Completion.at(area.getText(), area.getCaretPosition(), tables.get());
    }

    private void show(Completion found) {
        area.getCaretBounds().ifPresent(caret -> list.show(area, found, caret));
    }

    private void take(Completion.Proposal proposal) {
        list.hide();
        area.replaceText(found().from(), area.getCaretPosition(), proposal.text());
        if (proposal.kind() == Completion.Kind.ALIAS) show(found());
    }
}
