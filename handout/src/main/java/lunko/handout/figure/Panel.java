package lunko.handout.figure;

import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
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
import lunko.insight.picture.TableHue;
import lunko.query.Side;

/**
 * Rows under headings as they are drawn, and where they are.
 *
 * @param numbered whether each row has its number before it
 */
record Panel(List<Column> columns, List<Line> lines, boolean numbered) {
    /** Of longer tables the first rows are drawn. */
    static final int MOST_ROWS = 30;
    static final double ROW = 24;
    static final double HEAD = 27;
    /** The column of the row numbers. */
    static final double NUMBERS = 26;
    private static final double PAD = 8;
    private static final double LEAST = 40;
    private static final double MOST = 190;
    private static final Lettering NUMBER = Lettering.CODE.of(9.5);

    /**
     * A column.
     *
     * @param key the side on which it is compared, towards the other
     * @param width in points
     */
    record Column(String heading, Optional<Side> key, boolean figures, Optional<TableHue> hue, double width) {

        /** A column that is as wide as what stands in it needs. */
        static Column fitting(String heading, Optional<Side> key, boolean figures, Optional<TableHue> hue,
                List<Cell> cells) {
            Column column = new Column(heading, key, figures, hue, 0);
            double widest = Math.max(Letters.width(column.shown(), column.lettering()),
                    cells.stream().mapToDouble(Panel::width).max().orElse(0));
            // A little more, so that nothing is cut by rounding.
            return column.wide(Math.clamp(Math.ceil(widest) + 1 + 2 * PAD, LEAST, MOST));
        }

        Column wide(double other) {
            return new Column(heading, key, figures, hue, other);
        }

        private String shown() {
            return key.map(side -> side.of(heading + " →", "← " + heading)).orElse(heading);
        }

        private Lettering lettering() {
            return key.isPresent() ? Lettering.CODE_STRONG.of(11) : Lettering.STRONG.of(11);
        }
    }

    /** How a row looks. */
    enum Look {
        /** As it is. */
        PLAIN,
        /** It is its turn. */
        NOW,
        /** It is not in the result. */
        LEFT_OUT,
        /** It has been removed. */
        STRUCK_OUT
    }

    /** A row. */
    record Line(List<Cell> cells, Look look) {}

    /** A panel whose columns are together as wide as that, each by its share. */
    Panel spread(double wide) {
        double own = width() - numbers();
        return new Panel(
                columns.stream().map(column -> column.wide(column.width() * (wide - numbers()) / own)).toList(),
                lines, numbered);
    }

    double width() {
        return numbers() + columns.stream().mapToDouble(Column::width).sum();
    }

    double height() {
        return HEAD + ROW * lines.size();
    }

    private double numbers() {
        return numbered ? NUMBERS : 0;
    }

    /** Where a column begins. */
    double x(int column) {
        return numbers() + columns.subList(0, column).stream().mapToDouble(Column::width).sum();
    }

    /** The middle of a row. */
    static double middle(int row) {
        return HEAD + ROW * (row + 0.5);
    }

