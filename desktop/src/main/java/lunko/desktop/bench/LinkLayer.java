package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import lunko.desktop.action.Controls;
import lunko.desktop.grid.ColumnDrag;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.look.Tip;
import lunko.insight.keys.Cardinality;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.LinkEdit;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * The lines between tables that say which columns belong together and how many meet how many; and the one being drawn.
 * The link at hand and what can be clicked are over the cards, the other lines behind them.
 */
final class LinkLayer extends Pane {
    private static final PseudoClass AT_HAND = PseudoClass.getPseudoClass("at-hand");
    private static final double APART = 9;
    private static final double LOOP = 46;
    /** Where along a line something can be said of it, the best place first. */
    private static final double[] PLACES = {0.5, 0.42, 0.58, 0.34, 0.66, 0.26, 0.74, 0.18, 0.82, 0.1, 0.9};
    /** How far from there, where a card or another link is in the way; the nearest first. */
    private static final List<Point2D> AWAY = IntStream.rangeClosed(-8, 8).boxed()
            .flatMap(x -> IntStream.rangeClosed(-8, 8).mapToObj(y -> new Point2D(x * 15, y * 15)))
            .sorted(Comparator.comparingDouble(Point2D::magnitude)).toList();

    private final BenchModel model;
    private final BenchActions actions;
    private final Pane behind = new Pane();
    private final Line drawn = new Line();
    private final List<LinkNodes> shown = new ArrayList<>();
    private List<Link> links = List.of();
    private List<Link> proposed = List.of();
    private Scene scene = Scene.of("", JoinKind.INNER, "");

    LinkLayer(BenchModel model, BenchActions actions, DragBoard drags) {
        this.model = model;
        this.actions = actions;
        setPickOnBounds(false);
        behind.setMouseTransparent(true);
        drawn.getStyleClass().add("key-link");
        drawn.setVisible(false);
        drawn.setMouseTransparent(true);
        drags.drag().subscribe(this::draw);
    }

    /** A pair of columns that is drawn. */
    private record PairCurve(CubicCurve curve, Circle from, Circle to) {

        void along(Curve way) {
            curve.setStartX(way.start().getX());
            curve.setStartY(way.start().getY());
            curve.setControlX1(way.first().getX());
            curve.setControlY1(way.first().getY());
            curve.setControlX2(way.second().getX());
            curve.setControlY2(way.second().getY());
            curve.setEndX(way.end().getX());
            curve.setEndY(way.end().getY());
            from.setCenterX(way.start().getX());
            from.setCenterY(way.start().getY());
            to.setCenterX(way.end().getX());
            to.setCenterY(way.end().getY());
        }
    }

    /** A link that is drawn, or proposed: its pairs, and what is said in the middle of it. */
    private record LinkNodes(Link link, boolean proposed, List<PairCurve> pairs, Button pill) {}

    /** The way of a cubic curve. */
    private record Curve(Point2D start, Point2D first, Point2D second, Point2D end) {

        /** The point that lies this part of the way along, from 0 to 1. */
        Point2D at(double part) {
            double rest = 1 - part;
            return start.multiply(rest * rest * rest).add(first.multiply(3 * rest * rest * part))
                    .add(second.multiply(3 * rest * part * part)).add(end.multiply(part * part * part));
        }

        /**
         * Where there is room within bounds to say something of a size: as near to the middle as nothing else stands,
         * or else beside the line.
         */
        Point2D roomy(double width, double height, Collection<Bounds> taken, Bounds within) {
            return AWAY.stream().flatMap(away -> Arrays.stream(PLACES).mapToObj(place -> at(place).add(away)))
                    .filter(at -> isFree(new BoundingBox(at.getX() - width / 2, at.getY() - height / 2, width, height),
                            taken, within))
                    .findFirst().orElseGet(() -> at(0.5));
        }

        private static boolean isFree(Bounds place, Collection<Bounds> taken, Bounds within) {
            return within.contains(place) && taken.stream().noneMatch(place::intersects);
        }
    }

