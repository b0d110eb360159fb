package lunko.desktop.show.picture;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.function.IntFunction;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Shape;
import lunko.desktop.look.ShortLabel;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Join;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Lineage;
import lunko.insight.picture.VennRegions;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.show.Showing;

/**
 * The Venn diagram of the join with the actual rows in its regions; those that come into the result are filled. A click
 * on a region takes it in or out, by the kind of join that does so. Where rows are in several pairs, the picture says
 * so.
 */
final class VennView extends DrawnPane {
    private static final PseudoClass KEPT = PseudoClass.getPseudoClass("kept");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final double LINE = 19;
    /** So much of the width of a region is for names, which are not to touch its edges. */
    private static final double TEXT_INSET = 4;
    private static final double WITHIN = 0.94;
    private static final int MOST_LINES = 30;
    private static final double FOOT = 46;
    private static final double MORE_FOOT = 20;

    private final ShowModel model;
    private Showing shown;
    /** What the picture tells. */
    private List<Object> drawn = List.of();
    private Optional<Lunes> lunes = Optional.empty();

    VennView(ShowModel model) {
        super("venn");
        this.model = model;
        shown = model.showing().get();
        model.showing().subscribe((before, now) -> {
            shown = now;
            if (isVisible() && !before.isOfSameJoin(now) && !told(now).equals(drawn)) redraw();
        });
        whileSeen(model.pointing().lineage(), this::light);
    }

    /** Lights up the rows that belong to the one that is pointed at. */
    private void light(Optional<Lineage> lineage) {
        for (Node node : lookupAll(".venn-row")) {
            boolean lit = lineage.isPresent() && switch (node.getUserData()) {
                case ResultRow.Met(int left, int right) ->
                    lineage.get().lights(Side.LEFT, left) && lineage.get().lights(Side.RIGHT, right);
                case Pointed.Source(Side side, int row) -> lineage.get().lights(side, row);
                case null, default -> false;
            };
            node.pseudoClassStateChanged(LIT, lit);
        }
    }

    /** All that the picture tells of a showing; of long regions, as many rows as have room at most. */
    private List<Object> told(Showing now) {
        return now.regions().<List<Object>>map(regions -> {
            Join join = now.outcome().orElseThrow().join();
            List<Object> told = new ArrayList<>(List.of(getWidth(), getHeight(), regions.kind(), regions.tally(),
                    join.left().title(), join.right().title()));
            // A click on a region chooses a kind, where it can be chosen.
            for (JoinKind kind : JoinKind.values()) told.add(model.canChoose(kind));
            for (Side side : Side.values()) {
                VennRegions.Members members = regions.of(side);
                for (List<Integer> rows : List.of(members.alone(), members.unknown(), members.matched())) {
                    told.add(rows.size());
                    rows.stream().limit(MOST_LINES).forEach(row -> told.add(join.on(side).name(row)));
                }
            }
            regions.pairs().stream().limit(MOST_LINES).forEach(
                    pair -> told.add(List.of(join.left().name(pair.left()), join.right().name(pair.right()))));
            return told;
        }).orElseGet(() -> List.of(getWidth(), getHeight(), missing(now)));
    }

    /** Why there are no circles. */
    private static String missing(Showing now) {
        return now.timeline().isPresent() ? words().pictures().noTables() : words().pictures().matchTwo();
    }

    @Override
    void draw() {
        drawn = told(shown);
        if (getWidth() < 100 || getHeight() < 100) return;
        setAccessibleText(words().pictures().vennDiagramOf(shown.regions()
                .map(regions -> told(regions, shown.outcome().orElseThrow().join()))
                .orElseGet(words().pictures()::nothingJoined)));
        shown.regions().ifPresentOrElse(regions -> draw(regions, shown.outcome().orElseThrow().join()), () -> {
            Label missing = label(missing(shown), "about");
            missing.relocate(15, 8);
            getChildren().add(missing);
        });
    }

    private static String told(VennRegions regions, Join join) {
        return words().pictures().vennTold(told(regions, join, Side.LEFT), regions.pairCount(),
                told(regions, join, Side.RIGHT));
    }

