package lunko.exchange.grid;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.Limits;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import lunko.table.Column;
import lunko.table.SameName;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/**
 * Fields in lines, as a file or a page has them: the first line names the columns, and nothing yet has a type. An empty
 * field is NULL.
 */
public record Grid(String name, Place whole, List<Line> lines) {
    /** The fields of one line, and where it stands. */
    public record Line(Place place, List<Optional<String>> fields) {

        /** Keeps its fields as they are. */
        public Line {
            fields = List.copyOf(fields);
        }

        /** Whether there is nothing in it. */
        public boolean isBlank() {
            return fields.stream().allMatch(Optional::isEmpty);
        }
    }

    /** Keeps its lines as they are. */
    public Grid {
        lines = List.copyOf(lines);
    }

    /** The same lines where none of them names the columns: they are called {@code column_1} and so on. */
    public Grid unnamed() {
        if (lines.isEmpty()) return this;
        List<Line> more = new ArrayList<>(lines);
        more.addFirst(new Line(whole, IntStream.rangeClosed(1, lines.getFirst().fields().size())
                .mapToObj(i -> Optional.of("column_" + i)).toList()));
        return new Grid(name, whole, more);
    }

    /** The table: each column gets the narrowest type that its fields fit. A problem where the grid is no table. */
    public Checked<Table> table() {
        return table(_ -> Optional.empty());
    }

    /**
     * The table whose columns have the types that are known of them by name; the others get the narrowest that fits.
     */
    public Checked<Table> table(Function<String, Optional<Type>> known) {
        if (lines.isEmpty()) { return problem(new FileFault.Nothing()); }
        if (lines.size() > Limits.ROWS + 1) return tooManyRows(lines.get(Limits.ROWS + 1).place());
        return header(lines.getFirst()).then(names -> rows(columns(names, known)));
    }

    /**
     * The table whose columns are declared, one for each field of a line: what the first line calls them is left aside.
     */
    public Checked<Table> declared(List<Column> columns) {
        if (lines.size() > Limits.ROWS + 1) return tooManyRows(lines.get(Limits.ROWS + 1).place());
        Set<String> names = new HashSet<>();
        for (Column column : columns) {
            Optional<TableFault> fault = Limits.ofName(column.name());
            if (fault.isPresent()) return problem(fault.get());
            if (!names.add(column.name().toLowerCase(Locale.ROOT)))
                return problem(new FileFault.ColumnTwice(column.name()));
        }
        return rows(columns);
    }

    /** The problem of a table with more rows than {@link Limits#ROWS}, the first of which stands there. */
    public static <T> Checked<T> tooManyRows(Place place) {
        return Checked.invalid(Problem.at(place, Limits.tooManyRows()));
    }

    private List<Column> columns(List<String> names, Function<String, Optional<Type>> known) {
        List<Line> rows = lines.subList(1, lines.size());
        return IntStream.range(0, names.size()).mapToObj(i -> new Column(names.get(i), known.apply(names.get(i))
                .orElseGet(() -> Type.narrowest(rows.stream()
                        .flatMap(line -> line.fields().size() > i ? line.fields().get(i).stream() : Stream.empty())
                        .toList()))))
                .toList();
    }

    private Checked<List<String>> header(Line line) {
        int size = line.fields().size();
        Optional<TableFault> tooWide = Limits.ofColumns(size);
        if (tooWide.isPresent()) return problem(line, tooWide.get());
        Map<String, Integer> seen = new LinkedHashMap<>();
        List<String> names = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            String column = line.fields().get(i).orElse("").strip();
            if (column.isEmpty()) return problem(line, new FileFault.UnnamedColumn(i + 1));
            Optional<TableFault> fault = Limits.ofName(column);
            if (fault.isPresent()) return problem(line, fault.get());
            Integer earlier = seen.putIfAbsent(SameName.key(column), i);
            if (earlier != null) { return problem(line, new FileFault.ColumnsTwice(earlier + 1, i + 1, column)); }
            names.add(column);
        }
        return Checked.valid(names);
    }

    private Checked<Table> rows(List<Column> columns) {
        List<Line> rows = lines.subList(1, lines.size());
        Optional<TableFault> beyond = Limits.ofName(name).or(() -> Limits.ofSize(rows.size(), columns.size()));
        if (beyond.isPresent()) return problem(beyond.get());
        for (Line line : rows) {
            int size = line.fields().size();
            if (size != columns.size()) { return problem(line,
                    new FileFault.FieldCount(size, columns.size())); }
        }
        List<List<Value>> values = new ArrayList<>();
        for (Line line : rows) {
            List<Value> row = new ArrayList<>();
            for (int i = 0; i < columns.size(); i++) {
                Optional<String> field = line.fields().get(i);
                Optional<TableFault> fault = field.flatMap(Limits::ofText);
                if (fault.isPresent()) return problem(line, fault.get());
                Optional<Value> value =
                        field.isEmpty() ? Optional.of(Value.NULL) : columns.get(i).type().read(field.get());
                if (value.isEmpty()) return problem(line, misfit(columns.get(i), field.get()));
                row.add(value.get());
            }
            values.add(row);
        }
        return Checked.valid(Table.of(name, columns, values));
    }

    private static FileFault misfit(Column column, String field) {
        return new FileFault.FieldDoesNotFit(field, column.name(), column.type());
    }

    private <T> Checked<T> problem(Fault fault) {
        return Checked.invalid(Problem.at(whole, fault));
    }

    private static <T> Checked<T> problem(Line line, Fault fault) {
        return Checked.invalid(Problem.at(line.place(), fault));
    }
}
