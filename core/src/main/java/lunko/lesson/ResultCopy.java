package lunko.lesson;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Stage;
import lunko.insight.comparison.Sources;
import lunko.table.Column;
import lunko.table.FreeName;
import lunko.table.Row;
import lunko.table.SameName;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/**
 * A result as a table of its own: with the types of its columns, with names that tell them apart, and with a key where
 * one column or two of them tell its rows apart.
 */
public final class ResultCopy {
    private ResultCopy() {}

    /** The copy of what a query gives, under a name. */
    public static Table of(Stage result, String name) {
        List<Column> columns = columns(result);
        List<List<Value>> rows = List.copyOf(result.rows());
        Set<Integer> key = key(columns.size(), rows);
        return Table.of(name, IntStream.range(0, columns.size())
                .mapToObj(i -> key.contains(i) ? columns.get(i).asKey() : columns.get(i)).toList(), rows);
    }

    /**
     * What a query gives as the table of a view: it has no key, and its rows have the same ids whenever they come from
     * the same rows.
     */
    static Table following(Stage result, String name) {
        Set<Long> taken = new HashSet<>();
        List<Row> rows = IntStream.range(0, result.rows().size())
                .mapToObj(i -> new Row(id(Sources.of(result, i), taken), result.rows().get(i))).toList();
        return new Table(name, columns(result), rows, taken.stream().mapToLong(id -> id + 1).max().orElse(0));
    }

    private static long id(List<Object> sources, Set<Long> taken) {
        long id = 17;
        for (Object source : sources) id = id * 0x5DEECE66DL + source.hashCode();
        id >>>= 2;
        while (!taken.add(id)) id++;
        return id;
    }

    private static List<Column> columns(Stage result) {
        List<Column> columns = new ArrayList<>();
        for (Stage.Heading heading : result.headings()) {
            boolean taken = isTaken(columns, heading.name());
            String plain = taken && heading.table().isPresent() ? heading.table().get() + "_" + heading.name()
                    : heading.name();
            columns.add(new Column(FreeName.of(plain, "_", other -> isTaken(columns, other)),
                    heading.type().orElse(Type.TEXT)));
        }
        return columns;
    }

    private static boolean isTaken(List<Column> columns, String name) {
        return columns.stream().anyMatch(column -> SameName.of(column.name(), name));
    }

    /** The first column, or two, in which no row has NULL or what another has; of a single row nobody can tell. */
    private static Set<Integer> key(int columns, List<List<Value>> rows) {
        if (rows.size() < 2) return Set.of();
        Stream<Set<Integer>> one = IntStream.range(0, columns).mapToObj(Set::of);
        Stream<Set<Integer>> two = IntStream.range(0, columns).boxed()
                .flatMap(i -> IntStream.range(i + 1, columns).mapToObj(j -> Set.of(i, j)));
        Optional<Set<Integer>> found = Stream.concat(one, two).filter(some -> tellsApart(some, rows)).findFirst();
        return found.orElse(Set.of());
    }

    private static boolean tellsApart(Set<Integer> columns, List<List<Value>> rows) {
        Set<List<Value>> seen = new HashSet<>();
        return rows.stream().map(row -> columns.stream().sorted().map(row::get).toList())
                .allMatch(values -> values.stream().noneMatch(Value::isNull) && seen.add(values));
    }
}
