package lunko.engine.sql;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.ValueOrder;
import lunko.problem.StatementFault;
import lunko.query.sql.Name;
import lunko.query.sql.Statement.Constraint;
import lunko.query.sql.TypeSize;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * A table of a database, and what must hold for its rows.
 *
 * @param sizes how large the values of its columns may be; none, where that is not said of any
 */
public record StoredTable(Table table, List<Constraint> constraints, List<TypeSize> sizes) {

    /** Keeps its constraints as they are. */
    public StoredTable {
        constraints = List.copyOf(constraints);
        sizes = List.copyOf(sizes);
    }

    StoredTable with(Table rows) {
        return new StoredTable(rows, constraints, sizes);
    }

    /** How large the values of a column may be. */
    TypeSize size(int column) {
        return column < sizes.size() ? sizes.get(column) : new TypeSize.Any();
    }

    /** Where the column stands that a name means, counted from 0. */
    public Optional<Integer> column(Name name) {
        return IntStream.range(0, table.columns().size()).filter(i -> name.means(table.columns().get(i).name())).boxed()
                .findFirst();
    }

    /** What is wrong with the rows, if anything is, seen together with the other tables. */
    Optional<StatementFault> fault(Database database) {
        for (int column = 0; column < table.columns().size(); column++) {
            int at = column;
            // Of a key column the constraint says more.
            if (table.columns().get(column).key() || table.columns().get(column).nullable()) continue;
            if (table.rows().stream().anyMatch(row -> row.value(at).isNull())) {
                return Optional.of(new StatementFault.NullInNotNull(table.name(), table.columns().get(column).name()));
            }
        }
        for (Constraint constraint : constraints) {
            Optional<StatementFault> fault = switch (constraint) {
                case Constraint.PrimaryKey(List<Name> names) -> columns(names).stream()
                        .filter(column -> table.rows().stream().anyMatch(row -> row.value(column).isNull())).findFirst()
                        .<StatementFault>map(column -> new StatementFault.NullInKey(table.name(),
                                table.columns().get(column).name()))
                        .or(() -> twice(names, true));
                case Constraint.Unique(List<Name> names) -> twice(names, false);
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

    private Optional<StatementFault> twice(List<Name> names, boolean primary) {
        Set<List<Object>> seen = new HashSet<>();
        return table.rows().stream().map(row -> values(row, columns(names)))
                .filter(values -> values.stream().noneMatch(Value::isNull))
                .filter(values -> !seen.add(ValueOrder.identity(values))).findFirst()
                .map(values -> new StatementFault.KeyTwice(table.name(), shown(values), primary, texts(names)));
    }

    private Optional<StatementFault> missing(List<Name> names, Name other, List<Name> others, Database database) {
        StoredTable parent = database.table(other).orElseThrow();
        List<Name> wanted = others.isEmpty() ? parent.primaryKey() : others;
        Set<List<Object>> there = parent.table.rows().stream()
                .map(row -> ValueOrder.identity(values(row, parent.columns(wanted)))).collect(Collectors.toSet());
        return table.rows().stream().map(row -> values(row, columns(names)))
                .filter(values -> values.stream().noneMatch(Value::isNull))
                .filter(values -> !there.contains(ValueOrder.identity(values))).findFirst()
                .map(values -> new StatementFault.NoReferred(table.name(), shown(values), texts(names),
                        parent.table.name(), texts(wanted)));
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

    private static List<String> texts(List<Name> names) {
        return names.stream().map(Name::text).toList();
    }
}
