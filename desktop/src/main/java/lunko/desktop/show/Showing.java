package lunko.desktop.show;

import java.util.List;
import java.util.Optional;
import lunko.engine.Outcome;
import lunko.engine.Plan;
import lunko.insight.KindCount;
import lunko.insight.Regions;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.steps.MatchFrame;
import lunko.steps.MatchTimeline;
import lunko.steps.Way;

/**
 * Everything the screen shows: a lesson, what its query comes to, and the frame at hand. Where the query cannot
 * run there is no frame, and the run is the problem.
 */
public record Showing(Lesson lesson, Checked<Run> run, Optional<Regions> regions, List<KindCount> counts,
                      Optional<MatchFrame> frame) {

    /** A query that can run: its result, and its steps. */
    public record Run(Outcome outcome, MatchTimeline timeline) {

        /** What a plan comes to, matched row by row. */
        public static Run of(Plan plan) {
            Outcome outcome = Outcome.of(plan);
            return new Run(outcome, MatchTimeline.of(outcome, Way.ROWS));
        }
    }

    /** A lesson with all its steps done. */
    public static Showing of(Lesson lesson) {
        Checked<Run> run = lesson.plan().map(Run::of);
        Optional<Run> runs = present(run);
        return new Showing(lesson, run, runs.map(r -> Regions.of(r.outcome())), KindCount.all(lesson.query(), lesson.tables()),
                runs.map(r -> r.timeline().at(r.timeline().last())));
    }

    /** A lesson at the step it is to open at. */
    public static Showing opened(Lesson lesson) {
        Showing atEnd = of(lesson);
        return lesson.scene().step().isPresent() ? atEnd.at(lesson.scene().step().getAsLong()) : atEnd;
    }

    /** The same lesson after a step; a number beyond the first or the last step means that step. */
    public Showing at(long number) {
        return new Showing(lesson, run, regions, counts,
                runs().map(t -> t.at(Math.clamp(number, 0, t.last()))));
    }

    /** The timeline, where the query can run. */
    public Optional<MatchTimeline> runs() {
        return present(run).map(Run::timeline);
    }

    /** The whole result, where the query can run. */
    public Optional<Outcome> outcome() {
        return present(run).map(Run::outcome);
    }

    /** Why the query cannot run, where it cannot. */
    public Optional<Problem> obstacle() {
        return run.either(_ -> Optional.empty(), Optional::of);
    }

    /** The number of the step at hand. */
    public long number() {
        return frame.map(MatchFrame::number).orElse(0L);
    }

    /** The number of the last step. */
    public long last() {
        return runs().map(MatchTimeline::last).orElse(0L);
    }

    /** Whether all steps are done. */
    public boolean isAtEnd() {
        return number() == last();
    }

    private static <T> Optional<T> present(Checked<T> checked) {
        return checked.either(Optional::of, _ -> Optional.empty());
    }
}
