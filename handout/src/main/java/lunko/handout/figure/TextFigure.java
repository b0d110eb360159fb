package lunko.handout.figure;

import java.util.ArrayList;
import java.util.List;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;

/** Words in one lettering. */
public final class TextFigure {
    private TextFigure() {}

    /** A text in lines of no more than so many points. */
    public static Drawing of(String text, Lettering lettering, Ink ink, double width) {
        if (text.isBlank()) return Drawing.EMPTY;
        List<Mark> marks = new ArrayList<>();
        double base = lettering.size();
        double widest = 0;
        for (String line : Letters.lines(text, lettering, width)) {
            marks.add(new Mark.Text(0, base, line, lettering, ink));
            widest = Math.max(widest, Letters.width(line, lettering));
            base += lettering.lineHeight();
        }
        return new Drawing(widest, base - lettering.lineHeight() + lettering.size() * 0.4, marks);
    }

    /** A text in one line. */
    public static Drawing line(String text, Lettering lettering, Ink ink) {
        return of(text.replaceAll("\\R", " "), lettering, ink, Double.MAX_VALUE);
    }
}
