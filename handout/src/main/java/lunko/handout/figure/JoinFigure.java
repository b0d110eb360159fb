package lunko.handout.figure;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.engine.JoinResult;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.engine.Source;
import lunko.engine.Stage;
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
import lunko.steps.MatchFrame;
import lunko.steps.RowMark;
import lunko.steps.RowState;
import lunko.steps.Step;
import lunko.table.Truth;
import lunko.table.Type;

/**
 * The join at hand after a step: both sides with lanes between rows that match, and below, each column under the one
 * that it comes from, the result so far.
 */
public final class JoinFigure {
    /** The room for lanes. */
    private static final double GAP = 128;
    private static final double TITLE = 26;
    private static final double BETWEEN = 26;
    private static final double STUB = 18;
    private static final Lettering SMALL = Lettering.CODE.of(10);

    private final Subject subject;
    private final JoinResult outcome;
    private final MatchFrame frame;
    private final Panel left;
    private final Panel right;

    private JoinFigure(Subject subject, MatchFrame frame) {
        this.subject = subject;
        this.outcome = subject.outcome();
        this.frame = frame;
        this.left = source(Side.LEFT);
        this.right = source(Side.RIGHT);
    }

    /** The join at hand, if there is one. */
    public static Optional<JoinFigure> of(Subject subject) {
        return subject.showing().match().map(frame -> new JoinFigure(subject, frame));
    }

    /** Both sides and what is between them. */
    public Drawing sources() {
        double height = TITLE + Math.max(left.height(), right.height());
        Drawing drawn = new Drawing(width(), height, lanes());
        for (Side side : Side.values()) {
            Drawing more = subject.more(outcome.join().on(side).rows().size(), panel(side).lines().size());
            drawn = drawn
                    .under(Drawing.column(6, List.of(title(side).under(panel(side).drawing().moved(0, TITLE)), more))
                            .moved(x(side), 0));
        }
        return drawn.sized(width(), drawn.height());
    }

    /** What has come into the result so far. */
    public Drawing result() {
        List<ResultRow> rows = frame.landed();
        String about = rows.size() < outcome.size() ? subject.in().handouts().soFar(rows.size(), outcome.size())
                : subject.in().results().sum(outcome.size(), outcome.sum());
        Drawing drawn = subject.title(subject.in().handouts().result(), about, Common.INK);
        for (Side side : Side.values()) drawn = drawn.under(result(side, rows).moved(0, TITLE));
        drawn = drawn.under(new Drawing(0, 0, origins(rows)).moved(0, TITLE));
        // Room for the rows that are still to come, so that nothing below moves when they do.
        drawn = drawn.under(Drawing.space(0, TITLE + Panel.HEAD + Panel.ROW * Subject.drawn(outcome.size()).count()));
        return Drawing.column(6, List.of(drawn, subject.more(rows.size(), Panel.MOST_ROWS)));
    }

    /** All of it. */
    public Drawing drawing() {
        return Drawing.column(BETWEEN, List.of(sources(), result()));
    }

    double width() {
        return left.width() + GAP + right.width();
    }

    private double x(Side side) {
        return side.of(0.0, left.width() + GAP);
    }

    private Panel panel(Side side) {
        return side.of(left, right);
    }

    /** A row of a side on its way into the last row of the result, of which it has gone a part, from 0 to 1. */
    public Drawing flying(Side side, int row, double way) {
        Panel panel = panel(side);
        int last = frame.landed().size() - 1;
        if (row >= panel.lines().size() || last < 0 || last >= Panel.MOST_ROWS) return Drawing.EMPTY;
        double down = (resultY(last) - sourceY(row)) * way;
        double top = Panel.HEAD + Panel.ROW * row;
        Drawing flying = new Drawing(panel.width(), panel.height(), List.of(Mark.Outline.of(
                new Rectangle2D.Double(Panel.NUMBERS, top, panel.width() - Panel.NUMBERS, Panel.ROW), new Fill.Now())));
        return flying.under(new Drawing(0, 0, panel.line(row))).moved(x(side), TITLE + down);
    }

