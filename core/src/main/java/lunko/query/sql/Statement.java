package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import lunko.table.Type;
import lunko.table.TypeSize;

/** One statement of a script. */
public sealed interface Statement {

    /** A query whose rows are wanted. */
    record Query(QueryExpression query) implements Statement {}

    /** A new table; without complaint if there is one of its name and {@code ifNotThere}. */
    record CreateTable(Name table, boolean ifNotThere, List<Definition> columns, List<Constraint> constraints)
            implements Statement {}

    /** A new table of the rows that a query gives now; its columns called otherwise if names for them are given. */
    record CreateTableAs(Name table, boolean ifNotThere, List<Name> columns, QueryExpression query)
            implements Statement {}

    /** A name for what a query gives whenever it is read; in the place of another one if {@code instead}. */
    record CreateView(boolean instead, QueryExpression.Common view) implements Statement {}

    /** One column more for a table, or something more that must hold for its rows, or both. */
    record AddTo(Name table, Optional<Definition> column, List<Constraint> constraints) implements Statement {}

    /**
     * A column of a table.
     *
     * @param otherwise what it has in a row for which nothing is said; NULL, if that is not said either
     * @param numbered whether rows for which nothing is said are numbered in it
     */
    record Definition(Name column, Type type, TypeSize size, boolean notNull, Optional<Expression> otherwise,
            boolean numbered) {}

    /** What must hold for the rows of a new table. */
    sealed interface Constraint {

        /** These columns tell the rows apart and are never NULL. */
        record PrimaryKey(List<Name> columns) implements Constraint {}

        /** These columns tell the rows apart, where none of them is NULL. */
        record Unique(List<Name> columns) implements Constraint {}

        /**
         * These columns have the values of those columns of some row of another table; its primary key if none are
         * named.
         */
        record ForeignKey(List<Name> columns, Name table, List<Name> others, OnDelete onDelete)
                implements Constraint {}

        /** This condition is not false. */
        record Check(Expression condition) implements Constraint {}
    }

    /** What becomes of rows when the row of another table that they refer to is deleted. */
    enum OnDelete {
        /** It is not deleted. */
        REFUSE,
        /** They are deleted too. */
        CASCADE,
        /** They refer to nothing. */
        SET_NULL
    }

    /** New rows for a table; into all its columns if none are named. */
    record Insert(Name table, List<Name> columns, List<List<Expression>> rows) implements Statement {}

    /** The rows of a query for a table. */
    record InsertQuery(Name table, List<Name> columns, QueryExpression query) implements Statement {}

    /** Other values in the rows for which a condition is true, or in all. */
    record Update(Name table, Optional<Name> alias, List<Assignment> assignments,
            Optional<Expression> where) implements Statement {}

    /** A new value for a column. */
    record Assignment(Name column, Expression value) {}

    /** The rows gone for which a condition is true, or all. */
    record Delete(Name table, Optional<Name> alias, Optional<Expression> where) implements Statement {}

    /** What changes no row: an index. */
    record Nothing() implements Statement {}

    /** Where statements begin or end that are taken back together. */
    record Transaction(Edge edge) implements Statement {}

    /** What becomes of a transaction. */
    enum Edge {
        /** It begins. */
        BEGIN,
        /** What it has done stays. */
        COMMIT,
        /** What it has done is taken back. */
        ROLLBACK
    }

    /** A table gone; without complaint if there was none and {@code ifExists}. */
    record DropTable(Name table, boolean ifExists) implements Statement {}
}
