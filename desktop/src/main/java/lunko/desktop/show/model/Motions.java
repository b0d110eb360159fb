package lunko.desktop.show.model;

import javafx.beans.value.ObservableBooleanValue;
import javafx.beans.value.ObservableValue;
import javafx.util.Duration;

/**
 * How things move on the stage.
 *
 * @param time how long one frame takes to move over into the next; zero shows frames at rest only
 * @param still whether nothing flies: what comes, fades in where it is
 */
public record Motions(ObservableValue<Duration> time, ObservableBooleanValue still) {}
