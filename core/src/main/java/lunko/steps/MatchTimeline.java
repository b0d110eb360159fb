package lunko.steps;

import java.util.Objects;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.engine.BinarySearch;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.JoinRows;
import lunko.engine.LazyList;
import lunko.engine.ResultRow;
import lunko.engine.RowPairs;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.words.Language;

/**
 * All steps of a join, addressed by number from 0 (the start) to {@link #last()} (the end). The outer rows, which are
 * the left ones in all kinds but the right semi and the right anti join, have their turns one after the other: each is
 * compared with inner rows, a pair lands right after its comparison, a kept or taken outer row at the end of its turn,
 * and the kept inner rows at the end of all.
 *
 * <p>No step is stored. How many steps each turn takes is known from the rows it is compared with and the rows it
 * gives; which step has a number is found from the sums of that by binary search.
 */
public final class MatchTimeline implements Part {
    private final JoinResult outcome;
    private final Join join;
    private final JoinKind kind;
    private final JoinAlgorithm algorithm;
    /** The join, and what decides about its rows, with the outer rows on the left. */
    private final Join outerFirst;
    private final RowPairs decisions;
    private final JoinPlan plan;
    /** The rows in the order in which they land, and in that of the result. */
    private final JoinRows landing;
    private final JoinRows result;
    private final MatchStates states;
    private final MatchWhy why;
    private final int lookUps;
    /** How many steps of turns there are before each turn; at the end, before the kept inner rows. */
    private final long[] before;

    private MatchTimeline(JoinResult outcome, JoinAlgorithm wished) {
        this.outcome = outcome;
        this.join = outcome.join();
        this.kind = join.kind();
        this.outerFirst = join.outerFirst();
        this.decisions = outcome.decisions().pairs();
        this.result = outcome.lineage();
        this.algorithm = wished.fitting(join);
        this.plan = algorithm.plan(outerFirst, outcome.decisions());
        this.landing = JoinRows.inTurns(kind, outcome.decisions(), plan::outerAt);
        this.lookUps = plan.looksUp() ? 1 : 0;
        this.before = new long[decisions.leftRows() + 1];
        for (int turn = 0; turn < decisions.leftRows(); turn++) {
            int outer = plan.outerAt(turn);
            before[turn + 1] = before[turn] + lookUps + plan.compared(outer) + kind.rowsFor(decisions.count(outer));
        }
        this.states = new MatchStates(outcome, algorithm, plan, landing.before(decisions.leftRows()));
        this.why = new MatchWhy(outcome, algorithm, wished, plan, comparisons());
    }

    /** The timeline of a join, its rows matched in a way if it can be done so. */
    public static MatchTimeline of(JoinResult outcome, JoinAlgorithm algorithm) {
        return new MatchTimeline(outcome, algorithm);
    }

    @Override
    public StageKind kind() {
        return StageKind.MATCH;
    }

    @Override
    public Phrase title(Language in) {
        return why.title(in);
    }

    /** What is joined. */
    public Join join() {
        return join;
    }

    /** What the join gives. */
    public JoinResult outcome() {
        return outcome;
    }

    /** How rows are matched. */
    public JoinAlgorithm algorithm() {
        return algorithm;
    }

    @Override
    public long rows() {
        return outcome.size();
    }

    @Override
    public long last() {
        return plan.preparations() + before[decisions.leftRows()] + landing.size()
                - landing.before(decisions.leftRows()) + 1;
    }

    @Override
    public long comparisons() {
        return comparisonsBefore(decisions.leftRows());
    }

    private long comparisonsBefore(int turn) {
        return before[turn] - landing.before(turn) - (long) turn * lookUps;
    }

