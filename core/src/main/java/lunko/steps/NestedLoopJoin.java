package lunko.steps;

import lunko.engine.RowPairs;
import lunko.query.JoinKind;

/** Every outer row is compared with every inner row, or with as many as decide about it. */
record NestedLoopJoin(JoinKind kind, RowPairs decisions) implements JoinPlan {

    @Override
    public int compared(int outer) {
        if (!kind.compares()) return 0;
        return kind.stopsAtFirst() && decisions.count(outer) > 0 ? decisions.right(outer, 0) + 1
                : decisions.rightRows();
    }

    @Override
    public int innerAt(int outer, int n) {
        return n;
    }

    @Override
    public int indexOf(int outer, int match) {
        return match;
    }
}
