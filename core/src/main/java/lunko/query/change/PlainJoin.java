package lunko.query.change;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Column;
import lunko.table.Table;

/**
 * The plain join of two tables: all columns, equalities alone, and nothing more. What is drawn is one, and what is
 * written may be one.
 *
 * @param on the columns that must be equal
 * @param natural whether they are those of the same name, and come into the result once (ISO/IEC 9075-2, joined table)
 */
public record PlainJoin(TableAlias left, JoinKind kind, TableAlias right, List<KeyPair> on, boolean natural) {

    /** A table by name, and the alias that its columns are qualified with. */
    public record TableAlias(String table, String alias) {

        /** The first letter of a table's name, lower case: its alias where no other table has the same. */
        public static String initial(String table) {
            return table.codePoints().filter(Character::isLetter)
                    .mapToObj(letter -> new String(Character.toChars(letter))).findFirst().orElse("")
                    .toLowerCase(Locale.ROOT);
        }

        private FromItem item() {
            return new FromItem.NamedTable(Name.of(table), Optional.of(Name.of(alias)));
        }

        private ColumnName column(String name) {
            return ColumnName.of(Name.of(alias), name);
        }
    }

    /** Keeps its key pairs as they are. */
    public PlainJoin {
        on = List.copyOf(on);
    }

    /** The join of two tables, under aliases made from their names. */
    public static PlainJoin of(Table left, JoinKind kind, Table right, List<KeyPair> on) {
        String l = TableAlias.initial(left.name());
        String r = TableAlias.initial(right.name());
        boolean clear = !l.isEmpty() && !r.isEmpty() && !l.equals(r);
        return new PlainJoin(new TableAlias(left.name(), clear ? l : "l"), kind,
                new TableAlias(right.name(), clear ? r : "r"),
                on, false);
    }

    /** The natural join of two tables: all columns must be equal whose names both have. */
    public static PlainJoin natural(Table left, JoinKind kind, Table right) {
        PlainJoin join = of(left, kind, right, common(left, right));
        return new PlainJoin(join.left, kind, join.right, join.on, true);
    }

    /**
     * The plain join of two of these tables that a query is, if it is one. In EXISTS nothing tells which table is the
     * left one: it is the one that is asked for, unless that is {@code right}.
     */
    public static Optional<PlainJoin> in(QueryExpression query, List<Table> tables, String right) {
        return PlainJoinReader.of(query, tables, right);
    }

    /** The columns whose names both tables have, in the order of the left one. As in SQL, case does not matter. */
    public static List<KeyPair> common(Table left, Table right) {
        return left.columns().stream().map(Column::name).flatMap(name -> right.column(name).stream()
                .mapToObj(other -> new KeyPair(name, right.columns().get(other).name()))).toList();
    }

    /** Whether it has a condition in ON or WHERE. */
    public boolean asks() {
        return kind.compares() && !natural;
    }

    /** The table on a side. */
    public TableAlias on(Side side) {
        return side.of(left, right);
    }

    /** The same tables joined by another kind. */
    public PlainJoin of(JoinKind other) {
        return new PlainJoin(left, other, right, on, natural && other.canBeNatural());
    }

    /** The same tables joined by other columns. */
    public PlainJoin by(List<KeyPair> other) {
        return new PlainJoin(left, kind, right, other, false);
    }

    /** A column as the query names it: {@code h.keeper_id}. */
    public String qualified(Side side, String column) {
        return new SqlName(on(side).alias()).text() + "." + new SqlName(column).text();
    }

    /** One equality of the condition. */
    public Expression equal(KeyPair pair) {
        return Expression.Comparison.equal(left.column(pair.left()), right.column(pair.right()));
    }

    /** It as a query in Lunko's words. */
    public QueryExpression query() {
        return kind.only().map(this::exists).orElseGet(this::joined);
    }

    private QueryExpression joined() {
        JoinSpecification specification = natural ? new JoinSpecification.Natural()
                : kind.compares() && !on.isEmpty() ? new JoinSpecification.On(condition())
                        : new JoinSpecification.Nothing();
        // What brings no pairs is a full join that a condition takes them away from.
        JoinKind words = kind.words().isPresent() ? kind : JoinKind.FULL_OUTER;
        return select(new FromItem.JoinedTable(left.item(), words, right.item(), specification),
                kind.bringsPairs() || on.isEmpty() ? Optional.empty() : Optional.of(withoutPairs()));
    }

    private QueryExpression exists(Side taken) {
        Expression exists = new Expression.Exists(select(on(taken.opposite()).item(),
                on.isEmpty() ? Optional.empty() : Optional.of(condition())));
        return select(on(taken).item(),
                Optional.of(kind.takesMatched() ? exists : new Expression.Not(exists)));
    }

    /** The condition that all columns are equal. */
    public Expression condition() {
        return Expression.all(on.stream().map(this::equal).toList());
    }

    /** The condition that takes the pairs away from a full join: one key or the other is NULL. */
    Expression withoutPairs() {
        KeyPair first = on.getFirst();
        return new Expression.Or(new Expression.IsNull(left.column(first.left()), false),
                new Expression.IsNull(right.column(first.right()), false));
    }

    private static QueryExpression select(FromItem from, Optional<Expression> where) {
        return QueryExpression.of(new Select(false, List.of(new SelectItem.Everything()), List.of(from), where,
                List.of(), Optional.empty()));
    }
}
