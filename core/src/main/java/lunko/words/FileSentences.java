package lunko.words;

import java.util.List;
import lunko.table.Column;
import lunko.table.Value;

/** What files hold and do not hold, and what is written into them for people. Rows count from 1. */
public interface FileSentences {

    /** A name that becomes another. */
    record NameChange(String was, String becomes) {}

    /** A type that becomes another. */
    record TypeChange(String table, Column was, Column becomes) {}

    /** So many rows of a table. */
    record RowsOf(String table, long count) {}

    /** A value that becomes another. */
    record ValueChange(String column, long row, String table, Value was, Value becomes) {}

    /** Tables that a file does not hold. */
    String tablesLost(List<String> tables);

    /** Names that change in a file. */
    String namesChanged(List<NameChange> names);

    /** Types that change in a file. */
    String typesChanged(List<TypeChange> types);

    /** Tables whose keys and NOT NULL a file does not hold. */
    String keysLost(List<String> tables);

    /** Links that a file does not hold, each as two tables. */
    String linksLost(List<NameChange> links);

    /** Rows of NULLs that a file does not hold. */
    String rowsLost(List<RowsOf> rows);

    /** Values that change in a file: the first of so many. */
    String valuesChanged(ValueChange first, long all);

    /** A table of a file that was left out, and why. */
    String leftOut(String why);

    /** More tables were left out. */
    String moreLeftOut(long count);

    /** A file was cut after so many rows. */
    String cut(String file, long rows, long most);

    /** In a script: a link that its rows violate. */
    String brokenLink(String from, List<String> columns, String to, List<String> others);

    /** In a script: a key that is not declared, as rows have none of their own. */
    String brokenKey(String table);

    /** In a script: a cell that is NULL, and what was typed there. */
    String misfit(long row, String table, String column, String typed);

    /** Why the steps of a query are not written down. */
    String tooManySteps(long steps, long most, long comparisons);
}
