package lunko.desktop.words;

import java.util.List;
import java.util.OptionalLong;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;

/** What is said in the show: at the steps, the cards, the result and the pictures. */
public interface ShowWords {

    /** {@code Pause}. */
    String pause();

    /** {@code Play}. */
    String play();

    /** {@code One step forward}. */
    String forward();

    /** {@code One step back}. */
    String back();

    /** {@code To the next row of the result}. */
    String nextResultRow();

    /** {@code To the next left row}. */
    String nextLeftRow();

    /** {@code To the start}. */
    String toStart();

    /** {@code To the end}. */
    String toEnd();

    /** {@code Faster}. */
    String faster();

    /** {@code Slower}. */
    String slower();

    /** {@code Open the lesson at its end again}. */
    String openAtEnd();

    /** {@code Open the lesson at this step}. */
    String openHere();

    /** {@code To the end of the stage}. */
    String endOfStage();

    /** {@code Play every step}. */
    String playEveryStep();

    /** {@code Play only the pairs: skip steps that add no row}. */
    String playOnlyPairs();

    /** {@code step}. */
    String step();

    /** {@code only pairs}. */
    String onlyPairs();

    /** {@code How matches are found}. */
    String howMatched();

    /** {@code speed}. */
    String speed();

    /** {@code 1 in 3 s}. */
    String speedOneInThree();

    /** {@code 1 in 2 s}. */
    String speedOneInTwo();

    /** {@code 1 a second}. */
    String speedOne();

    /** {@code 2 a second}. */
    String speedTwo();

    /** {@code 4 a second}. */
    String speedFour();

    /** {@code 10 a second}. */
    String speedTen();

    /** {@code all in 3 s}. */
    String speedWhole();

    /** As in {@code step … of …}. */
    String stepOf(String step, String last);

    /** {@code no steps}. */
    String noSteps();

    /** As in {@code To step …}. */
    String toStep(long step);

    /** {@code The query above cannot run as it is written. What you see is the one before it.}. */
    Phrase stale();

    /** {@code Add a row to the left table}. */
    String addRowTo(Side side);

    /** {@code Left outer join}. */
    String aKind(JoinKind kind);

    /** {@code natural}. */
    String natural();

    /** {@code self}. */
    String self();

    /** {@code A natural join…}. */
    String aNaturalJoin();

    /** {@code A self join…}. */
    String aSelfJoin();

    /** As in {@code …  (…)}. */
    String withKey(String what, String key);

    /** How many lanes there are between rows that match. */
    String lanes(long count);

    /** {@code A natural join matches all columns of the same name}. */
    String naturalTitle();

    /** {@code These are the right columns.}. */
    String naturalRight();

    /** {@code These are not the columns that link the tables.}. */
    String naturalWrong();

    /** A natural kind of join, and how many rows it gives if it runs. */
    String naturalKind(JoinKind kind, OptionalLong rows);

    /** {@code By the link again}. */
    String byLink();

    /** {@code Cancel}. */
    String cancel();

    /** {@code A self join joins a table with itself}. */
    String selfTitle();

    /** {@code Table}. */
    String selfTable();

    /** {@code Join it with itself}. */
    String selfJoin();

    /** {@code left table}. */
    String tableOn(Side side);

    /** {@code Drag it onto a column of the other table to match the two; right-click to show it, filter and sort.}. */
    String headingTip();

    /** {@code Right-click to show it, filter and sort.}. */
    String headingTipAlone();

    /** {@code rows on the left, made by the stages before}. */
    String madeBefore(Side side);

    /** {@code name of the left table}. */
    String nameOfTable(Side side);

    /** The side that rows are on, and how many there are. */
    String aboutRows(Side side, long rows);

    /** {@code h · left · 5 rows}. */
    String aboutTable(String alias, Side side, long rows);

    /** {@code Venn diagram}. */
    String vennDiagram();

    /** {@code Pair grid}. */
    String pairGrid();

    /** Why a cross join has no circles, before its rectangle of all pairs. */
    String noCircles(String left, String right);

    /** {@code Rows by kind of join}. */
    String rowsByKind();

    /** What a kind gives, if it can run: how many rows, and how that comes about. */
    String kindGives(JoinKind kind, long rows, String sum);

