package lunko.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.exchange.Loss.Kind;
import lunko.lesson.Link;
import lunko.lesson.TableSet;
import lunko.phrase.Words;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/** What of the tables that were written into a file is not there when it is opened: found by opening it. */
final class Losses {
    private static final int MOST_SHOWN = 40;

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
                "Not kept in the file: the tables ");
    }

    private Optional<Loss> names() {
        return some(Kind.NAMES, read.entrySet().stream().flatMap(pair -> Stream.concat(
                changed(pair.getKey().name(), pair.getValue().name()),
                IntStream.range(0, pair.getKey().columns().size()).boxed().flatMap(i -> changed(
                        pair.getKey().columns().get(i).name(), column(pair.getValue(), i).name())))),
                "Names that change in the file: ");
    }

    private static Stream<String> changed(String name, String other) {
        return name.equals(other) ? Stream.empty() : Stream.of(shown(name) + " becomes " + shown(other));
    }

    private Optional<Loss> types() {
        return some(Kind.TYPES, read.entrySet().stream().flatMap(pair -> IntStream
                .range(0, pair.getKey().columns().size())
                .filter(i -> pair.getKey().columns().get(i).type() != column(pair.getValue(), i).type())
                .mapToObj(i -> pair.getKey().columns().get(i).name() + " of " + pair.getKey().name() + " becomes "
                        + column(pair.getValue(), i).type().title() + " (was "
                        + pair.getKey().columns().get(i).type().title() + ")")),
                "Types that change when the file is opened: ");
    }

    private Optional<Loss> keys() {
        return some(Kind.KEYS, read.entrySet().stream()
                .filter(pair -> IntStream.range(0, pair.getKey().columns().size()).anyMatch(i -> {
                    Column column = pair.getKey().columns().get(i);
                    Column other = column(pair.getValue(), i);
                    return column.key() != other.key() || column.nullable() != other.nullable();
                })).map(pair -> pair.getKey().name()),
                "Not kept in the file: keys and NOT NULL of ");
    }

    private Optional<Loss> missingLinks() {
        return some(Kind.LINKS, written.links().stream().filter(link -> !links.contains(link))
                .map(link -> link.left() + " – " + link.right()), "Not kept in the file: the links ");
    }

    private Optional<Loss> rows() {
        return some(Kind.ROWS, read.entrySet().stream()
                .filter(pair -> pair.getValue().rows().size() < pair.getKey().rows().size())
                .map(pair -> Words.rows(pair.getKey().rows().size() - pair.getValue().rows().size()) + " of "
                        + pair.getKey().name()),
                "Not kept in the file: rows of NULLs alone, ");
    }

    private Optional<Loss> values() {
        List<String> changed = read.entrySet().stream()
                .flatMap(pair -> changed(pair.getKey(), pair.getValue())).toList();
        return changed.isEmpty() ? Optional.empty() : Optional.of(new Loss(Kind.VALUES,
                Words.counted(changed.size(), "value") + (changed.size() == 1 ? " changes" : " change, the first")
                        + " in the file: " + changed.getFirst() + "."));
    }

    private static Stream<String> changed(Table table, Table other) {
        boolean all = other.rows().size() >= table.rows().size();
        List<Integer> rows = IntStream.range(0, table.rows().size())
                .filter(i -> all || table.rows().get(i).written().stream().anyMatch(value -> !value.isNull())).boxed()
                .toList();
        return IntStream.range(0, Math.min(rows.size(), other.rows().size())).boxed().flatMap(i -> {
            Row row = table.rows().get(rows.get(i));
            Row there = other.rows().get(i);
            return IntStream.range(0, table.columns().size())
                    .filter(c -> !isSame(row.written().get(c), there.written().get(c)))
                    .mapToObj(c -> table.columns().get(c).name() + " in row " + (rows.get(i) + 1) + " of "
                            + table.name() + " becomes " + shown(there.written().get(c)) + " (was "
                            + shown(row.written().get(c)) + ")");
        });
    }

    private static boolean isSame(Value one, Value other) {
        return one.isNull() == other.isNull() && one.shown().equals(other.shown());
    }

    private static Column column(Table table, int number) {
        return table.columns().get(Math.min(number, table.columns().size() - 1));
    }

    private static String shown(Value value) {
        if (value.isNull()) return "NULL";
        return Objects.equals(value.shown(), "") ? "the empty text" : shown(value.shown());
    }

    private static String shown(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", "\uFFFD");
        return "“" + (plain.length() <= MOST_SHOWN ? plain : plain.substring(0, MOST_SHOWN) + "…") + "”";
    }

    private static Optional<Loss> some(Kind kind, Stream<String> things, String sentence) {
        List<String> all = things.toList();
        return all.isEmpty() ? Optional.empty() : Optional.of(new Loss(kind, sentence + Words.some(all) + "."));
    }
}
