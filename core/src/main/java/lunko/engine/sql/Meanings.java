package lunko.engine.sql;

import java.util.Collection;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lunko.query.sql.Name;

/** What the names of a statement mean, as far as they have been found while it was bound. */
final class Meanings {

    /** A column of a table of the database, by the names that they have there. */
    record Origin(String table, String column) {}

    /**
     * A name of a column, found.
     *
     * @param origins the columns that it is called after: two where USING has merged them, none where it is a name
     * given in the statement
     * @param owner what could be written before it, where nothing is
     */
    record ColumnUse(Name name, Set<Origin> origins, Optional<String> owner) {}

    /** A name of a table, where it is not an alias. */
    record TableUse(Name name, String table) {}

    /** Names are told apart by where they stand, not by what they are. */
    private final Map<Name, ColumnUse> columns = new IdentityHashMap<>();
    private final Map<Name, TableUse> tables = new IdentityHashMap<>();

    void note(Name name, Set<Origin> origins, Optional<String> owner) {
        columns.putIfAbsent(name, new ColumnUse(name, origins, owner));
    }

    void note(Name name, String table) {
        tables.putIfAbsent(name, new TableUse(name, table));
    }

    /** What a name has been found to be called after. */
    Set<Origin> origins(Name name) {
        return Optional.ofNullable(columns.get(name)).map(ColumnUse::origins).orElse(Set.of());
    }

    Collection<ColumnUse> columns() {
        return columns.values();
    }

    Collection<TableUse> tables() {
        return tables.values();
    }
}
