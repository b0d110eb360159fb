package lunko.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.sql.Renaming;
import lunko.insight.keys.KeyProposal;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.FreeName;
import lunko.table.Table;

/**
 * The document an instructor works on: tables, of which there is always one, no two of the same name; the links between
 * them; how they lie on the bench; and the scenes that show them. Lessons are equal that have the same in all of this.
 */
public final class Lesson {
    private final String title;
    private final List<Table> tables;
    private final List<Link> links;
    private final Layout layout;
    private final Scenes scenes;
    private final StagedScene staged;

    /** A lesson of all its parts. */
    public Lesson(String title, List<Table> tables, List<Link> links, Layout layout, Scenes scenes) {
        this.title = title;
        this.tables = List.copyOf(tables);
        this.links = List.copyOf(links);
        this.layout = layout;
        this.scenes = scenes;
        this.staged = new StagedScene(this.tables, this.links, scenes.shown());
    }

    /** A lesson on two tables, and more that it does not show yet. */
    public static Lesson of(String title, Table left, JoinKind kind, Table right, List<KeyPair> on, Table... more) {
        return new Lesson(title, Stream.concat(Stream.of(left, right), Stream.of(more)).toList(), List.of(),
                Layout.PLAIN,
                Scenes.of(Scene.of(left.name(), kind, right.name()))).matching(on);
    }

    /** A lesson on two tables, joined by the columns that surely belong together, if there are such. */
    public static Lesson on(Table left, JoinKind kind, Table right) {
        return of(TableSet.of(List.of(left, right))).of(kind);
    }

    /** A lesson to be begun: two tables in which there is nothing yet. */
    public static Lesson begun() {
        return of(TableSet.of(List.of(Opening.blank("table_1"), Opening.blank("table_2"))));
    }

    /** A lesson on tables, of which there is one at least: it joins two that are linked, or the first two. */
    public static Lesson of(TableSet set) {
        Table first = set.tables().getFirst();
        Lesson one = new Lesson("", List.of(first), List.of(), Layout.PLAIN,
                Scenes.of(Scene.of(first.name(), JoinKind.INNER, first.name())));
        Lesson all = one.adding(TableSet.of(set.tables().subList(1, set.tables().size())));
        all = new Lesson("", all.tables, set.links(), Layout.PLAIN, all.scenes);
        Optional<Link> link = Opening.of(all);
        String other = set.tables().size() > 1 ? all.tables.get(1).name() : first.name();
        return all
                .looking(link.map(Link::left).orElse(all.tables.getFirst().name()), link.map(Link::right).orElse(other))
                .titledByTables();
    }

    /** The table of this name; a defect if there is none. */
    public Table table(String name) {
        return find(name).orElseThrow(() -> new IllegalArgumentException("no table " + name));
    }

    /** The table of this name, if there is one. As in SQL, case does not matter. */
    public Optional<Table> find(String name) {
        return tables.stream().filter(table -> table.name().equalsIgnoreCase(name)).findFirst();
    }

    /** The link between two tables, from the one to the other, if there is one. */
    public Optional<Link> link(String left, String right) {
        return staged.link(left, right);
    }

    /** The title. */
    public String title() {
        return title;
    }

    /** The tables. */
    public List<Table> tables() {
        return tables;
    }

    /** What links them. */
    public List<Link> links() {
        return links;
    }

    /** How they lie on the bench. */
    public Layout layout() {
        return layout;
    }

    /** What shows them, in order. */
    public Scenes scenes() {
        return scenes;
    }

    /** The scene that is shown. */
    public Scene scene() {
        return scenes.shown();
    }

    /** The scene that is shown, with the tables and links. */
    public StagedScene staged() {
        return staged;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Lesson lesson && lesson.title.equals(title) && lesson.tables.equals(tables)
                && lesson.links.equals(links) && lesson.layout.equals(layout) && lesson.scenes.equals(scenes);
    }

    @Override
    public int hashCode() {
        return Objects.hash(title, tables, links, layout, scenes);
    }

    @Override
    public String toString() {
        return title + " " + tables + " " + links + " " + scenes;
    }

    /** The tables and their links, without what is Lunko's own. */
    public TableSet set() {
        return new TableSet(tables, links);
    }

