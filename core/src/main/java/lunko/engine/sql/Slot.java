package lunko.engine.sql;

import java.util.Optional;
import lunko.table.Type;

/**
 * A column of the rows that a FROM clause makes.
 *
 * @param table  the name of its table, which a column that USING or NATURAL has merged has not
 * @param merged whether USING or NATURAL has merged it into another: then it is there under its table's name only
 * @param padded whether an outer join keeps rows that have NULL here
 */
record Slot(Optional<String> table, String name, Optional<Type> type, boolean merged, boolean padded) {

    /** A column of a table. */
    static Slot of(String table, String name, Optional<Type> type) {
        return new Slot(Optional.of(table), name, type, false, false);
    }

    Slot mergedAway() {
        return new Slot(table, name, type, true, padded);
    }

    /** The column on a side whose rows an outer join keeps the other side's rows without. */
    Slot padded(boolean byThisJoin) {
        return new Slot(table, name, type, merged, padded || byThisJoin);
    }
}
