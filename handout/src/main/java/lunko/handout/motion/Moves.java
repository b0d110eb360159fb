package lunko.handout.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.LongStream;
import lunko.steps.Timeline;

/** Which steps of a scene are shown. */
public enum Moves {
    /** Each of them. */
    EVERY,
    /** Those that bring a row into a result, with the first and the last. */
    LANDINGS;

    /** Of more steps, those between are left out, evenly. */
    public static final int MOST = 400;

    /** The numbers of the steps, from the first to the last. */
    public List<Long> of(Timeline timeline) {
        List<Long> steps = switch (this) {
            case EVERY -> LongStream.rangeClosed(0, Math.min(timeline.last(), (long) MOST * MOST)).boxed().toList();
            case LANDINGS -> landings(timeline);
        };
        if (steps.size() <= MOST) return steps;
        return LongStream.range(0, MOST).mapToObj(n -> steps.get((int) (n * (steps.size() - 1) / (MOST - 1)))).toList();
    }

    /** Its name on the command line: {@code every}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }

    private static List<Long> landings(Timeline timeline) {
        List<Long> steps = new ArrayList<>(List.of(0L));
        while (steps.getLast() < timeline.last() && steps.size() <= MOST)
            steps.add(timeline.nextLanding(steps.getLast()));
        if (steps.getLast() < timeline.last()) steps.add(timeline.last());
        return steps;
    }
}