    Drawing drawing() {
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) heading(i, marks);
        marks.add(Mark.Outline.of(new Line2D.Double(0, HEAD, width(), HEAD), Pen.of(Common.INK, 1)));
        for (int row = 0; row < lines.size(); row++) marks.addAll(line(row));
        return new Drawing(width(), height(), marks);
    }

    private void heading(int at, List<Mark> marks) {
        Column column = columns.get(at);
        column.hue().ifPresent(hue -> marks.add(Mark.Outline.of(
                new Rectangle2D.Double(x(at), 0, column.width(), HEAD), new Fill.Wash(hue))));
        String shown = Letters.fitting(column.shown(), column.lettering(), column.width() - 2 * PAD);
        double x = column.figures() ? x(at) + column.width() - PAD - Letters.width(shown, column.lettering())
                : x(at) + PAD;
        marks.add(new Mark.Text(x, 18, shown, column.lettering(),
                column.hue().<Ink>map(Ink.Own::new).orElse(Common.INK)));
    }

    /** A row in its place. */
    List<Mark> line(int row) {
        List<Mark> marks = new ArrayList<>();
        Line line = lines.get(row);
        double top = HEAD + ROW * row;
        if (line.look() == Look.NOW)
            marks.add(Mark.Outline.of(new Rectangle2D.Double(0, top, width(), ROW), new Fill.Now()));
        Ink ink = switch (line.look()) {
            case PLAIN, NOW -> Common.INK;
            case LEFT_OUT, STRUCK_OUT -> Common.MUTE;
        };
        if (numbered) {
            String number = Integer.toString(row + 1);
            marks.add(
                    new Mark.Text(NUMBERS - 8 - Letters.width(number, NUMBER), top + 16, number, NUMBER, Common.MUTE));
        }
        for (int i = 0; i < columns.size(); i++) cell(line.cells().get(i), x(i), top, columns.get(i), ink, marks);
        marks.add(Mark.Outline.of(new Line2D.Double(0, top + ROW, width(), top + ROW), Pen.of(Common.LINE, 0.6)));
        if (line.look() == Look.STRUCK_OUT) marks.add(Mark.Outline.of(
                new Line2D.Double(numbers() + 4, top + ROW / 2, width() - 4, top + ROW / 2), Pen.of(Common.INK, 1)));
        return marks;
    }

    private static void cell(Cell cell, double x, double top, Column column, Ink ink, List<Mark> marks) {
        switch (cell) {
            case Cell.Shown(String text, boolean figures) -> {
                Lettering lettering = figures ? Lettering.CODE : Lettering.TEXT;
                String shown = Letters.fitting(text, lettering, column.width() - 2 * PAD);
                marks.add(new Mark.Text(start(column, x, Letters.width(shown, lettering)), top + 16, shown, lettering,
                        ink));
            }
            case Cell.Null() -> {
                double wide = Letters.width("NULL", Lettering.NULL) + 8;
                double at = start(column, x, wide);
                marks.add(Mark.Outline.of(new RoundRectangle2D.Double(at, top + 5, wide, 14, 7, 7),
                        Pen.of(Common.PILL, 0.9).withGaps()));
                marks.add(new Mark.Text(at + 4, top + 15.5, "NULL", Lettering.NULL, Common.MUTE));
            }
            case Cell.Padded(TableHue hue) -> {
                marks.add(Mark.Outline.of(new Rectangle2D.Double(x, top, column.width(), ROW), new Fill.Hatch(hue)));
                double wide = Letters.width("NULL", Lettering.NULL);
                double at = start(column, x, wide);
                marks.add(Mark.Outline.of(new Rectangle2D.Double(at - 2, top + 5, wide + 4, 14),
                        new Fill.Flat(Common.CARD)));
                marks.add(new Mark.Text(at, top + 15.5, "NULL", Lettering.NULL, Common.MUTE));
            }
            case Cell.Misfit(String typed) -> {
                String shown = Letters.fitting(typed, Lettering.CODE, column.width() - 2 * PAD);
                double at = start(column, x, Letters.width(shown, Lettering.CODE));
                marks.add(new Mark.Text(at, top + 16, shown, Lettering.CODE, Common.MUTE));
                marks.add(Mark.Outline.of(new Line2D.Double(at, top + 19,
                        at + Letters.width(shown, Lettering.CODE), top + 19), Pen.of(Common.NOW, 1).withGaps()));
            }
            case Cell.Blank() -> {}
        }
    }

    private static double start(Column column, double x, double wide) {
        return column.figures() ? x + column.width() - PAD - wide : x + PAD;
    }

    private static double width(Cell cell) {
        return switch (cell) {
            case Cell.Shown(String text, boolean figures) ->
                Letters.width(text, figures ? Lettering.CODE : Lettering.TEXT);
            case Cell.Null(),Cell.Padded _ -> Letters.width("NULL", Lettering.NULL) + 8;
            case Cell.Misfit(String typed) -> Letters.width(typed, Lettering.CODE);
            case Cell.Blank() -> 0;
        };
    }

    /** The cells of a column. */
    static List<Cell> column(List<List<Cell>> rows, int column) {
        return IntStream.range(0, rows.size()).mapToObj(row -> rows.get(row).get(column)).toList();
    }
}
