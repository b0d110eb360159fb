package lunko.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.exchange.Loss.Kind;
import lunko.lesson.Link;
import lunko.lesson.TableSet;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;
import lunko.words.FileSentences.NameChange;
import lunko.words.FileSentences.RowsOf;
import lunko.words.FileSentences.TypeChange;
import lunko.words.FileSentences.ValueChange;
import lunko.words.FileSentences;

/** What of the tables that were written into a file is not there when it is opened: found by opening it. */
final class Losses {
    private final TableSet written;
    private final Map<Table, Table> read = new LinkedHashMap<>();
    private final List<Link> links;

    private Losses(TableSet written, TableSet opened) {
        this.written = written;
        this.links = opened.links();
        List<Table> others = new ArrayList<>(opened.tables());
        for (Table table : written.tables()) {
            others.stream().filter(other -> other.name().equals(table.name())).findFirst().ifPresent(same -> {
                read.put(table, same);
                others.remove(same);
            });
        }
        // A table whose name the file cannot hold stands where it was written.
        for (Table table : written.tables()) {
            if (!read.containsKey(table) && !others.isEmpty() && others.size() >= written.tables().size() - read.size())
                read.put(table, others.removeFirst());
        }
    }

    /** What of the tables that were written is not there in those that the file gives. */
    static List<Loss> of(TableSet written, TableSet opened) {
        Losses losses = new Losses(written, opened);
        return Stream.of(losses.tables(), losses.names(), losses.types(), losses.keys(), losses.missingLinks(),
                losses.rows(), losses.values()).flatMap(Optional::stream).toList();
    }

    private Optional<Loss> tables() {
        return some(Kind.TABLES, written.tables().stream().filter(table -> !read.containsKey(table)).map(Table::name),
                FileSentences::tablesLost);
    }

    private Optional<Loss> names() {
        return some(Kind.NAMES, read.entrySet().stream().flatMap(pair -> Stream.concat(
                changed(pair.getKey().name(), pair.getValue().name()),
                IntStream.range(0, pair.getKey().columns().size()).boxed().flatMap(i -> changed(
                        pair.getKey().columns().get(i).name(), column(pair.getValue(), i).name())))),
                FileSentences::namesChanged);
    }

    private static Stream<NameChange> changed(String name, String other) {
        return name.equals(other) ? Stream.empty() : Stream.of(new NameChange(name, other));
    }

    private Optional<Loss> types() {
        return some(Kind.TYPES, read.entrySet().stream().flatMap(pair -> IntStream
                .range(0, pair.getKey().columns().size())
                .mapToObj(i -> new TypeChange(pair.getKey().name(), pair.getKey().columns().get(i),
                        column(pair.getValue(), i)))
                .filter(change -> change.was().type() != change.becomes().type()
                        || !change.was().size().equals(change.becomes().size()))),
                FileSentences::typesChanged);
    }

    private Optional<Loss> keys() {
        return some(Kind.KEYS, read.entrySet().stream()
                .filter(pair -> IntStream.range(0, pair.getKey().columns().size()).anyMatch(i -> {
                    Column column = pair.getKey().columns().get(i);
                    Column other = column(pair.getValue(), i);
                    return column.key() != other.key() || column.nullable() != other.nullable();
                })).map(pair -> pair.getKey().name()), FileSentences::keysLost);
    }

    private Optional<Loss> missingLinks() {
        return some(Kind.LINKS, written.links().stream().filter(link -> !links.contains(link))
                .map(link -> new NameChange(link.left(), link.right())), FileSentences::linksLost);
    }

    private Optional<Loss> rows() {
        return some(Kind.ROWS, read.entrySet().stream()
                .filter(pair -> pair.getValue().rows().size() < pair.getKey().rows().size())
                .map(pair -> new RowsOf(pair.getKey().name(),
                        pair.getKey().rows().size() - pair.getValue().rows().size())),
                FileSentences::rowsLost);
    }

    private Optional<Loss> values() {
        return some(Kind.VALUES, read.entrySet().stream().flatMap(pair -> changed(pair.getKey(), pair.getValue())),
                (in, all) -> in.valuesChanged(all.getFirst(), all.size()));
    }

    private static Stream<ValueChange> changed(Table table, Table other) {
        boolean all = other.rows().size() >= table.rows().size();
        List<Integer> rows = IntStream.range(0, table.rows().size())
                .filter(i -> all || table.rows().get(i).written().stream().anyMatch(value -> !value.isNull())).boxed()
                .toList();
        return IntStream.range(0, Math.min(rows.size(), other.rows().size())).boxed().flatMap(i -> {
            Row row = table.rows().get(rows.get(i));
            Row there = other.rows().get(i);
            return IntStream.range(0, table.columns().size())
                    .filter(c -> !isSame(row.written().get(c), there.written().get(c)))
                    .mapToObj(c -> new ValueChange(table.columns().get(c).name(), rows.get(i) + 1L, table.name(),
                            row.written().get(c), there.written().get(c)));
        });
    }

    private static boolean isSame(Value one, Value other) {
        return one.isNull() == other.isNull() && one.shown().equals(other.shown());
    }

    private static Column column(Table table, int number) {
        return table.columns().get(Math.min(number, table.columns().size() - 1));
    }

    private static <T> Optional<Loss> some(Kind kind, Stream<T> things,
            BiFunction<FileSentences, List<T>, String> said) {
        List<T> all = things.toList();
        return all.isEmpty() ? Optional.empty() : Optional.of(new Loss(kind, in -> said.apply(in, all)));
    }
}
