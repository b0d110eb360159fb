package lunko.desktop.action;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Region;

/**
 * Buttons and menu items that show their texts as they are. The toolkit's own take an underscore for a sign that the
 * next letter is a key, and leave it out; in the names of columns it stands often.
 */
public final class Controls {
    private Controls() {}

    /** A button. */
    public static Button button(String text, Node... graphic) {
        return shown(new Button(text), graphic);
    }

    /** A button that stays down. */
    public static ToggleButton toggle(String text, Node... graphic) {
        return shown(new ToggleButton(text), graphic);
    }

    /** A button that opens a menu. */
    public static MenuButton menuButton(String text, Node... graphic) {
        return shown(new MenuButton(text), graphic);
    }

    /** A text that goes on in the next line where it has no room. */
    public static Label wrapped(String text, String styleClass) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(styleClass);
        return label;
    }

    /** A box to tick. */
    public static CheckBox checkBox(String text) {
        return shown(new CheckBox(text));
    }

    private static <B extends ButtonBase> B shown(B button, Node... graphic) {
        button.setMnemonicParsing(false);
        if (graphic.length > 0) button.setGraphic(graphic[0]);
        return button;
    }

    /** A menu item. */
    public static MenuItem item(String text) {
        return shown(new MenuItem(text));
    }

    /** A menu within a menu. */
    public static Menu menu(String text) {
        return shown(new Menu(text));
    }

    /** A menu item to tick. */
    public static CheckMenuItem checkItem(String text) {
        return shown(new CheckMenuItem(text));
    }

    /** A menu item of which one of a group is chosen. */
    public static RadioMenuItem radioItem(String text) {
        return shown(new RadioMenuItem(text));
    }

    private static <I extends MenuItem> I shown(I item) {
        item.setMnemonicParsing(false);
        return item;
    }
}
