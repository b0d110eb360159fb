package lunko.engine;

import java.util.function.IntUnaryOperator;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * The rows that a join gives, by lineage: those of each row of its outer side one after the other, a kept row in its
 * place, and the kept rows of the other side at the end. A row is computed when it is asked for.
 */
public final class JoinRows {
    private final JoinKind kind;
    private final RowPairs decisions;
    private final IntUnaryOperator outerAt;
    /** How many rows there are before those of each outer row in turn; at the end, before the kept inner rows. */
    private final long[] before;
    private final long size;

    private JoinRows(JoinKind kind, Decisions decisions, IntUnaryOperator outerAt) {
        this.kind = kind;
        this.decisions = decisions.pairs();
        this.outerAt = outerAt;
        this.before = new long[this.decisions.leftRows() + 1];
        for (int turn = 0; turn < this.decisions.leftRows(); turn++) {
            before[turn + 1] = before[turn] + kind.rowsFor(this.decisions.count(outerAt.applyAsInt(turn)));
        }
        this.size = before[this.decisions.leftRows()] + (kind.keeps(inner()) ? this.decisions.rightAlone() : 0);
    }

    /** The rows of a join in the order of that side. */
    public static JoinRows of(JoinKind kind, Decisions decisions) {
        return inTurns(kind, decisions, IntUnaryOperator.identity());
    }

    /** The same rows, the outer rows in another order: {@code outerAt} gives the row whose turn it is. */
    public static JoinRows inTurns(JoinKind kind, Decisions decisions, IntUnaryOperator outerAt) {
        return new JoinRows(kind, decisions, outerAt);
    }

    private Side inner() {
        return kind.outer().opposite();
    }

    /** How many rows there are. */
    public long size() {
        return size;
    }

    /**
     * How many rows come before those of the outer row in turn; with the number of outer rows, before the kept inner
     * rows.
     */
    public long before(int turn) {
        return before[turn];
    }

    /** The turn of the outer row that a row comes from; the number of outer rows for a kept inner row. */
    public int turnOf(long number) {
        return BinarySearch.first(before.length, turn -> before[turn] > number) - 1;
    }

    /** A row, counted from 0. */
    public ResultRow row(long number) {
        int turn = turnOf(number);
        if (turn == decisions.leftRows())
            return new ResultRow.Kept(inner(), decisions.rightAlone((int) (number - before[turn])));
        int outer = outerAt.applyAsInt(turn);
        if (kind.only().isPresent()) return new ResultRow.Taken(kind.outer(), outer);
        if (decisions.count(outer) == 0) return new ResultRow.Kept(kind.outer(), outer);
        return new ResultRow.Met(outer, decisions.right(outer, (int) (number - before[turn])));
    }
}
