package lunko.desktop.speaker;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** How long scenes take, when a lesson is rehearsed. */
class RehearsalTest {

    @Test
    void eachSceneGetsTheTimeThatIsSpentInIt() {
        Deque<Integer> seconds = new ArrayDeque<>(List.of(0, 90, 90, 120, 150));
        InstantSource clock = () -> Instant.ofEpochSecond(seconds.poll());
        Rehearsal rehearsal = new Rehearsal(clock, 0);
        rehearsal.goTo(1);
        rehearsal.goTo(2);
        rehearsal.goTo(0);
        assertThat(rehearsal.seconds()).isEqualTo(Map.of(0, 120, 2, 30));
    }
}