    private static String told(VennRegions regions, Join join, Side side) {
        return words().pictures().unmatchedOf(regions.of(side).alone().size(), regions.of(side).unknown().size(),
                words().names().rows(join.on(side).title()));
    }

    /** Where the two circles lie: their middle, and how large they are. */
    private record Circles(double middle, double y, double radius) {

        double apart() {
            return radius * 0.82;
        }

        double lens() {
            return 2 * radius - apart();
        }

        /** The middle of the circle of a side. */
        double middle(Side side) {
            return middle + side.of(-apart(), apart()) / 2;
        }

        /** The middle of what the circle of a side has alone. */
        double alone(Side side) {
            return middle(side) + side.of(-1, 1) * (radius - apart() * 0.52);
        }

        double foot() {
            return y + radius + 8;
        }

        /** Half as wide as a circle is, so far above or below its middle. */
        private double half(double away) {
            return Math.sqrt(Math.max(0, radius * radius - away * away));
        }

        /** How much room there is for a text in the middle of the lens, so far above or below. */
        double withinLens(double away) {
            return (2 * half(away) - apart()) * WITHIN;
        }

        /** The same in the middle of what a circle has alone, which leans towards the other one. */
        double withinLune(double away) {
            double centre = alone(Side.LEFT);
            double outside = centre - middle(Side.LEFT) + half(away);
            double inside = middle(Side.RIGHT) - half(away) - centre;
            return 2 * Math.min(outside, inside) * WITHIN;
        }
    }

    private void draw(VennRegions regions, Join join) {
        boolean unknown = !regions.left().unknown().isEmpty() || !regions.right().unknown().isEmpty();
        double below = FOOT + (multiplies(regions) || unknown ? MORE_FOOT : 0);
        double radius = Math.min((getWidth() - 32) / 2.82, (getHeight() - 8 - below) / 2);
        Circles circles = new Circles(getWidth() / 2, 4 + (getHeight() - 4 - below) / 2, radius);
        drawRows(regions, join, circles, drawRegions(regions.kind(), join, circles));
        for (Side side : Side.values()) {
            place(caption(words().names().rows(join.on(side).title()), side.id(), alone(regions, side)),
                    circles.alone(side),
                    circles.foot(), FOOT - 10, circles.apart());
        }
        drawPairsCaption(regions, join, circles);
    }

    private static boolean multiplies(VennRegions regions) {
        return regions.kind().only().isEmpty() && regions.multiplies();
    }

    /** What each side has alone, and what both have. */
    private record Shapes(Shape leftOnly, Shape both, Shape rightOnly) {}

    private Shapes drawRegions(JoinKind kind, Join join, Circles circles) {
        Lunes cut = lunes.filter(known -> known.are(circles.middle(), circles.y(), circles.radius()))
                .orElseGet(() -> Lunes.of(circles.middle(), circles.y(), circles.radius(), circles.apart()));
        lunes = Optional.of(cut);
        boolean leftAlone = kind.takesAlone(Side.LEFT);
        boolean rightAlone = kind.takesAlone(Side.RIGHT);
        boolean met = kind.givesMatched();
        Shapes shapes = new Shapes(region(Lunes.shape(cut.leftOnly()), "venn-left", leftAlone),
                region(Lunes.shape(cut.both()),
                        kind.only().map(side -> side.of("venn-left", "venn-right")).orElse("venn-both"), met),
                region(Lunes.shape(cut.rightOnly()), "venn-right", rightAlone));
        String left = words().names().rows(join.left().title());
        String right = words().names().rows(join.right().title());
        choosing(shapes.leftOnly(), JoinKind.taking(!leftAlone, met, rightAlone), other -> leftAlone
                ? words().pictures().removeUnmatched(left, other) : words().pictures().addUnmatched(left, other));
        choosing(shapes.both(), JoinKind.taking(leftAlone, !met, rightAlone),
                other -> met ? words().pictures().removePairs(other) : words().pictures().addPairs(other));
        choosing(shapes.rightOnly(), JoinKind.taking(leftAlone, met, !rightAlone), other -> rightAlone
                ? words().pictures().removeUnmatched(right, other) : words().pictures().addUnmatched(right, other));
        getChildren().addAll(shapes.leftOnly(), shapes.rightOnly(), shapes.both());
        for (Side side : Side.values()) {
            Circle circle = new Circle(circles.middle(side), circles.y(), circles.radius());
            circle.setMouseTransparent(true);
            circle.getStyleClass().addAll("venn-circle", side.id());
            getChildren().add(circle);
        }
        return shapes;
    }

