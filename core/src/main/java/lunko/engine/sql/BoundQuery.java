package lunko.engine.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lunko.engine.ValueOrder;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/** A query whose names are bound: its columns, and its rows for each row of the query around it. */
final class BoundQuery {

    /** A column of the result. */
    record Column(String name, Optional<Type> type) {}

    /** The values of a query with one column, to be asked for one of them. */
    record Members(Set<Object> values, boolean anyNull) {

        static Members of(List<List<Value>> rows) {
            Set<Object> values = new HashSet<>();
            rows.forEach(row -> values.add(ValueOrder.identity(row.getFirst())));
            boolean anyNull = values.remove(Value.NULL);
            return new Members(values, anyNull);
        }

        /** Whether a value is among them: unknown where it is not but a NULL is, or where it is NULL itself. */
        Truth has(Value value) {
            if (values.isEmpty() && !anyNull) return Truth.FALSE;
            if (value.isNull()) return Truth.UNKNOWN;
            if (values.contains(ValueOrder.identity(value))) return Truth.TRUE;
            return anyNull ? Truth.UNKNOWN : Truth.FALSE;
        }
    }

    private final List<Column> columns;
    private final Function<Env, List<List<Value>>> rows;
    private final boolean alwaysTheSame;
    private Optional<List<List<Value>>> known = Optional.empty();
    private Optional<Members> members = Optional.empty();

    /** A query; one that names nothing of the queries around it gives {@code alwaysTheSame} rows. */
    BoundQuery(List<Column> columns, boolean alwaysTheSame, Function<Env, List<List<Value>>> rows) {
        this.columns = List.copyOf(columns);
        this.rows = rows;
        this.alwaysTheSame = alwaysTheSame;
    }

    List<Column> columns() {
        return columns;
    }

    boolean alwaysTheSame() {
        return alwaysTheSame;
    }

    /** The rows; those that are always the same are found once. */
    List<List<Value>> rows(Env around) {
        if (!alwaysTheSame) return rows.apply(around);
        if (known.isEmpty()) known = Optional.of(rows.apply(around));
        return known.get();
    }

    Members members(Env around) {
        if (!alwaysTheSame) return Members.of(rows.apply(around));
        if (members.isEmpty()) members = Optional.of(Members.of(rows(around)));
        return members.get();
    }
}
