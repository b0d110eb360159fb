package lunko.desktop.show;

import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;

/** How wide a text is in type, in pixels. */
final class TextWidth {
    private static final Text RULER = new Text();

    private TextWidth() {}

    static double of(String text, String family, FontWeight weight, double size) {
        RULER.setFont(Font.font(family, weight, size));
        RULER.setText(text);
        return Math.ceil(RULER.getLayoutBounds().getWidth());
    }
}
