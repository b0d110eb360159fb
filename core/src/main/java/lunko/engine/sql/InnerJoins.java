package lunko.engine.sql;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.Stage;
import lunko.query.sql.FromItem;

/**
 * Tables of which only rows come together that are tied to each other: it makes no difference to the result in which
 * order they are joined.
 *
 * @param ties the columns that are to be equal, counted from 0 over all tables
 */
record InnerJoins(List<Table> tables, List<Equality> ties) {

    /** One of the tables, or what no other order would leave the same. */
    record Table(FromItem item, List<BoundColumn> slots, Function<Env, Stage> stage) {

        /** What the query calls it. */
        String name() {
            return slots.stream().flatMap(slot -> slot.table().stream()).findFirst().orElse("");
        }
    }

    /** A table alone. */
    static InnerJoins of(FromItem item, List<BoundColumn> slots, Function<Env, Stage> stage) {
        return new InnerJoins(List.of(new Table(item, slots, stage)), List.of());
    }

    /** These and others, tied by columns of these and of the others. */
    InnerJoins with(InnerJoins others, List<Equality> equal) {
        int width = width();
        return new InnerJoins(FromBinder.both(tables, others.tables), Stream.of(
                ties.stream(),
                others.ties.stream().map(tie -> new Equality(tie.left() + width, tie.right() + width)),
                equal.stream().map(tie -> new Equality(tie.left(), tie.right() + width)))
                .flatMap(each -> each).toList());
    }

    /** The same, tied by more of their columns. */
    InnerJoins tiedBy(List<Equality> more) {
        return new InnerJoins(tables, FromBinder.both(ties, more));
    }

    int width() {
        return tables.stream().mapToInt(table -> table.slots().size()).sum();
    }
}
