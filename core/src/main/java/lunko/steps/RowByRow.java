package lunko.steps;

import lunko.engine.Matching;
import lunko.query.JoinKind;

/** Every outer row is compared with every inner row, or with as many as decide about it. */
record RowByRow(JoinKind kind, Matching matching) implements Course {

    @Override
    public int compared(int outer) {
        if (!kind.compares()) return 0;
        return kind.stopsAtFirst() && matching.partners(outer) > 0 ? matching.partner(outer, 0) + 1
                : matching.rightRows();
    }

    @Override
    public int innerAt(int outer, int n) {
        return n;
    }

    @Override
    public int indexOf(int outer, int partner) {
        return partner;
    }
}
