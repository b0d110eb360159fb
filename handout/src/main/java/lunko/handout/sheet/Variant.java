package lunko.handout.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.Scene;
import lunko.lesson.Scenes;
import lunko.query.KeyPair;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Chance;
import lunko.table.Table;

/**
 * The same lesson with its rows dealt anew, so that neighbours cannot copy: what stands in a column stays in it, in
 * other rows. So each is as difficult as the others: as many rows match, are repeated, have no match or no key. Keys of
 * a table itself stay where they are, and what a query says of values stays true of as many rows.
 *
 * @param number 0 for the tables as they are, called A
 */
public record Variant(int number) {
    /** So many have a letter. */
    public static final int MOST = 26;
    /** So often a row that points at itself is dealt again. */
    private static final int TRIES = 50;

    /** Its letter: {@code A}. */
    public String letter() {
        return Character.toString('A' + number);
    }

    /** The scene that a lesson shows, on its own tables, dealt anew. */
    public Lesson of(Lesson lesson) {
        if (number == 0) return lesson;
        Chance random = new Chance(number * 7919L);
        List<Table> dealt = lesson.tables().stream().filter(table -> !lesson.views().has(table.name()))
                .map(table -> dealt(table, lesson.links(), random)).toList();
        Scene scene = lesson.scene().owning(Optional.empty());
        return new Lesson(lesson.title(), dealt, lesson.sharedLinks(), lesson.layout(), Scenes.of(scene),
                lesson.views());
    }

    private static Table dealt(Table table, List<Link> links, Chance random) {
        Table dealt = table;
        Set<Integer> done = new HashSet<>(table.key());
        for (Link link : links) {
            if (!link.left().equals(table.name())) continue;
            List<Integer> columns = link.pairs().stream().map(KeyPair::left)
                    .flatMapToInt(name -> table.column(name).stream()).boxed().toList();
            if (columns.stream().anyMatch(done::contains)) continue;
            done.addAll(columns);
            dealt = link.right().equals(table.name()) ? withoutLoops(dealt, columns, link, random)
                    : moved(dealt, columns, random);
        }
        for (int column = 0; column < table.columns().size(); column++)
            if (!done.contains(column)) dealt = moved(dealt, List.of(column), random);
        return dealt;
    }

    /** The same with no row that points at itself, if that can be found. */
    private static Table withoutLoops(Table table, List<Integer> columns, Link link, Chance random) {
        List<Integer> others = link.pairs().stream().map(KeyPair::right)
                .flatMapToInt(name -> table.column(name).stream()).boxed().toList();
        Table dealt = table;
        for (int i = 0; i < TRIES; i++) {
            dealt = moved(table, columns, random);
            boolean loops = dealt.rows().stream().anyMatch(row -> IntStream.range(0, columns.size())
                    .allMatch(key -> row.value(columns.get(key)).equals(row.value(others.get(key)))));
            if (!loops) break;
        }
        return dealt;
    }

    /** A table, the values of some columns moved together to other rows. */
    private static Table moved(Table table, List<Integer> columns, Chance random) {
        List<Integer> order = new ArrayList<>(IntStream.range(0, table.rows().size()).boxed().toList());
        random.shuffle(order);
        List<Row> rows = new ArrayList<>();
        for (int row = 0; row < order.size(); row++) {
            Row to = table.rows().get(row);
            for (int column : columns) {
                Entry entry = table.rows().get(order.get(row)).entry(column);
                to = to.with(column, entry);
            }
            rows.add(to);
        }
        return new Table(table.name(), table.columns(), rows, table.nextId());
    }
}
