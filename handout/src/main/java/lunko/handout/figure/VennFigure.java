package lunko.handout.figure;

import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Join;
import lunko.engine.ResultRow;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.insight.picture.TableHue;
import lunko.insight.picture.ThreeCircles.Region;
import lunko.insight.picture.ThreeCircles;
import lunko.insight.picture.VennRegions;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.words.Language;

/** The Venn diagram of the join at hand, with the rows in its regions; those that come into the result are filled. */
public final class VennFigure {
    private static final double RADIUS = 118;
    private static final double APART = RADIUS * 0.9;
    private static final double LINE = 16;
    private static final int MOST = 8;
    private static final int MOST_OF_THREE = 4;
    private static final int MOST_IN_ALL = 3;
    private static final Lettering COUNT = Lettering.STRONG.of(15);
    private static final Lettering LARGE = Lettering.STRONG.of(32);
    private static final Lettering NAME = Lettering.TEXT.of(11);

    private final Subject subject;
    /** Whether rows and tables are named, or counted alone. */
    private final boolean names;
    private final List<Mark> marks = new ArrayList<>();

    private VennFigure(Subject subject, boolean names) {
        this.subject = subject;
        this.names = names;
    }

    /** Three circles for a chain of two joins, or two; nothing, where rows are not compared. */
    public static Optional<Drawing> of(Subject subject) {
        Optional<Drawing> three = subject.showing().joining().flatMap(joining -> joining.circles())
                .map(circles -> new VennFigure(subject, true).draw(circles));
        return three.isPresent() ? three : two(subject, true);
    }

    /** Two circles with numbers alone, to be made small; nothing, where rows are not compared. */
    public static Optional<Drawing> counted(Subject subject) {
        return two(subject, false);
    }

    private static Optional<Drawing> two(Subject subject, boolean names) {
        return subject.showing().regions().filter(regions -> regions.kind().compares())
                .map(regions -> new VennFigure(subject, names).draw(regions, subject.outcome().join()));
    }

