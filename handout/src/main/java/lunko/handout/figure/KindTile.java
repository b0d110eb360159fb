package lunko.handout.figure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.insight.picture.TableHue;
import lunko.query.Side;

/** A kind of join at a glance: its sign, its query, the rows that it gives by name, its circles, and how many. */
public final class KindTile {
    private static final int MOST_ROWS = 7;
    private static final double CIRCLES = 0.38;
    private static final double SMALL = 0.72;

    private KindTile() {}

    /** A tile of some width for what is shown, which is one join. */
    public static Drawing of(Subject subject, double width) {
        JoinResult outcome = subject.outcome();
        Drawing glyph = Glyph.of(outcome.kind());
        Drawing head = Drawing.row(9, List.of(glyph.moved(0, 2),
                TextFigure.line(subject.in().names().kind(outcome.kind()), Lettering.STRONG.of(13), Common.INK),
                TextFigure.line(subject.in().results().sum(outcome.size(), outcome.sum()), Lettering.TEXT.of(10),
                        Common.MUTE).moved(0, 2)));
        Drawing query = SceneFigure.query(subject, width / SMALL).scaled(SMALL).within(width);
        Drawing circles = VennFigure.counted(subject).orElse(Drawing.EMPTY).scaled(CIRCLES);
        return Drawing.column(7, List.of(head.within(width), query,
                Drawing.row(12, List.of(names(subject, outcome).scaled(SMALL), circles)).within(width)));
    }

    /** The rows of the result by what those are called that they come from. */
    private static Drawing names(Subject subject, JoinResult outcome) {
        int fits = outcome.size() <= MOST_ROWS ? (int) outcome.size() : MOST_ROWS - 1;
        List<ResultRow> rows = outcome.first(fits);
        List<Panel.Column> columns = outcome.kind().sides().stream()
                .map(side -> Panel.Column.fitting(subject.in().names().rows(outcome.join().on(side).title()),
                        Optional.empty(), false, Optional.of(subject.showing().hue(side)),
                        rows.stream().map(row -> cell(subject, outcome, row, side)).toList()).wide(96))
                .toList();
        List<Panel.Line> lines = rows.stream()
                .map(row -> new Panel.Line(outcome.kind().sides().stream()
                        .map(side -> cell(subject, outcome, row, side)).toList(), Panel.Look.PLAIN))
                .toList();
        return Drawing.column(4, List.of(new Panel(columns, lines, false).drawing(), outcome.size() <= fits
                ? Drawing.EMPTY : TextFigure.line(subject.in().results().more(outcome.size() - fits),
                        Lettering.TEXT.of(11), Common.MUTE)));
    }

    private static Cell cell(Subject subject, JoinResult outcome, ResultRow row, Side side) {
        OptionalInt source = row.source(side);
        TableHue hue = subject.showing().hue(side);
        return source.isEmpty() ? new Cell.Padded(hue) : new Cell.Shown(
                subject.in().names().shortRow(outcome.join().on(side).name(source.getAsInt())), false);
    }
}