    /** For tables that nobody has linked, the columns that speak most for it; those of the scene come first. */
    public List<Link> proposedLinks() {
        List<Link> proposed = new ArrayList<>();
        for (int l = 0; l < tables.size(); l++) {
            for (int r = l; r < tables.size(); r++) {
                Table left = tables.get(l);
                Table right = tables.get(r);
                if (link(left.name(), right.name()).isPresent()) continue;
                KeyProposal.of(left, right).stream().findFirst().ifPresent(
                        proposal -> proposed.add(new Link(left.name(), right.name(), List.of(proposal.pair()))));
            }
        }
        proposed.sort(Comparator.comparing(link -> link.between(scene().left(), scene().right()).isEmpty()));
        return proposed;
    }

    /**
     * Whether this is the other lesson in all that somebody has made: which kind of join is looked at just now makes no
     * difference, because every demonstration goes through several.
     */
    public boolean isAsMade(Lesson other) {
        return equals(other) || normal().equals(other.normal());
    }

    private Lesson normal() {
        return staged.plainJoin().isPresent() || scene().written().isEmpty()
                ? new SceneEdit.ChooseKind(JoinKind.INNER).applyTo(this).either(lesson -> lesson, _ -> this) : this;
    }

    /** The same lesson under another title. */
    Lesson titled(String other) {
        return new Lesson(other, tables, links, layout, scenes);
    }

    /** The same lesson with another kind of join. */
    public Lesson of(JoinKind other) {
        return with(scene().of(scene().pairing().of(other)));
    }

    /** The same lesson with another scene shown. */
    Lesson with(Scene other) {
        return with(scenes.with(other));
    }

    /** The same lesson with other scenes. */
    Lesson with(Scenes other) {
        return new Lesson(title, tables, links, layout, other);
    }

    /** The same lesson, lying otherwise on the bench. */
    Lesson with(Layout other) {
        return new Lesson(title, tables, links, other, scenes);
    }

    /** The same lesson with other columns of the scene's tables matched. */
    public Lesson matching(List<KeyPair> pairs) {
        return linking(new Link(scene().left(), scene().right(), pairs));
    }

    /** The same lesson with this link in the place of the one between its tables; a link without pairs is none. */
    Lesson linking(Link link) {
        List<Link> changed = new ArrayList<>();
        boolean there = false;
        for (Link other : links) {
            if (other.between(link.left(), link.right()).isEmpty()) {
                changed.add(other);
            } else {
                there = true;
                if (!link.pairs().isEmpty()) changed.add(other.left().equals(link.left()) ? link : link.turned());
            }
        }
        if (!there && !link.pairs().isEmpty()) changed.add(link);
        return new Lesson(title, tables, changed, layout, scenes);
    }

    /** The same lesson, its scene joined by the link if these two are its tables. */
    Lesson byLink(String left, String right) {
        boolean shown = new Link(scene().left(), scene().right(), List.of()).between(left, right).isPresent();
        return shown ? with(scene().of(scene().pairing().byLink())) : this;
    }

    /** The same lesson with each link changed; one that has no pairs any more is gone. */
    Lesson changingLinks(UnaryOperator<Link> change) {
        return new Lesson(title, tables, links.stream().map(change).filter(link -> !link.pairs().isEmpty()).toList(),
                layout, scenes);
    }

    /** The same lesson with a table changed, its name and the names of its columns staying as they are. */
    Lesson change(String name, UnaryOperator<Table> change) {
        return new Lesson(title,
                tables.stream().map(table -> table.name().equals(name) ? change.apply(table) : table).toList(), links,
                layout, scenes);
    }

    /**
     * The same lesson with the table of one side changed, its name and the names of its columns staying as they are.
     */
    Lesson change(Side side, UnaryOperator<Table> change) {
        return change(scene().on(side), change);
    }

    /** The same lesson with a table under another name, which no other has. */
    Lesson renaming(String name, String to) {
        return new Lesson(title,
                tables.stream().map(table -> table.name().equals(name) ? table.named(to) : table).toList(),
                links.stream().map(link -> link.renaming(name, to)).toList(), layout.renaming(name, to),
                scenes.changing(scene -> scene.of(scene.pairing().renaming(name, to))
                        .renaming(new Renaming.OfTable(name, to), tables)))
                .titledAs(this);
    }

