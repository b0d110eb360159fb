package lunko.desktop.action;

import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import org.fxmisc.richtext.StyledTextArea;

/** Whether something is being written, where keys are letters and nothing else. */
public final class Writing {
    private Writing() {}

    /** Whether what has the keyboard is written in; nothing has it where that is null. */
    public static boolean isIn(Node focused) {
        return isInField(focused) || focused instanceof StyledTextArea;
    }

    /** Whether it is a field, which takes what was typed when the keyboard leaves it. */
    public static boolean isInField(Node focused) {
        return focused instanceof TextInputControl || focused instanceof GuardedField;
    }
}
