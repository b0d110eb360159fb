package lunko.desktop.show.model;

import javafx.animation.PauseTransition;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import lunko.show.Showing;

/** Plays the steps one after the other. */
public final class Player {
    private final ShowModel model;
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper(false);
    private final ObjectProperty<Speed> speed = new SimpleObjectProperty<>(Speed.NORMAL);
    private final BooleanProperty onlyPairs = new SimpleBooleanProperty(false);
    private final PauseTransition pause = new PauseTransition();

    /** A player that stands still. */
    public Player(ShowModel model) {
        this.model = model;
        pause.setOnFinished(_ -> next());
        speed.subscribe(_ -> {
            if (playing.get()) await();
        });
    }

    /** Whether it plays. */
    public ReadOnlyBooleanProperty playing() {
        return playing.getReadOnlyProperty();
    }

    /** How fast it plays. */
    public ObjectProperty<Speed> speed() {
        return speed;
    }

    /** Whether it leaves out the steps that bring no row into the result. */
    public BooleanProperty onlyPairs() {
        return onlyPairs;
    }

    /** Plays on from the step at hand, or from the start if that was the last; or pauses. */
    public void toggle() {
        if (playing.get()) {
            pause();
        } else if (model.showing().get().last() > 0) {
            if (model.showing().get().isAtEnd()) model.goTo(0);
            playing.set(true);
            await();
        }
    }

    /** Pauses. */
    public void pause() {
        pause.stop();
        playing.set(false);
    }

    /** Pauses and goes so many steps forward, or back if there are fewer than none. */
    public void step(long by) {
        goTo(model.showing().get().number() + by);
    }

    /** Pauses and goes to a step. */
    public void goTo(long number) {
        pause();
        model.goTo(number);
    }

    /** Waits for the next step. */
    private void await() {
        pause.stop();
        pause.setDuration(speed.get().pause(model.showing().get().last()));
        pause.playFromStart();
    }

    private void next() {
        Showing now = model.showing().get();
        model.goTo(onlyPairs.get() ? model.nextLanding() : now.number() + speed.get().stride(now.last()));
        if (model.showing().get().isAtEnd()) pause();
        else await();
    }
}
