package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/** A whole query: what it selects, in which order, and which stretch of that. */
public record QueryExpression(QueryBody body, List<SortKey> orderBy, OptionalLong offset, OptionalLong limit) {

    /** A query in no order and not cut. */
    public static QueryExpression of(QueryBody body) {
        return new QueryExpression(body, List.of(), OptionalLong.empty(), OptionalLong.empty());
    }

    /** What rows are sorted by. */
    public record SortKey(Expression by, boolean descending, Optional<Nulls> nulls) {}

    /** Where NULL stands among the sorted values. */
    public enum Nulls {
        /** Before all others. */
        FIRST,
        /** After all others. */
        LAST
    }
}
