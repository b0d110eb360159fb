package lunko.query.sql;

import java.util.List;
import java.util.Optional;

/** What a query selects: from tables, or from the rows of other queries. */
public sealed interface QueryBody {

    /** Rows made of tables. Tables divided by commas are {@code from} in order. */
    record Select(boolean distinct, List<SelectItem> items, List<FromItem> from, Optional<Expression> where,
            List<Expression> groupBy, Optional<Expression> having) implements QueryBody {}

    /** Rows of two queries, put together; each row as often as it comes if {@code all}, once if not. */
    record Compound(SetOperator operator, boolean all, QueryBody left, QueryBody right) implements QueryBody {}

    /** Rows written down, each of as many values. */
    record Values(List<List<Expression>> rows) implements QueryBody {}

    /** A query in parentheses. */
    record Nested(QueryExpression query) implements QueryBody {}

    /** The ways of putting two sets of rows together. */
    enum SetOperator {
        /** The rows of either. */
        UNION,
        /** The rows of both. */
        INTERSECT,
        /** The rows of the first that are none of the second. */
        EXCEPT
    }
}
