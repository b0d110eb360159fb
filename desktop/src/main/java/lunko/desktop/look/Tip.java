package lunko.desktop.look;

import java.util.Optional;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * What is said of something while it is pointed at. The toolkit's tooltips are windows with a scene each, most of which
 * nobody sees: one is made when the mouse comes to its thing for the first time.
 */
public final class Tip {
    private final Node node;
    private final StringProperty text = new SimpleStringProperty("");
    private Optional<Tooltip> shown = Optional.empty();

    private Tip(Node node) {
        this.node = node;
        node.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> show());
        node.accessibleHelpProperty().bind(text);
        text.subscribe((_, _) -> {
            if (text.get().isEmpty()) hide();
        });
    }

    /** Says a text of a thing, in the place of what was said before. */
    public static void on(Node node, String text) {
        Tip tip = known(node).orElseGet(() -> made(node));
        tip.text.unbind();
        tip.text.set(text);
    }

    /** Says a text that changes. */
    public static void on(Node node, ObservableValue<String> text) {
        known(node).orElseGet(() -> made(node)).text.bind(text);
    }

    /** Says nothing any more. */
    public static void off(Node node) {
        known(node).ifPresent(tip -> {
            tip.text.unbind();
            tip.text.set("");
        });
    }

    /** What is said of a thing, if anything is. */
    public static Optional<String> of(Node node) {
        return known(node).map(tip -> tip.text.get()).filter(said -> !said.isEmpty());
    }

    private static Optional<Tip> known(Node node) {
        return node.hasProperties() && node.getProperties().get(Tip.class) instanceof Tip tip ? Optional.of(tip)
                : Optional.empty();
    }

    private static Tip made(Node node) {
        Tip tip = new Tip(node);
        node.getProperties().put(Tip.class, tip);
        return tip;
    }

    private void show() {
        if (shown.isPresent() || text.get().isEmpty()) return;
        Tooltip tooltip = new Tooltip();
        tooltip.textProperty().bind(text);
        Tooltip.install(node, tooltip);
        shown = Optional.of(tooltip);
    }

    private void hide() {
        shown.ifPresent(tooltip -> Tooltip.uninstall(node, tooltip));
        shown = Optional.empty();
    }
}
