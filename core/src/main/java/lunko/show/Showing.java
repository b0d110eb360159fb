package lunko.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Supplier;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.insight.comparison.Changes;
import lunko.insight.explanation.SourceRowWhy;
import lunko.insight.explanation.StageWords;
import lunko.insight.picture.KindCount;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.TableHue;
import lunko.insight.picture.TableHues;
import lunko.insight.picture.ThreeCircles;
import lunko.insight.picture.VennRegions;
import lunko.insight.question.Asked;
import lunko.lesson.Diagnostic;
import lunko.lesson.Evaluation;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.steps.Frame;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchFrame;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.ResultPart;
import lunko.steps.Timeline;
import lunko.table.Lazy;
import lunko.words.Sentence;

/**
 * All that is to be seen of a lesson after a step: what its query comes to, the frame and the join at hand, and what
 * the last change has done. Where the query cannot run there is no frame, and the run is the problem. Its query is
 * read, bound and evaluated once for all steps. One showing is another only if it is the same object: to compare all
 * that they show would take longer than to show it.
 */
public final class Showing {

    /** A query that can run: its steps, the joins among them, and the colours of its tables. */
    public record Run(Timeline timeline, List<Joining> joinings, TableHues hues, Stage result) {}

    /** What stays the same from step to step. */
    private record Ground(Lesson lesson, JoinAlgorithm algorithm, Evaluation evaluation, Checked<Run> run,
            Supplier<Optional<StageWords>> words, Supplier<Set<JoinKind>> choices) {}

    /** What the last change to the lesson has done to the result of the join at hand, and to that of the query. */
    private record Done(Optional<Changes<JoinResult, ResultRow>> toJoin, Optional<Changes<Stage, Integer>> toResult) {
        private static final Done NOTHING = new Done(Optional.empty(), Optional.empty());
    }

    private final Ground ground;
    private final Optional<Frame> frame;
    private final Optional<Joining> joining;
    private final Optional<MatchFrame> match;
    private final Done done;

    private Showing(Ground ground, Optional<Frame> frame, Done done) {
        this.ground = ground;
        this.frame = frame;
        this.done = done;
        this.joining = frame.flatMap(now -> joining(ground.run.expect().joinings(), now.part()));
        this.match = joining.map(at -> frame.get().shown() instanceof MatchFrame shown ? shown
                : at.timeline().at(at.part() < frame.get().part() ? at.timeline().last() : 0));
    }

    /** A lesson with all its steps done, its rows matched in that way. */
    public static Showing of(Lesson lesson, JoinAlgorithm algorithm) {
        Evaluation evaluation = lesson.staged().evaluation();
        Checked<Run> run = lesson.staged().result(evaluation).map(result -> run(lesson, result, algorithm));
        Ground ground = new Ground(lesson, algorithm, evaluation, run, new Lazy<>(() -> words(evaluation, run)),
                new Lazy<>(() -> lesson.staged().choices(joins(run))));
        return new Showing(ground, present(run).map(r -> r.timeline().at(r.timeline().last())), Done.NOTHING);
    }

    private static Run run(Lesson lesson, Stage result, JoinAlgorithm algorithm) {
        Timeline timeline = Timeline.of(result, algorithm);
        return new Run(timeline, joinings(lesson, timeline), TableHues.of(result), result);
    }

    private static Optional<StageWords> words(Evaluation evaluation, Checked<Run> run) {
        return present(run).flatMap(ran -> evaluation.query().read().either(
                read -> Optional.of(StageWords.of(read.script(), read.query(), ran.timeline())),
                _ -> Optional.empty()));
    }

    private static Optional<Joining> joining(List<Joining> all, int part) {
        return all.stream().filter(joining -> joining.part() <= part).reduce((_, later) -> later)
                .or(() -> all.stream().findFirst());
    }

