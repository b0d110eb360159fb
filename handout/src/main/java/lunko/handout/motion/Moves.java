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

    /** Of more steps, so many are shown, evenly from the first to the last; of more landings, the first and the end. */
    public static final int MOST = 400;

    /** The numbers of the steps, from the first to the last. */
    public List<Long> of(Timeline timeline) {
        return switch (this) {
            case EVERY -> evenly(timeline.last());
            case LANDINGS -> landings(timeline);
        };
    }

    private static List<Long> evenly(long last) {
        return last < MOST ? LongStream.rangeClosed(0, last).boxed().toList()
                : LongStream.range(0, MOST).map(n -> Math.round((double) n / (MOST - 1) * last)).boxed().toList();
    }

    /** Its name on the command line: {@code every}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }

    private static List<Long> landings(Timeline timeline) {
        List<Long> steps = new ArrayList<>(List.of(0L));
        while (steps.getLast() < timeline.last() && steps.size() < MOST - 1)
            steps.add(timeline.nextLanding(steps.getLast()));
        if (steps.getLast() < timeline.last()) steps.add(timeline.last());
        return steps;
    }
}
