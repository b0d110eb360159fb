package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
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
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.FontWeight;
import javafx.util.Duration;
import lunko.desktop.grid.ColumnDrag;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.Typeface;
import lunko.desktop.show.lane.LaneDrawing;
import lunko.desktop.show.lane.LaneShape;
import lunko.desktop.show.model.Motion;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.BinarySearch;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Lineage;
import lunko.query.Side;
import lunko.steps.MatchFrame;
import lunko.steps.RowMark;
import lunko.steps.RowState;
import lunko.steps.Step;
import lunko.table.Truth;

/** The gap between the two tables: lanes between rows that have met, and the verdict on the two rows at hand. */
final class Lanes extends Pane {
    private static final double VERDICT_HEIGHT = 25;
    private static final double MARK = 78;
    private static final Typeface VERDICT = Typeface.text(FontWeight.BOLD, 13.5);

    private final ShowModel model;
    private final Supplier<GridTable<?>> left;
    private final Supplier<GridTable<?>> right;
    private final ObservableValue<Duration> motionTime;
    private final LaneDrawing met = new LaneDrawing();
    private final LaneDrawing marks = new LaneDrawing();
    private final CubicCurve now = LaneShape.curve("lane", "lane-now");
    private final Rectangle reach = new Rectangle();
    private final Label verdict = new Label();
    private final Line dragged = new Line();
    private Animation running = new Timeline();

    Lanes(ShowModel model, Supplier<GridTable<?>> left, Supplier<GridTable<?>> right, DragBoard drags,
            ObservableValue<Duration> motionTime) {
        this.model = model;
        this.left = left;
        this.right = right;
        this.motionTime = motionTime;
        getStyleClass().add("lanes");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setMinWidth(120);
        now.setManaged(false);
        now.setClip(reach);
        dragged.setManaged(false);
        dragged.getStyleClass().add("lane-dragged");
        verdict.getStyleClass().add("verdict");
        verdict.setManaged(false);
        getChildren().addAll(met, now, marks, verdict, dragged);
        setPickOnBounds(false);
        for (Node unseen : List.of(now, verdict, dragged)) unseen.setMouseTransparent(true);
        met.addEventHandler(MouseEvent.MOUSE_ENTERED_TARGET,
                event -> model.pointing()
                        .at(event.getTarget() instanceof CubicCurve lane && lane.getUserData() instanceof Pointed of
                                ? Optional.of(of) : Optional.empty()));
        met.addEventHandler(MouseEvent.MOUSE_EXITED_TARGET, _ -> model.pointing().at(Optional.empty()));
        model.staged().addListener((_, before, after) -> show(Motion.between(before, after)));
        model.pointing().lineage().subscribe((_, _) -> place());
        drags.drag().subscribe(this::showDrag);
        widthProperty().subscribe(this::place);
    }

