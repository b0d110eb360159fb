package lunko.handout.figure;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.insight.picture.PairGrid;
import lunko.query.Side;

/** Left rows by right rows: a dot where two match, a question mark where that is unknown. */
public final class PairGridFigure {
    private static final double CELL = 30;
    private static final int MOST = 20;
    private static final double NAMES = 110;
    private static final Lettering NAME = Lettering.TEXT.of(11);
    private static final Lettering TITLE = Lettering.STRONG;

    private final Subject subject;
    private final PairGrid grid;
    private final int lefts;
    private final int rights;
    private final double wide;
    private final List<Mark> marks = new ArrayList<>();

    private PairGridFigure(Subject subject) {
        this.subject = subject;
        this.grid = PairGrid.of(subject.outcome());
        this.lefts = Math.min(MOST, grid.lefts());
        this.rights = Math.min(MOST, grid.rights());
        this.wide = Math.max(CELL, IntStream.range(0, rights)
                .mapToDouble(row -> Math.min(NAMES, Letters.width(name(Side.RIGHT, row), NAME)) + 12).max().orElse(0));
    }

    /** The grid of the join at hand, if there is one. */
    public static Optional<Drawing> of(Subject subject) {
        return subject.showing().outcome().map(_ -> new PairGridFigure(subject).draw());
    }

    private String name(Side side, int row) {
        return Letters.fitting(subject.in().names().shortRow(subject.outcome().join().on(side).name(row)), NAME, NAMES);
    }

    private Drawing draw() {
        double x = NAMES + 10;
        double y = 48;
        Ink left = new Ink.Own(subject.showing().hue(Side.LEFT));
        Ink right = new Ink.Own(subject.showing().hue(Side.RIGHT));
        text(subject.in().names().rows(subject.outcome().join().left().title()), 0, y - 8, TITLE, left);
        text(subject.in().names().rows(subject.outcome().join().right().title()), x, 14, TITLE, right);
        for (int row = 0; row < rights; row++) {
            String name = name(Side.RIGHT, row);
            text(name, x + wide * (row + 0.5) - Letters.width(name, NAME) / 2, y - 8, NAME, Common.INK);
        }
        for (int row = 0; row < lefts; row++) {
            String name = name(Side.LEFT, row);
            text(name, NAMES - Letters.width(name, NAME), y + CELL * (row + 0.5) + 4, NAME, Common.INK);
            for (int other = 0; other < rights; other++) cell(row, other, x + wide * other, y + CELL * row);
        }
        for (int row = 0; row <= lefts; row++)
            marks.add(Mark.Outline
                    .of(new Line2D.Double(x, y + CELL * row, x + wide * rights, y + CELL * row),
                            Pen.of(Common.LINE, 0.7)));
        for (int row = 0; row <= rights; row++)
            marks.add(Mark.Outline
                    .of(new Line2D.Double(x + wide * row, y, x + wide * row, y + CELL * lefts),
                            Pen.of(Common.LINE, 0.7)));
        Drawing drawn = new Drawing(x + wide * rights, y + CELL * lefts + 2, marks);
        return Drawing.column(10, List.of(drawn,
                subject.more(grid.lefts(), lefts), subject.more(grid.rights(), rights),
                TextFigure.line(grid.sum(subject.in()), NAME, Common.MUTE)));
    }

    private void cell(int row, int other, double x, double y) {
        switch (grid.verdict(row, other)) {
            case TRUE -> {
                marks.add(Mark.Outline.of(new Rectangle2D.Double(x, y, wide, CELL), new Fill.Met()));
                marks.add(Mark.Outline.of(new Ellipse2D.Double(x + wide / 2 - 5, y + CELL / 2 - 5, 10, 10),
                        new Fill.Flat(Common.PAIR)));
            }
            case UNKNOWN ->
                text("?", x + wide / 2 - Letters.width("?", TITLE) / 2, y + CELL / 2 + 4, TITLE, Common.MUTE);
            case FALSE -> {}
        }
    }

    private void text(String text, double x, double base, Lettering lettering, Ink ink) {
        marks.add(new Mark.Text(x, base, text, lettering, ink));
    }
}
