package lunko.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.FadeTransition;
import javafx.animation.Interpolator;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.SequentialTransition;
import javafx.animation.Timeline;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.SVGPath;
import javafx.scene.text.FontWeight;
import javafx.util.Duration;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.grid.ColumnDrag;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.Typeface;
import lunko.insight.Lineage;
import lunko.query.Side;
import lunko.steps.MatchFrame;
import lunko.steps.RowState;
import lunko.steps.Step;
import lunko.table.Truth;

/** The gap between the two tables: lanes between rows that have met, and the verdict on the two rows at hand. */
final class Lanes extends Pane {
    private static final PseudoClass CROWDED = PseudoClass.getPseudoClass("crowded");
    private static final int MANY = 60;
    private static final double VERDICT_HEIGHT = 25;
    private static final Typeface VERDICT = Typeface.text(FontWeight.BOLD, 13.5);

    private final ShowModel model;
    private final GridTable<?> left;
    private final GridTable<?> right;
    private final ObservableValue<Duration> motionTime;
    private final Group met = new Group();
    private final CubicCurve now = curve("lane", "lane-now");
    private final Rectangle reach = new Rectangle();
    private final Label verdict = new Label();
    private final Line dragged = new Line();
    private List<Drawn> drawn = List.of();
    private Animation running = new Timeline();

    Lanes(ShowModel model, GridTable<?> left, GridTable<?> right, DragBoard drags,
          ObservableValue<Duration> motionTime) {
        this.model = model;
        this.left = left;
        this.right = right;
        this.motionTime = motionTime;
        getStyleClass().add("lanes");
        setMinWidth(120);
        met.setManaged(false);
        met.getStyleClass().add("met");
        now.setManaged(false);
        now.setClip(reach);
        dragged.setManaged(false);
        dragged.getStyleClass().add("lane-dragged");
        verdict.getStyleClass().add("verdict");
        verdict.setManaged(false);
        getChildren().addAll(met, now, verdict, dragged);
        setMouseTransparent(true);
        model.showing().addListener((_, before, after) -> show(Motion.between(before, after)));
        model.lineage().subscribe((_, _) -> place());
        drags.drag().subscribe(this::showDrag);
        widthProperty().subscribe(this::place);
    }

    /** Draws what has changed, where the rows are now. */
    void place() {
        running.stop();
        Optional<MatchFrame> frame = model.showing().get().frame();
        List<Drawn> lanes = new ArrayList<>();
        frame.ifPresent(now -> {
            drawMet(now, lanes);
            drawEnds(now, Side.LEFT, left, lanes);
            drawEnds(now, Side.RIGHT, right, lanes);
        });
        show(lanes);
        boolean compares = frame.filter(this::drawNow).isPresent();
        now.setVisible(compares);
        verdict.setVisible(compares);
        verdict.setOpacity(1);
        reach.setWidth(getWidth());
    }

    private void show(List<Drawn> lanes) {
        if (lanes.equals(drawn)) return;
        for (int i = 0; i < lanes.size(); i++) {
            if (i >= drawn.size()) met.getChildren().add(lanes.get(i).node());
            else if (!drawn.get(i).equals(lanes.get(i))) met.getChildren().set(i, lanes.get(i).node());
        }
        met.getChildren().remove(lanes.size(), met.getChildren().size());
        drawn = lanes;
        met.pseudoClassStateChanged(CROWDED, lanes.size() > MANY);
    }

    private void show(Motion motion) {
        place();
        if (!now.isVisible() || motion != Motion.FORWARD || motionTime.getValue().lessThan(Duration.millis(60))) return;
        Duration time = motionTime.getValue().multiply(0.6);
        verdict.setOpacity(0);
        reach.setWidth(0);
        FadeTransition verdictComes = new FadeTransition(time.multiply(0.6), verdict);
        verdictComes.setToValue(1);
        running = new SequentialTransition(
                new Timeline(new KeyFrame(time,
                        new KeyValue(reach.widthProperty(), getWidth(), Interpolator.EASE_BOTH))), verdictComes);
        running.playFromStart();
    }

    private void drawMet(MatchFrame frame, List<Drawn> lanes) {
        Optional<Lineage> lineage = model.lineage().get();
        for (int row = left.firstInView(); row < Math.min(left.endOfView(), frame.lanes().size()); row++) {
            if (!left.isInView(row)) continue;
            List<Integer> partners = frame.lanes().get(row);
            for (int n = firstAtLeast(partners, right.firstInView()); n < partners.size(); n++) {
                int partner = partners.get(n);
                if (partner >= right.endOfView()) break;
                if (!right.isInView(partner)) continue;
                boolean landing = frame.step().equals(new Step.Pair(row, partner));
                boolean lit = lineage.isPresent() && lineage.get().lights(Side.LEFT, row) && lineage.get().lights(Side.RIGHT, partner);
                lanes.add(new Drawn.Lane(y(left, row), y(right, partner), getWidth(), landing, lit));
            }
        }
    }

