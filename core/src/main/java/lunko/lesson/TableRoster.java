package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.sql.Renaming;
import lunko.problem.Checked;
import lunko.table.Table;

/** Which tables a lesson has: some are added, replaced, left out, or called otherwise, wherever they are named. */
record TableRoster(Lesson lesson) {

    /** The lesson with a table or a view under another name, which no other has. */
    Lesson renaming(String name, String to) {
        Renaming renaming = new Renaming.OfTable(name, to);
        return new Lesson(lesson.title(),
                lesson.shared().stream().map(table -> table.name().equals(name) ? table.named(to) : table).toList(),
                lesson.sharedLinks().stream().map(link -> link.renaming(name, to)).toList(),
                lesson.layout().renaming(name, to),
                lesson.scenes().changing(scene -> scene.of(scene.pairing().renaming(name, to))
                        .renaming(renaming, lesson.views().over(scene.tables(lesson.shared())))
                        .owning(scene.own().map(own -> own.changing(change -> change.renaming(name, to))))),
                lesson.views().renaming(name, to, lesson.shared()))
                .titledAs(lesson);
    }

    /** The lesson with a column under another name, which no other of the table has, wherever it is named. */
    Lesson renamingColumn(String name, String column, String to) {
        return ColumnsNamed.of(lesson).after(new Renaming.OfColumn(name, column, to)).in(lesson);
    }

    /** Whether the table has a column of this name in another state than the one that is shown. */
    boolean hasElsewhere(String name, String column) {
        return Stream
                .concat(Stream.of(lesson.shared()),
                        lesson.scenes().all().stream().map(scene -> scene.tables(lesson.shared())))
                .filter(state -> state != lesson.stored()).flatMap(List::stream)
                .anyMatch(table -> table.name().equals(name) && table.column(column).isPresent());
    }

    /**
     * The lesson with another table in the place of one. Columns stay linked where the new table has them and they can
     * be compared; where that leaves the scene without, those are matched that surely belong together. A name that
     * another table has gets a number.
     */
    Lesson replace(String name, Table table) {
        List<Table> others = lesson.shared().stream().filter(other -> !other.name().equals(name)).toList();
        Lesson renamed = renaming(name, lesson.free(table.name(), others));
        String now = lesson.free(table.name(), others);
        return renamed.changeShared(now, _ -> table.named(now).numbered())
                .changingLinks(link -> !link.touches(now) ? link : comparable(renamed, link, now, table.named(now)))
                .looking(renamed.scene().left(), renamed.scene().right());
    }

    private static Link comparable(Lesson lesson, Link link, String name, Table table) {
        Table left = link.left().equals(name) ? table : lesson.table(link.left());
        Table right = link.right().equals(name) ? table : lesson.table(link.right());
        return link.with(link.pairs().stream().filter(pair -> Equality.of(pair, left, right) instanceof Checked.Valid)
                .toList());
    }

    /** The lesson with more tables; names that are taken get a number. */
    Lesson adding(TableSet set) {
        List<Table> all = new ArrayList<>(lesson.shared());
        List<Link> more = set.links();
        Views views = new Views(set.views());
        for (Table table : set.tables()) {
            String name = lesson.free(table.name(), all);
            all.add(table.named(name).numbered());
            if (name.equals(table.name())) continue;
            more = more.stream().map(link -> link.renaming(table.name(), name)).toList();
            views = views.renaming(table.name(), name, set.tables());
        }
        List<Table> added = all.subList(lesson.shared().size(), all.size());
        for (View view : views.all()) {
            String name = lesson.free(view.name(), all);
            if (!name.equals(view.name())) views = views.renaming(view.name(), name, added);
        }
        return new Lesson(lesson.title(), all, Stream.concat(lesson.sharedLinks().stream(), more.stream()).toList(),
                lesson.layout(), lesson.scenes(),
                new Views(Stream.concat(lesson.views().all().stream(), views.all().stream()).toList()));
    }

    /**
     * The lesson with more tables, in the place of those into which nobody has put anything; while it shows nothing, it
     * shows the two that are linked best from now on.
     */
    Lesson bringing(TableSet set) {
        Lesson brought = adding(set);
        List<Table> blank = lesson.shared().stream().filter(Opening::isBlank).limit(set.tables().size()).toList();
        for (Table table : blank) brought = brought.roster().without(table.name());
        Lesson now = blank.isEmpty() ? brought : calledAs(brought, set);
        if (!lesson.staged().isUnmatched()) return now;
        return Opening.of(now).map(link -> now.looking(link.left(), link.right())).orElse(now).titledAs(lesson);
    }

    /** A lesson, its last tables called as these, as far as no other has the name. */
    private static Lesson calledAs(Lesson lesson, TableSet set) {
        Lesson called = lesson;
        int first = lesson.shared().size() - set.tables().size();
        for (int i = 0; i < set.tables().size(); i++) {
            Table own = called.shared().get(first + i);
            String wanted = lesson.free(set.tables().get(i).name(),
                    called.shared().stream().filter(other -> other != own).toList());
            if (!wanted.equals(own.name())) called = called.roster().renaming(own.name(), wanted);
        }
        return called;
    }

    /**
     * The lesson without a table, which is not its last, or a view; scenes that showed it show another in its place.
     */
    Lesson without(String name) {
        List<Table> rest = lesson.shared().stream().filter(table -> !table.name().equals(name)).toList();
        Lesson others = new Lesson(lesson.title(), rest,
                lesson.sharedLinks().stream().filter(link -> !link.touches(name)).toList(),
                lesson.layout().without(name),
                lesson.scenes().changing(scene -> scene.of(scene.pairing().without(name, rest))),
                lesson.views().without(name));
        Pairing pairing = others.scene().pairing();
        return others.looking(pairing.left(), pairing.right()).titledAs(lesson);
    }
}
