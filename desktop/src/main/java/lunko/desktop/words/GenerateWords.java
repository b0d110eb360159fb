package lunko.desktop.words;

/** What is said where rows are generated. */
public interface GenerateWords {

    /** {@code the other table's keys}. */
    String keysOfOther();

    /** {@code a range of numbers}. */
    String keysOfRange();

    /** {@code Use these rows}. */
    String useRows();

    /** {@code Replace the 5 rows there}. */
    String replaceRows(long rows);

    /** {@code keys may repeat}. */
    String keysMayRepeat();

    /** {@code Generate rows}. */
    String generateTitle();

    /** {@code Generate again}. */
    String generateAgain();

    /** {@code for table}. */
    String forTable();

    /** {@code rows}. */
    String rows();

    /** {@code keys from}. */
    String keysFrom();

    /** {@code the range}. */
    String range();

    /** {@code % with a NULL key}. */
    String nullPercent();

    /** {@code % without a match}. */
    String unmatchedPercent();

    /** {@code texts}. */
    String texts();

    /** {@code amounts}. */
    String amounts();

    /** {@code dates}. */
    String dates();

    /** {@code seed (the same seed gives the same rows)}. */
    String seed();

    /** {@code h1, h2, h3 …}. */
    String numberedTexts();

    /** {@code words}. */
    String wordTexts();

    /** How many rows and columns more there are than are shown. */
    String moreRowsAndColumns(long rows, long columns);
}
