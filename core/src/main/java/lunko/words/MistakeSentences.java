package lunko.words;

/** The mistakes that learners make with joins. */
public interface MistakeSentences {

    /**
     * A mistake in words.
     *
     * @param title what it is called
     * @param titleMended what a scene is called that shows it mended
     * @param about what goes wrong, to be told while it is shown
     * @param mended what helps, and what to look out for
     */
    record Told(String title, String titleMended, String about, String mended) {}

    /** A sum or a number of rows that a join has repeated. */
    Told fan();

    /** Two tables joined to a third, whose rows multiply each other. */
    Told chasm();

    /** Rows put beside each other by where they stand. */
    Told byPosition();

    /** Rows joined by other columns whose values happen to agree. */
    Told wrongColumn();

    /** DISTINCT that hides repeated rows. */
    Told distinct();

    /** {@code = NULL}. */
    Told equalsNull();

    /** A join without a condition. */
    Told noCondition();

    /** An outer join that WHERE undoes. */
    Told undoneByWhere();

    /** An outer join that a later inner join undoes. */
    Told undoneByJoin();

    /** NOT IN over a column with a NULL. */
    Told notIn();

    /** One query, and one more for each of its rows. */
    Told queryForEachRow();

    /** How many queries a text sends, as a comment in it. */
    String sent(int queries);

    /** That a text sends a query for only so many rows of all, as a comment in it. */
    String andSoOn(int shown, int rows);
}
