package lunko.desktop.look;

import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;

/** A name that is shortened in the middle where it has not enough room; then the whole is in a tooltip. */
public class ShortLabel extends Label {

    /** A label without a text yet. */
    public ShortLabel() {
        this("");
    }

    /** A label of a text. */
    @SuppressWarnings("this-escape") // Only what the toolkit itself defines is called.
    public ShortLabel(String text, String... styleClasses) {
        super(text);
        getStyleClass().addAll(styleClasses);
        setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        textTruncatedProperty().subscribe(cut -> {
            if (cut) Tip.on(this, getText());
            else if (Tip.of(this).filter(getText()::equals).isPresent()) Tip.off(this);
        });
    }
}
