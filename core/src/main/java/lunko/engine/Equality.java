package lunko.engine;

import lunko.table.Row;

/** A left and a right column, counted from 0, whose values a join compares. */
public record Equality(int left, int right) {

    /** The comparison for a left and a right row. */
    public Comparison of(Row leftRow, Row rightRow) {
        return new Comparison(leftRow.value(left), rightRow.value(right));
    }
}
