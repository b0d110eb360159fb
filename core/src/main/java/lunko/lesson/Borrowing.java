package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import lunko.lesson.own.TableChange;
import lunko.table.Row;
import lunko.table.SameName;
import lunko.table.Table;

/**
 * Scenes of one lesson taken into another, with the tables that they need and the links of these. A table that is there
 * already, with the same columns and rows, is not brought again; one that only has the name of another gets a new one.
 */
final class Borrowing {
    private Borrowing() {}

    /** The lesson with scenes of another behind the one that it shows. */
    static Lesson of(Lesson lesson, Lesson other, Set<Integer> which) {
        List<Scene> wanted = new TreeSet<>(which).stream().map(other.scenes().all()::get).toList();
        Lesson from = other.with(new Scenes(wanted, 0));
        List<View> views = views(other, wanted);
        List<Table> needed = other.shared().stream().filter(table -> isNeeded(table.name(), wanted)
                || views.stream().anyMatch(view -> view.query().names(table.name()))).toList();
        List<Table> brought = new ArrayList<>();
        for (Table table : needed) {
            Optional<Table> same = lesson.shared().stream().filter(there -> isSame(there, table)).findFirst();
            if (same.isPresent()) {
                long lowest = lesson.scenes().lowestRow(table.name());
                from = from.with(from.scenes().changing(scene -> numbered(scene, table, same.get(), lowest)));
                continue;
            }
            List<Table> others = from.shared().stream().filter(one -> !one.name().equals(table.name())).toList();
            List<Table> taken = Stream.concat(lesson.shared().stream(), others.stream()).toList();
            String name = isTaken(lesson, table.name()) ? lesson.free(table.name(), taken) : table.name();
            from = from.roster().renaming(table.name(), name);
            brought.add(table.named(name));
        }
        List<Integer> places = views.stream().map(other.views().all()::indexOf).toList();
        from = unlike(lesson, from, places);
        Views known = lesson.views();
        for (int place : places) known = known.with(from.views().all().get(place));
        Lesson grown = lesson.roster().adding(new TableSet(brought, links(lesson, from, brought))).with(known);
        return grown.with(grown.scenes().inserting(grown.scenes().at(), from.scenes().all()));
    }

    /**
     * A lesson whose views, of these places, have no name that the other lesson has for something else. A new name
     * changes what reads the view, which may be the same as one of the other's no more.
     */
    private static Lesson unlike(Lesson lesson, Lesson from, List<Integer> places) {
        Lesson now = from;
        boolean more = true;
        while (more) {
            Lesson before = now;
            Optional<View> other = places.stream().map(before.views().all()::get)
                    .filter(view -> isTaken(lesson, view.name()) && !lesson.views().all().contains(view)).findFirst();
            if (other.isPresent()) now = now.roster().renaming(other.get().name(), lesson.free(other.get().name(),
                    Stream.concat(lesson.shared().stream(), now.tables().stream()).toList()));
            more = other.isPresent();
        }
        return now;
    }

    /** A scene whose own state of a table speaks of the rows of another that is the same; its own rows stay its own. */
    private static Scene numbered(Scene scene, Table table, Table same, long lowest) {
        return scene.owning(scene.own().map(own -> own.changing(change -> !change.table().equals(table.name()) ? change
                : change.numbering(id -> id < 0 && id != TableChange.GONE ? id + lowest : table.position(id).stream()
                        .mapToLong(at -> same.rows().get(at).id()).findFirst().orElse(TableChange.GONE)))));
    }

    private static boolean isTaken(Lesson lesson, String name) {
        return lesson.views().has(name)
                || lesson.shared().stream().anyMatch(there -> SameName.of(there.name(), name));
    }

    /** The links between tables that are there afterwards, as far as they touch a new one. */
    private static List<Link> links(Lesson lesson, Lesson from, List<Table> brought) {
        return from.sharedLinks().stream()
                .filter(link -> brought.stream().anyMatch(table -> link.touches(table.name())))
                .filter(link -> Stream.of(link.left(), link.right()).allMatch(name -> isTaken(lesson, name)
                        || brought.stream().anyMatch(table -> table.name().equals(name))))
                .toList();
    }

    /** The views that scenes need, and those that these read. */
    private static List<View> views(Lesson other, List<Scene> scenes) {
        List<View> needed = new ArrayList<>();
        boolean more = true;
        while (more) {
            List<View> found = other.views().all().stream().filter(view -> !needed.contains(view))
                    .filter(view -> isNeeded(view.name(), scenes)
                            || needed.stream().anyMatch(reading -> reading.query().names(view.name())))
                    .toList();
            needed.addAll(found);
            more = !found.isEmpty();
        }
        return needed;
    }

    private static boolean isNeeded(String table, List<Scene> scenes) {
        return scenes.stream().anyMatch(scene -> scene.left().equals(table) || scene.right().equals(table)
                || scene.written().stream().anyMatch(query -> query.names(table)));
    }

    private static boolean isSame(Table one, Table other) {
        return one.name().equals(other.name()) && one.columns().equals(other.columns())
                && one.rows().stream().map(Row::entries).toList()
                        .equals(other.rows().stream().map(Row::entries).toList());
    }
}
