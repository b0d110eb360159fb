package lunko.desktop.look;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;

/**
 * A font at a size in pixels, to say beforehand how wide and how high a text will be. The stylesheet has the same
 * fonts.
 */
public record Typeface(String family, FontWeight weight, double size) {
    private static final Text RULER = new Text();
    /** What has been measured last: the same texts are asked about again and again, and measuring one is slow. */
    private static final Map<Typeface, Map<String, Double>> KNOWN = new HashMap<>();
    private static final int MOST_KNOWN = 4_000;

    /** Inter. */
    public static Typeface text(FontWeight weight, double size) {
        return new Typeface("Inter", weight, size);
    }

    /** JetBrains Mono. */
    public static Typeface code(FontWeight weight, double size) {
        return new Typeface("JetBrains Mono", weight, size);
    }

    /** How wide a text is, in whole pixels. */
    public double width(String text) {
        Map<String, Double> known = KNOWN.computeIfAbsent(this, _ -> new HashMap<>());
        if (known.size() > MOST_KNOWN) known.clear();
        return known.computeIfAbsent(text, this::measured);
    }

    private double measured(String text) {
        RULER.setFont(Font.font(family, weight, size));
        RULER.setText(text);
        RULER.setWrappingWidth(0);
        return Math.ceil(RULER.getLayoutBounds().getWidth());
    }

    /** How high a text is, in pixels, that is wrapped at a width; one without a width is not wrapped. */
    public double height(String text, double width) {
        RULER.setFont(Font.font(family, weight, size));
        RULER.setText(text);
        RULER.setWrappingWidth(Math.max(0, width));
        return RULER.getLayoutBounds().getHeight();
    }
}
