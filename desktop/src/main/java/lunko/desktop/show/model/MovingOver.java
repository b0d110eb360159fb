package lunko.desktop.show.model;

import javafx.animation.Animation;
import javafx.animation.Interpolator;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.util.Duration;
import lunko.show.Showing;

/** How what one stage has given moves over to be what the next one takes: up from where the result stood. */
public final class MovingOver {
    private static final Duration TOO_SHORT = Duration.millis(60);
    private static final Duration TIME = Duration.millis(520);

    private final Motions motions;
    private Animation running = new Timeline();

    /** Nothing moves yet. */
    public MovingOver(Motions motions) {
        this.motions = motions;
    }

    /** Whether a step has led from one stage on to the next. */
    public static boolean leads(Showing before, Showing now) {
        return before.run() == now.run() && now.number() == before.number() + 1 && !before.part().equals(now.part());
    }

    /**
     * Moves something from so far below to its place; where nothing is to move, it fades in there, and where no time
     * is, it is there.
     */
    public void from(double below, Node node) {
        running.stop();
        node.setTranslateY(0);
        node.setOpacity(1);
        if (motions.time().getValue().lessThan(TOO_SHORT)) return;
        double start = motions.still().get() ? 0 : below;
        running = new Timeline(
                new KeyFrame(Duration.ZERO, new KeyValue(node.translateYProperty(), start),
                        new KeyValue(node.opacityProperty(), 0.35)),
                new KeyFrame(TIME, new KeyValue(node.translateYProperty(), 0, Interpolator.EASE_BOTH),
                        new KeyValue(node.opacityProperty(), 1, Interpolator.EASE_BOTH)));
        running.playFromStart();
    }
}
