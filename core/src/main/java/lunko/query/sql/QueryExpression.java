package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import lunko.table.Table;

/**
 * A whole query: what it selects, in which order, and which stretch of that.
 *
 * @param with queries that it gives names to first, and takes for tables
 */
public record QueryExpression(List<Common> with, QueryBody body, List<SortKey> orderBy, OptionalLong offset,
        OptionalLong limit) {

    /**
     * A query under a name, its columns called otherwise if names for them are given.
     *
     * @param recursive whether it may read itself
     */
    public record Common(boolean recursive, Name name, List<Name> columns, QueryExpression query) {}

    /** A query in no order and not cut. */
    public static QueryExpression of(QueryBody body) {
        return new QueryExpression(List.of(), body, List.of(), OptionalLong.empty(), OptionalLong.empty());
    }

    /** All columns of all rows of a table of FROM. */
    static QueryExpression everythingOf(FromItem table) {
        return of(new QueryBody.Select(false, List.of(new SelectItem.Everything()), List.of(table), Optional.empty(),
                List.of(), Optional.empty()));
    }

    /** The same, but it selects something else. */
    public QueryExpression selecting(QueryBody other) {
        return new QueryExpression(with, other, orderBy, offset, limit);
    }

    /** The same with other queries under names before it. */
    public QueryExpression naming(List<Common> named) {
        return new QueryExpression(named, body, orderBy, offset, limit);
    }

    /** The same in another order. */
    public QueryExpression sortedBy(List<SortKey> keys) {
        return new QueryExpression(with, body, keys, offset, limit);
    }

    /** The same, but of its rows those after so many, and so many of these. */
    public QueryExpression stretch(OptionalLong skipped, OptionalLong most) {
        return new QueryExpression(with, body, orderBy, skipped, most);
    }

    /** Of the tables of a database, those that it can name: WITH gives some of their names to queries. */
    public List<Table> inSight(List<Table> tables) {
        return tables.stream()
                .filter(table -> with.stream().noneMatch(common -> common.name().means(table.name()))).toList();
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
    public record SortKey(Expression by, boolean descending, Optional<Nulls> nulls) {

        /** The same order of something else. */
        public SortKey by(Expression other) {
            return new SortKey(other, descending, nulls);
        }
    }

    /** Where NULL stands among the sorted values. */
    public enum Nulls {
        /** Before all others. */
        FIRST,
        /** After all others. */
        LAST
    }
}
