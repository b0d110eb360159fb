package lunko.query.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem.NamedTable;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.SameName;
import lunko.table.Table;

/** Finds the plain join of two tables that a query is, in whatever words it says it. */
final class PlainJoinReader {

    /** A table of the query, and what it is called there. */
    private record KnownTable(Table table, String alias) {

        private PlainJoin.TableAlias ref() {
            return new PlainJoin.TableAlias(table.name(), alias);
        }

        /** The column that a name means if it is one of this table. */
        private Optional<String> column(ColumnName name, KnownTable other) {
            int own = IntStream.range(0, table.columns().size())
                    .filter(i -> name.column().means(table.columns().get(i).name())).findFirst().orElse(-1);
            boolean meant = name.table().map(owner -> owner.means(alias)).orElseGet(
                    () -> other.table.columns().stream().noneMatch(column -> name.column().means(column.name())));
            return own >= 0 && meant ? Optional.of(table.columns().get(own).name()) : Optional.empty();
        }
    }

    private final List<Table> tables;

    private PlainJoinReader(List<Table> tables) {
        this.tables = tables;
    }

    /**
     * The join of two of these tables that a query is, if it is one. In EXISTS nothing tells which table is the left
     * one: it is the one that is asked for, unless that is {@code right}.
     */
    static Optional<PlainJoin> of(QueryExpression query, List<Table> tables, String right) {
        if (!query.with().isEmpty() || !query.orderBy().isEmpty() || query.offset().isPresent()
                || query.limit().isPresent()
                || !(query.body() instanceof Select select) || !isBare(select))
            return Optional.empty();
        PlainJoinReader of = new PlainJoinReader(tables);
        if (select.from().size() != 1) return Optional.empty();
        return switch (select.from().getFirst()) {
            case FromItem.JoinedTable joined when select.where().isEmpty() -> of.joined(joined);
            case FromItem.JoinedTable joined ->
                of.joined(joined).filter(whole -> isWithoutPairs(whole, select.where().get()))
                        .map(whole -> whole.of(JoinKind.FULL_ANTI));
            case NamedTable table -> select.where()
                    .flatMap(where -> of.matched(table, where, right).or(() -> of.member(table, where, right)));
            case FromItem.DerivedTable _ -> Optional.empty();
        };
    }

    private static boolean isBare(Select select) {
        return !select.distinct() && select.items().equals(List.of(new SelectItem.Everything()))
                && select.groupBy().isEmpty() && select.having().isEmpty();
    }

    private Optional<PlainJoin> joined(FromItem.JoinedTable joined) {
        if (!(joined.left() instanceof NamedTable l) || !(joined.right() instanceof NamedTable r))
            return Optional.empty();
        return named(l).flatMap(left -> named(r).filter(right -> !SameName.of(right.alias(), left.alias()))
                .flatMap(right -> switch (joined.specification()) {
                    case JoinSpecification.Nothing _ when !joined.kind().compares() ->
                        Optional.of(new PlainJoin(left.ref(), joined.kind(), right.ref(), List.of(), false));
                    case JoinSpecification.Natural _ ->
                        Optional.of(new PlainJoin(left.ref(), joined.kind(), right.ref(),
                                PlainJoin.common(left.table(), right.table()), true));
                    case JoinSpecification.On(Expression condition) -> pairs(condition, left, right)
                            .map(pairs -> new PlainJoin(left.ref(), joined.kind(), right.ref(), pairs, false));
                    case JoinSpecification.Nothing _,JoinSpecification.Using _ -> Optional.empty();
                }));
    }

    /** Whether a condition takes the pairs away from a full join: one key or the other is NULL. */
    private static boolean isWithoutPairs(PlainJoin whole, Expression where) {
        if (whole.kind() != JoinKind.FULL_OUTER || whole.natural() || whole.on().isEmpty()) return false;
        return where.equals(whole.withoutPairs());
    }

    /** EXISTS or NOT EXISTS of rows of another table. */
    private Optional<PlainJoin> matched(NamedTable asked, Expression where, String right) {
        boolean not = where instanceof Expression.Not;
        if (!((where instanceof Expression.Not(Expression of) ? of
                : where) instanceof Expression.Exists(QueryExpression within))
                || !(within.body() instanceof Select select) || !within.equals(QueryExpression.of(select))
                || !isBare(select)
                || select.where().isEmpty() || select.from().size() != 1
                || !(select.from().getFirst() instanceof NamedTable other))
            return Optional.empty();
        return oneSided(asked, other, select.where().get(), not ? JoinKind.LEFT_ANTI : JoinKind.LEFT_SEMI, right);
    }

    /** IN of a column of another table. NOT IN is no anti join: a NULL there makes it unknown for all. */
    private Optional<PlainJoin> member(NamedTable asked, Expression where, String right) {
        if (!(where instanceof Expression.InQuery(ColumnName column, QueryExpression within, boolean not)) || not
                || !(within.body() instanceof Select select) || select.items().size() != 1
                || !(select.items().getFirst() instanceof SelectItem.Item(ColumnName member, var _))
                || select.from().size() != 1
                || !(select.from().getFirst() instanceof NamedTable other)
                || !within.equals(QueryExpression.of(new Select(false, select.items(), select.from(), Optional.empty(),
                        List.of(), Optional.empty()))))
            return Optional.empty();
        return oneSided(asked, other, Expression.Comparison.equal(column, member), JoinKind.LEFT_SEMI, right);
    }

    private Optional<PlainJoin> oneSided(NamedTable asked, NamedTable other, Expression condition, JoinKind kind,
            String right) {
        return named(asked).flatMap(
                outer -> named(other).filter(inner -> !SameName.of(inner.alias(), outer.alias())).flatMap(inner -> {
                    boolean fromRight = outer.table().name().equals(right) && !inner.table().name().equals(right);
                    KnownTable one = fromRight ? inner : outer;
                    KnownTable two = fromRight ? outer : inner;
                    return pairs(condition, one, two).map(
                            pairs -> new PlainJoin(one.ref(), fromRight ? kind.mirrored() : kind, two.ref(), pairs,
                                    false));
                }));
    }

    private Optional<KnownTable> named(NamedTable item) {
        return tables.stream().filter(table -> item.table().means(table.name())).findFirst()
                .map(table -> new KnownTable(table, item.alias().orElse(item.table()).text()));
    }

    /** The columns that a condition wants to be equal, if that is all that it wants. */
    private static Optional<List<KeyPair>> pairs(Expression condition, KnownTable left, KnownTable right) {
        List<KeyPair> pairs = new ArrayList<>();
        for (Expression one : condition.conjuncts()) {
            Optional<KeyPair> pair = one.equalColumns().flatMap(equal -> pair(equal.left(), equal.right(), left, right)
                    .or(() -> pair(equal.right(), equal.left(), left, right)));
            if (pair.isEmpty()) return Optional.empty();
            pairs.add(pair.get());
        }
        return Optional.of(pairs);
    }

    private static Optional<KeyPair> pair(ColumnName a, ColumnName b, KnownTable left, KnownTable right) {
        return left.column(a, right).flatMap(l -> right.column(b, left).map(r -> new KeyPair(l, r)));
    }
}