    /** The number of the step that brings in a row of the result; rows are counted from 0 in the order they land in. */
    public long landing(long row) {
        int turn = landing.turnOf(row);
        long first = 1 + plan.preparations() + before[turn];
        if (turn == decisions.leftRows()) return first + row - landing.before(turn);
        int outer = plan.outerAt(turn);
        int n = (int) (row - landing.before(turn));
        if (!kind.compares()) return first + n;
        return first + lookUps + n + switch (landing.row(row)) {
            case ResultRow.Met(int _, int right) -> plan.indexOf(outer, right) + 1;
            case ResultRow.Kept _,ResultRow.Taken _ -> plan.compared(outer);
        };
    }

    /** Whether a left and a right row have been compared, or without a condition have met, after a step. */
    public boolean seen(long number, int left, int right) {
        Moment moment = moment(number);
        int outer = kind.outer().of(left, right);
        int inner = kind.outer().of(right, left);
        int turn = plan.turnOf(outer);
        if (turn > moment.turn()) return false;
        if (!kind.compares()) return states.hasMet(moment, outer, inner);
        int compared = turn < moment.turn() ? plan.compared(outer) : moment.compared();
        return IntStream.range(0, compared).anyMatch(n -> plan.innerAt(outer, n) == inner);
    }

    /**
     * The number of the step in which it was decided that a row of a side, counted from 0, comes into the result, or
     * does not.
     */
    public long decided(Side side, int row) {
        int turns = decisions.leftRows();
        if (side == kind.outer()) {
            int turn = plan.turnOf(row);
            if (landing.before(turn + 1) > landing.before(turn)) return landing(landing.before(turn));
            return before[turn + 1] > before[turn] ? plan.preparations() + before[turn + 1] : last();
        }
        OptionalInt first = decisions.firstLeft(row);
        if (first.isPresent()) {
            return kind.bringsPairs() ? landing(
                    landing.before(plan.turnOf(first.getAsInt())) + decisions.before(first.getAsInt(), row))
                    : last();
        }
        return kind.keeps(side) ? landing(landing.before(turns) + decisions.rightAloneBefore(row)) : last();
    }

    /** The number of the step in which a row of the result comes in. */
    public long decided(ResultRow row) {
        return switch (row) {
            case ResultRow.Met(int left, int right) -> {
                int outer = kind.outer().of(left, right);
                yield landing(landing.before(plan.turnOf(outer))
                        + decisions.before(outer, kind.outer().of(right, left)));
            }
            case ResultRow.Kept(Side side, int one) -> decided(side, one);
            case ResultRow.Taken(Side side, int one) -> decided(side, one);
        };
    }

    /**
     * The number of the step in which a left and a right row are compared, or, without a condition, meet;
     * {@link #last()} if they never are.
     */
    public long decided(int left, int right) {
        int outer = kind.outer().of(left, right);
        int inner = kind.outer().of(right, left);
        int turn = plan.turnOf(outer);
        long first = 1 + plan.preparations() + before[turn] + lookUps;
        if (!kind.compares()) return first + decisions.before(outer, inner);
        OptionalInt n =
                IntStream.range(0, plan.compared(outer)).filter(at -> plan.innerAt(outer, at) == inner).findFirst();
        return n.isEmpty() ? last() : first + n.getAsInt() + (kind.bringsPairs() ? seenAt(outer, n.getAsInt()) : 0);
    }

    /**
     * The number of the first step after another in which a row comes into the result; {@link #last()} if none does any
     * more.
     */
    @Override
    public long nextLanding(long number) {
        long landed = moment(Math.clamp(number, 0, last())).landed();
        return landed < landing.size() ? landing(landed) : last();
    }

    /**
     * The number of the first step after another in which it is the turn of another outer row, or of what comes after
     * them all.
     */
    @Override
    public long nextTurn(long number) {
        long index = number - 1 - plan.preparations();
        int next = index < 0 ? 0 : turnAt(index) + 1;
        // Turns without a step begin where the next one does.
        return next > decisions.leftRows() ? last() : Math.min(last(), 1 + plan.preparations() + before[next]);
    }

