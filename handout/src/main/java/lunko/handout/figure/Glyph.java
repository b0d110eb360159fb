package lunko.handout.figure;

import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.insight.picture.KindSign;
import lunko.insight.picture.TableHue;
import lunko.query.JoinKind;
import lunko.query.Side;

/** The sign of a kind of join: bars for rows of both sides, filled where the kind lets them through. */
public final class Glyph {
    private static final double WIDE = 11;
    private static final double HIGH = 5;
    private static final double STEP = 7;

    private Glyph() {}

    /** The sign of a kind. */
    public static Drawing of(JoinKind kind) {
        List<Mark> marks = new ArrayList<>();
        for (KindSign.Line line : KindSign.Line.values()) {
            for (Side side : Side.values())
                bar(side.of(0.0, WIDE + 2), line.ordinal(), side.of(TableHue.FIRST, TableHue.SECOND),
                        new KindSign(kind).isFilled(line, side), marks);
        }
        return new Drawing(2 * WIDE + 3, 2 * STEP + HIGH, marks);
    }

    private static void bar(double x, int row, TableHue hue, boolean filled, List<Mark> marks) {
        RoundRectangle2D bar = new RoundRectangle2D.Double(x, row * STEP, WIDE, HIGH, 2, 2);
        marks.add(filled ? Mark.Outline.of(bar, new Fill.Body(hue)).with(Pen.of(new Ink.Own(hue), 0.5))
                : Mark.Outline.of(bar, Pen.of(Common.IDLE, 0.7)));
    }
}
