package lunko.query;

import java.util.List;
import lunko.table.Table;

/** A join of two tables: {@code SELECT * FROM left KIND right ON} equalities, all of which must hold. */
public record Query(TableRef left, JoinKind kind, TableRef right, List<KeyPair> on) {

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
                new TableRef(right.name(), clear ? rightInitial : "r"), on);
    }

    /** The table on a side. */
    public TableRef on(Side side) {
        return side.of(left, right);
    }

    /** The same query of another kind. */
    public Query of(JoinKind other) {
        return new Query(left, other, right, on);
    }

    /** A column as the query names it: {@code h.keeper_id}. */
    public String qualified(Side side, String column) {
        return new SqlName(on(side).alias()).text() + "." + new SqlName(column).text();
    }
}
