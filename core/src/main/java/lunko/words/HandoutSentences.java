package lunko.words;

/** What stands on pictures and papers that learners are given. */
public interface HandoutSentences {

    /** {@code Result}. */
    String result();

    /** How many of the rows that there will be are there: {@code 2 of 5 rows}. */
    String soFar(long rows, long all);

    /** How many rows more there are than are drawn. */
    String moreRows(long rows);

    /** {@code rows}, before the numbers of them. */
    String rows();

    /** {@code no match}. */
    String noMatch();

    /** {@code matched}. */
    String matched();

    /** {@code pairs}. */
    String pairs();

    /** {@code + 3 more}. */
    String more(long count);
}
