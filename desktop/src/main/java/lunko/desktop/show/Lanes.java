package lunko.desktop.show;

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
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.SVGPath;
import javafx.util.Duration;
import lunko.query.Side;
import lunko.steps.Frame;
import lunko.steps.RowState;
import lunko.steps.Step;

/** The gap between the two tables: lanes between rows that have met, and the verdict on the two rows at hand. */
final class Lanes extends Pane {
    private static final PseudoClass CROWDED = PseudoClass.getPseudoClass("crowded");
    private static final int MANY = 60;
    private static final double STUB = 20;

    private final ShowModel model;
    private final GridTable<?> left;
    private final GridTable<?> right;
    private final ObservableValue<Duration> motionTime;
    private final Group met = new Group();
    private final CubicCurve now = curve("lane", "lane-now");
    private final Rectangle reach = new Rectangle();
    private final Label verdict = new Label();
    private final Line dragged = new Line();
    private Animation running = new Timeline();

    Lanes(ShowModel model, GridTable<?> left, GridTable<?> right, ObservableValue<Optional<KeyDrag>> drag,
          ObservableValue<Duration> motionTime) {
        this.model = model;
        this.left = left;
        this.right = right;
        this.motionTime = motionTime;
        getStyleClass().add("lanes");
        setMinWidth(120);
        setManaged(true);
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
        drag.subscribe(this::showDrag);
        widthProperty().subscribe(this::place);
    }

    /** Draws everything anew, where the rows are now. */
    void place() {
        running.stop();
        Optional<Frame> frame = model.showing().get().frame();
        met.getChildren().clear();
        frame.ifPresent(this::drawMet);
        met.pseudoClassStateChanged(CROWDED, met.getChildren().size() > MANY);
        frame.ifPresent(now -> {
            drawEnds(now, Side.LEFT, left);
            drawEnds(now, Side.RIGHT, right);
        });
        // At once, or the lanes would be without their style for one picture.
        met.applyCss();
        boolean compares = frame.filter(this::drawNow).isPresent();
        now.setVisible(compares);
        verdict.setVisible(compares);
        verdict.setOpacity(1);
        reach.setWidth(getWidth());
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

    private void drawMet(Frame frame) {
        for (int row = left.firstInView(); row < Math.min(left.endOfView(), frame.lanes().size()); row++) {
            if (!left.isInView(row)) continue;
            List<Integer> partners = frame.lanes().get(row);
            for (int n = firstAtLeast(partners, right.firstInView()); n < partners.size(); n++) {
                int partner = partners.get(n);
                if (partner >= right.endOfView()) break;
                if (!right.isInView(partner)) continue;
                CubicCurve lane = curve("lane");
                if (frame.step().equals(new Step.Pair(row, partner))) lane.getStyleClass().add("lane-landing");
                stretch(lane, row, partner);
                met.getChildren().add(lane);
            }
        }
    }

    /** Short lanes that lead nowhere: to a diamond where a partnerless row is kept, to a cross where it is left out. */
    private void drawEnds(Frame frame, Side side, GridTable<?> grid) {
        List<RowState> states = frame.rows(side);
        for (int row = grid.firstInView(); row < Math.min(grid.endOfView(), states.size()); row++) {
            RowState state = states.get(row);
            if (!grid.isInView(row) || state != RowState.KEPT && state != RowState.LEFT_OUT) continue;
            double y = y(grid, row);
            double edge = side.of(0.0, getWidth());
            double end = side.of(STUB, getWidth() - STUB);
            Line stub = new Line(edge, y, end, y);
            stub.getStyleClass().addAll("stub", state == RowState.KEPT ? side.title() : "left-out");
            SVGPath sign = new SVGPath();
            sign.setContent(state == RowState.KEPT ? "M-6 0L0 -6L6 0L0 6Z" : "M-4 -4L4 4M-4 4L4 -4");
            sign.relocate(end - (state == RowState.KEPT ? 6 : 4), y - (state == RowState.KEPT ? 6 : 4));
            sign.getStyleClass().addAll(state == RowState.KEPT ? "stub-kept" : "stub-left-out", side.title());
            met.getChildren().addAll(stub, sign);
        }
    }

    private boolean drawNow(Frame frame) {
        if (!(frame.step() instanceof Step.Compare(int l, int r, var truth))) return false;
        if (!left.isInView(l) || !right.isInView(r)) return false;
        stretch(now, l, r);
        double top = Math.min(now.getStartY(), now.getEndY());
        reach.setY(top - 10);
        reach.setHeight(Math.abs(now.getStartY() - now.getEndY()) + 20);
        verdict.setText(truth.title());
        verdict.getStyleClass().setAll("label", "verdict", "verdict-" + truth.title());
        now.getStyleClass().setAll("lane", "lane-now", "lane-" + truth.title());
        verdict.applyCss();
        verdict.autosize();
        verdict.relocate(Math.round((getWidth() - verdict.getWidth()) / 2),
                Math.round((now.getStartY() + now.getEndY() - verdict.getHeight()) / 2));
        return true;
    }

    private void stretch(CubicCurve lane, int leftRow, int rightRow) {
        double width = getWidth();
        double from = y(left, leftRow);
        double to = y(right, rightRow);
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

    private void showDrag(Optional<KeyDrag> drag) {
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

    private static CubicCurve curve(String... styleClasses) {
        CubicCurve curve = new CubicCurve();
        curve.getStyleClass().addAll(styleClasses);
        return curve;
    }
}
