package lunko.problem;

import java.util.List;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Value;

/** What SQL allows in a query, and what is probably not meant. */
public sealed interface QueryNote extends Fault {

    /** NATURAL where no column name is in both tables. */
    record NaturalWithoutColumns() implements QueryNote {}

    /** NATURAL that matches several columns. */
    record NaturalMatchesSeveral(List<String> columns) implements QueryNote {

        /** Keeps the names as they are. */
        public NaturalMatchesSeveral {
            columns = List.copyOf(columns);
        }
    }

    /** NATURAL by a column by which no row has a match. */
    record NaturalMatchesNothing(String column) implements QueryNote {}

    /** NATURAL by a column that is a key of neither side. */
    record NaturalByNoKey(String column) implements QueryNote {}

    /** A comparison with NULL. */
    record ComparedWithNull(String comparison, String meant) implements QueryNote {}

    /** A join by a column that is NULL in the rows that an outer join before it keeps. */
    record JoinUndoesOuterJoin(String column) implements QueryNote {}

    /** A WHERE that removes what an outer join keeps. */
    record UndoesOuterJoin(String column, String condition) implements QueryNote {}

    /**
     * An aggregate of rows that joins have repeated.
     *
     * @param table the rows that it is of
     * @param row the one that is there most often, and how many times
     * @param group the first group in which that makes a difference
     * @param is what the aggregate gives there
     * @param once what it would give if each row counted once
     */
    record CountsRowsTwice(RowsName table, RowName row, int times, RowName.Group group, Value is, Value once)
            implements QueryNote {}

    /** DISTINCT over rows of one table that a join has repeated, with one of them and how many times it is there. */
    record HidesRepeatedRows(RowsName table, RowName row, int times) implements QueryNote {}

    /** A join by columns that are not linked, of tables that are; and the condition that the link means. */
    record JoinsByOtherColumns(String condition, String linked) implements QueryNote {}

    /** A query that is asked anew for each row on its left, and the columns that it is asked for. */
    record AskedAnew(String name, List<String> columns) implements QueryNote {

        /** Keeps the names as they are. */
        public AskedAnew {
            columns = List.copyOf(columns);
        }
    }

    /**
     * What followed from deleting rows that others referred to.
     *
     * @param columns those by which rows of the table refer to the other one
     * @param rows how many rows it was
     * @param gone whether they have been deleted too; else they refer to nothing now
     */
    record FollowsDelete(String table, List<String> columns, String to, int rows, boolean gone) implements QueryNote {

        /** Keeps the names as they are. */
        public FollowsDelete {
            columns = List.copyOf(columns);
        }
    }

    /** A text in ORDER BY. */
    record SortedByText(String text) implements QueryNote {}

    /** A text that looks like a pattern, compared by a sign; and the comparison by LIKE. */
    record PatternWithoutLike(String sign, String meant) implements QueryNote {}

    /** A pattern with other signs than those of SQL, and the one with these. */
    record OtherPatternSigns(String meant) implements QueryNote {}

    /** Something that is spelled as some databases have it, and how the standard has it. */
    record Spelled(Spelling spelling, String standard) implements QueryNote {}

    /**
     * Tables joined in another order than that of the text.
     *
     * @param rows about how many rows there would be on the way in the order of the text
     */
    record JoinedInAnotherOrder(List<String> order, long rows) implements QueryNote {

        /** Keeps the names as they are. */
        public JoinedInAnotherOrder {
            order = List.copyOf(order);
        }
    }

    /** NOT IN over a column with NULL in it. */
    record NotInWithNull(String column, RowsName rows) implements QueryNote {}
}
