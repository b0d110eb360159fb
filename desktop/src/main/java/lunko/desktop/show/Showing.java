package lunko.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import lunko.engine.Outcome;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.insight.Changes;
import lunko.insight.KindCount;
import lunko.insight.Regions;
import lunko.insight.ThreeCircles;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.steps.Frame;
import lunko.steps.MatchFrame;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.ResultPart;
import lunko.steps.Timeline;
import lunko.steps.Way;

/**
 * Everything the screen shows: a lesson, what its query comes to, and the frame at hand. Where the query cannot
 * run there is no frame, and the run is the problem.
 *
 * @param joining the join at hand; where it is the turn of another stage, the last join before it
 * @param changes what the last change to the lesson has done to the result of the join at hand, where that can be told
 * @param resultChanges what it has done to the result of the query as a whole
 * @param match what is to be seen of that join: in the step at hand, or after it, at its end
 */
public record Showing(Lesson lesson, Way way, Checked<Run> run, Optional<Frame> frame, Optional<Joining> joining,
        Optional<MatchFrame> match,
        Optional<Changes<Outcome, ResultRow>> changes, Optional<Changes<Stage, Integer>> resultChanges) {

    /** A query that can run: its steps, and the joins among them. */
    public record Run(Timeline timeline, List<Joining> joinings) {}

    /** A join: the part of the timeline that it is, its steps, and what is to be seen of it as a whole. */
    public record Joining(int part, MatchTimeline timeline, Optional<Regions> regions, Optional<ThreeCircles> circles,
            List<KindCount> counts) {

        /** What the join gives. */
        public Outcome outcome() {
            return timeline.outcome();
        }
    }

    /** A lesson with all its steps done, its rows matched in that way. */
    public static Showing of(Lesson lesson, Way way) {
        Checked<Run> run = lesson.timeline(way).map(timeline -> new Run(timeline, joinings(lesson, timeline)));
        return of(lesson, way, run, present(run).map(r -> r.timeline().at(r.timeline().last())), Optional.empty(),
                Optional.empty());
    }

    private static Showing of(Lesson lesson, Way way, Checked<Run> run, Optional<Frame> frame,
            Optional<Changes<Outcome, ResultRow>> changes, Optional<Changes<Stage, Integer>> resultChanges) {
        Optional<Joining> joining = frame.flatMap(now -> joining(run.expect().joinings(), now.part()));
        Optional<MatchFrame> match = joining.map(at -> frame.get().shown() instanceof MatchFrame shown ? shown
                : at.timeline().at(at.part() < frame.get().part() ? at.timeline().last() : 0));
        return new Showing(lesson, way, run, frame, joining, match, changes, resultChanges);
    }

    private static Optional<Joining> joining(List<Joining> all, int part) {
        return all.stream().filter(joining -> joining.part() <= part).reduce((_, later) -> later)
                .or(() -> all.stream().findFirst());
    }

    private static List<Joining> joinings(Lesson lesson, Timeline timeline) {
        List<Joining> joinings = new ArrayList<>();
        boolean plain = lesson.isPlain();
        for (int part = 0; part < timeline.parts().size(); part++) {
            if (!(timeline.parts().get(part) instanceof MatchTimeline match)) continue;
            joinings.add(new Joining(part, match, Regions.of(match.outcome()), ThreeCircles.of(match.join()),
                    plain ? KindCount.all(lesson.query(), lesson.tables()) : KindCount.all(match.outcome())));
        }
        return joinings;
    }

    /** It at the step that its lesson is to open at. */
    Showing opened() {
        return lesson.scene().step().isPresent() ? at(lesson.scene().step().getAsLong()) : this;
    }

    /** The same lesson after a step; a number beyond the first or the last step means that step. */
    public Showing at(long number) {
        return of(lesson, way, run, timeline().map(t -> t.at(Math.clamp(number, 0, t.last()))), changes, resultChanges);
    }

    /**
     * It after another, before a change to the lesson: at the same step, or at the end as well, with what the change
     * has done to the results.
     */
    public Showing following(Showing before) {
        return (before.isAtEnd() ? this : at(before.number())).after(before);
    }

    private Showing after(Showing before) {
        Optional<Changes<Outcome, ResultRow>> made =
                outcome().flatMap(now -> before.outcome().flatMap(was -> Changes.between(was, now)))
                        .filter(found -> !found.isEmpty());
        Optional<Changes<Stage, Integer>> madeOfResult =
                whole().flatMap(now -> before.whole().flatMap(was -> Changes.between(was, now)))
                        .filter(found -> !found.isEmpty());
        return new Showing(lesson, way, run, frame, joining, match, made, madeOfResult);
    }

    /** All steps, where the query can run. */
    public Optional<Timeline> timeline() {
        return present(run).map(Run::timeline);
    }

    /** What the query gives as a whole, where it is more than a join alone. */
    private Optional<Stage> whole() {
        return timeline().flatMap(timeline -> timeline.parts().getLast() instanceof ResultPart(Stage result)
                ? Optional.of(result) : Optional.empty());
    }

    /** What the query gives as a whole, where that is at hand. */
    public Optional<Stage> wholeAtHand() {
        return part().filter(part -> part instanceof ResultPart).flatMap(_ -> whole());
    }

    /** The part of the steps that the one at hand belongs to. */
    public Optional<Part> part() {
        return frame.map(now -> timeline().orElseThrow().parts().get(now.part()));
    }

    /**
     * One showing is another only if it is the same: to compare all that they show would take longer than to show it.
     */
    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(this);
    }

    /** Whether the step at hand is one of a join. */
    public boolean isMatching() {
        return frame.filter(now -> now.shown() instanceof MatchFrame).isPresent();
    }

    /** How many rows the query gives, where it can run. */
    public OptionalLong rows() {
        return timeline().map(timeline -> OptionalLong.of(timeline.parts().getLast().rows()))
                .orElse(OptionalLong.empty());
    }

    /** Whether the stage of the joins is the one to be seen. */
    boolean isOnJoinStage() {
        return frame.isEmpty() || isMatching();
    }

    /** Whether the join at hand is that of another showing. */
    boolean isOfSameJoin(Showing other) {
        return run == other.run && joining.equals(other.joining);
    }

    /** The number of the first step of the join at hand. */
    public long start() {
        return joining().map(joining -> timeline().orElseThrow().start(joining.part())).orElse(0L);
    }

    /** The steps of the join at hand, numbered from its own start. */
    public Optional<MatchTimeline> runs() {
        return joining().map(Joining::timeline);
    }

    /** The whole result of the join at hand. */
    public Optional<Outcome> outcome() {
        return joining().map(Joining::outcome);
    }

    /** The Venn diagram of the join at hand. */
    public Optional<Regions> regions() {
        return joining().flatMap(Joining::regions);
    }

    /** How many rows each kind of join would give in the place of the one at hand. */
    public List<KindCount> counts() {
        return joining().map(Joining::counts)
                .orElseGet(() -> lesson.isPlain() ? KindCount.all(lesson.query(), lesson.tables()) : List.of());
    }

    /** Why the query cannot run, where it cannot. */
    public Optional<Problem> obstacle() {
        return run.either(_ -> Optional.empty(), Optional::of);
    }

    /** The number of the step at hand. */
    public long number() {
        return frame.map(Frame::number).orElse(0L);
    }

    /** The number of the last step. */
    public long last() {
        return timeline().map(Timeline::last).orElse(0L);
    }

    /** Whether all steps are done. */
    public boolean isAtEnd() {
        return number() == last();
    }

    private static <T> Optional<T> present(Checked<T> checked) {
        return checked.either(Optional::of, _ -> Optional.empty());
    }
}
