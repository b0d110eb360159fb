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

    /** The join that it is, if it takes all columns and rows of one and does nothing more with them. */
    public Optional<FromItem> loneJoin() {
        if (!equals(of(body)) || !(body instanceof QueryBody.Select select) || select.from().size() != 1
                || !(select.from().getFirst() instanceof FromItem.JoinedTable joined))
            return Optional.empty();
        QueryBody bare = new QueryBody.Select(false, List.of(new SelectItem.Everything()), select.from(),
                Optional.empty(), List.of(), Optional.empty());
        return select.equals(bare) ? Optional.of(joined) : Optional.empty();
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
