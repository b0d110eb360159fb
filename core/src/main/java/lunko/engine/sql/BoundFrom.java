package lunko.engine.sql;

import java.util.List;
import java.util.function.Function;
import lunko.table.Value;

/** A table of a FROM clause whose names are bound: its columns, and its rows for each row of the query around it. */
record BoundFrom(List<Slot> slots, Function<Env, List<List<Value>>> rows) {

    int width() {
        return slots.size();
    }
}
