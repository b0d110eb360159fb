package lunko.engine;

import java.util.List;
import lunko.query.Side;
import lunko.table.Value;

/** A left and a right column, counted from 0, whose values a join compares. */
public record Equality(int left, int right) {

    /** The comparison for a left and a right row. */
    public Comparison of(List<Value> leftRow, List<Value> rightRow) {
        return new Comparison(leftRow.get(left), rightRow.get(right));
    }

    /** The column on a side. */
    public int on(Side side) {
        return side.of(left, right);
    }

    /** The same of two tables in each other's place. */
    public Equality mirrored() {
        return new Equality(right, left);
    }
}
