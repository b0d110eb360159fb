package lunko.steps;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.RowPairs;
import lunko.engine.ValueOrder;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Value;

/**
 * Both sides are sorted by key and gone through side by side. An outer row is compared with the inner rows that are
 * next, past those with a smaller key, through those with its own, up to the first with a larger one. Rows with a NULL
 * in their key are put aside: they are equal to nothing.
 */
final class SortMergeJoin implements JoinPlan {
    private final Join join;
    private final JoinKind kind;
    private final RowPairs decisions;
    private final int[] outers;
    private final int[] turns;
    private final int[] inners;
    private final int[] placeOfInner;
    /**
     * For each turn: the inner rows gone past before it, those with a smaller key, and those up to the end of its own.
     */
    private final int[] start;
    private final int[] low;
    private final int[] high;

    private SortMergeJoin(Join join, RowPairs decisions) {
        this.join = join;
        this.kind = join.kind();
        this.decisions = decisions;
        List<Equality> on = join.on().equal();
        outers = IntStream.concat(sorted(join, Side.LEFT).stream().mapToInt(row -> row),
                IntStream.range(0, decisions.leftRows())
                        .filter(row -> hasNoKey(join.row(Side.LEFT, row), on, Side.LEFT)))
                .toArray();
        inners = sorted(join, Side.RIGHT).stream().mapToInt(row -> row).toArray();
        turns = inverse(outers, decisions.leftRows());
        placeOfInner = inverse(inners, decisions.rightRows());
        start = new int[outers.length];
        low = new int[outers.length];
        high = new int[outers.length];
        goThrough(join, on);
    }

    static SortMergeJoin of(Join join, RowPairs decisions) {
        return new SortMergeJoin(join, decisions);
    }

    private static boolean hasNoKey(List<Value> row, List<Equality> on, Side side) {
        return on.stream().anyMatch(equality -> row.get(equality.on(side)).isNull());
    }

    /** The rows of a side that have a key, by key, rows of one key in the order of their table. */
    static List<Integer> sorted(Join join, Side side) {
        List<List<Value>> rows = join.on(side).rows();
        Comparator<Integer> order = (_, _) -> 0;
        for (Equality equality : join.on().equal()) {
            order = order.thenComparing(row -> rows.get(row).get(equality.on(side)), ValueOrder.VALUES);
        }
        return IntStream.range(0, rows.size()).filter(row -> !hasNoKey(rows.get(row), join.on().equal(), side)).boxed()
                .sorted(order).toList();
    }

    private static int[] inverse(int[] order, int size) {
        int[] places = new int[size];
        for (int i = 0; i < order.length; i++) places[order[i]] = i;
        return places;
    }

    private void goThrough(Join join, List<Equality> on) {
        int next = 0;
        for (int turn = 0; turn < outers.length; turn++) {
            List<Value> outer = join.row(Side.LEFT, outers[turn]);
            if (hasNoKey(outer, on, Side.LEFT)) {
                start[turn] = low[turn] = high[turn] = inners.length;
                continue;
            }
            boolean again =
                    turn > 0 && compare(on, outer, Side.LEFT, join.row(Side.LEFT, outers[turn - 1]), Side.LEFT) == 0;
            start[turn] = again ? low[turn - 1] : next;
            low[turn] = start[turn];
            while (low[turn] < inners.length
                    && compare(on, join.row(Side.RIGHT, inners[low[turn]]), Side.RIGHT, outer, Side.LEFT) < 0)
                low[turn]++;
            high[turn] = low[turn];
            while (high[turn] < inners.length
                    && compare(on, join.row(Side.RIGHT, inners[high[turn]]), Side.RIGHT, outer, Side.LEFT) == 0)
                high[turn]++;
            next = high[turn];
        }
    }

    /** Compares two keys as they are sorted. */
    static int compare(List<Equality> on, List<Value> one, Side oneSide, List<Value> other, Side otherSide) {
        for (Equality equality : on) {
            int order = ValueOrder.VALUES.compare(one.get(equality.on(oneSide)), other.get(equality.on(otherSide)));
            if (order != 0) return order;
        }
        return 0;
    }

    @Override
    public int preparations() {
        return 2;
    }

    @Override
    public Step preparation(int number) {
        return new Step.Sort(Side.values()[number]);
    }

    @Override
    public RowMark mark(Side side, int row, int prepared) {
        if (prepared <= side.ordinal()) return RowMark.NONE;
        int place = side.of(turns, placeOfInner)[row];
        boolean aside = hasNoKey(join.row(side, row), join.on().equal(), side);
        return aside ? new RowMark.Aside() : new RowMark.Place(place + 1);
    }

    @Override
    public int outerAt(int turn) {
        return outers[turn];
    }

    @Override
    public int turnOf(int outer) {
        return turns[outer];
    }

    @Override
    public int compared(int outer) {
        if (kind.stopsAtFirst() && decisions.count(outer) > 0) return indexOf(outer, decisions.right(outer, 0)) + 1;
        int turn = turns[outer];
        return Math.min(high[turn] + 1, inners.length) - start[turn];
    }

    @Override
    public int innerAt(int outer, int n) {
        return inners[start[turns[outer]] + n];
    }

    @Override
    public int indexOf(int outer, int match) {
        return placeOfInner[match] - start[turns[outer]];
    }
}
