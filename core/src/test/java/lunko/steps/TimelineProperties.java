package lunko.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.LongStream;
import lunko.Said;
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.words.Sentence;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** The timeline computes a frame from its number alone; a simulation that walks there must see the same. */
@Domain(SomeJoins.class)
class TimelineProperties {

    @Property
    void goingToAStepShowsTheSameAsSteppingThere(@ForAll SomeJoin some) {
        MatchTimeline timeline = MatchTimeline.of(JoinResult.of(some.joined()), JoinAlgorithm.NESTED_LOOP);
        List<MatchFrame> walked = new Walk(some.joined().join()).frames();

        assertThat(timeline.last() + 1).isEqualTo(walked.size());
        for (int number = 0; number < walked.size(); number++) {
            MatchFrame frame = timeline.at(number);
            assertThat(frame).isEqualTo(withWhy(walked.get(number), frame));
        }
    }

    /**
     * The rows of a finished timeline are the result whatever the way, and each step on the way follows from the one
     * before.
     */
    @Property
    void theWaysOfMatchingGiveTheSameRows(@ForAll SomeJoin some) {
        JoinResult outcome = JoinResult.of(some.joined());
        for (JoinAlgorithm algorithm : JoinAlgorithm.values()) {
            MatchTimeline timeline = MatchTimeline.of(outcome, algorithm);
            assertThat(timeline.at(timeline.last()).landed()).as(algorithm.name()).isEqualTo(outcome.rows());
            assertThat(timeline.at(timeline.last() - 1).landed()).as(algorithm.name())
                    .containsExactlyInAnyOrderElementsOf(outcome.rows());
            MatchFrame before = timeline.at(0);
            for (long number = 1; number <= timeline.last(); number++) {
                MatchFrame frame = timeline.at(number);
                assertThat(frame.why().in(Said.ENGLISH).text()).isNotBlank().endsWith(".");
                assertThat(frame.comparisons() - before.comparisons())
                        .isEqualTo(frame.step() instanceof Step.Compare ? 1 : 0);
                assertThat(frame.landed()).hasSize(before.landed().size() + (frame.step().lands() ? 1 : 0));
                if (frame.step() instanceof Step.Pair(int left, int right)) {
                    assertThat(frame.landed().getLast()).isEqualTo(new ResultRow.Met(left, right));
                    if (some.joined().join().kind().compares())
                        assertThat(before.step()).isEqualTo(new Step.Compare(left, right, Truth.TRUE));
                }
                if (frame.step().lands()) assertThat(timeline.landing(frame.landed().size() - 1)).isEqualTo(number);
                before = frame;
            }
            assertThat(before.comparisons()).isEqualTo(timeline.comparisons());
        }
    }

