package lunko.desktop.words;

import lunko.phrase.Phrase;

/** What is said on the sheets that take the place of the stage. */
public interface SheetWords {

    /** {@code ON or WHERE}. */
    String onOrWhere();

    /** {@code a condition in ON decides which rows match, one in WHERE which rows stay}. */
    String onOrWhereAbout();

    /** Why no condition can be moved between ON and WHERE. */
    String nothingToMove();

    /** From where to where a condition may move. */
    String move(String condition, String from, String to);

    /** {@code In WHERE, as it is: 2 rows}. */
    String asItIs(String place, long rows);

    /** {@code In ON: 5 rows}. */
    String inOther(String place, long rows);

    /** {@code The same rows either way: no unmatched row is kept that the condition would remove.}. */
    String sameWherever();

    /** {@code Move it there}. */
    String moveIt();

    /** Why a row is or is not there with the condition in one place. */
    Phrase withItIn(String place, Phrase why);

    /** {@code The result of each query}. */
    String allQueries();

    /** {@code write more queries above, with a semicolon between them}. */
    String writeMore();

    /** {@code 3 queries}. */
    String queries(long count);

    /** {@code no result}. */
    String noResult();

    /** {@code on the stage}. */
    String onTheStage();

    /** {@code Show this one}. */
    String showThis();

    /** What of a small table is not shown. */
    String restOfTable(long rows, long shown);

    /** {@code Back to the stage}. */
    String backToStage();

    /** {@code trying each on your tables…}. */
    String trying();

    /** {@code 3 queries, tried on your tables}. */
    String tried(long queries);

    /** {@code Lunko knows no equivalent of this query.}. */
    String noneKnown();

    /** {@code Use this one}. */
    String useThis();

    /** A way to write the query, as a heading. */
    String way(String title);

    /** {@code as it is now: 5 rows}. */
    String asItIsNow(long rows);

    /** {@code with this one: 3 rows}. */
    String soInstead(long rows);

    /** {@code Not always equivalent: on which tables?}. */
    String notAlwaysTheSame();

    /** {@code the same rows there, in its SQL}. */
    String translateAbout();

    /** A database, as a choice. */
    String database(String name);

    /** {@code Copy the query}. */
    String copyQuery();

    /** {@code The query is copied.}. */
    String queryCopied();

    /** {@code Copy a script with its tables}. */
    String copyScript();

    /** {@code The script is copied: it makes the tables and runs the query.}. */
    String scriptCopied();

    /** {@code It runs there as it is.}. */
    String runsAsItIs();

    /** {@code Parts of it are written differently there.}. */
    String partsDiffer();

    /** {@code and 40 more lines, which are copied too}. */
    String moreLines(long lines);

    /** {@code Results side by side}. */
    String sideBySide();

    /** What that is: rows that come from the same rows are in one line. */
    String sideBySideAbout();

    /** {@code Compare with}. */
    String compareWith();

    /** Takes a result away from those that are compared. */
    String leaveOut(String title);

    /** What is on the stage, as one of several results. */
    String asShown();

    /** As in {@code query 2}. */
    String queryNumber(int number);

    /** The lesson before a change. */
    String beforeChange(String change);

    /** A result and how many rows it has. */
    String resultTitle(String title, long rows);

    /** That a query cannot be compared, and why. */
    String cannotCompare(String title, String problem);

    /** That of longer results the first rows alone are lined up. */
    String onlyFirstRows(int most);

    /** {@code not there}. */
    String notThere();
}
