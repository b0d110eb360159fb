package lunko.query.change;

import java.util.List;
import java.util.Optional;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Value;

/**
 * The queries that say a plain join of two tables in other words. Those of a kind that takes rows of one side begin
 * with the table that the rows are taken of.
 */
record PlainForms(PlainJoin join) {
    private static final List<SelectItem> EVERYTHING = List.of(new SelectItem.Everything());

    /** Rows whose key is, or is not, among those of the other table. */
    QueryExpression member(boolean not) {
        Side taken = join.kind().outer();
        Select members = new Select(false, List.of(new SelectItem.Item(key(taken.opposite()), Optional.empty())),
                List.of(table(taken.opposite())), Optional.empty(), List.of(), Optional.empty());
        return QueryExpression.of(select(false, EVERYTHING, table(taken),
                Optional.of(new Expression.InQuery(key(taken), QueryExpression.of(members), not))));
    }

    /** Rows that a left join keeps, of which the key of the other side is NULL. */
    QueryExpression outerIsNull() {
        return QueryExpression.of(select(false, List.of(everythingTaken()), fromTaken(JoinKind.LEFT_OUTER),
                Optional.of(isNull(join.kind().outer().opposite()))));
    }

    /** Rows that an inner join gives, each once. */
    QueryExpression distinct() {
        return QueryExpression.of(
                select(true, List.of(everythingTaken()), fromTaken(JoinKind.INNER), Optional.empty()));
    }

    /** Of each row that a left join gives, those with a match in their group, or those with none. */
    QueryExpression having(List<String> columns) {
        Side taken = join.kind().outer();
        Expression matches = new Expression.Call(Name.of("COUNT"), false, List.of(key(taken.opposite())));
        Expression.Comparator sign =
                join.kind().takesMatched() ? Expression.Comparator.GREATER : Expression.Comparator.EQUAL;
        return QueryExpression.of(new Select(false, List.of(everythingTaken()),
                List.of(fromTaken(JoinKind.LEFT_OUTER)), Optional.empty(),
                columns.stream().<Expression>map(name -> column(taken, name)).toList(),
                Optional.of(new Expression.Comparison(sign, matches, new Expression.Literal(Value.of(0))))));
    }

    /** A left and a right join, their common rows once. */
    QueryExpression union() {
        return combined(false, Optional.empty());
    }

    /** A left join, and of a right join the rows that it keeps. */
    QueryExpression unionAll() {
        return combined(true, Optional.of(isNull(Side.LEFT)));
    }

    /** Whether a condition says that the key of a side is NULL, by any of the columns that make it. */
    boolean saysIsNull(Side side, Expression condition) {
        return join.on().stream()
                .anyMatch(pair -> condition.equals(new Expression.IsNull(column(side, pair.on(side)), false)));
    }

    private QueryExpression combined(boolean all, Optional<Expression> where) {
        QueryBody left = select(false, EVERYTHING, joined(JoinKind.LEFT_OUTER, Side.LEFT), Optional.empty());
        QueryBody right = select(false, EVERYTHING, joined(JoinKind.RIGHT_OUTER, Side.LEFT), where);
        return QueryExpression.of(new QueryBody.Compound(SetOperator.UNION, all, left, right));
    }

    private static Select select(boolean distinct, List<SelectItem> items, FromItem from, Optional<Expression> where) {
        return new Select(distinct, items, List.of(from), where, List.of(), Optional.empty());
    }

    private SelectItem everythingTaken() {
        return new SelectItem.EverythingOf(Name.of(join.on(join.kind().outer()).alias()));
    }

    private FromItem fromTaken(JoinKind kind) {
        return joined(kind, join.kind().outer());
    }

    private FromItem joined(JoinKind kind, Side first) {
        Expression condition = Expression.all(join.on().stream().map(join::equal).toList());
        return new FromItem.JoinedTable(table(first), kind, table(first.opposite()),
                new JoinSpecification.On(condition));
    }

    private FromItem table(Side side) {
        PlainJoin.TableAlias named = join.on(side);
        boolean bare = named.alias().equals(named.table());
        return new FromItem.NamedTable(Name.of(named.table()),
                bare ? Optional.empty() : Optional.of(Name.of(named.alias())));
    }

    private ColumnName key(Side side) {
        return column(side, join.on().getFirst().on(side));
    }

    private Expression isNull(Side side) {
        return new Expression.IsNull(key(side), false);
    }

    private ColumnName column(Side side, String name) {
        return ColumnName.of(Name.of(join.on(side).alias()), name);
    }
}
