package lunko.engine.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.ValueOrder;
import lunko.query.sql.Name;
import lunko.query.sql.Statement.Constraint;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/** A table of a database, and what must hold for its rows. */
public record StoredTable(Table table, List<Constraint> constraints) {

    /** Keeps its constraints as they are. */
    public StoredTable {
        constraints = List.copyOf(constraints);
    }

    StoredTable with(Table rows) {
        return new StoredTable(rows, constraints);
    }

    /** Where the column stands that a name means, counted from 0. */
    public Optional<Integer> column(Name name) {
        return IntStream.range(0, table.columns().size()).filter(i -> name.means(table.columns().get(i).name())).boxed()
                .findFirst();
    }

    /** What is wrong with the rows, if anything is, seen together with the other tables. */
    Optional<String> fault(Database database) {
        for (int column = 0; column < table.columns().size(); column++) {
            int at = column;
            // Of a key column the constraint says more.
            if (table.columns().get(column).key() || table.columns().get(column).nullable()) continue;
            if (table.rows().stream().anyMatch(row -> row.value(at).isNull())) {
                return Optional.of("NULL cannot stand in " + table.name() + "." + table.columns().get(column).name()
                        + ", which is NOT NULL: give it a value.");
            }
        }
        for (Constraint constraint : constraints) {
            Optional<String> fault = switch (constraint) {
                case Constraint.PrimaryKey(List<Name> names) -> columns(names).stream()
                        .filter(column -> table.rows().stream().anyMatch(row -> row.value(column).isNull())).findFirst()
                        .map(column -> "NULL cannot stand in " + table.name() + "." + table.columns().get(column).name()
                                + ", which is part of the primary key: give it a value.")
                        .or(() -> twice(names, "primary key"));
                case Constraint.Unique(List<Name> names) -> twice(names, "unique key");
                case Constraint.ForeignKey(List<Name> names, Name other, List<Name> others) ->
                    missing(names, other, others, database);
            };
            if (fault.isPresent()) return fault;
        }
        return Optional.empty();
    }

    private List<Integer> columns(List<Name> names) {
        return names.stream().map(name -> column(name).orElseThrow()).toList();
    }

    private Optional<String> twice(List<Name> names, String key) {
        Set<List<Object>> seen = new HashSet<>();
        return table.rows().stream().map(row -> values(row, columns(names)))
                .filter(values -> values.stream().noneMatch(Value::isNull))
                .filter(values -> !seen.add(ValueOrder.identity(values))).findFirst()
                .map(values -> shown(values) + " would be there twice in " + table.name() + ", and the " + key + " "
                        + list(names) + " tells rows apart: choose another value.");
    }

    private Optional<String> missing(List<Name> names, Name other, List<Name> others, Database database) {
        StoredTable parent = database.table(other).orElseThrow();
        List<Name> wanted = others.isEmpty() ? parent.primaryKey() : others;
        Set<List<Object>> there = parent.table.rows().stream()
                .map(row -> ValueOrder.identity(values(row, parent.columns(wanted)))).collect(Collectors.toSet());
        return table.rows().stream().map(row -> values(row, columns(names)))
                .filter(values -> values.stream().noneMatch(Value::isNull))
                .filter(values -> !there.contains(ValueOrder.identity(values))).findFirst()
                .map(values -> table.name() + " would have " + shown(values) + " in " + list(names) + ", and "
                        + parent.table.name() + " has no row with that in " + list(wanted)
                        + ": the foreign key forbids it.");
    }

    /** The columns of the primary key; none if there is none. */
    public List<Name> primaryKey() {
        return constraints.stream().flatMap(constraint -> constraint instanceof Constraint.PrimaryKey(List<Name> names)
                ? names.stream() : Stream.empty()).toList();
    }

    private static List<Value> values(Row row, List<Integer> columns) {
        return columns.stream().map(row::value).toList();
    }

    private static String shown(List<Value> values) {
        return values.stream().map(Value::sql).collect(Collectors.joining(", "));
    }

    private static String list(List<Name> names) {
        return names.stream().map(Name::text).collect(Collectors.joining(", ", "(", ")"));
    }
}
