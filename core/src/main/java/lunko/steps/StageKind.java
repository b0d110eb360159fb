package lunko.steps;

import java.util.Locale;

/** The things that a query does, in their logical order. */
public enum StageKind {
    /** Rows are compared, and those that match put together. */
    MATCH,
    /** Unmatched rows come into the result of an outer join. */
    KEEP,
    /** Rows are removed for which a condition is not true. */
    FILTER,
    /** Rows are put into groups, and each group becomes a row. */
    GROUP,
    /** The columns asked for are taken or calculated. */
    PROJECT,
    /** Rows that are there already are removed. */
    DISTINCT,
    /** The rows of two queries are put together. */
    COMBINE,
    /** Rows are put in order. */
    SORT,
    /** The first rows are taken, or those after some that are skipped. */
    LIMIT,
    /** Everything has been done. */
    RESULT;

    /** The stage where a program reads it: {@code match}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
