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

    /** Asks for a query. */
    String askQuery();

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
