package lunko.handout.drawing;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** How much room text takes. */
public final class Letters {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    /** Widths are measured at this size, where hints of the font make no difference. */
    private static final float LARGE = 100;
    private static final Map<Font, Font> LARGER = new ConcurrentHashMap<>();
    private static final String CUT = "…";

    private Letters() {}

    /** How wide a text is, in points. */
    public static double width(String text, Lettering lettering) {
        double width = 0;
        for (FontRun run : FontRun.of(text, lettering.face())) {
            Font large = LARGER.computeIfAbsent(run.font(), font -> font.deriveFont(LARGE));
            width += large.getStringBounds(run.text(), EXACT).getWidth();
        }
        return width * lettering.size() / LARGE;
    }

    /** A text, cut at its end where it is wider than so many points. */
    public static String fitting(String text, Lettering lettering, double most) {
        if (width(text, lettering) <= most) return text;
        int[] characters = text.codePoints().toArray();
        int low = 0;
        int high = characters.length;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (width(new String(characters, 0, middle).stripTrailing() + CUT, lettering) <= most) low = middle;
            else high = middle - 1;
        }
        return new String(characters, 0, low).stripTrailing() + CUT;
    }

    /** A text in lines of no more than so many points, broken at blanks where there are some. */
    public static List<String> lines(String text, Lettering lettering, double most) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.split("\n", -1)) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.split("(?<= )")) {
                if (!line.isEmpty() && width((line + word).stripTrailing(), lettering) > most) {
                    lines.add(line.toString().stripTrailing());
                    line.setLength(0);
                }
                line.append(word);
            }
            lines.add(line.toString().stripTrailing());
        }
        return lines;
    }
}
