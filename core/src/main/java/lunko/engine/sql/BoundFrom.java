package lunko.engine.sql;

import java.util.List;
import java.util.function.Function;
import lunko.engine.Stage;

/**
 * A table of a FROM clause whose names are bound: its columns, and the stage that it is for each row of the query
 * around it.
 */
record BoundFrom(List<BoundColumn> slots, Function<Env, Stage> stage) {

    int width() {
        return slots.size();
    }

    /** The same columns after one more stage. */
    BoundFrom then(Function<Env, Stage> next) {
        return new BoundFrom(slots, next);
    }
}
