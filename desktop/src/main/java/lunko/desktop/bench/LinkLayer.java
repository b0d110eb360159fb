package lunko.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import lunko.desktop.action.Controls;
import lunko.desktop.grid.ColumnDrag;
import lunko.desktop.grid.DragBoard;
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
    private static final double NEAR = 20;

    private final BenchModel model;
    private final Pane behind = new Pane();
    private final Line drawn = new Line();
    private final List<LinkNodes> shown = new ArrayList<>();
    private List<Link> links = List.of();
    private Scene scene = Scene.of("", JoinKind.INNER, "");

    LinkLayer(BenchModel model, DragBoard drags) {
        this.model = model;
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

    /** A link that is drawn: its pairs, and what is said in the middle of it. */
    private record LinkNodes(Link link, List<PairCurve> pairs, Button pill) {}

    /** The way of a cubic curve. */
    private record Curve(Point2D start, Point2D first, Point2D second, Point2D end) {

        /**
         * Where there is room to say something: in the middle between cards side by side, and near the end where others
         * may stand between them.
         */
        Point2D roomy() {
            boolean upright = start.getX() == end.getX() && first.getX() == start.getX();
            if (!upright) return start.add(first.multiply(3)).add(second.multiply(3)).add(end).multiply(1 / 8.0);
            Point2D low = start.getY() > end.getY() ? start : end;
            return low.subtract(0, Math.min(NEAR, Math.abs(start.getY() - end.getY()) / 2));
        }
    }

    /** What is drawn behind the cards. */
    Pane behind() {
        return behind;
    }

    /** Makes what is to be drawn of a lesson, where that is not there yet, and says what is known of it. */
    void show(KeyInspection look) {
        if (!look.lesson().links().equals(links) || !look.lesson().scene().equals(scene)) make(look.lesson());
        for (LinkNodes one : shown) {
            String many = Optional.ofNullable(look.many().get(one.link()))
                    .or(() -> Optional.ofNullable(look.many().get(one.link().turned())).map(LinkLayer::turned))
                    .orElse("…");
            if (!one.pill().getText().equals(many)) one.pill().setText(many);
        }
    }

    private static String turned(String many) {
        return switch (many) {
            case "many-1" -> "1-many";
            case "1-many" -> "many-1";
            default -> many;
        };
    }

    private void make(Lesson lesson) {
        links = lesson.links();
        scene = lesson.scene();
        shown.clear();
        for (Link link : lesson.links()) {
            Optional<Link> seen = link.between(scene.left(), scene.right());
            Link as = seen.orElse(link);
            shown.add(new LinkNodes(as, as.pairs().stream().map(_ -> drawn(seen.isPresent())).toList(),
                    pill(as, seen.isPresent())));
        }
        List<Node> nodes = new ArrayList<>();
        List<Node> hidden = new ArrayList<>();
        for (LinkNodes one : shown) {
            boolean atHand = one.link().left().equals(scene.left()) && one.link().right().equals(scene.right());
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
        if (atHand) end.getStyleClass().add(side.title());
        end.setMouseTransparent(true);
        return end;
    }

    /** Puts the links where the cards are now. */
    void place(Function<String, BenchCard> cards) {
        for (LinkNodes one : shown) {
            BenchCard left = cards.apply(one.link().left());
            BenchCard right = cards.apply(one.link().right());
            List<Point2D> middles = new ArrayList<>();
            for (int i = 0; i < one.pairs().size(); i++) {
                double shift = (i - (one.pairs().size() - 1) / 2.0) * APART;
                Curve way = left == right ? loop(left, shift) : curve(left, right, shift);
                one.pairs().get(i).along(way);
                middles.add(way.roomy());
            }
            Point2D middle = middles.getFirst().midpoint(middles.getLast());
            Button pill = one.pill();
            pill.applyCss();
            pill.autosize();
            pill.relocate(middle.getX() - pill.getWidth() / 2, middle.getY() - pill.getHeight() / 2);
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
        String said = link.left() + " and " + link.right() + " by "
                + String.join(", ", link.pairs().stream().map(pair -> pair.left() + " = " + pair.right()).toList());
        pill.setTooltip(new Tooltip(said + "\nClick to look at this link; the right button drops it."));
        pill.setAccessibleText("link of " + said);
        pill.setOnAction(_ -> model.lesson().edit(new SceneEdit.LookAt(link.left(), link.right())));
        MenuItem drop = Controls.item("Drop this link");
        drop.setOnAction(_ -> model.lesson().edit(new LinkEdit.Drop(link.left(), link.right())));
        pill.setContextMenu(new ContextMenu(drop));
        return pill;
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
