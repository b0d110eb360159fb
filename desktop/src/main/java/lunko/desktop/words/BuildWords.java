package lunko.desktop.words;

import java.util.OptionalLong;

/** What is said where a query is put together without typing. */
public interface BuildWords {

    /** {@code This combines two queries: change the text of the one you mean.}. */
    String combined();

    /** {@code Build the query}. */
    String build();

    /** {@code Build the query without typing}. */
    String buildWithoutTyping();

    /** How many rows the query gives, if it runs, and what becomes of the text. */
    String buildAbout(OptionalLong rows);

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
}