    /** Draws what has changed, where the rows are now. */
    void place() {
        running.stop();
        Optional<MatchFrame> frame = model.staged().get().match();
        List<LaneShape> lanes = new ArrayList<>();
        List<LaneShape> beside = new ArrayList<>();
        frame.ifPresent(now -> {
            drawMet(now, lanes);
            drawEnds(now, Side.LEFT, left.get(), lanes);
            drawEnds(now, Side.RIGHT, right.get(), lanes);
            drawMarks(now, Side.LEFT, left.get(), beside);
            drawMarks(now, Side.RIGHT, right.get(), beside);
        });
        met.show(lanes);
        setAccessibleText(words().show().lanes(lanes.stream().filter(LaneShape.Lane.class::isInstance).count()));
        marks.show(beside);
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
                        new KeyValue(reach.widthProperty(), getWidth(), Interpolator.EASE_BOTH))),
                verdictComes);
        running.playFromStart();
    }

    private void drawMet(MatchFrame frame, List<LaneShape> lanes) {
        Optional<Lineage> lineage = model.pointing().lineageIn(model.staged().get());
        GridTable<?> left = this.left.get();
        GridTable<?> right = this.right.get();
        for (int row = left.firstInView(); row < Math.min(left.endOfView(), frame.lanes().size()); row++) {
            if (!left.isInView(row)) continue;
            List<MatchFrame.Lane> from = frame.lanes().get(row);
            for (int n = firstAtLeast(from, right.firstInView()); n < from.size(); n++) {
                MatchFrame.Lane lane = from.get(n);
                if (lane.right() >= right.endOfView()) break;
                if (right.isInView(lane.right())) lanes.add(drawn(frame, row, lane, lineage));
            }
        }
    }

    private LaneShape.Lane drawn(MatchFrame frame, int row, MatchFrame.Lane lane, Optional<Lineage> lineage) {
        boolean lit =
                lineage.filter(of -> of.lights(Side.LEFT, row) && of.lights(Side.RIGHT, lane.right())).isPresent();
        LaneShape.Look look = lane.verdict() == Truth.UNKNOWN ? LaneShape.Look.UNKNOWN
                : frame.step().equals(new Step.Pair(row, lane.right())) ? LaneShape.Look.LANDING
                        : lit ? LaneShape.Look.LIT : LaneShape.Look.PLAIN;
        return new LaneShape.Lane(y(left.get(), row), y(right.get(), lane.right()), getWidth(), look,
                Optional.of(new Pointed.Pair(row, lane.right())));
    }

    /** Short lanes that lead nowhere: to a diamond where an unmatched row is kept, to a cross where it is left out. */
    private void drawEnds(MatchFrame frame, Side side, GridTable<?> grid, List<LaneShape> lanes) {
        List<RowState> states = frame.rows(side);
        for (int row = grid.firstInView(); row < Math.min(grid.endOfView(), states.size()); row++) {
            RowState state = states.get(row);
            if (!grid.isInView(row) || state != RowState.KEPT && state != RowState.LEFT_OUT) continue;
            lanes.add(new LaneShape.End(side, y(grid, row), getWidth(), state == RowState.KEPT));
        }
    }

    private void drawMarks(MatchFrame frame, Side side, GridTable<?> grid, List<LaneShape> lanes) {
        List<String> marks = frame.marks().of(side).stream().map(mark -> mark.text(words())).toList();
        for (int row = grid.firstInView(); row < Math.min(grid.endOfView(), marks.size()); row++) {
            if (grid.isInView(row) && !marks.get(row).isEmpty())
                lanes.add(new LaneShape.Mark(side, y(grid, row), getWidth(), marks.get(row)));
        }
    }

    private boolean drawNow(MatchFrame frame) {
        if (!(frame.step() instanceof Step.Compare(int l, int r, var truth))) return false;
        GridTable<?> left = this.left.get();
        GridTable<?> right = this.right.get();
        if (!left.isInView(l) || !right.isInView(r)) return false;
        LaneShape.stretch(now, y(left, l), y(right, r), getWidth());
        double top = Math.min(now.getStartY(), now.getEndY());
        reach.setY(top - 10);
        reach.setHeight(Math.abs(now.getStartY() - now.getEndY()) + 20);
        verdict.setText(words().names().truth(truth));
        for (Truth possible : Truth.values()) {
            PseudoClass said = PseudoClass.getPseudoClass(possible.id());
            verdict.pseudoClassStateChanged(said, possible == truth);
            now.pseudoClassStateChanged(said, possible == truth);
        }
        verdict.resize(VERDICT.width(words().names().truth(truth)) + 24, VERDICT_HEIGHT);
        // Beside what stands at the right row, where that leaves room; between marks on both sides there is just the
        // middle.
        double marked =
                frame.marks().left().get(l).equals(RowMark.NONE) && !frame.marks().right().get(r).equals(RowMark.NONE)
                        ? MARK : 0;
        verdict.relocate(Math.round((getWidth() - marked - verdict.getWidth()) / 2),
                Math.round((now.getStartY() + now.getEndY() - verdict.getHeight()) / 2));
        return true;
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

    private static int firstAtLeast(List<MatchFrame.Lane> sorted, int value) {
        return BinarySearch.first(sorted.size(), n -> sorted.get(n).right() >= value);
    }
}
