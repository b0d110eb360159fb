package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
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

        void along(LinkCurve way) {
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
        List<Bounds> stand = cards.values().stream().map(Node::getBoundsInParent).toList();
        List<Bounds> taken = new ArrayList<>(stand);
        for (LinkNodes one : shown) {
            LinkWay.End left = cards.get(one.link().left()).linkEnd();
            LinkWay.End right = cards.get(one.link().right()).linkEnd();
            LinkWay way = LinkWay.best(left, right, stand, getLayoutBounds());
            for (int i = 0; i < one.pairs().size(); i++)
                one.pairs().get(i).along(way.of(left, right, (i - (one.pairs().size() - 1) / 2.0) * APART));
            Button pill = one.pill();
            pill.applyCss();
            pill.autosize();
            Point2D at = way.of(left, right, 0).roomy(pill.getWidth(), pill.getHeight(), taken, getLayoutBounds());
            pill.relocate(at.getX() - pill.getWidth() / 2, at.getY() - pill.getHeight() / 2);
            taken.add(pill.getBoundsInParent());
        }
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
