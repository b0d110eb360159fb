package lunko.engine.sql;

import java.util.Optional;
import lunko.table.Type;

/**
 * A column of the rows that a FROM clause makes.
 *
 * @param table  the name of its table, which a column that USING or NATURAL has merged has not
 * @param merged whether USING or NATURAL has merged it into another: then it is there under its table's name only
 */
record Slot(Optional<String> table, String name, Optional<Type> type, boolean merged) {

    Slot mergedAway() {
        return new Slot(table, name, type, true);
    }
}
