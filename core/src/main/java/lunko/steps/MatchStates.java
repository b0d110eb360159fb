package lunko.steps;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.LazyList;
import lunko.engine.ResultRow;
import lunko.engine.RowPairs;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;

/**
 * What has become of the rows of both sides at a moment of matching them. Inside, the outer rows are on the left; what
 * is given is as the join has its sides.
 */
final class MatchStates {
    private final Join join;
    private final JoinKind kind;
    private final JoinAlgorithm algorithm;
    private final JoinPlan plan;
    private final Join outerFirst;
    private final RowPairs decisions;
    /** How many rows have landed when all turns are over. */
    private final long landedInTurns;
    /** Where one match decides: for each inner row, the outer rows that it is the first match of. */
    private final int[][] decidedBy;

    MatchStates(JoinResult outcome, JoinAlgorithm algorithm, JoinPlan plan, long landedInTurns) {
        this.join = outcome.join();
        this.kind = join.kind();
        this.algorithm = algorithm;
        this.plan = plan;
        this.outerFirst = join.outerFirst();
        this.decisions = outcome.decisions().pairs();
        this.landedInTurns = landedInTurns;
        this.decidedBy = kind.stopsAtFirst() ? decidedBy() : new int[0][];
    }

    private int[][] decidedBy() {
        int[][] lists = new int[decisions.rightRows()][];
        IntStream.Builder[] builders = new IntStream.Builder[lists.length];
        for (int turn = 0; turn < decisions.leftRows(); turn++) {
            int outer = plan.outerAt(turn);
            if (decisions.count(outer) == 0) continue;
            int inner = decisions.right(outer, 0);
            if (builders[inner] == null) builders[inner] = IntStream.builder();
            builders[inner].add(outer);
        }
        for (int inner = 0; inner < lists.length; inner++) {
            lists[inner] = builders[inner] == null ? new int[0] : builders[inner].build().toArray();
        }
        return lists;
    }

    /** What has become of the rows of a side. */
    List<RowState> of(Side side, Moment moment) {
        return side == kind.outer() ? LazyList.of(decisions.leftRows(), row -> outerState(moment, row))
                : LazyList.of(decisions.rightRows(), row -> innerState(moment, row));
    }

    /** What stands beside the rows of a side after so many of the steps before the first turn. */
    List<RowMark> marks(Side side, int prepared) {
        return side == kind.outer() ? LazyList.of(decisions.leftRows(), row -> plan.mark(Side.LEFT, row, prepared))
                : LazyList.of(decisions.rightRows(), row -> plan.mark(Side.RIGHT, row, prepared));
    }

    /** The row that comes in if the outer row whose turn it is meets no match any more. */
    Optional<ResultRow> pending(Moment moment) {
        boolean undecided = moment.step() instanceof Step.Compare(int _, int _, var verdict)
                && !join.on().meets(verdict) && moment.met() == 0;
        if (!undecided || kind.rowsFor(0) == 0) return Optional.empty();
        int outer = plan.outerAt(moment.turn());
        return Optional.of(kind.only().isPresent() ? new ResultRow.Taken(kind.outer(), outer)
                : new ResultRow.Kept(kind.outer(), outer));
    }

    /** From each left row, the right rows it has met, and what was found of the two. */
    List<List<MatchFrame.Lane>> lanes(Moment moment) {
        if (kind.outer() == Side.LEFT) {
            return LazyList.of(decisions.leftRows(), outer -> LazyList.of(met(moment, outer), n -> {
                int inner = decisions.right(outer, n);
                return new MatchFrame.Lane(inner, verdict(outer, inner));
            }));
        }
        return LazyList.of(decisions.rightRows(), inner -> decidedSoFar(moment, inner)
                .mapToObj(outer -> new MatchFrame.Lane(outer, verdict(outer, inner))).toList());
    }

    /** Whether an outer row and one of its matches have met. */
    boolean hasMet(Moment moment, int outer, int inner) {
        return decisions.before(outer, inner) < met(moment, outer);
    }

    /** How many matches an outer row has met so far. */
    private int met(Moment moment, int outer) {
        int turn = plan.turnOf(outer);
        if (turn < moment.turn()) return decisions.count(outer);
        return turn == moment.turn() ? moment.met() : 0;
    }

    private RowState outerState(Moment moment, int outer) {
        if (met(moment, outer) > 0) return kind.takesMatched() ? RowState.MET : RowState.LEFT_OUT;
        int turn = plan.turnOf(outer);
        Step step = moment.step();
        boolean now = turn == moment.turn() && !(step instanceof Step.Start);
        boolean landed = now && (step instanceof Step.Keep || step instanceof Step.Take);
        boolean seenAll = now && kind.compares() && moment.compared() == plan.compared(outer)
                && !(step instanceof Step.Place || step instanceof Step.Sort);
        if (kind.rowsFor(0) > 0) return turn < moment.turn() || landed ? RowState.KEPT : RowState.OPEN;
        return turn < moment.turn() || seenAll && decisions.count(outer) == 0 ? RowState.LEFT_OUT : RowState.OPEN;
    }

    private RowState innerState(Moment moment, int inner) {
        if (kind.stopsAtFirst()) {
            return decidedSoFar(moment, inner).mapToObj(outer -> verdict(outer, inner)).reduce(Truth::or)
                    .map(verdict -> verdict == Truth.TRUE ? RowState.MET : RowState.UNKNOWN).orElse(RowState.OPEN);
        }
        OptionalInt first = decisions.firstLeft(inner);
        if (first.isPresent()) {
            if (!hasMet(moment, first.getAsInt(), inner)) return RowState.OPEN;
            return kind.takesMatched() ? RowState.MET : RowState.LEFT_OUT;
        }
        if (!seenByAll(moment, inner)) return RowState.OPEN;
        if (!kind.keeps(Side.RIGHT)) return RowState.LEFT_OUT;
        return landedInTurns + decisions.rightAloneBefore(inner) < moment.landed() ? RowState.KEPT : RowState.OPEN;
    }

    /** Whether every outer row has been compared with an inner one that has no match, or need not be any more. */
    private boolean seenByAll(Moment moment, int inner) {
        int turns = decisions.leftRows();
        if (moment.turn() == turns) return !(moment.step() instanceof Step.Start);
        return algorithm == JoinAlgorithm.NESTED_LOOP && moment.turn() == turns - 1 && inner < moment.compared();
    }

    /** The outer rows about which an inner row has decided. */
    private IntStream decidedSoFar(Moment moment, int inner) {
        return Arrays.stream(decidedBy[inner]).filter(outer -> met(moment, outer) > 0);
    }

    /** The verdict on two rows of which the inner one decides about the outer one. */
    private Truth verdict(int outer, int inner) {
        return join.on().notIn().isEmpty() ? Truth.TRUE : outerFirst.verdict(outer, inner);
    }
}
