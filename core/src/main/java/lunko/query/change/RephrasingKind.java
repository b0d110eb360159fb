package lunko.query.change;

/** A way to say a join in SQL, what is to be known of it, and whether it gives the same rows on all tables. */
public enum RephrasingKind {
    /** JOIN alone, LEFT JOIN. */
    SHORT_WORDS("without the words INNER and OUTER", true,
            "JOIN alone means INNER JOIN, and OUTER may be left out: LEFT, RIGHT and FULL joins are always outer."),
    /** INNER JOIN, LEFT OUTER JOIN. */
    LONG_WORDS("with the words INNER and OUTER", true, "The same joins with all their words."),
    /** The sides in each other's place. */
    SWAPPED("the sides swapped", true,
            "Left becomes right: the same rows, the columns of the other table first, and in another order."),
    /** The last two tables of a chain joined first. */
    NESTED("the last two tables joined first", false,
            "With outer joins it matters what is joined first: a row that the first join would have kept may be "
                    + "gone before it, or kept where it was not."),
    /** The last two joins of a chain in each other's place. */
    REORDERED("the last two joins in the other order", false,
            "The last table before the one before it. Where one of the joins is an outer one, that need not be the "
                    + "same."),
    /** USING in the place of ON. */
    USING("USING", true,
            "The columns that must be equal have the same names, so they can be named once; in the result they come "
                    + "once, and first."),
    /** NATURAL JOIN. */
    NATURAL("NATURAL", false,
            "All columns of the same name must be equal, whichever there are: today these, and tomorrow also one "
                    + "that somebody adds to both tables."),
    /** Tables divided by commas. */
    COMMA("the comma form", true,
            "The old form: every row with every row, and WHERE takes the pairs that belong together."),
    /** A cross join and WHERE. */
    CROSS_WHERE("CROSS JOIN and WHERE", true, "An inner join is what a condition leaves of all pairs."),
    /** EXISTS, or NOT EXISTS. */
    EXISTS("EXISTS", true, "Asks of each row whether there is a partner, and never takes a row twice."),
    /** IN a list of keys. */
    IN("IN", true, "Asks whether the key is among those of the other table."),
    /** NOT IN a list of keys. */
    NOT_IN("NOT IN", false,
            "The trap: with one NULL among the keys of the other table it is unknown for every row whether its key "
                    + "is none of them, and no row comes."),
    /** An outer join and IS NULL. */
    OUTER_IS_NULL("an outer join and IS NULL", true,
            "Keeps the partnerless rows, and then takes only those: their partner's key is NULL."),
    /** An inner join and DISTINCT. */
    DISTINCT("an inner join and DISTINCT", false,
            "The pairs, each row once. But two equal rows of the table become one too."),
    /** UNION of a left and a right join. */
    UNION("UNION of a left and a right join", false,
            "For a database without FULL JOIN. UNION takes equal rows once, so it loses rows that come twice."),
    /** UNION ALL of a left join and an anti join. */
    UNION_ALL("UNION ALL with an anti join", true,
            "The left join, and then the right rows without a partner: nothing comes twice, and nothing is lost.");

    private final String title;
    private final boolean alwaysEqual;
    private final String about;

    RephrasingKind(String title, boolean alwaysEqual, String about) {
        this.title = title;
        this.alwaysEqual = alwaysEqual;
        this.about = about;
    }

    /** Whether it does the same joins in another order. */
    public boolean isOrder() {
        return this == NESTED || this == REORDERED;
    }

    /** It as a heading: {@code the comma form}. */
    public String title() {
        return title;
    }

    /** Whether it gives the same rows on all tables. */
    public boolean alwaysEqual() {
        return alwaysEqual;
    }

    /** What is to be known of it. */
    public String about() {
        return about;
    }
}
