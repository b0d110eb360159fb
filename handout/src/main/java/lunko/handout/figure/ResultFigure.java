package lunko.handout.figure;

import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;

/** What a query gives as rows under headings: filled in, or to be filled in. */
public final class ResultFigure {
    private ResultFigure() {}

    /** The rows of a result, without a title. */
    public static Drawing of(Subject subject, Stage result) {
        return Drawing.column(6, List.of(StageFigure.panel(subject, result).drawing(),
                subject.more(result.rows().size(), Panel.MOST_ROWS)));
    }

    /** So many empty lines under the headings of a result, as wide as that in points. */
    public static Drawing blank(Subject subject, Stage result, int lines, double width) {
        Panel full = StageFigure.panel(subject, result);
        List<Cell> empty = Collections.nCopies(full.columns().size(), new Cell.Blank());
        // How wide the values are would be a hint.
        List<Panel.Column> columns = full
                .columns().stream().map(column -> new Panel.Column(column.heading(), column.key(),
                        false, column.hue(), Math.max(60, Panel.Column.fitting(column.heading(), column.key(), false,
                                column.hue(), List.of()).width())))
                .toList();
        Panel panel = new Panel(columns, IntStream.range(0, lines)
                .mapToObj(_ -> new Panel.Line(empty, Panel.Look.PLAIN)).toList(), false);
        Panel wide = panel.spread(Math.max(width, panel.width()));
        return wide.drawing().under(new Drawing(wide.width(), wide.height(), rules(wide)));
    }

    private static List<Mark> rules(Panel panel) {
        List<Mark> marks = new ArrayList<>();
        Pen pen = Pen.of(Common.MUTE, 0.6);
        for (int column = 1; column < panel.columns().size(); column++)
            marks.add(Mark.Outline.of(new Line2D.Double(panel.x(column), 0, panel.x(column), panel.height()), pen));
        marks.add(Mark.Outline.of(new Rectangle2D.Double(0, 0, panel.width(), panel.height()), pen));
        return marks;
    }
}
