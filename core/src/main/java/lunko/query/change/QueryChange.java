package lunko.query.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lunko.problem.ChangeFault;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;

/**
 * Something done to a query without typing. What it does not touch are the same objects afterwards, so that they keep
 * their words.
 */
public sealed interface QueryChange {

    /**
     * A join, counted from 0 in the order in which they are done, made one of another kind; {@code otherwise} is its
     * condition if it has none and needs one.
     */
    record OfKind(int join, JoinKind kind, JoinSpecification otherwise) implements QueryChange {}

    /** One more condition. */
    record AddCondition(ConditionSite seat, Expression condition) implements QueryChange {}

    /** Another condition in the place of one, counted from 0 among those that must all hold. */
    record ChangeCondition(ConditionSite seat, int number, Expression condition) implements QueryChange {}

    /** A condition less, counted from 0 among those that must all hold. */
    record DropCondition(ConditionSite seat, int number) implements QueryChange {}

    /** A condition sent from one place to another. */
    record SendCondition(ConditionSite from, int number, ConditionSite to) implements QueryChange {}

    /** Other columns to show; equal rows once or as often as they come. */
    record Show(boolean distinct, List<SelectItem> items) implements QueryChange {}

    /** Another order. */
    record SortBy(List<SortKey> keys) implements QueryChange {}

    /** The first so many rows only, or all. */
    record First(OptionalLong rows) implements QueryChange {}

    /** A further table, joined to all that are there. */
    record AddTable(JoinKind kind, FromItem table, JoinSpecification on) implements QueryChange {}

    /** The right side of a join gone, and what is done with it. */
    record DropTable(int join) implements QueryChange {}

    /** The two sides of a join in each other's place, by the kind that then takes the same rows. */
    record Swap(int join) implements QueryChange {}

    /** Another alias for a table, counted from 0 from the left, wherever it is named. */
    record Call(int table, Name alias) implements QueryChange {}

    /** The query after it; a problem where it cannot be done. */
    default Checked<QueryExpression> applyTo(QueryExpression query) {
        return switch (this) {
            case SortBy(List<SortKey> keys) ->
                Checked.valid(query.sortedBy(keys));
            case First(OptionalLong rows) ->
                Checked.valid(query.stretch(query.offset(), rows));
            case OfKind(int join, JoinKind kind, JoinSpecification otherwise) ->
                join(query, join, joined -> ofKind(joined, kind, otherwise));
            case AddCondition(ConditionSite seat, Expression condition) -> conditions(query, seat, all -> {
                if (all.equals(List.of(Expression.ALWAYS))) all.clear();
                all.add(condition);
                return all;
            });
            case ChangeCondition(ConditionSite seat, int number, Expression condition) ->
                conditions(query, seat, all -> {
                    all.set(number, condition);
                    return all;
                });
            case DropCondition(ConditionSite seat, int number) -> conditions(query, seat, all -> {
                all.remove(number);
                return all;
            });
            case SendCondition(ConditionSite from, int number, ConditionSite to) ->
                select(query).then(select -> Conditions.at(select, from).filter(all -> number < all.size())
                        .map(all -> taken(query, from, number, all.size())
                                .then(new AddCondition(to, all.get(number))::applyTo))
                        .orElseGet(() -> Checked.invalid(new ChangeFault.ConditionGone())));
            case Show(boolean distinct, List<SelectItem> items) ->
                select(query).map(select -> with(query, new QueryBody.Select(distinct, items, select.from(),
                        select.where(), select.groupBy(), select.having())));
            case AddTable(JoinKind kind, FromItem table, JoinSpecification on) ->
                select(query).map(select -> with(query, with(select, joining(select.from(), kind, table, on))));
            case DropTable(int join) -> join(query, join, FromItem.JoinedTable::left);
            case Swap(int join) -> join(query, join, joined -> new FromItem.JoinedTable(joined.right(),
                    joined.kind().mirrored(), joined.left(), joined.specification()));
            case Call(int table, Name alias) ->
                select(query).then(select -> Naming.calling(query, select, table, alias));
        };
    }