    @Property(tries = 200)
    void stepsAreFoundByWhatIsDecidedInThem(@ForAll SomeJoin some) {
        MatchTimeline timeline = MatchTimeline.of(JoinResult.of(some.joined()), JoinAlgorithm.NESTED_LOOP);
        List<MatchFrame> frames = LongStream.rangeClosed(0, timeline.last()).mapToObj(timeline::at).toList();
        for (MatchFrame frame : frames) {
            int landed = frame.landed().size();
            assertThat(timeline.nextLanding(frame.number())).isEqualTo(frames.stream()
                    .filter(later -> later.number() > frame.number()
                            && later.landed().size() > landed)
                    .findFirst().map(MatchFrame::number).orElse(timeline.last()));
            Side outer = some.joined().join().kind().outer();
            assertThat(timeline.nextTurn(frame.number())).isEqualTo(frames.stream()
                    .filter(later -> later.number() > frame.number() && !turn(later, outer).equals(turn(frame, outer)))
                    .findFirst().map(MatchFrame::number).orElse(timeline.last()));
        }
        Set<List<Integer>> compared = new HashSet<>();
        for (MatchFrame frame : frames) {
            if (frame.step() instanceof Step.Compare(int l, int r, Truth _)) compared.add(List.of(l, r));
            if (!some.joined().join().kind().compares() && frame.step() instanceof Step.Pair(int l, int r))
                compared.add(List.of(l, r));
            for (int l = 0; l < some.joined().join().left().rows().size(); l++) {
                for (int r = 0; r < some.joined().join().right().rows().size(); r++)
                    assertThat(timeline.seen(frame.number(), l, r)).isEqualTo(compared.contains(List.of(l, r)));
            }
        }
        for (int l = 0; l < some.joined().join().left().rows().size(); l++) {
            for (int r = 0; r < some.joined().join().right().rows().size(); r++) {
                List<Integer> two = List.of(l, r);
                assertThat(timeline.decided(l, r)).as(two + " of " + some).isEqualTo(frames.stream()
                        .filter(frame -> frame.step() instanceof Step.Compare
                                || !some.joined().join().kind().compares())
                        .filter(frame -> frame.now(Side.LEFT).equals(OptionalInt.of(two.getFirst()))
                                && frame.now(Side.RIGHT).equals(OptionalInt.of(two.getLast())))
                        .findFirst().map(MatchFrame::number).orElse(timeline.last()));
            }
        }
        List<ResultRow> rows = frames.getLast().landed();
        for (int i = 0; i < rows.size(); i++) {
            long step = timeline.decided(rows.get(i));
            assertThat(frames.get((int) step).landed()).hasSize(i + 1);
            assertThat(frames.get((int) step - 1).landed()).hasSize(i);
        }
        for (Side side : Side.values()) {
            for (int row = 0; row < some.joined().join().on(side).rows().size(); row++) {
                int one = row;
                Optional<ResultRow> first =
                        rows.stream().filter(each -> each.source(side).equals(OptionalInt.of(one))).findFirst();
                long step = timeline.decided(side, row);
                assertThat(step).isBetween(0L, timeline.last());
                first.ifPresent(lands -> assertThat(step).isEqualTo(timeline.decided(lands)));
            }
        }
    }

    /** Whose turn it is: an outer row's, that of the inner rows that are kept at the end, or nobody's. */
    private static Object turn(MatchFrame frame, Side outer) {
        if (frame.step() instanceof Step.Start || frame.step() instanceof Step.Finish) return frame.step();
        return frame.step() instanceof Step.Keep(Side side, int _) && side != outer ? "kept" : frame.now(outer);
    }

    private static MatchFrame withWhy(MatchFrame walked, MatchFrame other) {
        return new MatchFrame(walked.number(), walked.step(), other.why(), walked.comparisons(), walked.landed(),
                walked.pending(),
                walked.left(), walked.right(), other.marks(), walked.lanes());
    }

    /** Does the join as one does it on paper, and notes what is visible after each step. */
    private static final class Walk {
        private final Join join;
        private final JoinKind kind;
        private final List<MatchFrame> frames = new ArrayList<>();
        private final List<ResultRow> landed = new ArrayList<>();
        private final List<RowState> left;
        private final List<RowState> right;
        private final List<List<MatchFrame.Lane>> lanes = new ArrayList<>();
        private long comparisons;

        Walk(Join join) {
            this.join = join;
            this.kind = join.kind();
            left = new ArrayList<>(Collections.nCopies(join.left().rows().size(), RowState.OPEN));
            right = new ArrayList<>(Collections.nCopies(join.right().rows().size(), RowState.OPEN));
            left.forEach(_ -> lanes.add(new ArrayList<>()));
        }

        List<MatchFrame> frames() {
            see(new Step.Start(), Optional.empty());
            if (kind.only().isPresent()) take(kind.only().get());
            else join();
            see(new Step.Finish(), Optional.empty());
            return frames;
        }

