package lunko.desktop.words;

import lunko.query.Side;

/** What is said in the show: at the steps, the cards, the result and the pictures. */
public interface ShowWords {

    /** {@code Add a row to the left table}. */
    String addRowTo(Side side);

    /** How many lanes there are between rows that match. */
    String lanes(long count);

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
}
