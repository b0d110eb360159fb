package lunko.problem;

import java.util.List;
import lunko.table.Type;

/** What is wrong with a statement that makes, fills or drops a table. */
public sealed interface StatementFault extends Fault {

    /** A table to be created that is there. */
    record TableExists(String table) implements StatementFault {}

    /** A column twice in a table to be created. */
    record ColumnTwice(String column) implements StatementFault {}

    /** A foreign key to a table that is not there. */
    record NoParent(String table) implements StatementFault {}

    /** A foreign key to a table without a primary key. */
    record ParentWithoutKey(String table) implements StatementFault {}

    /** A foreign key of another width than the key it refers to. */
    record KeyWidths(int columns, int referred) implements StatementFault {}

    /** A row to be inserted with too many or too few values. */
    record RowWidth(int values, int columns) implements StatementFault {}

    /** A value that does not fit its column. */
    record ValueDoesNotFit(String column, Type wanted, String value, Type type) implements StatementFault {}

    /** A table that another refers to, to be dropped. */
    record ReferredTo(String table, String by) implements StatementFault {}

    /** A row for which a CHECK is false. */
    record CheckFails(String table, String condition, String row) implements StatementFault {}

    /** A NULL in a column that is NOT NULL. */
    record NullInNotNull(String table, String column) implements StatementFault {}

    /** A NULL in a primary key. */
    record NullInKey(String table, String column) implements StatementFault {}

    /** A key that would be there twice. */
    record KeyTwice(String table, String values, boolean primary, List<String> columns) implements StatementFault {

        /** Keeps the names as they are. */
        public KeyTwice {
            columns = List.copyOf(columns);
        }
    }

    /** A foreign key whose values the other table has not. */
    record NoReferred(String table, String values, List<String> columns, String parent, List<String> wanted)
            implements StatementFault {

        /** Keeps the names as they are. */
        public NoReferred {
            columns = List.copyOf(columns);
            wanted = List.copyOf(wanted);
        }
    }
}
