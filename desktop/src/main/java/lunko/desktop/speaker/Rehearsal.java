package lunko.desktop.speaker;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.Map;

/** How long each scene is spoken of. Scenes count from 0. */
final class Rehearsal {
    private final InstantSource clock;
    private final Map<Integer, Duration> taken = new HashMap<>();
    private int scene;
    private Instant since;

    /** A rehearsal that begins now, at a scene. */
    Rehearsal(InstantSource clock, int scene) {
        this.clock = clock;
        this.scene = scene;
        this.since = clock.instant();
    }

    /** From now on another scene is spoken of. */
    void goTo(int other) {
        Instant now = clock.instant();
        taken.merge(scene, Duration.between(since, now), Duration::plus);
        scene = other;
        since = now;
    }

    /** How long each scene was spoken of until now, in whole seconds; those only passed through are left out. */
    Map<Integer, Integer> seconds() {
        goTo(scene);
        Map<Integer, Integer> seconds = new HashMap<>();
        taken.forEach((number, time) -> {
            if (time.toSeconds() > 0) seconds.put(number, (int) time.toSeconds());
        });
        return Map.copyOf(seconds);
    }
}