    private void drawRows(VennRegions regions, Join join, Circles circles, Shapes shapes) {
        JoinKind kind = regions.kind();
        int lines = (int) Math.max(1, (circles.radius() * 1.25 - 34) / LINE);
        for (Side side : Side.values()) {
            VennRegions.Members members = regions.of(side);
            // Those of which it is unknown are neither matched nor unmatched; they stand below, with their sign.
            int alone = members.alone().size();
            VBox rows = content(side.of(shapes.leftOnly(), shapes.rightOnly()), alone + members.unknown().size(), lines,
                    n -> n < alone ? row(join, side, members.alone().get(n), "")
                            : row(join, side, members.unknown().get(n - alone), " ?"));
            if (!members.unknown().isEmpty()) {
                ((Label) rows.getChildren().getFirst()).setText(alone + " + " + members.unknown().size() + "?");
            }
            dress(rows, side.id(), kind.takesAlone(side));
            place(rows, circles.alone(side), circles.y(), circles::withinLune);
        }
        VBox matched = kind.only()
                .map(side -> content(shapes.both(), regions.of(side).matched().size(), lines,
                        n -> row(join, side, regions.of(side).matched().get(n), "")))
                .orElseGet(() -> content(shapes.both(), regions.pairCount(), lines,
                        n -> pair(join, regions.pairs().get(n))));
        dress(matched, kind.only().map(Side::id).orElse("both"), kind.givesMatched());
        place(matched, circles.middle(), circles.y(), circles::withinLens);
    }

    private static void dress(VBox content, String side, boolean kept) {
        content.getStyleClass().addAll("venn-content", side);
        content.pseudoClassStateChanged(KEPT, kept);
    }

    private static Label pair(Join join, ResultRow.Met pair) {
        Label row =
                label(words().results().two(shortName(join.left(), pair.left()),
                        shortName(join.right(), pair.right())),
                        "venn-row");
        row.setUserData(pair);
        return row;
    }

    private void drawPairsCaption(VennRegions regions, Join join, Circles circles) {
        String pairs = regions.kind().only().isPresent() ? words().results().matched() : words().results().pairs();
        place(caption("", "both", pairs), circles.middle(), circles.foot(), FOOT - 10, circles.lens() * 2);
        if (!multiplies(regions)) return;
        // Circles would have it that a row is in one place; here some are in several pairs.
        String several = words().pictures().pairsOfRows(regions.pairCount(), regions.left().matched().size(),
                words().names().rows(join.left().title()), regions.right().matched().size(),
                words().names().rows(join.right().title()));
        VBox caption = caption("", "both", several);
        place(caption, circles.middle(), circles.foot() + FOOT - 8, MORE_FOOT, getWidth());
        // What has been joined of many tables has a name that no picture has room for.
        caption.applyCss();
        if (caption.minWidth(-1) <= getWidth()) return;
        getChildren().remove(caption);
        place(caption("", "both", words().pictures().pairsOfSides(regions.pairCount(), regions.left().matched().size(),
                regions.right().matched().size())), circles.middle(), circles.foot() + FOOT - 8, MORE_FOOT, getWidth());
    }

    private static String[] alone(VennRegions regions, Side side) {
        return regions.of(side).unknown().isEmpty() ? new String[] {words().results().noMatch()}
                : new String[] {words().results().noMatch(), words().pictures().unknown()};
    }

    /** Lets a click choose a kind, if there is one and it can be chosen. */
    private void choosing(Shape region, Optional<JoinKind> other, Function<JoinKind, String> said) {
        other.filter(model::canChoose).ifPresent(kind -> {
            region.getStyleClass().add("venn-choice");
            region.setOnMouseClicked(_ -> model.choose(kind));
            Tip.on(region, said.apply(kind));
        });
    }

