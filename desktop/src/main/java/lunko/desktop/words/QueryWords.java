package lunko.desktop.words;

import java.util.OptionalLong;
import lunko.phrase.Phrase;

/** What is said of the query and on the sheets that are about it. */
public interface QueryWords {

    /** {@code Build the query}. */
    String build();

    /** {@code Build the query without typing}. */
    String buildWithoutTyping();

    /** How many rows the query gives, if it runs, and what becomes of the text. */
    String buildAbout(OptionalLong rows);

    /** {@code This combines two queries: change the text of the one you mean.}. */
    String combined();

    /** {@code Tables}. */
    String tables();

    /** {@code Columns}. */
    String columns();

    /** {@code Conditions}. */
    String conditions();

    /** {@code Order}. */
    String order();

    /** {@code Limit}. */
    String limit();

    /** As in {@code name of … in the query}. */
    String tableName(String table);

    /** {@code Join another table}. */
    String joinAnother();

    /** {@code Swap the sides of this join: left becomes right}. */
    String swapSides();

    /** {@code Remove the right table of this join}. */
    String removeRight();

    /** As in {@code name for …}. */
    String nameFor(String expression);

    /** {@code Further left}. */
    String furtherLeft();

    /** {@code Further right}. */
    String furtherRight();

    /** As in {@code Do not select …}. */
    String hide(String expression);

    /** {@code Select a column}. */
    String selectColumn();

    /** {@code all columns (*)}. */
    String allColumns();

    /** {@code remove duplicates (DISTINCT)}. */
    String distinct();

    /** As in {@code move to …}. */
    String moveTo(String place);

    /** {@code Remove this condition}. */
    String removeCondition();

    /** {@code Type another condition over it, and press Enter}. */
    String changeCondition();

    /** As in {@code the condition …}. */
    String condition(String condition);

    /** {@code Reverse the order}. */
    String reverseOrder();

    /** {@code Do not sort by this}. */
    String removeOrder();

    /** {@code Sort by}. */
    String sortBy();

    /** {@code maximum number of rows}. */
    String mostRows();

    /** {@code rows at most}. */
    String rowsAtMost();

    /** What stands in the field for the most rows while there is no limit. */
    String noLimit();

    /** What stands in the field for the name of a column of the result while it has none. */
    String columnName();

    /** {@code what can be written here}. */
    String completions();

    /** {@code the column of the new condition}. */
    String newConditionColumn();

    /** {@code how it is compared}. */
    String newConditionComparison();

    /** {@code a value, or a column}. */
    String valueOrColumn();

    /** {@code what it is compared with: a value, or a column}. */
    String newConditionValue();

    /** {@code where the new condition goes}. */
    String newConditionPlace();

    /** {@code Add}. */
    String add();

    /** {@code into}. */
    String into();

    /** As in {@code … of …: next}. */
    String nextProblem(int number, int all);

    /** {@code ON or WHERE}. */
    String onOrWhere();

    /** {@code ON or WHERE: a condition moved from one to the other}. */
    String onOrWhereWhat();

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

    /** {@code The result of each query}. */
    String allQueries();

    /** {@code Run all queries of the text}. */
    String runAll();

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

    /** As in {@code ON of join …}. */
    String onOfJoin(int join);

    /** What of a small table is not shown. */
    String restOfTable(long rows, long shown);

    /** {@code Back to the stage}. */
    String backToStage();

    /** {@code Equivalent queries}. */
    String equivalent();

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

    /** {@code Translate for a database}. */
    String translate();

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

    /** {@code keyword}. */
    String keyword();

    /** {@code table}. */
    String table();

    /** {@code column}. */
    String column();
}