    private static List<Joining> joinings(Lesson lesson, Timeline timeline) {
        List<Joining> joinings = new ArrayList<>();
        for (int part = 0; part < timeline.parts().size(); part++) {
            if (!(timeline.parts().get(part) instanceof MatchTimeline match)) continue;
            joinings.add(new Joining(part, match, VennRegions.of(match.outcome()), ThreeCircles.of(match.join()),
                    lesson.staged().counts(match.outcome())));
        }
        return List.copyOf(joinings);
    }

    private static int joins(Checked<Run> run) {
        return run.either(ran -> ran.joinings().size(), _ -> 0);
    }

    private static <T> Optional<T> present(Checked<T> checked) {
        return checked.either(Optional::of, _ -> Optional.empty());
    }

    /** It at the step that its lesson is to open at. */
    public Showing opened() {
        Optional<Asked> asked = lesson().scene().asked();
        if (asked.isPresent()) return asked.get().question().isBeforeTheSteps() ? at(0) : this;
        OptionalLong step = lesson().scene().start().step();
        return step.isPresent() ? at(step.getAsLong()) : this;
    }

    /** The same lesson after a step; a number beyond the first or the last step means that step. */
    public Showing at(long number) {
        return new Showing(ground, timeline().map(t -> t.at(Math.clamp(number, 0, t.last()))), done);
    }

    /**
     * It after another, before a change to the lesson: at the same step, or at the end as well, with what the change
     * has done to the results.
     */
    public Showing following(Showing before) {
        Showing now = before.isAtEnd() ? this : at(before.number());
        return new Showing(ground, now.frame, new Done(
                now.outcome().flatMap(is -> before.outcome().flatMap(was -> Changes.between(was, is)))
                        .filter(found -> !found.isEmpty()),
                now.whole().flatMap(is -> before.whole().flatMap(was -> Changes.between(was, is)))
                        .filter(found -> !found.isEmpty())));
    }

    /**
     * It as its scene opens, after another scene was shown, with what the step from that one to this has done to the
     * results.
     */
    public Showing entering(Showing before) {
        Showing now = opened();
        return new Showing(ground, now.frame, following(before).done);
    }

    /** The lesson. */
    public Lesson lesson() {
        return ground.lesson;
    }

    /** How its rows are matched. */
    public JoinAlgorithm algorithm() {
        return ground.algorithm;
    }

    /** What its query can run, or the problem that it cannot. */
    public Checked<Run> run() {
        return ground.run;
    }

    /** What is visible after the step at hand. */
    public Optional<Frame> frame() {
        return frame;
    }

    /** The join at hand; where it is the turn of another stage, the last join before it. */
    public Optional<Joining> joining() {
        return joining;
    }

    /** What is to be seen of that join: in the step at hand, or after it, at its end. */
    public Optional<MatchFrame> match() {
        return match;
    }

    /** What the last change to the lesson has done to the result of the join at hand, where that can be told. */
    public Optional<Changes<JoinResult, ResultRow>> changes() {
        return done.toJoin;
    }

    /** What it has done to the result of the query as a whole. */
    public Optional<Changes<Stage, Integer>> resultChanges() {
        return done.toResult;
    }

    /** The words of the text that each stage and step comes from; nothing, where the query cannot run. */
    public Optional<StageWords> words() {
        return ground.words.get();
    }

    /** The kinds that can be chosen in the place of the one at hand. */
    public Set<JoinKind> choices() {
        return ground.choices.get();
    }

    /** All that is wrong with the text, or surely not meant. */
    public List<Diagnostic> diagnostics() {
        return ground.evaluation.diagnostics();
    }

    /** All steps, where the query can run. */
    public Optional<Timeline> timeline() {
        return present(ground.run).map(Run::timeline);
    }

    /** What the query gives as a whole, where it is more than a join alone. */
    private Optional<Stage> whole() {
        return timeline()
                .flatMap(timeline -> timeline.parts().getLast() instanceof ResultPart(Stage result)
                        ? Optional.of(result) : Optional.empty());
    }

