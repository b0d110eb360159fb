package lunko.handout.figure;

import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.insight.explanation.StageSummary;
import lunko.insight.picture.TableHue;
import lunko.steps.Timeline;

/**
 * What a query does, one stage after the other: a card for each, with its clause, its rows as marks and their number.
 */
public final class StagesFigure {
    private static final double CARD = 150;
    private static final double BETWEEN = 26;
    private static final double HIGH = 136;
    private static final int IN_A_ROW = 4;
    private static final double PAD = 12;
    private static final Lettering CLAUSE = Lettering.CODE_STRONG.of(11);
    private static final Lettering ROWS = Lettering.TEXT.of(11);

    private StagesFigure() {}

    /** The stages of the query at hand; nothing, where it cannot run. */
    public static Drawing of(Subject subject) {
        Optional<Timeline> timeline = subject.showing().timeline();
        if (timeline.isEmpty()) return Drawing.EMPTY;
        List<StageSummary> stages = StageSummary.all(timeline.get(), subject.showing().hues());
        List<Drawing> lines = new ArrayList<>();
        for (int from = 0; from < stages.size(); from += IN_A_ROW) {
            List<Drawing> cards = new ArrayList<>();
            for (int i = from; i < Math.min(stages.size(), from + IN_A_ROW); i++)
                cards.add(card(subject, stages.get(i), i < stages.size() - 1));
            lines.add(Drawing.row(BETWEEN, cards));
        }
        return Drawing.column(BETWEEN, lines);
    }

    private static Drawing card(Subject subject, StageSummary stage, boolean goesOn) {
        List<Mark> marks = new ArrayList<>();
        marks.add(Mark.Outline.of(new RoundRectangle2D.Double(0.5, 0.5, CARD, HIGH, 10, 10), new Fill.Flat(Common.CARD))
                .with(Pen.of(Common.LINE, 1)));
        marks.add(new Mark.Text(PAD, 22, Letters.fitting(stage.clause(subject.in()), CLAUSE, CARD - 2 * PAD), CLAUSE,
                Common.INK));
        rows(stage, marks);
        String rows = subject.in().counts().rows(stage.rows());
        String sum = subject.in().counts().sum(stage.sum());
        marks.add(new Mark.Text(PAD, HIGH - 12,
                Letters.fitting(sum.isEmpty() ? rows : rows + ": " + sum, ROWS, CARD - 2 * PAD), ROWS, Common.MUTE));
        if (goesOn) arrow(marks);
        return new Drawing(CARD, HIGH + 1, marks);
    }

    private static void rows(StageSummary stage, List<Mark> marks) {
        double wide = (CARD - 2 * PAD) / Math.max(1, stage.hues().size());
        for (int line = 0; line < stage.lines().size(); line++) {
            double y = 34 + 13 * line;
            StageSummary.Line row = stage.lines().get(line);
            for (int column = 0; column < row.marks().size(); column++) {
                TableHue hue = stage.hues().get(column).orElse(TableHue.JOINED);
                Rectangle2D bar = new Rectangle2D.Double(PAD + wide * column, y, wide - 3, 8);
                marks.add(switch (row.marks().get(column)) {
                    case VALUE -> Mark.Outline.of(bar, new Fill.Body(hue));
                    case NULL -> Mark.Outline.of(bar, Pen.of(Common.PILL, 0.9).withGaps());
                    case PADDED -> Mark.Outline.of(bar, new Fill.Hatch(hue));
                });
            }
            if (row.struckOut()) marks.add(Mark.Outline.of(
                    new Line2D.Double(PAD - 4, y + 4, CARD - PAD + 2, y + 4), Pen.of(Common.INK, 1.4)));
        }
    }

    private static void arrow(List<Mark> marks) {
        double y = HIGH / 2;
        Ink ink = Common.MUTE;
        marks.add(Mark.Outline.of(new Line2D.Double(CARD + 6, y, CARD + BETWEEN - 6, y), Pen.of(ink, 1.4)));
        marks.add(Mark.Outline.of(new Line2D.Double(CARD + BETWEEN - 11, y - 5, CARD + BETWEEN - 6, y),
                Pen.of(ink, 1.4)));
        marks.add(Mark.Outline.of(new Line2D.Double(CARD + BETWEEN - 11, y + 5, CARD + BETWEEN - 6, y),
                Pen.of(ink, 1.4)));
    }
}
