package lunko.lesson;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lunko.engine.ValueOrder;
import lunko.insight.keys.KeyFaults;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * The links of a lesson that can be said as foreign keys (ISO/IEC 9075-2, referential constraint definition), and those
 * that its rows or keys do not allow for.
 *
 * @param tables the tables, each behind those that it refers to
 * @param holding links from the table that refers to the one whose key it refers to
 * @param broken the other links
 */
public record ForeignKeys(List<Table> tables, List<Link> holding, List<Link> broken) {

    /** Keeps its lists as they are. */
    public ForeignKeys {
        tables = List.copyOf(tables);
        holding = List.copyOf(holding);
        broken = List.copyOf(broken);
    }

    /** Looks at all links of a set. Of links that run in a circle, one is not said as a foreign key. */
    public static ForeignKeys of(TableSet set) {
        List<Link> holding = new ArrayList<>();
        List<Link> broken = new ArrayList<>();
        for (Link link : set.links()) {
            Optional<Link> key = Stream.of(link, link.turned()).filter(each -> holds(each, set)).findFirst();
            key.ifPresentOrElse(holding::add, () -> broken.add(link));
        }
        List<Table> ordered = new ArrayList<>();
        List<Table> waiting = new ArrayList<>(set.tables());
        while (!waiting.isEmpty()) {
            Table next =
                    waiting.stream().filter(table -> waiting.stream().noneMatch(other -> refers(holding, table, other)))
                            .findFirst().orElse(waiting.getFirst());
            List<Link> circle = holding.stream().filter(link -> link.left().equals(next.name())
                    && waiting.stream().anyMatch(other -> other != next && other.name().equals(link.right()))).toList();
            holding.removeAll(circle);
            broken.addAll(circle);
            ordered.add(next);
            waiting.remove(next);
        }
        return new ForeignKeys(ordered, holding, broken);
    }

    private static boolean refers(List<Link> links, Table from, Table to) {
        return from != to
                && links.stream().anyMatch(link -> link.left().equals(from.name()) && link.right().equals(to.name()));
    }

    /**
     * Whether the columns on the right are the whole key of their table, which holds, and each key on the left is one
     * of them.
     */
    private static boolean holds(Link link, TableSet set) {
        Table child = table(set, link.left());
        Table parent = table(set, link.right());
        List<Integer> own = link.pairs().stream().map(pair -> child.column(pair.left()).orElseThrow()).toList();
        List<Integer> others = link.pairs().stream().map(pair -> parent.column(pair.right()).orElseThrow()).toList();
        for (int i = 0; i < own.size(); i++) {
            if (child.columns().get(own.get(i)).type() != parent.columns().get(others.get(i)).type()) return false;
        }
        if (new HashSet<>(own).size() < own.size() || !Set.copyOf(others).equals(Set.copyOf(parent.key()))
                || others.size() != parent.key().size()
                || !KeyFaults.of(parent).isNone())
            return false;
        Set<Object> there = new HashSet<>();
        parent.rows().forEach(row -> there.add(ValueOrder.identity(key(row, others))));
        return child.rows().stream().map(row -> key(row, own)).filter(key -> key.stream().noneMatch(Value::isNull))
                .allMatch(key -> there.contains(ValueOrder.identity(key)));
    }

    private static List<Value> key(Row row, List<Integer> columns) {
        return columns.stream().map(row::value).toList();
    }

    private static Table table(TableSet set, String name) {
        return set.tables().stream().filter(table -> table.name().equals(name)).findFirst().orElseThrow();
    }
}
