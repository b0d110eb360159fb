package lunko.problem;

/** What SQL or databases have, and Lunko does not read: most of it is no part of joining. */
public enum Unread {
    /** {@code OVER}: a value for each row from rows around it. */
    WINDOW,
    /** {@code FILTER}: an aggregate of some rows. */
    FILTER,
    /** {@code APPLY}: a query asked anew for each row on its left, which the standard calls LATERAL. */
    APPLY,
    /** {@code SELF JOIN}. */
    SELF_JOIN,
    /** {@code SEMI JOIN} and {@code ANTI JOIN}. */
    SEMI_OR_ANTI,
    /** {@code (+)} and {@code *=}: outer joins in a condition. */
    OUTER_MARK,
    /** {@code DISTINCT ON}. */
    DISTINCT_ON,
    /** {@code SELECT … INTO}. */
    INTO,
    /** {@code MERGE}. */
    MERGE,
    /** {@code ASOF JOIN}: of several matches the nearest. */
    ASOF,
    /** {@code ROLLUP} and {@code CUBE}: groups of groups. */
    GROUPS_OF_GROUPS,
    /** {@code GROUP_CONCAT} and its like: the texts of a group in one, as the standard does not write it. */
    TEXTS_OF_GROUP
}
