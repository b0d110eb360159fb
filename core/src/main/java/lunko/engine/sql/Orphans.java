package lunko.engine.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.query.sql.Statement.Constraint;
import lunko.query.sql.Statement.OnDelete;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * What becomes of rows that refer to rows which are deleted, as their foreign keys say it (ISO/IEC 9075-2, referential
 * actions).
 */
final class Orphans {

    private Orphans() {}

    /**
     * Rows that have been changed or have gone because those are gone that they referred to.
     *
     * @param rows how many
     */
    record Effect(String table, Constraint.ForeignKey key, int rows) {}

    /** A database after rows have been deleted and everything has been done that follows from it, and what that was. */
    record Followed(Database database, List<Effect> effects) {}

    /** Follows up what has been deleted, step by step. */
    static Followed followed(Database deleted) {
        Followed now = new Followed(deleted, List.of());
        Optional<Followed> next = step(now);
        while (next.isPresent()) {
            now = next.get();
            next = step(now);
        }
        return now;
    }

    /** After the next that follows; nothing, if nothing does. */
    private static Optional<Followed> step(Followed before) {
        Database database = before.database();
        for (StoredTable table : database.stored()) {
            for (Constraint constraint : table.constraints()) {
                if (!(constraint instanceof Constraint.ForeignKey key) || key.onDelete() == OnDelete.REFUSE) continue;
                List<Row> lost = table.lost(key, database);
                if (!lost.isEmpty()) return Optional.of(new Followed(
                        database.with(table, table.with(without(table, key, Set.copyOf(lost)))),
                        FromBinder.both(before.effects(),
                                List.of(new Effect(table.table().name(), key, lost.size())))));
            }
        }
        return Optional.empty();
    }

    private static Table without(StoredTable stored, Constraint.ForeignKey key, Set<Row> lost) {
        Table table = stored.table();
        Set<Integer> columns = new HashSet<>(stored.columns(key.columns()));
        List<Row> rows = key.onDelete() == OnDelete.CASCADE
                ? table.rows().stream().filter(row -> !lost.contains(row)).toList()
                : table.rows().stream().map(row -> lost.contains(row) ? referringToNothing(row, columns) : row)
                        .toList();
        return new Table(table.name(), table.columns(), rows, table.nextId());
    }

    private static Row referringToNothing(Row row, Set<Integer> columns) {
        Row after = row;
        for (int column : columns) after = after.with(column, Entry.of(Value.NULL));
        return after;
    }
}