    @Override
    public MatchFrame at(long number) {
        Objects.checkIndex(number, last() + 1);
        Moment moment = moment(number);
        Step step = kind.outer() == Side.RIGHT ? moment.step().mirrored() : moment.step();
        boolean done = moment.step() instanceof Step.Finish;
        int prepared = (int) Math.min(number, plan.preparations());
        return new MatchFrame(number, step, in -> why.of(step, moment.landed(), in), moment.comparisons(),
                LazyList.of((int) Math.min(moment.landed(), Integer.MAX_VALUE), done ? result::row : landing::row),
                states.pending(moment), states.of(Side.LEFT, moment), states.of(Side.RIGHT, moment),
                new MatchFrame.Marks(states.marks(Side.LEFT, prepared), states.marks(Side.RIGHT, prepared)),
                states.lanes(moment));
    }

    private Moment moment(long number) {
        int turns = decisions.leftRows();
        long index = number - 1 - plan.preparations();
        if (number == 0) return new Moment(new Step.Start(), 0, 0, 0, 0, 0);
        if (number == last()) return new Moment(new Step.Finish(), turns, 0, 0, comparisons(), landing.size());
        if (index < 0) return new Moment(plan.preparation((int) number - 1), 0, 0, 0, 0, 0);
        int turn = turnAt(index);
        long landed = landing.before(turn);
        long comparisons = comparisonsBefore(turn);
        if (turn == turns) {
            int more = (int) (index - before[turns]);
            return new Moment(new Step.Keep(Side.RIGHT, decisions.rightAlone(more)), turns, 0, 0, comparisons,
                    landed + more + 1);
        }
        int outer = plan.outerAt(turn);
        int offset = (int) (index - before[turn]) - lookUps;
        if (offset < 0) return new Moment(new Step.Look(Side.LEFT, outer), turn, 0, 0, comparisons, landed);
        if (!kind.compares()) {
            return new Moment(new Step.Pair(outer, decisions.right(outer, offset)), turn, 0, offset + 1, 0,
                    landed + offset + 1);
        }
        int met = kind.bringsPairs() ? metAt(outer, offset) : 0;
        int compared = offset - met;
        if (met > 0 && plan.indexOf(outer, decisions.right(outer, met - 1)) + met == offset) {
            int match = decisions.right(outer, met - 1);
            return new Moment(new Step.Pair(outer, match), turn, compared + 1, met, comparisons + compared + 1,
                    landed + met);
        }
        if (compared == plan.compared(outer)) {
            boolean one = kind.stopsAtFirst();
            return new Moment(one ? new Step.Take(Side.LEFT, outer) : new Step.Keep(Side.LEFT, outer), turn, compared,
                    decisions.count(outer), comparisons + compared, landed + 1);
        }
        int inner = plan.innerAt(outer, compared);
        Truth verdict = outerFirst.verdict(outer, inner);
        boolean decided = kind.stopsAtFirst() && join.on().meets(verdict);
        int seen = kind.bringsPairs() ? met : kind.stopsAtFirst() ? decided ? 1 : 0 : seenAt(outer, compared + 1);
        return new Moment(new Step.Compare(outer, inner, verdict), turn, compared + 1, seen, comparisons + compared + 1,
                landed + met);
    }

    /** The turn whose steps the one of this index is among: the last that begins at or before it. */
    private int turnAt(long index) {
        return BinarySearch.first(before.length, turn -> before[turn] > index) - 1;
    }

    /** How many pairs of a row have landed after so many of its steps: the n-th lands n steps after its comparison. */
    private int metAt(int outer, int offset) {
        return BinarySearch.first(decisions.count(outer),
                n -> plan.indexOf(outer, decisions.right(outer, n)) + n + 1 > offset);
    }

    /** How many matches of a row are among the first so many that it is compared with. */
    private int seenAt(int outer, int compared) {
        return BinarySearch.first(decisions.count(outer),
                n -> plan.indexOf(outer, decisions.right(outer, n)) >= compared);
    }
}