    /** The middle of a row of a side. */
    private static double sourceY(int row) {
        return TITLE + Panel.middle(row);
    }

    /** The middle of a row of the result. */
    private double resultY(int row) {
        return sources().height() + BETWEEN + TITLE + Panel.middle(row);
    }

    private Drawing title(Side side) {
        Stage stage = outcome.join().on(side);
        String rows = subject.in().counts().rows(stage.rows().size());
        String about = stage instanceof Source source && !source.alias().equals(source.table().name())
                ? source.alias() + " · " + rows : rows;
        String name = stage instanceof Source source ? source.table().name() : subject.in().names().rows(stage.title());
        return subject.title(Letters.fitting(name, Lettering.STRONG.of(13), panel(side).width() + GAP / 2), about,
                new Ink.Own(subject.showing().hue(side)));
    }

    private Panel source(Side side) {
        Stage stage = outcome.join().on(side);
        Set<Integer> keys = outcome.kind().compares() ? outcome.keys(side) : Set.of();
        List<List<Cell>> cells = subject.cells(stage);
        List<Panel.Column> columns = IntStream.range(0, stage.headings().size())
                .mapToObj(column -> column(side, column, keys.contains(column), Panel.column(cells, column))).toList();
        return new Panel(columns, IntStream.range(0, cells.size())
                .mapToObj(row -> new Panel.Line(cells.get(row), look(side, row))).toList(), true);
    }

    /** A column of a side, with room for what it is called in the result. */
    private Panel.Column column(Side side, int at, boolean isKey, List<Cell> cells) {
        Stage stage = outcome.join().on(side);
        Optional<TableHue> hue = Optional.of(subject.hue(stage, at));
        boolean figures = stage.headings().get(at).type().filter(Type::isNumeric).isPresent();
        Panel.Column own = Panel.Column.fitting(stage.headings().get(at).name(),
                isKey ? Optional.of(side) : Optional.empty(), figures, hue, cells);
        return outcome.kind().shows(side) ? own.wide(Math.max(own.width(), Panel.Column.fitting(
                outcome.name(new ResultColumn(side, at)), Optional.empty(), figures, hue, List.of()).width())) : own;
    }

    private Panel.Look look(Side side, int row) {
        if (frame.now(side).equals(OptionalInt.of(row))) return Panel.Look.NOW;
        return switch (frame.rows(side).get(row)) {
            case OPEN, MET, UNKNOWN, KEPT -> Panel.Look.PLAIN;
            case LEFT_OUT -> Panel.Look.LEFT_OUT;
        };
    }

    /** The columns of the result that come from a side, each under its source. */
    private Drawing result(Side side, List<ResultRow> rows) {
        List<ResultColumn> columns = outcome.columns(side);
        if (columns.isEmpty()) return Drawing.EMPTY;
        Panel source = panel(side);
        Drawing drawn = Drawing.EMPTY;
        for (ResultColumn column : columns) {
            TableHue hue = subject.hue(outcome.join().on(side), column.index());
            Panel.Column under = source.columns().get(column.index());
            List<Panel.Line> lines = Subject.drawn(rows.size()).mapToObj(
                    row -> new Panel.Line(List.of(Cell.of(outcome.cell(rows.get(row), column), hue)),
                            look(rows.get(row))))
                    .toList();
            Panel one = new Panel(List.of(new Panel.Column(outcome.name(column), Optional.empty(), under.figures(),
                    Optional.of(hue), under.width())), lines, false);
            drawn = drawn.under(one.drawing().moved(x(side) + source.x(column.index()), 0));
        }
        return drawn;
    }

    private Panel.Look look(ResultRow row) {
        boolean now = frame.step().lands() && !frame.landed().isEmpty() && frame.landed().getLast().equals(row);
        return now ? Panel.Look.NOW : Panel.Look.PLAIN;
    }

    /** Which rows each row of the result comes from: {@code 1 – 1}. */
    private List<Mark> origins(List<ResultRow> rows) {
        List<Mark> marks = new ArrayList<>();
        if (outcome.kind().only().isPresent()) return marks;
        Subject.drawn(rows.size()).forEach(row -> {
            String said = number(rows.get(row), Side.LEFT) + " – " + number(rows.get(row), Side.RIGHT);
            marks.add(new Mark.Text(left.width() + (GAP - Letters.width(said, SMALL)) / 2, Panel.middle(row) + 4, said,
                    SMALL, Common.MUTE));
        });
        return marks;
    }

