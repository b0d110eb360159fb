package lunko.handout.figure;

import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.insight.picture.KindChart;
import lunko.insight.picture.TableHue;
import lunko.query.JoinKind;
import lunko.query.Side;

/** Every row that any kind of join can give, once, and what each kind makes of it. */
public final class KindChartFigure {
    private static final double NAMES = 170;
    private static final double COLUMN = 62;
    private static final double LINE = 28;
    private static final double HEAD = 58;
    private static final double HALF = 21;
    private static final double HIGH = 18;
    private static final Lettering NAME = Lettering.STRONG.of(11.5);
    private static final Lettering KIND = Lettering.TEXT.of(11);
    private static final Lettering COUNT = Lettering.STRONG.of(14);

    private final Subject subject;
    private final KindChart chart;
    private final List<Mark> marks = new ArrayList<>();

    private KindChartFigure(Subject subject, KindChart chart) {
        this.subject = subject;
        this.chart = chart;
    }

    /** The chart of the join at hand; nothing, where there is none. */
    public static Optional<Drawing> of(Subject subject) {
        return subject.showing().outcome().flatMap(KindChart::of)
                .map(chart -> new KindChartFigure(subject, chart).draw());
    }

    private Drawing draw() {
        List<JoinKind> kinds = KindChart.kinds();
        List<KindChart.Lines> lines = chart.shown(Panel.MOST_ROWS);
        double width = NAMES + COLUMN * kinds.size();
        double foot = HEAD + LINE * lines.size();
        int chosen = kinds.indexOf(chart.outcome().kind());
        if (chosen >= 0) marks.add(Mark.Outline.of(
                new RoundRectangle2D.Double(NAMES + COLUMN * chosen, 0, COLUMN, foot + 34, 10, 10), new Fill.Now()));
        for (int i = 0; i < kinds.size(); i++) {
            double middle = NAMES + COLUMN * (i + 0.5);
            Drawing glyph = Glyph.of(kinds.get(i));
            marks.addAll(glyph.moved(middle - glyph.width() / 2, 4).marks());
            List<String> words = Letters.lines(subject.in().names().kind(kinds.get(i)), KIND, COLUMN - 12);
            for (int line = 0; line < words.size(); line++)
                centred(words.get(line), middle, 36 + 13 * line, KIND, Common.INK);
            centred(subject.in().counts().number(chart.rows(kinds.get(i))), middle, foot + 24, COUNT, Common.INK);
            for (int line = 0; line < lines.size(); line++)
                cell(lines.get(line).first(), kinds.get(i), middle - HALF, HEAD + LINE * line + (LINE - HIGH) / 2);
        }
        for (int line = 0; line < lines.size(); line++) name(lines.get(line), HEAD + LINE * line + LINE / 2 + 4);
        marks.add(Mark.Outline.of(new Line2D.Double(0, foot + 4, width, foot + 4), Pen.of(Common.LINE, 1)));
        marks.add(new Mark.Text(0, foot + 24, subject.in().handouts().rows(), NAME, Common.MUTE));
        return new Drawing(width, foot + 36, marks);
    }

    private void centred(String text, double middle, double base, Lettering lettering, Ink ink) {
        marks.add(new Mark.Text(middle - Letters.width(text, lettering) / 2, base, text, lettering, ink));
    }

    private void name(KindChart.Lines lines, double base) {
        double x = 0;
        double most = lines.count() == 1 ? NAMES / 2 - 14 : NAMES / 2 - 34;
        for (Side side : Side.values()) {
            OptionalInt row = lines.first().on(side);
            String name = row.isEmpty() ? "·" : Letters.fitting(subject.in().names()
                    .shortRow(chart.outcome().join().on(side).name(row.getAsInt())), NAME, most);
            String shown = side.of(name + " – ", name);
            marks.add(new Mark.Text(x, base, shown, NAME,
                    row.isEmpty() ? Common.MUTE : new Ink.Own(subject.showing().hue(side))));
            x += Letters.width(shown, NAME) + 4;
        }
        if (lines.count() > 1)
            marks.add(new Mark.Text(x, base, "× " + subject.in().counts().number(lines.count()), KIND, Common.MUTE));
    }

    private void cell(KindChart.Line line, JoinKind kind, double x, double y) {
        boolean repeated = chart.cell(line, kind) == KindChart.Cell.NOT_REPEATED;
        Pen around = Pen.of(repeated ? Common.MUTE : Common.IDLE, repeated ? 1 : 0.5);
        for (Side side : Side.values()) {
            TableHue hue = subject.showing().hue(side);
            Rectangle2D half = new Rectangle2D.Double(x + side.of(0.0, HALF), y, HALF, HIGH);
            switch (chart.half(line, kind, side)) {
                case ROW -> marks.add(Mark.Outline.of(half, new Fill.Body(hue)));
                case NULLS -> marks.add(Mark.Outline.of(half, new Fill.Hatch(hue)));
                case NOTHING -> {}
            }
        }
        marks.add(Mark.Outline.of(new Rectangle2D.Double(x, y, 2 * HALF, HIGH), repeated ? around.withGaps() : around));
    }
}