    private static Shape circle(double x, double y, double radius) {
        return new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    private Drawing draw(VennRegions regions, Join join) {
        double y = RADIUS + 2;
        double x = RADIUS + 2;
        Shape left = circle(x, y, RADIUS);
        Shape right = circle(x + APART, y, RADIUS);
        JoinKind kind = regions.kind();
        boolean met = kind.givesMatched();
        region(without(left, right), new Fill.Region(hue(Side.LEFT)), kind.takesAlone(Side.LEFT));
        region(without(right, left), new Fill.Region(hue(Side.RIGHT)), kind.takesAlone(Side.RIGHT));
        region(both(left, right),
                kind.only().<Fill>map(side -> new Fill.Region(hue(side))).orElse(new Fill.Met()), met);
        marks.add(Mark.Outline.of(left, Pen.of(new Ink.Own(hue(Side.LEFT)), 2)));
        marks.add(Mark.Outline.of(right, Pen.of(new Ink.Own(hue(Side.RIGHT)), 2)));
        double lune = APART;
        for (Side side : Side.values()) {
            double middle = side.of(x - RADIUS + lune / 2, x + APART + RADIUS - lune / 2);
            List<String> names = Stream.concat(
                    regions.of(side).alone().stream().map(row -> name(join, side, row)),
                    regions.of(side).unknown().stream().map(row -> name(join, side, row) + " ?")).toList();
            names(names.size(), names::get, MOST, middle, y, lune - 18, kind.takesAlone(side));
            caption(middle, y + RADIUS + 18, subject.in().names().rows(join.on(side).title()),
                    subject.in().results().noMatch(), new Ink.Own(hue(side)));
        }
        double lens = 2 * RADIUS - APART;
        kind.only().ifPresentOrElse(
                side -> names(regions.of(side).matched().size(),
                        n -> name(join, side, regions.of(side).matched().get(n)), MOST, x + APART / 2, y, lens - 18,
                        met),
                () -> names(regions.pairCount(), n -> pair(join, regions.pairs().get(n)), MOST, x + APART / 2, y,
                        lens - 18,
                        met));
        caption(x + APART / 2, y + RADIUS + 18, "", kind.only().isPresent() ? subject.in().results().matched()
                : subject.in().results().pairs(), Common.INK);
        return new Drawing(2 * RADIUS + APART + 4, 2 * RADIUS + (names ? 44 : 4), marks);
    }

    private String pair(Join join, ResultRow.Met pair) {
        return subject.in().results().two(name(join, Side.LEFT, pair.left()), name(join, Side.RIGHT, pair.right()));
    }

    private String name(Join join, Side side, int row) {
        return subject.in().names().shortRow(join.on(side).name(row));
    }

    private TableHue hue(Side side) {
        return subject.showing().hue(side);
    }

    private static Shape without(Shape one, Shape other) {
        Area area = new Area(one);
        area.subtract(new Area(other));
        return area;
    }

    private static Shape both(Shape one, Shape other) {
        Area area = new Area(one);
        area.intersect(new Area(other));
        return area;
    }

    private void region(Shape shape, Fill fill, boolean taken) {
        marks.add(Mark.Outline.of(shape, taken ? fill : new Fill.Flat(Common.CARD)));
    }

    /** How many rows there are in a region, and what they are called as far as there is room. */
    private void names(long count, IntFunction<String> name, int most, double x, double y, double width,
            boolean taken) {
        Ink ink = taken ? Common.INK : Common.MUTE;
        if (!names) {
            centred(subject.in().counts().number(count), x, y + LARGE.size() * 0.36, LARGE, ink);
            return;
        }
        long fits = count <= most ? count : most - 1;
        List<String> lines = new ArrayList<>(IntStream.range(0, (int) fits)
                .mapToObj(n -> Letters.fitting(name.apply(n), NAME, width)).toList());
        if (count > fits) lines.add(subject.in().results().more(count - fits));
        double top = y - (lines.size() * LINE + 20) / 2;
        centred(subject.in().counts().number(count), x, top + 14, COUNT, ink);
        for (int i = 0; i < lines.size(); i++) centred(lines.get(i), x, top + 20 + LINE * (i + 0.8), NAME, ink);
    }

    private void centred(String text, double x, double base, Lettering lettering, Ink ink) {
        marks.add(new Mark.Text(x - Letters.width(text, lettering) / 2, base, text, lettering, ink));
    }

    private void caption(double x, double base, String name, String meaning, Ink ink) {
        if (!names) return;
        centred(Letters.fitting(name, Lettering.STRONG, APART), x, base, Lettering.STRONG, ink);
        centred(meaning, x, base + 17, NAME, Common.MUTE);
    }

    /** The middle of each region of three circles, as far from that of all as the radius so many times. */
    private record Place(double right, double down) {
        static Place of(Region region) {
            return switch (region) {
                case A -> new Place(-0.98, -0.50);
                case B -> new Place(0.98, -0.50);
                case C -> new Place(0, 1.08);
                case AB -> new Place(0, -0.66);
                case AC -> new Place(-0.62, 0.36);
                case BC -> new Place(0.62, 0.36);
                case ABC -> new Place(0, 0);
            };
        }
    }

    private Drawing draw(ThreeCircles circles) {
        Language in = subject.in();
        double apart = RADIUS * 0.58;
        double x = RADIUS + apart + 2;
        double y = RADIUS + apart * 0.6 + 26;
        List<Shape> round = List.of(circle(x - apart * 0.9, y - apart * 0.52, RADIUS),
                circle(x + apart * 0.9, y - apart * 0.52, RADIUS), circle(x, y + apart, RADIUS));
        List<Ink> inks = circles.tables().stream()
                .<Ink>map(table -> new Ink.Own(subject.showing().hues().ofRows(table))).toList();
        for (Region region : Region.values()) {
            Area area = new Area(round.get(IntStream.range(0, 3).filter(region::isIn).findFirst().orElseThrow()));
            for (int table = 0; table < 3; table++) {
                if (region.isIn(table)) area.intersect(new Area(round.get(table)));
                else area.subtract(new Area(round.get(table)));
            }
            region(area, new Fill.Met(), circles.regions().get(region).kept());
        }
        for (int table = 0; table < 3; table++)
            marks.add(Mark.Outline.of(round.get(table), Pen.of(inks.get(table), 2)));
        for (Region region : Region.values()) {
            ThreeCircles.Content content = circles.regions().get(region);
            Place at = Place.of(region);
            names(content.rows().size(), n -> in.names().shortRow(content.rows().get(n).name()),
                    region == Region.ABC ? MOST_IN_ALL : MOST_OF_THREE,
                    x + at.right() * RADIUS, y + at.down() * RADIUS, RADIUS * 0.62, content.kept());
        }
        centred(in.names().rows(circles.names().get(0)), x - apart * 0.9 - RADIUS * 0.5, 14, Lettering.STRONG,
                inks.get(0));
        centred(in.names().rows(circles.names().get(1)), x + apart * 0.9 + RADIUS * 0.5, 14, Lettering.STRONG,
                inks.get(1));
        centred(in.names().rows(circles.names().get(2)), x, y + apart + RADIUS + 18, Lettering.STRONG, inks.get(2));
        return new Drawing(2 * x, y + apart + RADIUS + 26, marks);
    }
}
