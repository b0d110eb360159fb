package lunko.handout.paint;

import java.awt.BasicStroke;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.function.UnaryOperator;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.FontRun;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;

/**
 * Paints drawings, whatever for.
 *
 * @param fonts what a format makes of a font
 */
public record Painter(Palette palette, UnaryOperator<Font> fonts) {

    /** A painter that takes fonts as they are. */
    public static Painter of(Palette palette) {
        return new Painter(palette, UnaryOperator.identity());
    }

    /** Paints a drawing on its ground. */
    public void paint(Drawing drawing, Graphics2D on) {
        on.setColor(palette.color(Ink.Common.PAPER));
        on.fill(new Rectangle2D.Double(0, 0, drawing.width(), drawing.height()));
        draw(drawing, on);
    }

    /** Paints a drawing alone. */
    public void draw(Drawing drawing, Graphics2D on) {
        on.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        on.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        on.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        on.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        for (Mark mark : drawing.marks()) {
            switch (mark) {
                case Mark.Text text -> write(text, on);
                case Mark.Outline outline -> outline(outline, on);
            }
        }
    }

    private void write(Mark.Text text, Graphics2D on) {
        on.setColor(palette.color(text.ink()));
        double x = text.x();
        for (FontRun run : FontRun.of(text.text(), text.lettering().face())) {
            on.setFont(fonts.apply(run.font()).deriveFont((float) text.lettering().size()));
            on.drawString(run.text(), (float) x, (float) text.base());
            x += Letters.width(run.text(), text.lettering());
        }
    }

    private void outline(Mark.Outline outline, Graphics2D on) {
        outline.fill().ifPresent(fill -> {
            Palette.Filling filling = palette.filling(fill);
            on.setColor(filling.ground());
            on.fill(outline.shape());
            pattern(filling, outline.shape(), on);
        });
        outline.pen().ifPresent(pen -> {
            on.setColor(palette.color(pen.ink()));
            Stroke before = on.getStroke();
            on.setStroke(stroke(pen));
            on.draw(outline.shape());
            on.setStroke(before);
        });
    }

    private static void pattern(Palette.Filling filling, Shape within, Graphics2D on) {
        if (filling.pattern() == Pattern.PLAIN) return;
        Shape clip = on.getClip();
        on.clip(within);
        on.setColor(filling.lines());
        Stroke before = on.getStroke();
        on.setStroke(new BasicStroke(0.8f));
        for (Shape shape : filling.pattern().shapes(within.getBounds2D())) {
            if (shape instanceof Line2D) on.draw(shape);
            else on.fill(shape);
        }
        on.setStroke(before);
        on.setClip(clip);
    }

    private static BasicStroke stroke(Pen pen) {
        float width = (float) pen.width();
        return pen.dashed()
                ? new BasicStroke(width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1,
                        new float[] {3 * width, 2.5f * width}, 0)
                : new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    }
}
