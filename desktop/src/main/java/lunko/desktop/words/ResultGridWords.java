package lunko.desktop.words;

import java.util.OptionalLong;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;

/** What is said of the rows of the result, and how they are viewed. */
public interface ResultGridWords {

    /** As in {@code Sort by hive here only}. */
    String sortView(String column);

    /** As in {@code Hide …}. */
    String hide(String column);

    /** {@code As the join gives it}. */
    String asJoinGives();

    /** {@code As the query gives it}. */
    String asQueryGives();

    /** {@code Result}. */
    String result();

    /** How many rows a result has, what has changed, and how it is viewed, as far as there is something to say. */
    String resultAbout(long rows, String changes, String arranged);

    /** As in {@code result, …}. */
    String resultSaid(String about);

    /** {@code Rows of the result as the join gives them}. */
    String rowsAsJoinGives();

    /** {@code Rows of one left row together}. */
    String groupByLeftRow();

    /** {@code The result as the join gives it}. */
    String resultAsJoinGives();

    /** {@code Copy the result for a spreadsheet (TSV)}. */
    String copyTsv();

    /** {@code Copy the result as Markdown}. */
    String copyMarkdown();

    /** {@code Copy the result as CSV}. */
    String copyCsv();

    /** {@code Copied 5 rows}. */
    String copied(long rows);

    /** {@code View the result differently, or copy it}. */
    String resultMenu();

    /** As in {@code · only … columns}. */
    Phrase onlyColumnsOf(Phrase table);

    /** {@code · h columns are under h, k columns under k}. */
    Phrase columnsUnder(Phrase left, Phrase right);

    /** {@code **Result**  none yet}. */
    Phrase noneYet();

    /**
     * The heading of the result: how many rows are there so far, what has changed, how it is viewed, and where the list
     * begins.
     */
    Phrase resultHeading(long rows, OptionalLong all, String changes, String arranged, long from);

    /** {@code if no match}. */
    String ifNoMatch();

    /** {@code removed}. */
    String removed();

    /** {@code repeated}. */
    String repeated();

    /** {@code pair}. */
    String pair();

    /** {@code kept, no match}. */
    String keptNoMatch();

    /** The same where there is little room: {@code kept}. */
    String kept();

    /** {@code matched}. */
    String takenMatched();

    /** {@code no match}. */
    String takenUnmatched();

    /** {@code which rows each row of the result comes from}. */
    String whichRows();

    /** {@code result columns from the left table}. */
    String columnsFrom(Side side);

    /** {@code A left semi join gives no columns of keepers}. */
    String givesNoColumns(JoinKind kind, String table);

    /** {@code 2 of 5 rows so far}. */
    String soFar(long rows, long all);

    /** {@code Keep the result as a table}. */
    String keepAsTable();

    /** {@code Keep the result as a view}. */
    String keepAsView();

    /** {@code Give this query to the view places}. */
    String giveQueryTo(String view);

    /** That a view has been kept. */
    String viewKept(String view);

    /** What a table is called that a result is kept as: {@code result}. */
    String nameOfCopy();

    /** That a result has been kept as a table. */
    String kept(String table, long rows);

    /** {@code NULL added by the join}. */
    String paddedNull();

    /** As in {@code … …}. */
    String link(String numbers, String word);
}