    /** What the query gives as a whole, where that is at hand. */
    public Optional<Stage> wholeAtHand() {
        return part().filter(ResultPart.class::isInstance).flatMap(_ -> whole());
    }

    /** The part of the steps that the one at hand belongs to. */
    public Optional<Part> part() {
        return frame.map(now -> timeline().orElseThrow().parts().get(now.part()));
    }

    /** The stage other than a join that is at hand, where its rows are among those before it. */
    public Optional<RowsAtHand> rowsAtHand() {
        return RowsAtHand.in(this);
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
    public boolean isOnJoinStage() {
        return frame.isEmpty() || isMatching();
    }

    /** Whether the join at hand is that of another showing. */
    public boolean isOfSameJoin(Showing other) {
        return ground.run == other.ground.run && joining.equals(other.joining);
    }

    /** The number of the join at hand among those of the query, counted from 0 in the order in which they are done. */
    public int joinNumber() {
        return joining.map(at -> Math.max(0, ground.run.expect().joinings().indexOf(at))).orElse(0);
    }

    /** How many joins the query has, where it can run. */
    public int joins() {
        return joins(ground.run);
    }

    /** The number of the first step of the join at hand. */
    public long start() {
        return joining.map(at -> timeline().orElseThrow().start(at.part())).orElse(0L);
    }

    /** The steps of the join at hand, numbered from its own start. */
    public Optional<MatchTimeline> runs() {
        return joining.map(Joining::timeline);
    }

    /** The whole result of the join at hand. */
    public Optional<JoinResult> outcome() {
        return joining.map(Joining::outcome);
    }

    /** The Venn diagram of the join at hand. */
    public Optional<VennRegions> regions() {
        return joining.flatMap(Joining::regions);
    }

    /** How many rows each kind of join would give in the place of the one at hand. */
    public List<KindCount> counts() {
        return joining.map(Joining::counts).orElseGet(() -> present(ground.run).isPresent() ? List.of()
                : lesson().staged().counts());
    }

    /** The kind of the join at hand; where the query cannot run, that which was chosen. */
    public Optional<JoinKind> kind() {
        return outcome().map(JoinResult::kind)
                .or(() -> timeline().isPresent() ? Optional.empty() : Optional.of(lesson().scene().kind()));
    }

    /** The colours of the tables of the query; none, where it cannot run. */
    public TableHues hues() {
        return present(ground.run).map(Run::hues).orElse(TableHues.NONE);
    }

    /** The colour of what stands on a side of the join at hand. */
    public TableHue hue(Side side) {
        return outcome().map(outcome -> hues().ofRows(outcome.join().on(side)))
                .orElse(side.of(TableHue.FIRST, TableHue.SECOND));
    }

    /** The step in which it was decided what becomes of a row of the join at hand. */
    public OptionalLong decided(Pointed pointed) {
        return runs().map(steps -> OptionalLong.of(start() + switch (pointed) {
            case Pointed.Source(Side side, int row) -> steps.decided(side, row);
            case Pointed.Result(ResultRow row) -> steps.decided(row);
            case Pointed.Pair(int left, int right) -> steps.decided(left, right);
        })).orElse(OptionalLong.empty());
    }

    /**
     * Why a source row of the join at hand is in its result or not; of all else, what the step says that decided it.
     */
    public Optional<Sentence> why(Pointed pointed) {
        Optional<Sentence> own = pointed instanceof Pointed.Source(Side side, int row)
                ? outcome().flatMap(outcome -> new SourceRowWhy(outcome, side, row).said()) : Optional.empty();
        return own.or(() -> decided(pointed).stream().mapToObj(step -> timeline().orElseThrow().at(step).shown().why())
                .findFirst());
    }

    /** Why the query cannot run, where it cannot. */
    public Optional<Problem> obstacle() {
        return ground.run.either(_ -> Optional.empty(), Optional::of);
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
}
