package lunko.engine.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/**
 * A query whose names are bound: its columns, and the stages that it goes through for each row of the query around it.
 */
final class BoundQuery {

    /** A column of the result, and the columns of tables that it is called after. */
    record Column(String name, Optional<Type> type, Set<Meanings.Origin> origins) {

        Stage.Heading heading() {
            return new Stage.Heading(Optional.empty(), name, type);
        }
    }

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
    private final Function<Env, Stage> stage;
    private final boolean alwaysTheSame;
    private Optional<Stage> known = Optional.empty();
    private Optional<Members> members = Optional.empty();

    /** A query; one that names nothing of the queries around it goes through {@code alwaysTheSame} stages. */
    BoundQuery(List<Column> columns, boolean alwaysTheSame, Function<Env, Stage> stage) {
        this.columns = List.copyOf(columns);
        this.stage = stage;
        this.alwaysTheSame = alwaysTheSame;
    }

    List<Column> columns() {
        return columns;
    }

    /** The same, its columns called otherwise. */
    BoundQuery called(List<String> names) {
        List<Column> called = IntStream.range(0, columns.size())
                .mapToObj(i -> new Column(names.get(i), columns.get(i).type(), Set.of())).toList();
        return new BoundQuery(called, alwaysTheSame, this::stage);
    }

    boolean alwaysTheSame() {
        return alwaysTheSame;
    }

    /** The stages it goes through; those that are always the same are gone through once. */
    Stage stage(Env around) {
        if (!alwaysTheSame) return stage.apply(around);
        if (known.isEmpty()) known = Optional.of(stage.apply(around));
        return known.get();
    }

    List<List<Value>> rows(Env around) {
        return stage(around).rows();
    }

    /** The stages, if they are always the same and somebody has asked for them. */
    Optional<Stage> known() {
        return known;
    }

    Members members(Env around) {
        if (!alwaysTheSame) return Members.of(rows(around));
        if (members.isEmpty()) members = Optional.of(Members.of(rows(around)));
        return members.get();
    }
}
