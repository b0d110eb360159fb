package lunko.query.change;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import lunko.problem.ChangeFault;
import lunko.problem.Checked;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;

/** A table of a query under another alias, wherever its columns are named by it, in the queries within too. */
record Naming(Name from, Name to) {

    /** The query with a table, counted from the left, called otherwise. */
    static Checked<QueryExpression> calling(QueryExpression query, QueryBody.Select select, int table, Name alias) {
        List<FromItem> tables = Joins.tables(select.from());
        if (table < 0 || table >= tables.size()) return Checked.invalid(new ChangeFault.TableGone());
        FromItem item = tables.get(table);
        if (tables.stream().anyMatch(
                other -> other != item && called(other).filter(name -> name.means(alias.text())).isPresent())) {
            return taken(alias);
        }
        Optional<Name> before = called(item);
        QueryBody.Select called = new QueryBody.Select(select.distinct(), select.items(),
                Joins.changed(select.from(), item, one -> named(one, alias)),
                select.where(), select.groupBy(), select.having());
        QueryExpression changed = query.selecting(called);
        if (before.isEmpty()) return Checked.valid(changed);
        QueryExpression renamed = new Naming(before.get(), alias).in(changed);
        // What cannot be taken back means another table now: one of a query within.
        return new Naming(alias, before.get()).in(renamed).equals(changed) ? Checked.valid(renamed) : taken(alias);
    }

    private static Checked<QueryExpression> taken(Name alias) {
        return Checked.invalid(new ChangeFault.NameTaken(alias.text()));
    }

    /** What a table is called in the rest of the query. */
    static Optional<Name> called(FromItem item) {
        return switch (item) {
            case FromItem.NamedTable(Name table, Optional<Name> alias) -> Optional.of(alias.orElse(table));
            case FromItem.DerivedTable(var _, var _, Optional<Name> alias, var _) -> alias;
            case FromItem.JoinedTable _ -> Optional.empty();
        };
    }

    /** What the tables of a part of FROM are called. */
    static List<Name> allCalled(FromItem item) {
        return Joins.tables(List.of(item)).stream().flatMap(table -> called(table).stream()).toList();
    }

    private static FromItem named(FromItem item, Name alias) {
        return switch (item) {
            case FromItem.NamedTable(Name table, var _) -> new FromItem.NamedTable(table, Optional.of(alias));
            case FromItem.DerivedTable(boolean lateral, QueryExpression query, var _, var columns) ->
                new FromItem.DerivedTable(lateral, query, Optional.of(alias), columns);
            case FromItem.JoinedTable joined -> joined;
        };
    }

    private QueryExpression in(QueryExpression query) {
        return query.selecting(in(query.body()))
                .sortedBy(kept(query.orderBy(), key -> new SortKey(in(key.by()), key.descending(), key.nulls())));
    }

    private QueryBody in(QueryBody body) {
        return switch (body) {
            case QueryBody.Nested(QueryExpression query) -> new QueryBody.Nested(in(query));
            case QueryBody.Compound(var operator, boolean all, QueryBody left, QueryBody right) ->
                new QueryBody.Compound(operator, all, in(left), in(right));
            case QueryBody.Values _ -> body;
            case QueryBody.Select select ->
                new QueryBody.Select(select.distinct(), kept(select.items(), this::in), kept(select.from(), this::in),
                        select.where().map(this::in), kept(select.groupBy(), this::in), select.having().map(this::in));
        };
    }

    private SelectItem in(SelectItem item) {
        return switch (item) {
            case SelectItem.Everything _ -> item;
            case SelectItem.EverythingOf(Name table) -> means(table) ? new SelectItem.EverythingOf(to) : item;
            case SelectItem.Item(Expression expression, Optional<Name> name) ->
                new SelectItem.Item(in(expression), name);
        };
    }

    private FromItem in(FromItem item) {
        return switch (item) {
            case FromItem.DerivedTable(boolean lateral, QueryExpression query, var alias, var columns) when lateral ->
                new FromItem.DerivedTable(true, within(query), alias, columns);
            case FromItem.NamedTable _,FromItem.DerivedTable _ -> item;
            case FromItem.JoinedTable(FromItem left, var kind, FromItem right, JoinSpecification specification) ->
                new FromItem.JoinedTable(in(left), kind, in(right), switch (specification) {
                    case JoinSpecification.On(Expression condition) -> new JoinSpecification.On(in(condition));
                    case JoinSpecification.Nothing _,JoinSpecification.Natural _,JoinSpecification.Using _ ->
                        specification;
                });
        };
    }

    /** An expression under the new name; one that does not name the table stays the object it was. */
    private Expression in(Expression expression) {
        Expression changed = switch (expression) {
            case Expression.ColumnName(Optional<Name> table, Name column) when table.filter(this::means).isPresent() ->
                new Expression.ColumnName(Optional.of(to), column);
            case Expression.Exists(QueryExpression query) -> new Expression.Exists(within(query));
            case Expression.ScalarQuery(QueryExpression query) -> new Expression.ScalarQuery(within(query));
            case Expression.InQuery(Expression of, QueryExpression query, boolean negated) ->
                new Expression.InQuery(in(of), within(query), negated);
            case Expression.RowInQuery(var of, QueryExpression query, boolean negated) ->
                new Expression.RowInQuery(of.stream().map(this::in).toList(), within(query), negated);
            case Expression.Quantified(Expression of, var comparator, boolean all, QueryExpression query) ->
                new Expression.Quantified(in(of), comparator, all, within(query));
            default -> expression.with(this::in);
        };
        return changed.equals(expression) ? expression : changed;
    }

    /** A query within: where it has a table of that name itself, the name means that one. */
    private QueryExpression within(QueryExpression query) {
        boolean hides = query.body() instanceof QueryBody.Select select
                && Joins.tables(select.from()).stream().anyMatch(item -> called(item).filter(this::means).isPresent());
        return hides ? query : in(query);
    }

    private boolean means(Name name) {
        return from.means(name.text());
    }

    private static <T> List<T> kept(List<T> all, UnaryOperator<T> change) {
        return all.stream().map(one -> {
            T changed = change.apply(one);
            return changed.equals(one) ? one : changed;
        }).toList();
    }
}
