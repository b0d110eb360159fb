package lunko.query.change;

/** A way to write a join in SQL, and whether it gives the same rows on all tables. */
public enum RephrasingKind {
    /** JOIN alone, LEFT JOIN. */
    SHORT_WORDS(true),
    /** INNER JOIN, LEFT OUTER JOIN. */
    LONG_WORDS(true),
    /** The sides in each other's place. */
    SWAPPED(true),
    /** The last two tables of a chain joined first. */
    NESTED(false),
    /** The last two joins of a chain in each other's place. */
    REORDERED(false),
    /** USING in the place of ON. */
    USING(true),
    /** NATURAL JOIN. */
    NATURAL(false),
    /** Tables divided by commas. */
    COMMA(true),
    /** A cross join and WHERE. */
    CROSS_WHERE(true),
    /** EXISTS, or NOT EXISTS. */
    EXISTS(true),
    /** IN a list of keys. */
    IN(true),
    /** NOT IN a list of keys. */
    NOT_IN(false),
    /** An outer join and IS NULL. */
    OUTER_IS_NULL(true),
    /** An inner join and DISTINCT. */
    DISTINCT(false),
    /** A left join, groups and HAVING with the number of matches. */
    HAVING(false),
    /** A query that is asked anew for each row on its left. */
    LATERAL(true),
    /** Queries of FROM under names before the query. */
    WITH(true),
    /** UNION of a left and a right join. */
    UNION(false),
    /** UNION ALL of a left join and an anti join. */
    UNION_ALL(true);

    private final boolean alwaysEqual;

    RephrasingKind(boolean alwaysEqual) {
        this.alwaysEqual = alwaysEqual;
    }

    /** Whether it does the same joins in another order. */
    public boolean isOrder() {
        return this == NESTED || this == REORDERED;
    }

    /** Whether it gives the same rows on all tables. */
    public boolean alwaysEqual() {
        return alwaysEqual;
    }
}