    /** What is drawn behind the cards. */
    Pane behind() {
        return behind;
    }

    /** Makes what is to be drawn of a lesson, where that is not there yet, and says what is known of it. */
    void show(KeyInspection look) {
        if (!look.lesson().links().equals(links) || !look.lesson().scene().equals(scene)
                || !look.proposed().equals(proposed))
            make(look);
        for (LinkNodes one : shown) {
            if (one.proposed()) continue;
            String said = Optional.ofNullable(look.many().get(one.link()))
                    .or(() -> Optional.ofNullable(look.many().get(one.link().turned())).map(Cardinality::turned))
                    .map(many -> many.said(words().keys())).orElse("…");
            if (!one.pill().getText().equals(said)) one.pill().setText(said);
        }
    }

    private void make(KeyInspection look) {
        Lesson lesson = look.lesson();
        links = lesson.links();
        proposed = look.proposed();
        scene = lesson.scene();
        shown.clear();
        for (Link link : lesson.links()) {
            Optional<Link> seen = link.between(scene.left(), scene.right());
            Link as = seen.orElse(link);
            shown.add(new LinkNodes(as, false, as.pairs().stream().map(_ -> drawn(seen.isPresent())).toList(),
                    pill(as, seen.isPresent())));
        }
        // Where tables are linked already, what else could be is in the list beside the bench alone.
        proposed.stream().filter(link -> !isLinked(lesson, link.left()) || !isLinked(lesson, link.right()))
                .forEach(link -> shown.add(new LinkNodes(link, true, List.of(drawnAsProposed()), offer(link))));
        List<Node> nodes = new ArrayList<>();
        List<Node> hidden = new ArrayList<>();
        for (LinkNodes one : shown) {
            boolean atHand = one.proposed()
                    || one.link().left().equals(scene.left()) && one.link().right().equals(scene.right());
            one.pairs().forEach(pair -> {
                (atHand ? nodes : hidden).add(pair.curve());
                nodes.addAll(List.of(pair.from(), pair.to()));
            });
        }
        behind.getChildren().setAll(hidden);
        shown.forEach(one -> nodes.add(one.pill()));
        nodes.add(drawn);
        getChildren().setAll(nodes);
    }

    private static boolean isLinked(Lesson lesson, String table) {
        return lesson.links().stream().anyMatch(link -> link.touches(table));
    }

    private static PairCurve drawnAsProposed() {
        PairCurve pair = drawn(false);
        pair.curve().getStyleClass().add("proposed");
        return pair;
    }

    private static PairCurve drawn(boolean atHand) {
        CubicCurve curve = new CubicCurve();
        curve.getStyleClass().add("key-link");
        curve.pseudoClassStateChanged(AT_HAND, atHand);
        curve.setMouseTransparent(true);
        return new PairCurve(curve, end(Side.LEFT, atHand), end(Side.RIGHT, atHand));
    }

    private static Circle end(Side side, boolean atHand) {
        Circle end = new Circle(atHand ? 5 : 3.5);
        end.getStyleClass().add("key-end");
        if (atHand) end.getStyleClass().add(side.id());
        end.setMouseTransparent(true);
        return end;
    }

    /** Puts the links where the cards are now. */
    void place(Map<String, BenchCard> cards) {
        List<Bounds> taken = new ArrayList<>(cards.values().stream().map(Node::getBoundsInParent).toList());
        for (LinkNodes one : shown) {
            BenchCard left = cards.get(one.link().left());
            BenchCard right = cards.get(one.link().right());
            for (int i = 0; i < one.pairs().size(); i++) {
                double shift = (i - (one.pairs().size() - 1) / 2.0) * APART;
                one.pairs().get(i).along(left == right ? loop(left, shift) : curve(left, right, shift));
            }
            Curve way = left == right ? loop(left, 0) : curve(left, right, 0);
            Button pill = one.pill();
            pill.applyCss();
            pill.autosize();
            Point2D at = way.roomy(pill.getWidth(), pill.getHeight(), taken, getLayoutBounds());
            pill.relocate(at.getX() - pill.getWidth() / 2, at.getY() - pill.getHeight() / 2);
            taken.add(pill.getBoundsInParent());
        }
    }

