package lunko.steps;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.LazyList;
import lunko.engine.Matching;
import lunko.engine.Outcome;
import lunko.engine.Plan;
import lunko.engine.ResultRow;
import lunko.query.Side;
import lunko.table.Truth;

/**
 * All steps of a join, matched row by row, addressed by number from 0 (the start) to {@link #last()} (the end).
 * Each left row is compared with every right row in order; a pair lands right after its comparison, a kept left
 * row after its last one, and the kept right rows at the end.
 *
 * <p>No step is stored. Every result row has a step of its own, so the steps before left row i are i times the
 * right rows, and the result rows before i; which step has a number is found from that by binary search.
 */
public final class Timeline {
    private final Outcome outcome;
    private final Matching matching;
    private final Why why;
    /** How many comparisons each left row goes through. */
    private final int compares;

    private Timeline(Outcome outcome) {
        this.outcome = outcome;
        this.matching = outcome.matching();
        this.why = new Why(outcome);
        this.compares = outcome.plan().kind().compares() ? matching.rightRows() : 0;
    }

    /** The timeline of a plan. */
    public static Timeline of(Plan plan) {
        return new Timeline(Outcome.of(plan));
    }

    /** What the steps lead to. */
    public Outcome outcome() {
        return outcome;
    }

    /** The number of the last step. */
    public long last() {
        return compared() + outcome.size() + 1;
    }

    /** How many comparisons there are in all. */
    public long compared() {
        return (long) matching.leftRows() * compares;
    }

    /** The number of the step that brings in a row of the result, counted from 0. */
    public long landing(long row) {
        return switch (outcome.row(row)) {
            case ResultRow.Met(int left, int right) ->
                    row + 1 + (long) left * compares + (compares == 0 ? 0 : right + 1);
            case ResultRow.LeftKept(int left) -> row + 1 + (left + 1L) * compares;
            case ResultRow.RightKept _ -> row + 1 + compared();
        };
    }

    /** What is visible after a step; IndexOutOfBoundsException for a number that is none. */
    public Frame at(long number) {
        Objects.checkIndex(number, last() + 1);
        Moment moment = moment(number);
        return new Frame(number, moment.step, why.of(moment.step, moment.landed), outcome.first(moment.landed),
                pending(moment),
                LazyList.of(matching.leftRows(), left -> leftState(moment, left)),
                LazyList.of(matching.rightRows(), right -> rightState(moment, right)),
                LazyList.of(matching.leftRows(),
                        left -> LazyList.of(met(moment, left), n -> matching.partner(left, n))));
    }

    /**
     * How far things have come after a step: all left rows before {@code left} are done with, {@code left} itself
     * has been compared with {@code compared} right rows and has met {@code met} of them.
     */
    private record Moment(Step step, int left, int compared, int met, long landed) {}

    private Moment moment(long number) {
        int lefts = matching.leftRows();
        if (number == 0) return new Moment(new Step.Start(), 0, 0, 0, 0);
        if (number == last()) return new Moment(new Step.Finish(), lefts, 0, 0, outcome.size());
        long index = number - 1;
        int left = leftAt(index);
        if (left == lefts) {
            long landed = index - compared() + 1;
            int row = matching.rightAlone((int) (landed - 1 - outcome.before(lefts)));
            return new Moment(new Step.KeepRight(row), lefts, 0, 0, landed);
        }
        int offset = (int) (index - stepsBefore(left));
        long before = outcome.before(left);
        if (!outcome.plan().kind().compares()) {
            int partner = matching.partner(left, offset);
            return new Moment(new Step.Pair(left, partner), left, 0, offset + 1, before + offset + 1);
        }
        int met = metAt(left, offset);
        int right = offset - met;
        if (met > 0 && matching.partner(left, met - 1) + met == offset) {
            int partner = matching.partner(left, met - 1);
            return new Moment(new Step.Pair(left, partner), left, partner + 1, met, before + met);
        }
        if (right == compares) return new Moment(new Step.KeepLeft(left), left, compares, 0, before + 1);
        return new Moment(new Step.Compare(left, right, outcome.plan().verdict(left, right)),
                left, right + 1, met, before + met);
    }

    private long stepsBefore(int left) {
        return (long) left * compares + outcome.before(left);
    }

    /** The left row whose steps the one of this index is among: the last that begins at or before it. */
    private int leftAt(long index) {
        int low = 0;
        int high = matching.leftRows();
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (stepsBefore(middle) <= index) low = middle;
            else high = middle - 1;
        }
        return low;
    }

    /** How many pairs of a left row have landed after so many of its steps: the n-th lands after partner + n steps. */
    private int metAt(int left, int offset) {
        int low = 0;
        int high = matching.partners(left);
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (matching.partner(left, middle) + middle + 1 <= offset) low = middle + 1;
            else high = middle;
        }
        return low;
    }

    private Optional<ResultRow> pending(Moment moment) {
        boolean mayBeKept = moment.step instanceof Step.Compare(int _, int _, var verdict)
                && verdict != Truth.TRUE && moment.met == 0
                && outcome.plan().kind().keeps(Side.LEFT);
        return mayBeKept ? Optional.of(new ResultRow.LeftKept(moment.left)) : Optional.empty();
    }

    private int met(Moment moment, int left) {
        if (left < moment.left) return matching.partners(left);
        return left == moment.left ? moment.met : 0;
    }

    private RowState leftState(Moment moment, int left) {
        if (met(moment, left) > 0) return RowState.MET;
        if (moment.step instanceof Step.KeepLeft(int kept) && kept == left) return RowState.KEPT;
        if (left < moment.left) return outcome.keeps(left) ? RowState.KEPT : RowState.LEFT_OUT;
        boolean seenAll = left == moment.left && compares > 0 && moment.compared == compares;
        return seenAll && matching.partners(left) == 0 && !outcome.keeps(left) ? RowState.LEFT_OUT : RowState.OPEN;
    }

    private RowState rightState(Moment moment, int right) {
        OptionalInt first = matching.firstPartner(right);
        if (first.isPresent()) return hasMet(moment, first.getAsInt(), right) ? RowState.MET : RowState.OPEN;
        boolean seenByAll = moment.left == matching.leftRows() && !(moment.step instanceof Step.Start)
                || moment.left == matching.leftRows() - 1 && right < moment.compared;
        if (!seenByAll) return RowState.OPEN;
        if (!outcome.plan().kind().keeps(Side.RIGHT)) return RowState.LEFT_OUT;
        boolean landed = outcome.before(matching.leftRows()) + matching.rightAloneBefore(right) < moment.landed;
        return landed ? RowState.KEPT : RowState.OPEN;
    }

    private boolean hasMet(Moment moment, int left, int right) {
        return left < moment.left
                || left == moment.left && matching.partnersBefore(left, right) < moment.met;
    }
}