    private static Shape region(Shape shape, String styleClass, boolean kept) {
        shape.getStyleClass().addAll("venn-region", styleClass);
        shape.pseudoClassStateChanged(KEPT, kept);
        return shape;
    }

    private static Label row(Join join, Side side, int row, String sign) {
        Label label = label(shortName(join.on(side), row) + sign, "venn-row");
        if (!sign.isEmpty()) label.getStyleClass().add("venn-unknown");
        label.setUserData(new Pointed.Source(side, row));
        return label;
    }

    private static String shortName(Stage stage, int row) {
        return words().names().shortRow(stage.name(row));
    }

    /** Lets a row be pointed at; a click is one on its region. */
    private Label pointing(Label row, Shape region) {
        Pointed pointed = switch (row.getUserData()) {
            case ResultRow.Met(int left, int right) -> new Pointed.Pair(left, right);
            case Pointed source -> source;
            default -> throw new IllegalStateException("a row of the diagram that is none of the join");
        };
        row.setOnMouseEntered(_ -> model.pointing().at(Optional.of(pointed)));
        row.setOnMouseExited(_ -> model.pointing().at(Optional.empty()));
        row.setOnMouseClicked(region.getOnMouseClicked());
        return row;
    }

    /** A region's count and, as far as they fit, its rows. */
    private VBox content(Shape region, long count, int lines, IntFunction<Label> row) {
        VBox box = new VBox();
        box.setAlignment(Pos.CENTER);
        box.setPickOnBounds(false);
        Label number = figure(words().counts().number(count), "venn-count");
        number.setMouseTransparent(true);
        box.getChildren().add(number);
        long fits = count <= lines ? count : lines - 1;
        for (int n = 0; n < fits; n++) box.getChildren().add(pointing(row.apply(n), region));
        // Where there is room for none, the figure says it all.
        if (count > fits && fits > 0) box.getChildren().add(figure(words().results().more(count - fits), "venn-more"));
        return box;
    }

    private static VBox caption(String table, String side, String... meaning) {
        VBox box = new VBox(label(table, "venn-table"));
        for (String line : meaning) box.getChildren().add(label(line, "venn-meaning"));
        box.getChildren().removeIf(node -> node instanceof Label l && l.getText().isEmpty());
        box.getChildren().forEach(line -> ((Label) line).setMinHeight(USE_PREF_SIZE));
        // The name of a table may be shortened; what is said of it never is.
        box.getChildren().stream().filter(line -> line.getStyleClass().contains("venn-meaning"))
                .forEach(line -> ((Label) line).setMinWidth(USE_PREF_SIZE));
        box.setAlignment(Pos.TOP_CENTER);
        box.getStyleClass().addAll("venn-caption", side);
        return box;
    }

    /** A label that is never shortened. */
    private static Label figure(String text, String styleClass) {
        Label figure = label(text, styleClass);
        figure.setMinWidth(USE_PREF_SIZE);
        return figure;
    }

    private static Label label(String text, String styleClass) {
        return new ShortLabel(text, styleClass);
    }

    /**
     * Puts lines into the middle of a region that has so much room for a text at each distance from its middle. Names
     * are shortened, figures are not.
     */
    private void place(VBox box, double x, double y, DoubleUnaryOperator room) {
        getChildren().add(box);
        box.applyCss();
        double height = box.prefHeight(-1);
        double top = -height / 2;
        for (Node line : box.getChildren()) {
            double bottom = top + line.prefHeight(-1);
            // A text does not reach as far up and down as its line does.
            double away = Math.max(Math.abs(top), Math.abs(bottom)) - TEXT_INSET;
            if (line instanceof Label name && name.getStyleClass().contains("venn-row"))
                name.setMaxWidth(Math.min(Math.max(0, room.applyAsDouble(away)), name.prefWidth(-1)));
            top = bottom + box.getSpacing();
        }
        double width = Math.max(room.applyAsDouble(0), box.minWidth(-1));
        box.resize(width, height);
        box.setManaged(false);
        box.relocate(x - width / 2, y - height / 2);
    }

    private void place(VBox box, double x, double top, double height, double width) {
        getChildren().add(box);
        box.setManaged(false);
        box.resize(width, height);
        box.relocate(x - width / 2, top);
    }
}
