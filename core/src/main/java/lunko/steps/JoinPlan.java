package lunko.steps;

import lunko.query.Side;

/**
 * How a way of matching goes about it: whose turn comes when, and with whom each row is compared. The rows whose turn
 * comes are the outer ones; those they are compared with, the inner ones.
 */
interface JoinPlan {

    /** How many steps there are before the first turn. */
    default int preparations() {
        return 0;
    }

    /** One of the steps before the first turn, counted from 0. */
    default Step preparation(int number) {
        throw new IndexOutOfBoundsException(number);
    }

    /** The outer row whose turn it is. */
    default int outerAt(int turn) {
        return turn;
    }

    /** When the turn of an outer row comes. */
    default int turnOf(int outer) {
        return outer;
    }

    /** Whether an outer row first looks up where to find its matches. */
    default boolean looksUp() {
        return false;
    }

    /**
     * What stands beside a row of a side, outer rows on the left, after so many of the steps before the first turn.
     */
    default RowMark mark(Side side, int row, int prepared) {
        return RowMark.NONE;
    }

    /** With how many inner rows an outer row is compared. */
    int compared(int outer);

    /** The inner row that an outer row is compared with as its n-th, counted from 0. */
    int innerAt(int outer, int n);

    /** As the how many-th, counted from 0, an outer row is compared with one of its matches. */
    int indexOf(int outer, int match);
}
