package lunko.handout.figure;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Source;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.insight.picture.TableHue;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;

/** The tables of a lesson: with their rows, or as a diagram of their columns, keys and links. */
public final class TablesFigure {
    private static final double LINE = 20;
    private static final double GAP = 70;
    private static final int IN_A_ROW = 3;
    private static final Lettering NAME = Lettering.STRONG.of(13);

    private final Subject subject;
    private final List<Mark> marks = new ArrayList<>();
    /** The dots at the ends of links, which lie on the cards. */
    private final List<Mark> ends = new ArrayList<>();
    /** Where the cards of tables lie, by name. */
    private final Map<String, Card> cards = new HashMap<>();

    /** A table in the diagram: its top left corner and its width. */
    private record Card(Table table, double x, double y, double width) {

        double y(String column) {
            return y + 30 + LINE * (table.column(column).orElse(0) + 0.5);
        }
    }

    private TablesFigure(Subject subject) {
        this.subject = subject;
    }

    /** A table with its first rows, its key marked. */
    public static Drawing of(Subject subject, Table table) {
        TableHue hue = subject.showing().hues().named(table.name()).orElse(TableHue.JOINED);
        int rows = (int) Subject.drawn(table.rows().size()).count();
        List<List<Cell>> cells = table.rows().subList(0, rows).stream()
                .map(row -> row.entries().stream().map(Cell::of).toList()).toList();
        List<Panel.Column> columns = IntStream.range(0, table.columns().size())
                .mapToObj(i -> Panel.Column.fitting(table.columns().get(i).name(), Optional.empty(),
                        table.columns().get(i).type().isNumeric(), Optional.of(hue),
                        Panel.column(cells, i)))
                .toList();
        Panel panel = new Panel(columns, cells.stream().map(line -> new Panel.Line(line, Panel.Look.PLAIN)).toList(),
                true);
        return Drawing.column(6, List.of(
                Drawing.column(0, List.of(subject.title(table.name(),
                        subject.in().counts().rows(table.rows().size()), new Ink.Own(hue)), panel.drawing())),
                subject.more(table.rows().size(), rows)));
    }

    /** The tables that the query takes rows from, each once; where it cannot run, those at hand. */
    public static List<Drawing> ofQuery(Subject subject) {
        Lesson lesson = subject.showing().lesson();
        Stream<String> names = subject.showing().timeline().map(timeline -> timeline.result().all().stream()
                .filter(Source.class::isInstance).map(stage -> ((Source) stage).table().name()))
                .orElseGet(() -> Stream.of(lesson.scene().left(), lesson.scene().right()));
        return names.distinct().flatMap(name -> lesson.find(name).stream()).map(table -> of(subject, table)).toList();
    }

    /** All tables of a lesson as a diagram of their columns, keys and links. */
    public static Drawing diagram(Subject subject) {
        TablesFigure figure = new TablesFigure(subject);
        figure.place(subject.showing().lesson().tables());
        for (Link link : subject.showing().lesson().links()) link.pairs().forEach(pair -> figure.link(link, pair));
        figure.cards.values().forEach(figure::draw);
        figure.marks.addAll(figure.ends);
        double width = figure.cards.values().stream().mapToDouble(card -> card.x() + card.width()).max().orElse(0);
        double height = figure.cards.values().stream()
                .mapToDouble(card -> card.y() + 34 + LINE * card.table().columns().size()).max().orElse(0);
        return new Drawing(width + 30, height + 4, figure.marks);
    }

    private void place(List<Table> tables) {
        double y = 0;
        for (int from = 0; from < tables.size(); from += IN_A_ROW) {
            double x = 0;
            double height = 0;
            for (Table table : tables.subList(from, Math.min(tables.size(), from + IN_A_ROW))) {
                double width = 36 + Math.max(Letters.width(table.name(), NAME), table.columns().stream()
                        .mapToDouble(column -> Letters.width(column.name() + "  " + type(column), Lettering.CODE)).max()
                        .orElse(0));
                cards.put(table.name(), new Card(table, x, y, width));
                x += width + GAP;
                height = Math.max(height, 34 + LINE * table.columns().size());
            }
            y += height + GAP * 0.6;
        }
    }

    private String type(Column column) {
        return subject.in().names().type(column.type(), column.size());
    }

    private void draw(Card card) {
        // Links between others go on behind it.
        marks.add(Mark.Outline.of(new Rectangle2D.Double(card.x(), card.y(), card.width(),
                30 + LINE * card.table().columns().size()), new Fill.Flat(Common.CARD)));
        List<Panel.Column> columns = List.of(new Panel.Column(card.table().name(), Optional.empty(), false,
                subject.showing().hues().named(card.table().name()), card.width()));
        marks.addAll(new Panel(columns, List.of(), false).drawing().moved(card.x(), card.y()).marks());
        for (int i = 0; i < card.table().columns().size(); i++) {
            Column column = card.table().columns().get(i);
            double base = card.y() + 30 + LINE * (i + 0.5) + 4;
            if (column.key()) key(card.x() + 10, base - 4);
            marks.add(new Mark.Text(card.x() + 22, base, column.name(),
                    column.key() ? Lettering.CODE_STRONG : Lettering.CODE, Common.INK));
            String type = type(column);
            marks.add(new Mark.Text(card.x() + card.width() - 6 - Letters.width(type, Lettering.TEXT.of(10.5)), base,
                    type,
                    Lettering.TEXT.of(10.5), Common.MUTE));
        }
    }

    /** A small key. */
    private void key(double x, double y) {
        marks.add(Mark.Outline.of(new Ellipse2D.Double(x - 5, y - 3, 6, 6), Pen.of(Common.INK, 1.3)));
        marks.add(Mark.Outline.of(new Line2D.Double(x + 1, y, x + 8, y), Pen.of(Common.INK, 1.3)));
        marks.add(Mark.Outline.of(new Line2D.Double(x + 7, y, x + 7, y + 3), Pen.of(Common.INK, 1.3)));
    }

    /** A curve from the one column to the other, and a dot where it ends. */
    private void link(Link link, KeyPair pair) {
        Card one = cards.get(link.left());
        Card other = cards.get(link.right());
        if (one == null || other == null) return;
        double from = one.y(pair.left());
        double to = other.y(pair.right());
        boolean beside = one.x() != other.x();
        boolean goesRight = one.x() < other.x();
        double x1 = beside && !goesRight ? one.x() : one.x() + one.width();
        double x2 = beside && goesRight ? other.x() : other.x() + other.width();
        double out = GAP * 0.45;
        double bend1 = x1 + (beside && !goesRight ? -out : out);
        double bend2 = x2 + (beside && goesRight ? -out : out);
        marks.add(Mark.Outline.of(new CubicCurve2D.Double(x1, from, bend1, from, bend2, to, x2, to),
                Pen.of(Common.PAIR, 1.6)));
        ends.add(Mark.Outline.of(new Ellipse2D.Double(x1 - 3, from - 3, 6, 6), new Fill.Flat(Common.PAIR)));
        ends.add(Mark.Outline.of(new Ellipse2D.Double(x2 - 3, to - 3, 6, 6), new Fill.Flat(Common.PAIR)));
    }
}
