package lunko.query;

import java.util.List;
import lunko.table.Column;
import lunko.table.Table;

/**
 * A join of two tables: {@code SELECT * FROM left KIND right ON} equalities, all of which must hold.
 *
 * @param on the columns that must be equal
 * @param natural whether they are those of the same name, and come into the result once (ISO/IEC 9075-2, joined table)
 */
public record Query(TableRef left, JoinKind kind, TableRef right, List<KeyPair> on, boolean natural) {

    /** Keeps its key pairs as they are. */
    public Query {
        on = List.copyOf(on);
    }

    /** The join of two tables, under aliases made from their names. */
    public static Query of(Table left, JoinKind kind, Table right, List<KeyPair> on) {
        String leftInitial = TableRef.initial(left);
        String rightInitial = TableRef.initial(right);
        boolean clear = !leftInitial.isEmpty() && !rightInitial.isEmpty() && !leftInitial.equals(rightInitial);
        return new Query(new TableRef(left.name(), clear ? leftInitial : "l"), kind,
                new TableRef(right.name(), clear ? rightInitial : "r"), on, false);
    }

    /** The natural join of two tables: all columns must be equal whose names both have. */
    public static Query natural(Table left, JoinKind kind, Table right) {
        Query query = of(left, kind, right, common(left, right));
        return new Query(query.left, kind, query.right, query.on, true);
    }

    /** The columns whose names both tables have, in the order of the left one. As in SQL, case does not matter. */
    public static List<KeyPair> common(Table left, Table right) {
        return left.columns().stream().map(Column::name).flatMap(name -> right.column(name).stream()
                .mapToObj(other -> new KeyPair(name, right.columns().get(other).name()))).toList();
    }

    /** Whether its text has a condition. */
    public boolean asks() {
        return kind.compares() && !natural;
    }

    /** The table on a side. */
    public TableRef on(Side side) {
        return side.of(left, right);
    }

    /** The same query of another kind. */
    public Query of(JoinKind other) {
        return new Query(left, other, right, on, natural && other.canBeNatural());
    }

    /** A column as the query names it: {@code h.keeper_id}. */
    public String qualified(Side side, String column) {
        return new SqlName(on(side).alias()).text() + "." + new SqlName(column).text();
    }
}