    /** {@code left outer join: cannot run}. */
    String kindCannotRun(JoinKind kind);

    /** As in {@code Pair grid: …}. */
    String pairGridOf(String sum);

    /** As in {@code Venn diagram: …}. */
    String vennDiagramOf(String told);

    /** {@code nothing is joined}. */
    String nothingJoined();

    /** {@code No tables are joined here.}. */
    String noTables();

    /** {@code Match two columns to see which rows match.}. */
    String matchTwo();

    /** As in {@code The grid has … × … cells, more than can be read: there is room for … rows of each table.}. */
    String gridTooLarge(long lefts, long rights, long most);

    /** As in {@code There is not enough room here for a grid of … × … cells.}. */
    String gridNoRoom(long lefts, long rights);

    /** {@code Clover and Oda: true}. */
    String pairIs(String left, String right, Truth truth);

    /** {@code why?}. */
    String why();

    /** {@code How the pairs come about, key by key}. */
    String whyPairs();

    /** {@code Venn diagram of hives, keepers, visits: 2 in all three}. */
    String threeCircles(List<String> tables, long all);

    /** {@code Remove them, by other kinds of join, each in a line of its own}. */
    String removeByKinds(List<String> rows);

    /** {@code Add them, by other kinds of join, each in a line of its own}. */
    String addByKinds(List<String> rows);

    /** What a Venn diagram tells of one side: how many rows are unmatched, and of how many it is unknown. */
    String unmatchedOf(long rows, long unknown, String table);

    /** {@code 2 of hives alone, 3 pairs, 2 of keepers alone}. */
    String vennTold(String left, long pairs, String right);

    /** What a click on a region does: the kind of join that it chooses. */
    String removeUnmatched(String table, JoinKind kind);

    /** {@code Add unmatched rows of hives: left outer join}. */
    String addUnmatched(String table, JoinKind kind);

    /** {@code Remove the pairs: left anti join}. */
    String removePairs(JoinKind kind);

    /** {@code Add the pairs: left outer join}. */
    String addPairs(JoinKind kind);

    /** {@code matched}. */
    String matched();

    /** {@code pairs}. */
    String pairs();

    /** {@code 3 pairs of 3 hives and 2 keepers}. */
    String pairsOfRows(long pairs, long left, String leftTable, long right, String rightTable);

    /** {@code no match}. */
    String noMatch();

    /** {@code ? unknown}. */
    String unknown();

    /** As in {@code + … more}. */
    String more(long count);

    /** As in {@code … · …}. */
    String two(String left, String right);

    /** As in {@code Sort the view by … only}. */
    String sortView(String column);

    /** As in {@code Hide …}. */
    String hide(String column);

    /** {@code Move left}. */
    String moveLeft();

    /** {@code Move right}. */
    String moveRight();

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
    Phrase resultHeading(long rows, long all, String changes, String arranged, long from);

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

    /** {@code Filtered}. */
    String filtered();

    /** {@code Groups}. */
    String groups();

    /** {@code Selected}. */
    String selected();

    /** {@code Distinct}. */
    String distinct();

    /** {@code Combined}. */
    String combined();

    /** {@code Sorted}. */
    String sorted();

    /** {@code Limited}. */
    String limited();

    /** {@code 2 of 5 rows so far}. */
    String soFar(long rows, long all);

    /**
     * A stage at a glance: what it does, how many rows it gives, and how that comes about if there is something to say.
     */
    String stage(String title, long rows, String sum);

    /** As in {@code …, …}. */
    String card(String title, String about);

    /** As in {@code Only rows where …}. */
    String onlyWhere(String condition);

    /** As in {@code Select …}. */
    String select(String column);

    /** {@code Only rows where}. */
    String onlyRowsWhere();

    /** As in {@code Sort the result by …}. */
    String sortResultBy(String column);

    /** As in {@code Join another table by …}. */
    String joinAnotherBy(String column);

    /** {@code smallest first}. */
    String smallestFirst();

    /** {@code largest first}. */
    String largestFirst();

    /** {@code not sorted by it}. */
    String unsorted();

    /** {@code empty text}. */
    String emptyText();

    /** {@code NULL added by the join}. */
    String paddedNull();

    /** As in {@code … …}. */
    String link(String numbers, String word);
}