    /**
     * The same lesson with another table in the place of one. Columns stay linked where the new table has them and they
     * can be compared; where that leaves the scene without, those are matched that surely belong together. A name that
     * another table has gets a number.
     */
    Lesson replace(String name, Table table) {
        List<Table> others = tables.stream().filter(other -> !other.name().equals(name)).toList();
        Lesson renamed = renaming(name, free(table.name(), others));
        String now = free(table.name(), others);
        return renamed.change(now, _ -> table.named(now))
                .changingLinks(link -> !link.touches(now) ? link : renamed.comparable(link, now, table.named(now)))
                .looking(renamed.scene().left(), renamed.scene().right());
    }

    private Link comparable(Link link, String name, Table table) {
        Table left = link.left().equals(name) ? table : table(link.left());
        Table right = link.right().equals(name) ? table : table(link.right());
        return link.with(link.pairs().stream().filter(pair -> Equality.of(pair, left, right) instanceof Checked.Valid)
                .toList());
    }

    /** The same lesson with more tables; names that are taken get a number. */
    Lesson adding(TableSet set) {
        List<Table> all = new ArrayList<>(tables);
        List<Link> more = set.links();
        for (Table table : set.tables()) {
            String name = free(table.name(), all);
            all.add(table.named(name));
            if (!name.equals(table.name()))
                more = more.stream().map(link -> link.renaming(table.name(), name)).toList();
        }
        return new Lesson(title, all, Stream.concat(links.stream(), more.stream()).toList(), layout, scenes);
    }

    /**
     * The same lesson with more tables, in the place of those into which nobody has put anything; while it shows
     * nothing, it shows the two that are linked best from now on.
     */
    Lesson bringing(TableSet set) {
        Lesson brought = adding(set);
        List<Table> blank = tables.stream().filter(Opening::isBlank).limit(set.tables().size()).toList();
        for (Table table : blank) brought = brought.without(table.name());
        Lesson now = blank.isEmpty() ? brought : brought.calledAs(set);
        if (!staged.isUnmatched()) return now;
        return Opening.of(now).map(link -> now.looking(link.left(), link.right())).orElse(now).titledAs(this);
    }

    /** The same lesson, its last tables called as these, as far as no other has the name. */
    private Lesson calledAs(TableSet set) {
        Lesson called = this;
        int first = tables.size() - set.tables().size();
        for (int i = 0; i < set.tables().size(); i++) {
            Table own = called.tables.get(first + i);
            String wanted = free(set.tables().get(i).name(),
                    called.tables.stream().filter(other -> other != own).toList());
            if (!wanted.equals(own.name())) called = called.renaming(own.name(), wanted);
        }
        return called;
    }

    /** The same lesson without a table, which is not its last; scenes that showed it show another in its place. */
    Lesson without(String name) {
        List<Table> rest = tables.stream().filter(table -> !table.name().equals(name)).toList();
        Lesson others = new Lesson(title, rest, links.stream().filter(link -> !link.touches(name)).toList(),
                layout.without(name), scenes.changing(scene -> scene.of(scene.pairing().without(name, rest))));
        Pairing pairing = others.scene().pairing();
        return others.looking(pairing.left(), pairing.right()).titledAs(this);
    }

    /**
     * The same lesson with two other tables in its scene; if they are not linked, the columns that surely belong
     * together are matched.
     */
    Lesson looking(String left, String right) {
        Lesson looked = with(scene().of(scene().pairing().of(left, right)));
        if (looked.link(left, right).isEmpty()) {
            List<KeyPair> named = left.equals(right) ? List.of()
                    : KeyProposal.of(looked.staged.left(), looked.staged.right()).stream()
                            .filter(proposal -> proposal.reason() == KeyProposal.Reason.SAME_NAME)
                            .map(KeyProposal::pair).toList();
            // Where there are more, only a person can tell which is meant.
            if (named.size() == 1) looked = looked.matching(named);
        }
        return looked.titledAs(this);
    }

    /** The title goes with the tables, unless somebody has chosen another. */
    Lesson titledAs(Lesson before) {
        return before.title.equalsIgnoreCase(before.plainTitle()) ? titledByTables() : this;
    }

    private String plainTitle() {
        return scene().left() + ", " + scene().right();
    }

    private Lesson titledByTables() {
        return title.equalsIgnoreCase(plainTitle()) ? this : titled(plainTitle());
    }

    /** The name, or the name with the first number that makes it different from those of these tables. */
    static String free(String name, List<Table> taken) {
        return FreeName.of(name, "_", other -> taken.stream().anyMatch(table -> table.name().equalsIgnoreCase(other)));
    }
}
