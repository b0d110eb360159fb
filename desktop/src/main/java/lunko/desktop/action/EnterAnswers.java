package lunko.desktop.action;

import java.util.Optional;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.fxmisc.richtext.StyledTextArea;

/**
 * Enter presses the button that answers what is asked, wherever the keyboard is, unless Enter does something else
 * there. The toolkit would see to that by the keys of the scene, which are Lunko's own.
 *
 * @param asked where it is asked, to be listened at before what is in it
 */
public record EnterAnswers(Parent asked) implements EventHandler<KeyEvent> {

    @Override
    public void handle(KeyEvent event) {
        Node focused = asked.getScene().getFocusOwner();
        if (event.getCode() != KeyCode.ENTER || isNeededBy(focused)) return;
        button().ifPresent(answer -> {
            event.consume();
            if (focused instanceof GuardedField field) field.commitValue();
            answer.fire();
        });
    }

    private Optional<Button> button() {
        return asked.lookupAll(".button").stream().filter(Button.class::isInstance).map(Button.class::cast)
                .filter(Button::isDefaultButton).findFirst();
    }

    private static boolean isNeededBy(Node focused) {
        return switch (focused) {
            case CheckBox _ -> false;
            case ButtonBase _,TextArea _,StyledTextArea<?, ?> _,ListView<?> _,TableView<?> _ -> true;
            case ChoiceBox<?> open -> open.isShowing();
            case ComboBoxBase<?> open -> open.isShowing();
            case null, default -> false;
        };
    }
}
