package lunko.desktop.show;

import java.util.List;
import java.util.Optional;
import lunko.engine.Outcome;
import lunko.insight.KindCount;
import lunko.insight.Regions;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.steps.Frame;
import lunko.steps.Timeline;

/**
 * Everything the screen shows: a lesson, what its query comes to, and the frame at hand. Where the query cannot
 * run there is no frame, and the timeline is the problem.
 */
public record Showing(Lesson lesson, Checked<Timeline> timeline, Optional<Regions> regions, List<KindCount> counts,
                      Optional<Frame> frame) {

    /** A lesson with all its steps done. */
    public static Showing of(Lesson lesson) {
        Checked<Timeline> timeline = lesson.plan().map(Timeline::of);
        Optional<Timeline> runs = present(timeline);
        return new Showing(lesson, timeline, runs.map(t -> Regions.of(t.outcome())),
                KindCount.all(lesson.query(), lesson.tables()), runs.map(t -> t.at(t.last())));
    }

    /** The same lesson after a step; a number beyond the first or the last step means that step. */
    public Showing at(long number) {
        return new Showing(lesson, timeline, regions, counts,
                runs().map(t -> t.at(Math.clamp(number, 0, t.last()))));
    }

    /** The timeline, where the query can run. */
    public Optional<Timeline> runs() {
        return present(timeline);
    }

    /** The whole result, where the query can run. */
    public Optional<Outcome> outcome() {
        return runs().map(Timeline::outcome);
    }

    /** Why the query cannot run, where it cannot. */
    public Optional<Problem> obstacle() {
        return timeline.either(_ -> Optional.empty(), Optional::of);
    }

    /** The number of the step at hand. */
    public long number() {
        return frame.map(Frame::number).orElse(0L);
    }

    /** The number of the last step. */
    public long last() {
        return runs().map(Timeline::last).orElse(0L);
    }

    /** Whether all steps are done. */
    public boolean isAtEnd() {
        return number() == last();
    }

    private static <T> Optional<T> present(Checked<T> checked) {
        return checked.either(Optional::of, _ -> Optional.empty());
    }
}
