package lunko.engine.sql;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.ValueOrder;
import lunko.problem.StatementFault;
import lunko.query.sql.Expression;
import lunko.query.sql.Name;
import lunko.query.sql.Statement.Constraint;
import lunko.query.sql.Statement;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * A table of a database, and what must hold for its rows.
 *
 * @param declared what a statement has said of its columns beside their types; none, where they come from elsewhere
 */
public record StoredTable(Table table, List<Constraint> constraints, List<Declared> declared) {

    /**
     * What is said of a column beside its type.
     *
     * @param otherwise what it has where nothing is said
     * @param numbered whether rows are numbered in it where nothing is said
     */
    public record Declared(Optional<Expression> otherwise, boolean numbered) {
        private static final Declared NOTHING = new Declared(Optional.empty(), false);

        static Declared of(Statement.Definition column) {
            return new Declared(column.otherwise(), column.numbered());
        }
    }

    /** Keeps its constraints as they are. */
    public StoredTable {
        constraints = List.copyOf(constraints);
        declared = List.copyOf(declared);
    }

    StoredTable with(Table rows) {
        return new StoredTable(rows, constraints, declared);
    }

    /** What is said of a column beside its type. */
    Declared declared(int column) {
        return column < declared.size() ? declared.get(column) : Declared.NOTHING;
    }

    /** The same with one column more, and more that must hold. */
    StoredTable with(Table wider, Optional<Declared> column, List<Constraint> more) {
        List<Declared> all = new ArrayList<>();
        for (int i = 0; i < table.columns().size(); i++) all.add(declared(i));
        column.ifPresent(all::add);
        return new StoredTable(wider, FromBinder.both(constraints, more), all);
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
                case Constraint.ForeignKey key -> missing(key, database);
                // Whoever changes rows asks them.
                case Constraint.Check _ -> Optional.empty();
            };
            if (fault.isPresent()) return fault;
        }
        return Optional.empty();
    }

    /** Where columns stand that are there, counted from 0. */
    List<Integer> columns(List<Name> names) {
        return names.stream().map(name -> column(name).orElseThrow()).toList();
    }

    private Optional<StatementFault> twice(List<Name> names, boolean primary) {
        Set<List<Object>> seen = new HashSet<>();
        return table.rows().stream().map(row -> values(row, columns(names)))
                .filter(values -> values.stream().noneMatch(Value::isNull))
                .filter(values -> !seen.add(ValueOrder.identity(values))).findFirst()
                .map(values -> new StatementFault.KeyTwice(table.name(), shown(values), primary, texts(names)));
    }

    private Optional<StatementFault> missing(Constraint.ForeignKey key, Database database) {
        StoredTable parent = database.table(key.table()).orElseThrow();
        return lost(key, database).stream().findFirst()
                .map(row -> new StatementFault.NoReferred(table.name(), shown(values(row, columns(key.columns()))),
                        texts(key.columns()), parent.table.name(), texts(wanted(key, parent))));
    }

    private static List<Name> wanted(Constraint.ForeignKey key, StoredTable parent) {
        return key.others().isEmpty() ? parent.primaryKey() : key.others();
    }

    /** The rows that refer to a row of another table which is not there. */
    List<Row> lost(Constraint.ForeignKey key, Database database) {
        StoredTable parent = database.table(key.table()).orElseThrow();
        List<Integer> wanted = parent.columns(wanted(key, parent));
        Set<List<Object>> there = parent.table.rows().stream()
                .map(row -> ValueOrder.identity(values(row, wanted))).collect(Collectors.toSet());
        List<Integer> own = columns(key.columns());
        return table.rows().stream().filter(row -> values(row, own).stream().noneMatch(Value::isNull))
                .filter(row -> !there.contains(ValueOrder.identity(values(row, own)))).toList();
    }

    /** The number after the greatest that a column has; 1, if it has none. */
    long nextNumber(int column) {
        return 1 + table.rows().stream().map(row -> row.value(column)).filter(Value.IntegerValue.class::isInstance)
                .mapToLong(value -> ((Value.IntegerValue) value).number()).max().orElse(0);
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
