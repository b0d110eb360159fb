package lunko.table;

import java.util.List;

/** What a row is called where it is spoken of. */
public sealed interface RowName {

    /** A row with a name of its own: {@code Clover}. */
    record Called(String name) implements RowName {}

    /** A row of a table without names, by its number from 0. */
    record Numbered(String table, int row) implements RowName {}

    /** Rows that were joined. */
    record Joined(List<RowName> rows) implements RowName {

        /** Keeps the names as they are. */
        public Joined {
            rows = List.copyOf(rows);
        }
    }

    /** A group, by the values that its rows have in common; none, where all rows are one group. */
    record Group(List<Value> key) implements RowName {

        /** Keeps the values as they are. */
        public Group {
            key = List.copyOf(key);
        }
    }
}
