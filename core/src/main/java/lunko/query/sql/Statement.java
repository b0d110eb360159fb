package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import lunko.table.Type;

/** One statement of a script. */
public sealed interface Statement {

    /** A query whose rows are wanted. */
    record Query(QueryExpression query) implements Statement {}

    /** A new table. */
    record CreateTable(Name table, List<Definition> columns, List<Constraint> constraints) implements Statement {}

    /** A column of a new table. */
    record Definition(Name column, Type type, TypeSize size, boolean notNull) {}

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
        record ForeignKey(List<Name> columns, Name table, List<Name> others) implements Constraint {}
    }

    /** New rows for a table; into all its columns if none are named. */
    record Insert(Name table, List<Name> columns, List<List<Expression>> rows) implements Statement {}

    /** Other values in the rows for which a condition is true, or in all. */
    record Update(Name table, List<Assignment> assignments, Optional<Expression> where) implements Statement {}

    /** A new value for a column. */
    record Assignment(Name column, Expression value) {}

    /** The rows gone for which a condition is true, or all. */
    record Delete(Name table, Optional<Expression> where) implements Statement {}

    /** A table gone; without complaint if there was none and {@code ifExists}. */
    record DropTable(Name table, boolean ifExists) implements Statement {}
}
