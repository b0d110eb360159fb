package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import lunko.query.JoinKind;

/** One table of a FROM clause: a named one, the result of a query, or a join of two of them. */
public sealed interface FromItem {

    /** A table by name, under an alias if one is given. */
    record NamedTable(Name table, Optional<Name> alias) implements FromItem {}

    /**
     * The result of a query as a table; the standard wants a name for it, and allows some for its columns. One that is
     * {@code lateral} is asked anew for each row of the tables before it, whose columns it may name.
     */
    record DerivedTable(boolean lateral, QueryExpression query, Optional<Name> alias, List<Name> columns)
            implements FromItem {}

    /** Two tables joined, by a kind that SQL has words for. */
    record JoinedTable(FromItem left, JoinKind kind, FromItem right, JoinSpecification specification)
            implements FromItem {

        /** Refuses the kinds that can be said by a condition only. */
        public JoinedTable {
            if (kind.words().isEmpty()) throw new IllegalArgumentException("no words of SQL for " + kind.id());
        }
    }

    /** Which rows of two tables match. */
    sealed interface JoinSpecification {

        /** Nothing is said: right for a cross join, and missing for any other. */
        record Nothing() implements JoinSpecification {}

        /** Those for which a condition is true. */
        record On(Expression condition) implements JoinSpecification {}

        /** Those that are equal in columns of these names, which both tables have. */
        record Using(List<Name> columns) implements JoinSpecification {}

        /** Those that are equal in all columns whose names both tables have. */
        record Natural() implements JoinSpecification {}
    }
}
