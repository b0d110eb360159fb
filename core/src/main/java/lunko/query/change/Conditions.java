package lunko.query.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;

/** The conditions of a query, each where it stands. */
public final class Conditions {

    /** One of several conditions that must all hold there, counted from 0. */
    public record SitedCondition(ConditionSite seat, int number, Expression condition) {}

    private Conditions() {}

    /**
     * All conditions of a query that is one SELECT: those of its joins, in the order in which they are done, then those
     * of WHERE.
     */
    public static List<SitedCondition> of(QueryExpression query) {
        List<SitedCondition> all = new ArrayList<>();
        if (!(query.body() instanceof QueryBody.Select select)) return all;
        for (int join = 0; join < Joins.of(query).size(); join++) add(select, new ConditionSite.On(join), all);
        add(select, new ConditionSite.Where(), all);
        return all;
    }

    /**
     * The places that a condition could be sent to: from ON to WHERE, and from WHERE to the joins that see all that it
     * names, the first of them first.
     */
    public static List<ConditionSite> others(QueryExpression query, SitedCondition condition) {
        if (!(query.body() instanceof QueryBody.Select select)) return List.of();
        return switch (condition.seat()) {
            case ConditionSite.On _ -> List.of(new ConditionSite.Where());
            case ConditionSite.Where _ -> {
                List<FromItem.JoinedTable> joins = Joins.of(query);
                yield IntStream.range(0, joins.size()).filter(join -> at(select, new ConditionSite.On(join)).isPresent()
                        && sees(joins.get(join), condition.condition())).<ConditionSite>mapToObj(ConditionSite.On::new)
                        .toList();
            }
        };
    }

    /** Whether the ON of a join can name all columns of a condition, as far as it says of which tables they are. */
    private static boolean sees(FromItem.JoinedTable join, Expression condition) {
        List<Name> called = Naming.allCalled(join);
        return condition instanceof Expression.ColumnName column
                ? column.table().stream().allMatch(table -> called.stream().anyMatch(name -> name.means(table.text())))
                : condition.parts().stream().allMatch(part -> sees(join, part));
    }

    private static void add(QueryBody.Select select, ConditionSite seat, List<SitedCondition> all) {
        List<Expression> there = at(select, seat).orElse(List.of());
        for (int i = 0; i < there.size(); i++) all.add(new SitedCondition(seat, i, there.get(i)));
    }

    /** The conditions at a place; nothing, where there is no ON in which one could stand. */
    static Optional<List<Expression>> at(QueryBody.Select select, ConditionSite seat) {
        return switch (seat) {
            case ConditionSite.Where _ -> Optional.of(select.where().map(Expression::conjuncts).orElse(List.of()));
            case ConditionSite.On(int number) -> {
                List<FromItem.JoinedTable> joins = Joins.of(QueryExpression.of(select));
                if (number < 0 || number >= joins.size()) yield Optional.empty();
                yield switch (joins.get(number).specification()) {
                    case JoinSpecification.On(Expression condition) -> Optional.of(condition.conjuncts());
                    case JoinSpecification.Nothing _ -> Optional.of(List.of());
                    case JoinSpecification.Using _,JoinSpecification.Natural _ -> Optional.empty();
                };
            }
        };
    }
}
