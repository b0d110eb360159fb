package lunko.table;

/** What the rows of a stage are called together where they are spoken of. */
public sealed interface RowsName {

    /** The rows of a table: {@code hives}. */
    record Of(String table) implements RowsName {}

    /** The rows of a table that a query takes more than once: {@code hives m}. */
    record Aliased(String table, String alias) implements RowsName {}

    /** Joined rows. */
    record Joined(RowsName left, RowsName right) implements RowsName {}

    /** The groups that rows were put into. */
    record Groups(RowsName of) implements RowsName {}

    /** The rows of two queries that were put together. */
    record BothQueries() implements RowsName {}
}
