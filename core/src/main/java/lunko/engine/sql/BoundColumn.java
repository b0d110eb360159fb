package lunko.engine.sql;

import java.util.Optional;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.query.sql.FromItem;
import lunko.table.Type;

/**
 * A column of the rows that a FROM clause makes.
 *
 * @param table the name of its table, which a column that USING or NATURAL has merged has not
 * @param merged whether USING or NATURAL has merged it into another: then it is there under its table's name only
 * @param padded the outer join that keeps rows with NULL here, if there is one
 */
record BoundColumn(Optional<String> table, String name, Optional<Type> type, boolean merged,
        Optional<FromItem.JoinedTable> padded) {

    /** A column of a table. */
    static BoundColumn of(String table, String name, Optional<Type> type) {
        return new BoundColumn(Optional.of(table), name, type, false, Optional.empty());
    }

    /** The column as a query names it: {@code h.keeper_id}. */
    String sql() {
        return table.map(name -> new SqlName(name).text() + ".").orElse("") + new SqlName(name).text();
    }

    BoundColumn mergedAway() {
        return new BoundColumn(table, name, type, true, padded);
    }

    /** The column of the left or right side of a join, which may keep rows without that side. */
    BoundColumn padded(FromItem.JoinedTable join, Side side) {
        return new BoundColumn(table, name, type, merged,
                padded.or(() -> join.kind().keeps(side.opposite()) ? Optional.of(join) : Optional.empty()));
    }
}
