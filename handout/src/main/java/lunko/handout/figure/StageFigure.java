package lunko.handout.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.show.RowsAtHand;
import lunko.steps.RowFrame.RowProgress;
import lunko.table.Type;

/** The rows of a stage, before it and after it: what a query gives, and what filtering, grouping and sorting do. */
public final class StageFigure {
    private final Subject subject;

    private StageFigure(Subject subject) {
        this.subject = subject;
    }

    /** What a query gives as a whole. */
    public static Drawing result(Subject subject, Stage stage) {
        return new StageFigure(subject).titled(subject.in().handouts().result(),
                subject.in().counts().rows(stage.rows().size()), Common.INK, stage, stage.rows().size(),
                _ -> Panel.Look.PLAIN);
    }

    /** What a query gives, without a title: a panel of its rows. */
    static Panel panel(Subject subject, Stage stage) {
        return new StageFigure(subject).panel(stage, stage.rows().size(), _ -> Panel.Look.PLAIN);
    }

    /** A stage other than a join after a step: the rows that it takes, and what it has given so far. */
    public static Drawing rows(Subject subject, RowsAtHand rows) {
        StageFigure figure = new StageFigure(subject);
        Stage stage = rows.timeline().stage();
        List<Drawing> parts = new ArrayList<>();
        for (int input = 0; input < stage.inputs().size(); input++) {
            Stage before = stage.inputs().get(input);
            int offset = rows.offset(input);
            parts.add(figure.titled(subject.in().names().rows(before.title()),
                    subject.in().counts().rows(before.rows().size()),
                    new Ink.Own(subject.showing().hues().ofRows(before)), before, before.rows().size(),
                    row -> look(rows, offset + row)));
        }
        int landed = rows.frame().landed();
        parts.add(figure.titled(rows.timeline().clause(), subject.in().handouts().soFar(landed, stage.rows().size()),
                Common.INK, stage, landed, _ -> Panel.Look.PLAIN));
        return Drawing.column(22, parts);
    }

    private static Panel.Look look(RowsAtHand rows, int row) {
        if (rows.frame().now().isPresent() && rows.frame().now().getAsInt() == row) return Panel.Look.NOW;
        return rows.fate(row) == RowProgress.STRUCK_OUT ? Panel.Look.STRUCK_OUT : Panel.Look.PLAIN;
    }

    private Drawing titled(String title, String about, Ink ink, Stage stage, int rows,
            IntFunction<Panel.Look> look) {
        Panel panel = panel(stage, rows, look);
        return Drawing.column(6, List.of(Drawing.column(0, List.of(subject.title(title, about, ink), panel.drawing())),
                subject.more(rows, Panel.MOST_ROWS)));
    }

    private Panel panel(Stage stage, int rows, IntFunction<Panel.Look> look) {
        List<List<Cell>> cells = subject.cells(stage);
        List<Panel.Column> columns = IntStream.range(0, stage.headings().size()).mapToObj(column -> {
            Stage.Heading heading = stage.headings().get(column);
            return Panel.Column.fitting(heading.table().map(table -> table + "." + heading.name())
                    .orElse(heading.name()), Optional.empty(), heading.type().filter(Type::isNumeric).isPresent(),
                    subject.showing().hues().of(stage, column), Panel.column(cells, column));
        }).toList();
        return new Panel(columns, Subject.drawn(rows)
                .mapToObj(row -> new Panel.Line(cells.get(row), look.apply(row))).toList(), true);
    }
}
