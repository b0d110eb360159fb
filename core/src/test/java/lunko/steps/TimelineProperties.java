package lunko.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import lunko.Tables;
import lunko.engine.Plan;
import lunko.engine.ResultRow;
import lunko.phrase.Phrase;
import lunko.query.Side;
import lunko.table.Truth;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** The timeline computes a frame from its number alone; a simulation that walks there must see the same. */
@Domain(Tables.class)
class TimelineProperties {

    @Property
    void goingToAStepShowsTheSameAsSteppingThere(@ForAll Plan plan) {
        Timeline timeline = Timeline.of(plan);
        List<Frame> walked = new Walk(plan).frames();

        assertThat(timeline.last() + 1).isEqualTo(walked.size());
        for (int number = 0; number < walked.size(); number++) {
            Frame frame = timeline.at(number);
            assertThat(frame).isEqualTo(withWhy(walked.get(number), frame));
            assertThat(frame.why().text()).isNotBlank().endsWith(".");
        }
    }

    @Property
    void theRowsThatLandAreTheResultAndLandWhereTheTimelineSays(@ForAll Plan plan) {
        Timeline timeline = Timeline.of(plan);
        assertThat(timeline.at(timeline.last()).landed()).isEqualTo(timeline.outcome().rows());
        for (int row = 0; row < timeline.outcome().size(); row++) {
            Frame landing = timeline.at(timeline.landing(row));
            assertThat(landing.step().lands()).isTrue();
            assertThat(landing.landed()).hasSize(row + 1);
        }
    }

    private static Frame withWhy(Frame walked, Frame other) {
        return new Frame(walked.number(), walked.step(), other.why(), walked.landed(), walked.pending(),
                walked.left(), walked.right(), walked.lanes());
    }

    /** Does the join as one does it on paper, and notes what is visible after each step. */
    private static final class Walk {
        private final Plan plan;
        private final List<Frame> frames = new ArrayList<>();
        private final List<ResultRow> landed = new ArrayList<>();
        private final List<RowState> left;
        private final List<RowState> right;
        private final List<List<Integer>> lanes = new ArrayList<>();

        Walk(Plan plan) {
            this.plan = plan;
            left = new ArrayList<>(Collections.nCopies(plan.left().rows().size(), RowState.OPEN));
            right = new ArrayList<>(Collections.nCopies(plan.right().rows().size(), RowState.OPEN));
            left.forEach(_ -> lanes.add(new ArrayList<>()));
        }

        List<Frame> frames() {
            see(new Step.Start(), Optional.empty());
            for (int l = 0; l < left.size(); l++) {
                for (int r = 0; r < right.size(); r++) meet(l, r);
                if (left.get(l) != RowState.MET && plan.kind().keeps(Side.LEFT)) {
                    left.set(l, RowState.KEPT);
                    landed.add(new ResultRow.LeftKept(l));
                    see(new Step.KeepLeft(l), Optional.empty());
                }
            }
            for (int r = 0; r < right.size(); r++) {
                if (right.get(r) == RowState.OPEN && plan.kind().keeps(Side.RIGHT)) {
                    right.set(r, RowState.KEPT);
                    landed.add(new ResultRow.RightKept(r));
                    see(new Step.KeepRight(r), Optional.empty());
                }
            }
            left.replaceAll(state -> state == RowState.OPEN ? RowState.LEFT_OUT : state);
            right.replaceAll(state -> state == RowState.OPEN ? RowState.LEFT_OUT : state);
            see(new Step.Finish(), Optional.empty());
            return frames;
        }

        private void meet(int l, int r) {
            Truth verdict = plan.verdict(l, r);
            if (plan.kind().compares()) {
                boolean alone = verdict != Truth.TRUE && left.get(l) != RowState.MET;
                if (alone && r == right.size() - 1 && !plan.kind().keeps(Side.LEFT)) left.set(l, RowState.LEFT_OUT);
                if (verdict != Truth.TRUE && l == left.size() - 1 && right.get(r) == RowState.OPEN
                        && !plan.kind().keeps(Side.RIGHT)) right.set(r, RowState.LEFT_OUT);
                see(new Step.Compare(l, r, verdict), alone && plan.kind().keeps(Side.LEFT)
                        ? Optional.of(new ResultRow.LeftKept(l)) : Optional.empty());
            }
            if (verdict != Truth.TRUE) return;
            left.set(l, RowState.MET);
            right.set(r, RowState.MET);
            lanes.get(l).add(r);
            landed.add(new ResultRow.Met(l, r));
            see(new Step.Pair(l, r), Optional.empty());
        }

        private void see(Step step, Optional<ResultRow> pending) {
            frames.add(new Frame(frames.size(), step, Phrase.write().done(), List.copyOf(landed), pending,
                    List.copyOf(left), List.copyOf(right), lanes.stream().map(List::copyOf).toList()));
        }
    }
}