    /**
     * The query without a condition that goes elsewhere. If it is the only one of a join, every pair is there: an inner
     * join becomes a cross join, and any other has what is always true.
     */
    private static Checked<QueryExpression> taken(QueryExpression query, ConditionSite from, int number, int all) {
        if (!(from instanceof ConditionSite.On(int join)) || all > 1)
            return new DropCondition(from, number).applyTo(query);
        return join(query, join,
                joined -> joined.kind() == JoinKind.INNER
                        ? new FromItem.JoinedTable(joined.left(), JoinKind.CROSS, joined.right(),
                                new JoinSpecification.Nothing())
                        : new FromItem.JoinedTable(joined.left(), joined.kind(), joined.right(),
                                new JoinSpecification.On(Expression.ALWAYS)));
    }

    private static FromItem ofKind(FromItem.JoinedTable joined, JoinKind kind, JoinSpecification otherwise) {
        JoinSpecification now = joined.specification();
        boolean natural = now instanceof JoinSpecification.Natural;
        JoinSpecification specification = !kind.compares() ? new JoinSpecification.Nothing()
                : now instanceof JoinSpecification.Nothing || natural && !kind.canBeNatural() ? otherwise : now;
        return new FromItem.JoinedTable(joined.left(), kind, joined.right(), specification);
    }

    private static List<FromItem> joining(List<FromItem> from, JoinKind kind, FromItem table, JoinSpecification on) {
        List<FromItem> all = new ArrayList<>(from);
        if (all.isEmpty()) all.add(table);
        else all.set(all.size() - 1, new FromItem.JoinedTable(all.getLast(), kind, table, on));
        return all;
    }

    /** The SELECT that a query is; a problem if it puts several together. */
    private static Checked<QueryBody.Select> select(QueryExpression query) {
        return query.body() instanceof QueryBody.Select select ? Checked.valid(select)
                : Checked.invalid(new ChangeFault.CombinedQueries());
    }

    private static Checked<QueryExpression> join(QueryExpression query, int number,
            Function<FromItem.JoinedTable, FromItem> change) {
        return select(query).then(select -> {
            List<FromItem.JoinedTable> joins = Joins.of(query);
            if (number < 0 || number >= joins.size())
                return Checked.invalid(new ChangeFault.JoinGone());
            FromItem.JoinedTable join = joins.get(number);
            return Checked
                    .valid(with(query, with(select, Joins.changed(select.from(), join, _ -> change.apply(join)))));
        });
    }

    private static Checked<QueryExpression> conditions(QueryExpression query, ConditionSite seat,
            UnaryOperator<List<Expression>> change) {
        return select(query).then(select -> {
            Optional<List<Expression>> there = Conditions.at(select, seat);
            if (there.isEmpty())
                return Checked.invalid(new ChangeFault.NoOnThere());
            List<Expression> changed = change.apply(new ArrayList<>(there.get()));
            return switch (seat) {
                case ConditionSite.Where _ -> Checked.valid(with(query,
                        new QueryBody.Select(select.distinct(), select.items(), select.from(),
                                changed.isEmpty() ? Optional.empty() : Optional.of(Expression.all(changed)),
                                select.groupBy(), select.having())));
                case ConditionSite.On _ when changed.isEmpty() ->
                    Checked.invalid(new ChangeFault.LastCondition());
                case ConditionSite.On(int join) -> join(query, join,
                        joined -> new FromItem.JoinedTable(joined.left(),
                                joined.kind().compares() ? joined.kind() : JoinKind.INNER, joined.right(),
                                new JoinSpecification.On(Expression.all(changed))));
            };
        });
    }

    private static QueryExpression with(QueryExpression query, QueryBody body) {
        return query.selecting(body);
    }

    private static QueryBody.Select with(QueryBody.Select select, List<FromItem> from) {
        return new QueryBody.Select(select.distinct(), select.items(), from, select.where(), select.groupBy(),
                select.having());
    }
}