    private static String number(ResultRow row, Side side) {
        OptionalInt source = row.source(side);
        return source.isPresent() ? Integer.toString(source.getAsInt() + 1) : "·";
    }

    private List<Mark> lanes() {
        List<Mark> marks = new ArrayList<>();
        for (int row = 0; row < left.lines().size(); row++) {
            for (MatchFrame.Lane lane : frame.lanes().get(row)) {
                if (lane.right() < right.lines().size()) marks.add(lane(row, lane));
            }
        }
        for (Side side : Side.values()) {
            for (int row = 0; row < panel(side).lines().size(); row++) end(side, row, marks);
        }
        if (frame.step() instanceof Step.Compare(int one, int other, Truth verdict) && verdict != Truth.TRUE
                && one < left.lines().size() && other < right.lines().size())
            marks.add(Mark.Outline.of(curve(one, other), Pen.of(Common.NOW, 1.4).withGaps()));
        return marks;
    }

    private Mark lane(int row, MatchFrame.Lane lane) {
        boolean now = frame.now(Side.LEFT).equals(OptionalInt.of(row))
                && frame.now(Side.RIGHT).equals(OptionalInt.of(lane.right()));
        Pen pen = Pen.of(now ? Common.NOW : Common.PAIR, now ? 2.6 : 1.8);
        return Mark.Outline.of(curve(row, lane.right()), lane.verdict() == Truth.TRUE ? pen : pen.withGaps());
    }

    private CubicCurve2D curve(int from, int to) {
        double x = left.width();
        return new CubicCurve2D.Double(x, sourceY(from), x + GAP * 0.45, sourceY(from), x + GAP * 0.55, sourceY(to),
                x + GAP, sourceY(to));
    }

    /** What stands at the end of a row: that it is kept or left out, or what a way of matching has put there. */
    private void end(Side side, int row, List<Mark> marks) {
        double edge = side.of(left.width(), left.width() + GAP);
        double tip = edge + side.of(STUB, -STUB);
        double y = sourceY(row);
        RowState state = frame.rows(side).get(row);
        RowMark mark = frame.marks().of(side).get(row);
        if (mark != RowMark.NONE) {
            String said = mark.text(subject.in());
            double wide = Letters.width(said, SMALL);
            marks.add(new Mark.Text(side.of(edge + 5, edge - 5 - wide), y - 3, said, SMALL, Common.MUTE));
        }
        // Of a side that no row comes from, an end would say nothing.
        boolean ended = switch (state) {
            case KEPT -> true;
            case LEFT_OUT -> outcome.kind().only().filter(only -> only != side).isEmpty();
            case OPEN, MET, UNKNOWN -> false;
        };
        if (!ended) return;
        Ink ink = state == RowState.KEPT ? new Ink.Own(subject.showing().hue(side)) : Common.MUTE;
        marks.add(Mark.Outline.of(new Line2D.Double(edge, y, tip, y), Pen.of(ink, 1.4)));
        if (state == RowState.KEPT) marks.add(Mark.Outline.of(diamond(tip, y), new Fill.Flat(ink)));
        else cross(tip, y, ink, marks);
    }

    private static Path2D diamond(double x, double y) {
        Path2D diamond = new Path2D.Double();
        diamond.moveTo(x - 6, y);
        diamond.lineTo(x, y - 6);
        diamond.lineTo(x + 6, y);
        diamond.lineTo(x, y + 6);
        diamond.closePath();
        return diamond;
    }

    private static void cross(double x, double y, Ink ink, List<Mark> marks) {
        marks.add(Mark.Outline.of(new Line2D.Double(x - 4, y - 4, x + 4, y + 4), Pen.of(ink, 1.4)));
        marks.add(Mark.Outline.of(new Line2D.Double(x - 4, y + 4, x + 4, y - 4), Pen.of(ink, 1.4)));
    }
}
