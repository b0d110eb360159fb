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

    /** A database after rows have been deleted, and after everything that follows from it. */
    static Database followed(Database deleted) {
        Database now = deleted;
        Optional<Database> next = step(now);
        while (next.isPresent()) {
            now = next.get();
            next = step(now);
        }
        return now;
    }

    /** After the next that follows; nothing, if nothing does. */
    private static Optional<Database> step(Database database) {
        for (StoredTable table : database.stored()) {
            for (Constraint constraint : table.constraints()) {
                if (!(constraint instanceof Constraint.ForeignKey key) || key.onDelete() == OnDelete.REFUSE) continue;
                List<Row> lost = table.lost(key, database);
                if (!lost.isEmpty())
                    return Optional.of(database.with(table, table.with(without(table, key, Set.copyOf(lost)))));
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
