package lunko.steps;

/** The things that a query does, in their logical order. */
public enum StageKind {
    /** Rows are compared, and partners put together. */
    MATCH("match"),
    /** Rows without a partner come into the result of an outer join. */
    KEEP("keep the partnerless"),
    /** Rows are struck out that a condition does not want. */
    FILTER("filter"),
    /** Rows are put into groups, and each group becomes a row. */
    GROUP("group"),
    /** The columns asked for are taken or calculated. */
    CHOOSE("choose columns"),
    /** Rows that are there already are struck out. */
    DROP_DUPLICATES("drop duplicates"),
    /** The rows of two queries are put together. */
    COMBINE("combine"),
    /** Rows are put in order. */
    SORT("sort"),
    /** A stretch of the rows is cut out. */
    CUT("cut"),
    /** Everything has been done. */
    RESULT("result");

    private final String title;

    StageKind(String title) {
        this.title = title;
    }

    /** The stage where there is little room: {@code keep}. */
    public String brief() {
        return this == KEEP ? "keep" : title;
    }

    /** The stage in a sentence: {@code choose columns}. */
    public String title() {
        return title;
    }
}
