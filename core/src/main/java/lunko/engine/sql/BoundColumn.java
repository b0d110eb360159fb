package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.table.Table;
import lunko.table.Type;

/**
 * A column of the rows that a FROM clause makes.
 *
 * @param table the name of its table, which a column that USING or NATURAL has merged has not
 * @param own whether that is the name that the table has in the database, and no alias
 * @param merged whether USING or NATURAL has merged it into another: then it is there under its table's name only
 * @param padded the outer join that keeps rows with NULL here, if there is one
 * @param key whether it is of the primary key of a table that stands in FROM itself
 */
record BoundColumn(Optional<String> table, boolean own, BoundQuery.Column column, boolean merged,
        Optional<FromItem.JoinedTable> padded, boolean key) {

    /** The columns of a table of the database, under its own name or another. */
    static List<BoundColumn> of(Table table, Optional<String> alias) {
        return table.columns().stream().map(column -> new BoundColumn(Optional.of(alias.orElse(table.name())),
                alias.isEmpty(), new BoundQuery.Column(column.name(), Optional.of(column.type()),
                        Set.of(new Meanings.Origin(table.name(), column.name()))),
                false, Optional.empty(), column.key())).toList();
    }

    /** A column of a query in the place of a table. */
    static BoundColumn of(String alias, BoundQuery.Column column) {
        return new BoundColumn(Optional.of(alias), false, column, false, Optional.empty(), false);
    }

    /** A column that two have been merged into. */
    static BoundColumn merged(BoundQuery.Column column) {
        return new BoundColumn(Optional.empty(), false, column, false, Optional.empty(), false);
    }

    String name() {
        return column.name();
    }

    Optional<Type> type() {
        return column.type();
    }

    /** The column as a query names it: {@code h.keeper_id}. */
    String sql() {
        return table.map(name -> new SqlName(name).text() + ".").orElse("") + new SqlName(name()).text();
    }

    /** Notes what a name before a dot means: the table, unless it is an alias. */
    void noteOwner(Name owner, Diagnostics diagnostics) {
        if (own) column.origins().forEach(origin -> diagnostics.meanings().note(owner, origin.table()));
    }

    BoundColumn mergedAway() {
        return new BoundColumn(table, own, column, true, padded, key);
    }

    /** The column of the left or right side of a join, which may keep rows without that side. */
    BoundColumn padded(FromItem.JoinedTable join, Side side) {
        return new BoundColumn(table, own, column, merged,
                padded.or(() -> join.kind().keeps(side.opposite()) ? Optional.of(join) : Optional.empty()), key);
    }
}
