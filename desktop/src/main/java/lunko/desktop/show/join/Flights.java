package lunko.desktop.show.join;

import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.Interpolator;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.beans.value.ObservableDoubleValue;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.TableRow;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.util.Duration;
import lunko.desktop.grid.GridTable;
import lunko.desktop.show.model.Motion;
import lunko.desktop.show.model.Motions;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.steps.MatchFrame;

/** What moves over the tables: source rows on their way down into the result, and back up when a step is taken back. */
final class Flights extends Pane {
    private static final Duration TOO_SHORT = Duration.millis(60);

    private final ObservableValue<Duration> time;
    private final ObservableBooleanValue still;
    private final DoubleProperty arrival = new SimpleDoubleProperty(1);
    private Animation running = new Timeline();

    Flights(Motions motions) {
        this.time = motions.time();
        this.still = motions.still();
        setMouseTransparent(true);
        setManaged(false);
    }

    /** How far the row that is landing has come into view: from 0 to 1. */
    ObservableDoubleValue arrival() {
        return arrival;
    }

    /** Shows the way from one frame to the next, between these tables. */
    void show(Showing before, Showing now, Tables tables) {
        rest();
        Motion motion = Motion.between(before, now);
        Showing moving = motion == Motion.FORWARD ? now : before;
        if (motion == Motion.JUMP || time.getValue().lessThan(TOO_SHORT)) return;
        MatchFrame frame = moving.match().orElseThrow();
        if (!frame.step().lands()) return;
        Timeline flight = new Timeline();
        for (Side side : Side.values()) {
            if (!still.get())
                frame.now(side).ifPresent(row -> row(tables, side, row)
                        .ifPresent(moved -> fly(flight, motion, moved, below(tables, side))));
        }
        if (motion == Motion.FORWARD) {
            arrival.set(0);
            flight.getKeyFrames().addAll(new KeyFrame(time.getValue().multiply(0.7), new KeyValue(arrival, 0)),
                    new KeyFrame(time.getValue(), new KeyValue(arrival, 1)));
        }
        flight.setOnFinished(_ -> rest());
        running = flight;
        flight.playFromStart();
    }

    /** The tables between which rows fly. */
    interface Tables {
        /** The source table of a side. */
        GridTable<?> source(Side side);

        /** How many rows are listed in the result before the pending one. */
        int landed();

        /** The part of the result under it. */
        GridTable<?> result(Side side);
    }

    private void rest() {
        running.stop();
        getChildren().clear();
        arrival.set(1);
    }

    /** A row of a source table as it can be seen, if it can. */
    private static Optional<Node> row(Tables tables, Side side, int sourceRow) {
        GridTable<?> source = tables.source(side);
        if (!source.isInView(sourceRow)) return Optional.empty();
        return source.lookupAll(".table-row-cell").stream()
                .filter(node -> node instanceof TableRow<?> r && r.getIndex() == sourceRow).findFirst();
    }

    /** Where the top of the row is that lands, on the stage. */
    private double below(Tables tables, Side side) {
        GridTable<?> result = tables.result(side);
        Point2D middle = sceneToLocal(result.localToScene(0, result.rowMiddle(tables.landed() - 1)));
        return Math.min(middle.getY() - result.rowHeight() / 2, getParent().getLayoutBounds().getHeight());
    }

    private void fly(Timeline flight, Motion motion, Node row, double target) {
        ImageView picture = new ImageView(row.snapshot(null, null));
        picture.getStyleClass().add("flying");
        Bounds start = sceneToLocal(row.localToScene(row.getLayoutBounds()));
        double down = target - start.getMinY();
        picture.relocate(start.getMinX(), start.getMinY());
        getChildren().add(picture);
        boolean forward = motion == Motion.FORWARD;
        picture.setTranslateY(forward ? 0 : down);
        flight.getKeyFrames().addAll(
                new KeyFrame(Duration.ZERO, new KeyValue(picture.opacityProperty(), forward ? 0.9 : 0.6)),
                new KeyFrame(time.getValue(),
                        new KeyValue(picture.translateYProperty(), forward ? down : 0, Interpolator.EASE_BOTH),
                        new KeyValue(picture.opacityProperty(), forward ? 0.9 : 0)));
    }
}
