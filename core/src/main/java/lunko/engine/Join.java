package lunko.engine;

import java.util.List;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.table.Value;

/** A join to be done: its kind, what is joined, and what makes two rows match. */
public record Join(JoinKind kind, Stage left, Stage right, JoinCondition on) {

    /** What stands on a side. */
    public Stage on(Side side) {
        return side.of(left, right);
    }

    /** A row of a side, counted from 0. */
    public List<Value> row(Side side, int number) {
        return on(side).rows().get(number);
    }

    /** The verdict on a left and a right row, counted from 0. */
    public Truth verdict(int leftRow, int rightRow) {
        return on.verdict(row(Side.LEFT, leftRow), row(Side.RIGHT, rightRow));
    }

    /**
     * A join of another kind in the place of this one: a cross join asks for nothing, and NOT IN made another kind goes
     * by its equality.
     */
    public Join of(JoinKind other) {
        if (other == kind) return this;
        return new Join(other, left, right, other.compares() ? on.certain() : JoinCondition.ofEqual(List.of()));
    }

    /** The same join, said with the two sides in each other's place. */
    public Join mirrored() {
        return new Join(kind.mirrored(), right, left, on.mirrored());
    }

    /** The join turned so that the rows which are gone through one by one are on its left. */
    public Join outerFirst() {
        return kind.outer() == Side.LEFT ? this : mirrored();
    }
}
