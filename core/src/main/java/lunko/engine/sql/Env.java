package lunko.engine.sql;

import java.util.List;
import lunko.table.Value;

/** The row at hand while an expression is evaluated, and around it the rows of the queries that this one is part of. */
record Env(List<Value> row, Env outer) {
    private static final Env NOTHING = new Env(List.of(), null);

    /** Around the outermost query there is nothing. */
    static Env nothing() {
        return NOTHING;
    }

    /** A row of a query within this one. */
    Env within(List<Value> inner) {
        return new Env(inner, this);
    }

    Value value(int depth, int index) {
        Env at = this;
        for (int i = 0; i < depth; i++) at = at.outer;
        return at.row.get(index);
    }
}