    /** Short lanes that lead nowhere: to a diamond where a partnerless row is kept, to a cross where it is left out. */
    private void drawEnds(MatchFrame frame, Side side, GridTable<?> grid, List<Drawn> lanes) {
        List<RowState> states = frame.rows(side);
        for (int row = grid.firstInView(); row < Math.min(grid.endOfView(), states.size()); row++) {
            RowState state = states.get(row);
            if (!grid.isInView(row) || state != RowState.KEPT && state != RowState.LEFT_OUT) continue;
            lanes.add(new Drawn.End(side, y(grid, row), getWidth(), state == RowState.KEPT));
        }
    }

    /** One thing drawn in the gap. A thing that has not changed from one frame to the next is not drawn again. */
    private sealed interface Drawn {

        /** The node for it. */
        Node node();

        /** A lane between two rows that have met. */
        record Lane(double from, double to, double width, boolean landing, boolean lit) implements Drawn {
            @Override
            public Node node() {
                CubicCurve lane = landing ? curve("lane", "lane-landing") : lit ? curve("lane", "lane-lit") : curve("lane");
                stretch(lane, from, to, width);
                return lane;
            }
        }

        /** The end of a row that has no partner. */
        record End(Side side, double y, double width, boolean kept) implements Drawn {
            private static final double LENGTH = 20;

            @Override
            public Node node() {
                double end = side.of(LENGTH, width - LENGTH);
                Line stub = new Line(side.of(0.0, width), y, end, y);
                stub.setStroke(null);
                stub.getStyleClass().addAll("stub", kept ? side.title() : "left-out");
                SVGPath sign = new SVGPath();
                sign.setContent(kept ? "M-6 0L0 -6L6 0L0 6Z" : "M-4 -4L4 4M-4 4L4 -4");
                sign.setFill(null);
                sign.setTranslateX(end);
                sign.setTranslateY(y);
                sign.getStyleClass().addAll(kept ? "stub-kept" : "stub-left-out", side.title());
                return new Group(stub, sign);
            }
        }
    }

    private boolean drawNow(MatchFrame frame) {
        if (!(frame.step() instanceof Step.Compare(int l, int r, var truth))) return false;
        if (!left.isInView(l) || !right.isInView(r)) return false;
        stretch(now, y(left, l), y(right, r), getWidth());
        double top = Math.min(now.getStartY(), now.getEndY());
        reach.setY(top - 10);
        reach.setHeight(Math.abs(now.getStartY() - now.getEndY()) + 20);
        verdict.setText(truth.title());
        for (Truth possible : Truth.values()) {
            PseudoClass said = PseudoClass.getPseudoClass(possible.title());
            verdict.pseudoClassStateChanged(said, possible == truth);
            now.pseudoClassStateChanged(said, possible == truth);
        }
        verdict.resize(VERDICT.width(truth.title()) + 24, VERDICT_HEIGHT);
        verdict.relocate(Math.round((getWidth() - verdict.getWidth()) / 2),
                Math.round((now.getStartY() + now.getEndY() - verdict.getHeight()) / 2));
        return true;
    }

    private static void stretch(CubicCurve lane, double from, double to, double width) {
        lane.setStartX(0);
        lane.setStartY(from);
        lane.setControlX1(width * 0.45);
        lane.setControlY1(from);
        lane.setControlX2(width * 0.55);
        lane.setControlY2(to);
        lane.setEndX(width);
        lane.setEndY(to);
    }

    private double y(GridTable<?> grid, int row) {
        return sceneToLocal(grid.localToScene(0, grid.rowMiddle(row))).getY();
    }

    private void showDrag(Optional<ColumnDrag> drag) {
        dragged.setVisible(drag.isPresent());
        drag.ifPresent(d -> {
            Point2D from = sceneToLocal(d.from());
            Point2D to = sceneToLocal(d.at());
            dragged.setStartX(from.getX());
            dragged.setStartY(from.getY());
            dragged.setEndX(to.getX());
            dragged.setEndY(to.getY());
        });
    }

    private static int firstAtLeast(List<Integer> sorted, int value) {
        int low = 0;
        int high = sorted.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (sorted.get(middle) < value) low = middle + 1;
            else high = middle;
        }
        return low;
    }

    /** A curve that is not seen until its style has come to it, which may be one picture later. */
    private static CubicCurve curve(String... styleClasses) {
        CubicCurve curve = new CubicCurve();
        curve.setFill(null);
        curve.getStyleClass().addAll(styleClasses);
        return curve;
    }
}