    /** Between the sides of cards that stand beside each other, or the edges of cards one above the other. */
    private static Curve curve(BenchCard left, BenchCard right, double shift) {
        Bounds l = left.getBoundsInParent();
        Bounds r = right.getBoundsInParent();
        boolean before = l.getMaxX() <= r.getMinX();
        if (before || r.getMaxX() <= l.getMinX()) {
            double fromX = before ? l.getMaxX() : l.getMinX();
            double toX = before ? r.getMinX() : r.getMaxX();
            double fromY = l.getMinY() + left.headingMiddle() + shift;
            double toY = r.getMinY() + right.headingMiddle() + shift;
            double middle = (fromX + toX) / 2;
            return new Curve(new Point2D(fromX, fromY), new Point2D(middle, fromY), new Point2D(middle, toY),
                    new Point2D(toX, toY));
        }
        boolean above = l.getMaxY() <= r.getMinY();
        double fromY = above ? l.getMaxY() : l.getMinY();
        double toY = above ? r.getMinY() : r.getMaxY();
        double x = (Math.max(l.getMinX(), r.getMinX()) + Math.min(l.getMaxX(), r.getMaxX())) / 2 + shift;
        double middle = (fromY + toY) / 2;
        return new Curve(new Point2D(x, fromY), new Point2D(x, middle), new Point2D(x, middle), new Point2D(x, toY));
    }

    /** A table that is linked with itself. */
    private static Curve loop(BenchCard card, double shift) {
        Bounds bounds = card.getBoundsInParent();
        double x = bounds.getMaxX();
        double y = bounds.getMinY() + card.headingMiddle() + (card.isFolded() ? 0 : 26);
        double height = card.isFolded() ? 12 : 44;
        return new Curve(new Point2D(x, y + shift), new Point2D(x + LOOP + shift, y),
                new Point2D(x + LOOP + shift, y + height), new Point2D(x, y + height - shift));
    }

    private Button pill(Link link, boolean atHand) {
        Button pill = Controls.button("");
        pill.getStyleClass().add("key-many");
        pill.pseudoClassStateChanged(AT_HAND, atHand);
        String said = inWords(link);
        Tip.on(pill, words().links().linkTip(said));
        pill.setAccessibleText(words().links().linkOf(said));
        pill.setOnAction(_ -> model.lesson().edit(new SceneEdit.LookAt(link.left(), link.right())));
        MenuItem drop = Controls.item(words().links().deleteLink());
        drop.setOnAction(_ -> model.lesson().edit(new LinkEdit.Drop(link.left(), link.right())));
        pill.setContextMenu(new ContextMenu(drop));
        return pill;
    }

    /** What takes a link that is proposed. */
    private Button offer(Link link) {
        Button offer = Controls.button(words().links().linkThese());
        offer.getStyleClass().addAll("key-many", "proposed");
        Tip.on(offer, words().links().proposalTip(inWords(link)));
        offer.setAccessibleText(words().links().linkThem(inWords(link)));
        offer.setOnAction(_ -> actions.link(link));
        return offer;
    }

    private static String inWords(Link link) {
        return words().links().linked(link.left(), link.right(),
                link.pairs().stream().map(pair -> pair.left() + " = " + pair.right()).toList());
    }

    private void draw(Optional<ColumnDrag> drag) {
        drawn.setVisible(drag.isPresent());
        drag.ifPresent(under -> {
            Point2D start = sceneToLocal(under.from());
            Point2D end = sceneToLocal(under.at());
            drawn.setStartX(start.getX());
            drawn.setStartY(start.getY());
            drawn.setEndX(end.getX());
            drawn.setEndY(end.getY());
        });
    }
}
