package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;

/**
 * Aggregates that stand in queries within a SELECT and name columns of that SELECT alone: they are of its groups, not
 * of theirs (ISO/IEC 9075-2, set function specification).
 *
 * @param scope the columns of the SELECT
 */
record OuterAggregates(Scope scope) {

    /** Those in what it selects, asks of groups, or is sorted by. */
    Stream<Expression> in(QueryBody.Select select, List<QueryExpression.SortKey> orderBy) {
        return Stream.of(items(select), select.having().stream(), orderBy.stream().map(QueryExpression.SortKey::by))
                .flatMap(each -> each).flatMap(OuterAggregates::queries)
                .flatMap(query -> in(query.body(), query.orderBy(), List.of()));
    }

    private static Stream<Expression> items(QueryBody.Select select) {
        return select.items().stream().filter(SelectItem.Item.class::isInstance)
                .map(item -> ((SelectItem.Item) item).expression());
    }

    private static Stream<QueryExpression> queries(Expression expression) {
        Stream<QueryExpression> own = switch (expression) {
            case Expression.ScalarQuery(QueryExpression query) -> Stream.of(query);
            case Expression.Exists(QueryExpression query) -> Stream.of(query);
            case Expression.InQuery(var _, QueryExpression query, var _) -> Stream.of(query);
            case Expression.RowInQuery(var _, QueryExpression query, var _) -> Stream.of(query);
            case Expression.Quantified(var _, var _, var _, QueryExpression query) -> Stream.of(query);
            default -> Stream.empty();
        };
        return Stream.concat(own, expression.parts().stream().flatMap(OuterAggregates::queries));
    }

    /** {@code between} are the tables of the queries around that one, up to this SELECT. */
    private Stream<Expression> in(QueryBody body, List<QueryExpression.SortKey> orderBy, List<Name> between) {
        return switch (body) {
            case QueryBody.Nested(QueryExpression query) -> in(query.body(), query.orderBy(), between);
            case QueryBody.Compound(var _, var _, QueryBody left, QueryBody right) ->
                Stream.concat(in(left, List.of(), between), in(right, List.of(), between));
            case QueryBody.Values _ -> Stream.empty();
            case QueryBody.Select select -> {
                List<Name> tables = new ArrayList<>(between);
                select.from().forEach(item -> add(item, tables));
                yield Stream.of(items(select), select.where().stream(), select.having().stream(),
                        orderBy.stream().map(QueryExpression.SortKey::by)).flatMap(each -> each)
                        .flatMap(one -> Stream.concat(own(one, tables), queries(one)
                                .flatMap(query -> in(query.body(), query.orderBy(), tables))));
            }
        };
    }

    private static void add(FromItem item, List<Name> tables) {
        switch (item) {
            case FromItem.NamedTable(Name table, Optional<Name> alias) -> tables.add(alias.orElse(table));
            case FromItem.DerivedTable derived -> derived.alias().ifPresent(tables::add);
            case FromItem.JoinedTable joined -> {
                add(joined.left(), tables);
                add(joined.right(), tables);
            }
        }
    }

    private Stream<Expression> own(Expression expression, List<Name> tables) {
        boolean own = Aggregate.is(expression) && !expression.columns().isEmpty()
                && expression.columns().stream().allMatch(column -> isOfThis(column, tables));
        return own ? Stream.of(expression) : expression.parts().stream().flatMap(part -> own(part, tables));
    }

    /** A name without a table could be a column of the query within, if that has tables. */
    private boolean isOfThis(Expression.ColumnName column, List<Name> tables) {
        boolean within = column.table().map(owner -> tables.stream().anyMatch(name -> name.means(owner.text())))
                .orElse(!tables.isEmpty());
        return !within && !scope.meant(column).isEmpty();
    }
}
