package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lunko.engine.Stage;
import lunko.query.sql.FromItem;

/**
 * A table of a FROM clause whose names are bound: its columns, and the stage that it is for each row of the query
 * around it.
 */
final class BoundFrom {
    private final List<BoundColumn> slots;
    private final Function<Env, Stage> stage;
    private final Optional<InnerJoins> inner;

    BoundFrom(List<BoundColumn> slots, Function<Env, Stage> stage) {
        this(slots, stage, Optional.empty());
    }

    /** Tables joined by inner joins alone, as the text has them. */
    BoundFrom(List<BoundColumn> slots, Function<Env, Stage> stage, Optional<InnerJoins> inner) {
        this.slots = slots;
        this.stage = stage;
        this.inner = inner;
    }

    List<BoundColumn> slots() {
        return slots;
    }

    Function<Env, Stage> stage() {
        return stage;
    }

    /** The tables that it was joined of by inner joins alone; itself, if that is more than it was. */
    InnerJoins inner(FromItem item) {
        return inner.orElseGet(() -> InnerJoins.of(item, slots, stage));
    }

    int width() {
        return slots.size();
    }

    /** The same, made once for a row of the query around it. */
    BoundFrom remembered() {
        return new BoundFrom(slots, new Remembered(stage), inner);
    }

    /** The same columns after one more stage. */
    BoundFrom then(Function<Env, Stage> next) {
        return new BoundFrom(slots, next);
    }
}
