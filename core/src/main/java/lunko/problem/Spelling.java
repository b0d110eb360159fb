package lunko.problem;

/** Words that some databases read and the standard has not, and that say what it says otherwise. */
public enum Spelling {
    /** {@code ILIKE}: a pattern without case. */
    ILIKE,
    /** {@code value::type}: a cast. */
    DOUBLE_COLON,
    /** The name of a schema before that of a table. */
    SCHEMA,
    /** A name that SELECT gives, or the number of one of its columns, in GROUP BY. */
    GROUPED_BY_SELECTED
}
