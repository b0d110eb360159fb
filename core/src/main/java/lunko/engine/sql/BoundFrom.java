package lunko.engine.sql;

import java.util.List;
import java.util.function.Function;
import lunko.engine.Stage;

/**
 * A table of a FROM clause whose names are bound: its columns, and the stage that it is for each row of the query
 * around it.
 */
final class BoundFrom {
    private final List<BoundColumn> slots;
    private final Function<Env, Stage> stage;

    BoundFrom(List<BoundColumn> slots, Function<Env, Stage> stage) {
        this.slots = slots;
        this.stage = stage;
    }

    List<BoundColumn> slots() {
        return slots;
    }

    Function<Env, Stage> stage() {
        return stage;
    }

    int width() {
        return slots.size();
    }

    /** The same columns after one more stage. */
    BoundFrom then(Function<Env, Stage> next) {
        return new BoundFrom(slots, next);
    }
}
