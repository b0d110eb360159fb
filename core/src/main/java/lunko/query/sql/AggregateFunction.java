package lunko.query.sql;

/** The functions of the rows of a group, by the names that SQL has for them (ISO/IEC 9075-2, aggregate function). */
public enum AggregateFunction {
    /** How many values there are. */
    COUNT,
    /** Their sum. */
    SUM,
    /** Their average. */
    AVG,
    /** The least of them. */
    MIN,
    /** The greatest of them. */
    MAX
}
