package lunko.words;

/** What a class is asked, and what its guesses come to. Rows count from 1. */
public interface QuestionSentences {

    /** {@code how many rows}. */
    String howMany();

    /** {@code which rows}. */
    String whichRows();

    /** {@code which pairs}. */
    String whichPairs();

    /** {@code which kind}. */
    String whichKind();

    /** {@code what stands there}. */
    String whatStands();

    /** {@code write the query}. */
    String writeQuery();

    /** {@code fill the gap}. */
    String fillGap();

    /** {@code say it without JOIN}. */
    String sayWithoutJoin();

    /** {@code change the tables}. */
    String changeData();

    /** {@code match queries and results}. */
    String matchResults();

    /** {@code in your own words}. */
    String inWords();

    /** Asks how many rows the result will have. */
    String askHowMany();

    /** Asks which rows of a table come into the result. */
    String askRows(String table);

    /** Asks which rows of a table match no row of the other. */
    String askUnmatched(String table, String other);

    /** Asks which rows of two tables match. */
    String askPairs(String left, String right);

    /** Asks for the kind of join. */
    String askKind();

    /** Asks for what stands in a cell. */
    String askCell(int row, String column);

    /** Asks for a query, and whether the order of the rows and the names of the columns count as well. */
    String askQuery(boolean order, boolean headings);

    /** Asks what is missing in a query. */
    String askGap(String query);

    /** Asks for a query that says the same without JOIN. */
    String askWithoutJoin();

    /** Asks for tables of which kinds of join give as many rows as each other. */
    String askAlike(String kinds);

    /** Asks for tables of which a query and another give other rows. */
    String askDiffer(String query);

    /** Asks which result is that of which query. */
    String askMatches();

    /** The sign of a result, counted from 0: {@code A}. */
    String result(int number);

    /** Which result is that of a query, which counts from 1: {@code 1 – B}. */
    String matched(int query, int result);

    /** Whether what is asked of the tables is true of them. */
    String reached(boolean now);

    /** {@code Right}. */
    String right();

    /** {@code Not quite}. */
    String notQuite();

    /** {@code The answer}. */
    String answer();

    /** So many rows: {@code 5 rows}. */
    String count(long rows);

    /** That there are none of what was asked for: {@code none}. */
    String none();

    /** What was missed: {@code missed: Linden}. */
    String missed(String names);

    /** What was marked and should not have been: {@code too many: Clover}. */
    String tooMany(String names);
}
