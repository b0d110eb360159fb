package lunko.desktop.words;

/** What is said of the query above the stage, and what can be done with it. */
public interface QueryWords {

    /** As in {@code … of …: next}. */
    String nextProblem(int number, int all);

    /** {@code ON or WHERE: a condition moved from one to the other}. */
    String onOrWhereWhat();

    /** {@code Write the query}. */
    String write();

    /** {@code Next problem in the query}. */
    String next();

    /** {@code Back to the two tables, as Lunko writes them}. */
    String twoTables();

    /** {@code the query as SQL}. */
    String queryText();

    /** {@code Query}. */
    String query();

    /** {@code More for the query}. */
    String queryMenu();

    /** {@code suggested links:}. */
    String suggested();

    /** As in {@code no columns of … and … are linked yet:}. */
    String notLinked(String left, String right);

    /** {@code Link them at the tables}. */
    String linkThem();

    /** As in {@code … has no rows yet:}. */
    String noRows(String table);

    /** {@code Type some at the tables}. */
    String typeThem();

    /** As in {@code Match these columns: they have …}. */
    String matchThem(String reason);

    /** As in {@code match … with …}. */
    String match(String left, String right);

    /** {@code Run all queries of the text}. */
    String runAll();

    /** As in {@code ON of join …}. */
    String onOfJoin(int join);

    /** {@code Equivalent queries}. */
    String equivalent();

    /** {@code Translate for a database}. */
    String translate();

    /** {@code keyword}. */
    String keyword();

    /** {@code table}. */
    String table();

    /** {@code column}. */
    String column();
}