        /** Looks for one match of each row of a side. */
        private void take(Side side) {
            List<RowState> outer = side.of(left, right);
            List<RowState> inner = side.of(right, left);
            for (int o = 0; o < outer.size(); o++) {
                boolean matched = false;
                for (int i = 0; i < inner.size() && !matched; i++) {
                    int l = side.of(o, i);
                    int r = side.of(i, o);
                    Truth verdict = join.verdict(l, r);
                    matched = join.on().meets(verdict);
                    comparisons++;
                    if (matched) {
                        outer.set(o, kind.takesMatched() ? RowState.MET : RowState.LEFT_OUT);
                        if (verdict == Truth.TRUE || inner.get(i) == RowState.OPEN)
                            inner.set(i, verdict == Truth.TRUE ? RowState.MET : RowState.UNKNOWN);
                        lanes.get(l).add(new MatchFrame.Lane(r, verdict));
                    } else if (i == inner.size() - 1 && kind.takesMatched()) {
                        outer.set(o, RowState.LEFT_OUT);
                    }
                    see(new Step.Compare(l, r, verdict), matched || kind.takesMatched() ? Optional.empty()
                            : Optional.of(new ResultRow.Taken(side, o)));
                }
                if (matched != kind.takesMatched()) {
                    // Without rows to compare with, that a row is left out shows when its turn is over.
                    outer.set(o, RowState.LEFT_OUT);
                    continue;
                }
                if (!kind.takesMatched()) outer.set(o, RowState.KEPT);
                landed.add(new ResultRow.Taken(side, o));
                see(new Step.Take(side, o), Optional.empty());
            }
        }

        private void join() {
            for (int l = 0; l < left.size(); l++) {
                for (int r = 0; r < right.size(); r++) meet(l, r);
                if (left.get(l) == RowState.OPEN && kind.keeps(Side.LEFT)) keep(Side.LEFT, left, l);
            }
            for (int r = 0; r < right.size(); r++) {
                if (right.get(r) == RowState.OPEN && kind.keeps(Side.RIGHT)) keep(Side.RIGHT, right, r);
            }
            left.replaceAll(state -> state == RowState.OPEN ? RowState.LEFT_OUT : state);
            right.replaceAll(state -> state == RowState.OPEN ? RowState.LEFT_OUT : state);
        }

        private void keep(Side side, List<RowState> states, int row) {
            states.set(row, RowState.KEPT);
            landed.add(new ResultRow.Kept(side, row));
            see(new Step.Keep(side, row), Optional.empty());
        }

        private void meet(int l, int r) {
            Truth verdict = join.verdict(l, r);
            if (kind.compares()) {
                comparisons++;
                if (verdict == Truth.TRUE && !kind.bringsPairs()) {
                    left.set(l, RowState.LEFT_OUT);
                    right.set(r, RowState.LEFT_OUT);
                    lanes.get(l).add(new MatchFrame.Lane(r, verdict));
                }
                boolean alone = verdict != Truth.TRUE && left.get(l) == RowState.OPEN;
                if (alone && r == right.size() - 1 && !kind.keeps(Side.LEFT)) left.set(l, RowState.LEFT_OUT);
                if (verdict != Truth.TRUE && l == left.size() - 1 && right.get(r) == RowState.OPEN
                        && !kind.keeps(Side.RIGHT))
                    right.set(r, RowState.LEFT_OUT);
                see(new Step.Compare(l, r, verdict), alone && kind.keeps(Side.LEFT)
                        ? Optional.of(new ResultRow.Kept(Side.LEFT, l)) : Optional.empty());
            }
            if (verdict != Truth.TRUE || !kind.bringsPairs()) return;
            left.set(l, RowState.MET);
            right.set(r, RowState.MET);
            lanes.get(l).add(new MatchFrame.Lane(r, verdict));
            landed.add(new ResultRow.Met(l, r));
            see(new Step.Pair(l, r), Optional.empty());
        }

        private void see(Step step, Optional<ResultRow> pending) {
            frames.add(new MatchFrame(frames.size(), step, Sentence.none(), comparisons, List.copyOf(landed),
                    pending,
                    List.copyOf(left), List.copyOf(right), new MatchFrame.Marks(List.of(), List.of()),
                    lanes.stream().map(List::copyOf).toList()));
        }
    }
}
