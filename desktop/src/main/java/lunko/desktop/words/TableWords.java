package lunko.desktop.words;

import java.util.List;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Type;

/** What is said at the tables, and on the bench where they lie. */
public interface TableWords {

    /** {@code New table}. */
    String newTable();

    /** {@code Paste as a new table}. */
    String pasteAsTable();

    /** {@code Generate rows…}. */
    String generateRows();

    /** {@code Link the suggested columns}. */
    String linkSuggested();

    /** {@code type to add a row}. */
    String typeToAddRow();

    /** {@code More for this table}. */
    String more();

    /** {@code Join as the left table}. */
    String joinAs(Side side);

    /** {@code Join with itself}. */
    String joinWithItself();

    /** What a table is whose rows follow a query: {@code view}. */
    String view();

    /** By which query that is. */
    String followsQuery(String sql);

    /** {@code Show its query}, that of a view. */
    String showQuery();

    /** {@code Replace with a file…}. */
    String replaceWithFile();

    /** {@code Replace with the clipboard}. */
    String replaceWithCopied();

    /** {@code Copy the whole table}. */
    String copyTable();

    /** {@code Save as…}. */
    String saveAs();

    /** As in {@code Delete …}. */
    String delete(String table);

    /** The sides that a table is on, and how many rows it has: {@code left · 5 rows}. */
    String about(boolean left, boolean right, long rows);

    /** As in {@code table …}. */
    String table(String table);

    /** As in {@code Unfold …}. */
    String unfold(String table);

    /** As in {@code Fold …}. */
    String fold(String table);

    /** As in {@code … must not be NULL.}. */
    String notNull(String column);

    /** {@code Set up a situation}. */
    String setUp();

    /** {@code changes just enough rows; Undo restores them}. */
    String setUpAbout();

    /** What a column is called, and its type. */
    String heading(String column, String about);

    /** As in {@code …, …, matched}. */
    String matchedHeading(String column, String about);

    /** What can be done with a heading, behind what it is. */
    String headingTip(String heading);

    /** What can be done with a heading in the show, behind what it is. */
    String headingTipInShow(String heading);

    /** The type of a column and what holds for it: {@code integer · key}. */
    String about(Column column);

    /** As in {@code Part of the key of …}. */
    String keyOf(String table);

    /** {@code Allow NULL}. */
    String allowNull();

    /** {@code Rename}. */
    String rename();

    /** {@code Insert a column to the left}. */
    String insertLeft();

    /** {@code Insert a column to the right}. */
    String insertRight();

    /** {@code Duplicate the column}. */
    String duplicateColumn();

    /** {@code Move left}. */
    String moveLeft();

    /** {@code Move right}. */
    String moveRight();

    /** {@code Type: integer}. */
    String typeOf(Column column);

    /** {@code Length}: what a size of the type says. */
    String sizeOf(Type type);

    /** The type of a column, and what does not fit it: the first of so many. */
    String typeFits(Column column, List<String> misfits);

    /** {@code Match with}. */
    String matchWith();

    /** {@code hive_no – integer}. */
    String columnOfType(String column, Type type);

    /** As in {@code … …}. */
    String cell(String column, String value);

    /** {@code empty text}. */
    String emptyText();

    /** {@code Change the selected cell}. */
    String changeCell();

    /** {@code Clear the selected cells}. */
    String clearCells();

    /** {@code Make the selected cells NULL}. */
    String makeNull();

    /** {@code Fill the selected cells from above}. */
    String fillFromAbove();

    /** {@code Select the whole table}. */
    String selectTable();

    /** {@code Copy the selected cells}. */
    String copyCells();

    /** {@code Cut the selected cells}. */
    String cutCells();

    /** {@code Paste over the cells from the selected one on}. */
    String pasteCells();

    /** {@code Add a row at the end}. */
    String addRow();

    /** {@code Insert a row above}. */
    String insertRow();

    /** {@code Duplicate the selected rows}. */
    String duplicateRows();

    /** {@code Delete the selected rows}. */
    String deleteRows();

    /** {@code Move the selected rows up}. */
    String rowsUp();

    /** {@code Move the selected rows down}. */
    String rowsDown();

    /** {@code Move the column to the left}. */
    String columnLeft();

    /** {@code Move the column to the right}. */
    String columnRight();

    /** {@code Replace the table in hand with the clipboard}. */
    String replaceTable();

    /** {@code Select a cell first: click one.}. */
    String selectFirst();

    /** {@code Type a new name for the table.}. */
    String renameTable();
}
