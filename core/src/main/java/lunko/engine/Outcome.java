package lunko.engine;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import lunko.query.Side;

/**
 * The rows of a join, each with its lineage, in a fixed order: by left row, then by right row, a kept left row in
 * its place, and the kept right rows at the end. A row is computed when it is asked for.
 */
public final class Outcome {
    private final Plan plan;
    private final Matching matching;
    /** How many rows there are before those of each left row; at the end, before the kept right rows. */
    private final long[] before;
    private final long size;

    private Outcome(Plan plan, Matching matching) {
        this.plan = plan;
        this.matching = matching;
        this.before = new long[matching.leftRows() + 1];
        for (int left = 0; left < matching.leftRows(); left++) {
            before[left + 1] = before[left] + (keeps(left) ? 1 : matching.partners(left));
        }
        this.size = before[matching.leftRows()] + (plan.kind().keeps(Side.RIGHT) ? matching.rightAlone() : 0);
    }

    /** Evaluates a plan. */
    public static Outcome of(Plan plan) {
        return new Outcome(plan, Matching.of(plan));
    }

    /** What was evaluated. */
    public Plan plan() {
        return plan;
    }

    /** Which rows are partners. */
    public Matching matching() {
        return matching;
    }

    /** How many rows the result has. */
    public long size() {
        return size;
    }

    /** How many rows come before those of a left row; with the number of left rows, before the kept right rows. */
    public long before(int left) {
        return before[left];
    }

    /** Whether a left row is kept without a partner. */
    public boolean keeps(int left) {
        return plan.kind().keeps(Side.LEFT) && matching.partners(left) == 0;
    }

    /** A row of the result, counted from 0. */
    public ResultRow row(long number) {
        if (number >= before[matching.leftRows()]) {
            return new ResultRow.RightKept(matching.rightAlone((int) (number - before[matching.leftRows()])));
        }
        int found = Arrays.binarySearch(before, number);
        // Left rows that give nothing share their number with the next: the last of them is the one that gives.
        int left = found >= 0 ? lastOfRun(found) : -found - 2;
        return keeps(left)
                ? new ResultRow.LeftKept(left)
                : new ResultRow.Met(left, matching.partner(left, (int) (number - before[left])));
    }

    private int lastOfRun(int index) {
        int low = index;
        int high = before.length - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (before[middle] == before[index]) low = middle;
            else high = middle - 1;
        }
        return low;
    }

    /** The first so many rows of the result; of more than a list can hold, as many as it can. */
    public List<ResultRow> first(long rows) {
        return LazyList.of((int) Math.min(rows, Integer.MAX_VALUE), this::row);
    }

    /** All rows of the result. */
    public List<ResultRow> rows() {
        return first(size);
    }

    /** The columns of the result: those of the left table, then those of the right. */
    public List<ResultColumn> columns() {
        return IntStream.range(0, 2).boxed().flatMap(i -> columns(Side.values()[i]).stream()).toList();
    }

    /** The columns of the result that come from a side. */
    public List<ResultColumn> columns(Side side) {
        return IntStream.range(0, plan.on(side).columns().size()).mapToObj(i -> new ResultColumn(side, i)).toList();
    }

    /** The name of a column as the query says it: {@code h.keeper_id}. */
    public String qualifiedName(ResultColumn column) {
        return plan.query().qualified(column.side(), shortName(column));
    }

    /** The name of a column, qualified only where both sides have a column of that name. */
    public String name(ResultColumn column) {
        String name = shortName(column);
        return plan.on(column.side().opposite()).column(name).isPresent() ? qualifiedName(column) : name;
    }

    private String shortName(ResultColumn column) {
        return plan.on(column.side()).columns().get(column.index()).name();
    }

    /** A cell of the result. */
    public ResultCell cell(ResultRow row, ResultColumn column) {
        var source = row.source(column.side());
        return source.isEmpty() ? ResultCell.Padded.PADDED : new ResultCell.Stored(
                plan.on(column.side()).rows().get(source.getAsInt()).value(column.index()));
    }
}
