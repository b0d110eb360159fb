package lunko.insight;

import java.util.stream.IntStream;
import lunko.engine.Join;
import lunko.engine.Outcome;
import lunko.phrase.Words;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;

/** Left rows by right rows, with the verdict on each two of them. Rows are counted from 0. */
public record PairGrid(Outcome outcome) {

    /** The grid of a result. */
    public static PairGrid of(Outcome outcome) {
        return new PairGrid(outcome);
    }

    /** How many rows it has. */
    public int lefts() {
        return outcome.matching().leftRows();
    }

    /** How many columns it has. */
    public int rights() {
        return outcome.matching().rightRows();
    }

    /** The verdict on two rows; without a condition it is true for all. */
    public Truth verdict(int left, int right) {
        Join join = outcome.join();
        return join.kind().compares() ? join.verdict(left, right) : Truth.TRUE;
    }

    /** How many pairs a row of a side is in. */
    public long pairs(Side side, int row) {
        if (side == Side.LEFT) return outcome.matching().partners(row);
        return IntStream.range(0, lefts()).filter(left -> verdict(left, row) == Truth.TRUE).count();
    }

    /** Whether a row that is in no pair comes into the result all the same. */
    public boolean keeps(Side side, int row) {
        return outcome.kind().takesAlone(side) && pairs(side, row) == 0;
    }

    /** How the number of rows of the result follows from the grid, in a sentence. */
    public String sum() {
        JoinKind kind = outcome.kind();
        return Words.rows(outcome.size()) + ": " + kind.arithmetic(outcome.matching().tally());
    }
}
