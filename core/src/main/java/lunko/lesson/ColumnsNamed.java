package lunko.lesson;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.sql.Renaming;
import lunko.table.Table;

/**
 * A lesson while its columns get other names. Where the heading of a view changes with the column that it comes from,
 * what names it follows.
 *
 * @param views the tables of the views, as what is written knows them so far
 */
record ColumnsNamed(List<Table> shared, List<Link> links, Scenes scenes, Views all, List<Table> views) {

    /** A lesson as it is. */
    static ColumnsNamed of(Lesson lesson) {
        return new ColumnsNamed(lesson.shared(), lesson.sharedLinks(), lesson.scenes(), lesson.views(),
                lesson.views().on(lesson.shared()));
    }

    /** With a column under another name, wherever it is named, and with what follows from that. */
    ColumnsNamed after(Renaming.OfColumn renaming) {
        ColumnsNamed now = one(renaming);
        // As often as a heading can change: each time, one more is as it will be.
        for (int i = views.stream().mapToInt(view -> view.columns().size()).sum(); i > 0; i--) {
            Optional<Renaming.OfColumn> next = now.following();
            if (next.isEmpty()) return now;
            now = now.one(next.get());
        }
        return now;
    }

    /** The first heading of a view that is another than what is written knows. */
    private Optional<Renaming.OfColumn> following() {
        List<Table> become = all.on(shared);
        return views.stream().flatMap(known -> become.stream().filter(now -> now.name().equals(known.name()))
                .flatMap(now -> changed(known, now).stream())).findFirst();
    }

    private static Optional<Renaming.OfColumn> changed(Table known, Table now) {
        return IntStream.range(0, Math.min(known.columns().size(), now.columns().size()))
                .filter(i -> !known.columns().get(i).name().equals(now.columns().get(i).name()))
                .mapToObj(i -> new Renaming.OfColumn(known.name(), known.columns().get(i).name(),
                        now.columns().get(i).name()))
                .findFirst();
    }

    private ColumnsNamed one(Renaming.OfColumn renaming) {
        String table = renaming.table();
        List<Table> before = Stream.concat(shared.stream(), views.stream()).toList();
        return new ColumnsNamed(renamed(shared, renaming),
                links.stream().map(link -> link.changing(table,
                        each -> each.map(one -> one.equals(renaming.column()) ? renaming.to() : one))).toList(),
                scenes.changing(scene -> scene
                        .renaming(renaming, Stream.concat(scene.tables(shared).stream(), views.stream()).toList())
                        .owning(scene.own().map(own -> own.changing(
                                change -> change.renamingColumn(table, renaming.column(), renaming.to()))))),
                all.changing(view -> view.renaming(renaming, before)), renamed(views, renaming));
    }

    private static List<Table> renamed(List<Table> tables, Renaming.OfColumn renaming) {
        return tables.stream().map(table -> !table.name().equals(renaming.table()) ? table
                : table.column(renaming.column()).stream()
                        .mapToObj(at -> table.withColumn(at, table.columns().get(at).named(renaming.to())))
                        .findFirst().orElse(table))
                .toList();
    }

    /** The lesson that it was, with these names. */
    Lesson in(Lesson lesson) {
        return new Lesson(lesson.title(), shared, links, lesson.layout(), scenes, all);
    }
}
