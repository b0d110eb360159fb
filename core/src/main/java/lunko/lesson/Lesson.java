package lunko.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.insight.keys.KeyProposal;
import lunko.lesson.own.OwnTables;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.FreeName;
import lunko.table.SameName;
import lunko.table.Table;

/**
 * The document an instructor works on: tables, of which there is always one, no two of the same name; the links between
 * them; how they lie on the bench; and the scenes that show them. Its tables are those of the scene that is shown,
 * which may have a state of its own; what all scenes share is asked for by name. Lessons are equal that have the same
 * in all of this.
 */
public final class Lesson {
    private final String title;
    private final List<Table> shared;
    private final List<Link> sharedLinks;
    private final Layout layout;
    private final Scenes scenes;
    private final Views views;
    private final List<Table> tables;
    private final List<Link> links;
    private final StagedScene staged;

    /** A lesson of all its parts but views; tables and links are those that its scenes share. */
    public Lesson(String title, List<Table> shared, List<Link> sharedLinks, Layout layout, Scenes scenes) {
        this(title, shared, sharedLinks, layout, scenes, Views.NONE);
    }

    /** A lesson of all its parts; a view whose query cannot run is blank. */
    public Lesson(String title, List<Table> shared, List<Link> sharedLinks, Layout layout, Scenes scenes,
            Views views) {
        this.title = title;
        this.shared = List.copyOf(shared);
        this.layout = layout;
        this.scenes = scenes;
        this.views = views;
        this.sharedLinks = within(states().flatMap(state -> views.over(state).stream()).toList(), sharedLinks);
        this.tables = views.over(stored());
        this.links = within(tables, this.sharedLinks);
        this.staged = new StagedScene(this.tables, this.links, scenes.shown());
    }

    /** The stored tables in every state that a scene has of them. */
    private Stream<List<Table>> states() {
        return Stream.concat(Stream.of(shared), scenes.all().stream().filter(scene -> scene.own().isPresent())
                .map(scene -> scene.tables(shared)));
    }

    /** A view whose query cannot run, in the lesson or in one of its scenes, if there is one. */
    public Optional<Views.Broken> brokenView() {
        return states().flatMap(state -> views.broken(state).stream()).findFirst();
    }

    private static List<Link> within(List<Table> tables, List<Link> links) {
        return links.stream().map(link -> link.within(tables)).filter(link -> !link.pairs().isEmpty()).toList();
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
        Lesson all = one.roster().adding(TableSet.of(set.tables().subList(1, set.tables().size())));
        all = new Lesson("", all.shared, set.links(), Layout.PLAIN, all.scenes, new Views(set.views()));
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
        return tables.stream().filter(table -> SameName.of(table.name(), name)).findFirst();
    }

    /** The link between two tables, from the one to the other, if there is one. */
    public Optional<Link> link(String left, String right) {
        return staged.link(left, right);
    }

    /** The title. */
    public String title() {
        return title;
    }

    /** The tables as the scene that is shown has them, those of the views behind the others. */
    public List<Table> tables() {
        return tables;
    }

    /** The same without those of the views. */
    List<Table> stored() {
        return scene().tables(shared);
    }

    /** The views. */
    public Views views() {
        return views;
    }

    /** What links these. */
    public List<Link> links() {
        return links;
    }

    /** The tables that the scenes share. */
    public List<Table> shared() {
        return shared;
    }

    /** What links those, and what links columns that a scene alone has. */
    public List<Link> sharedLinks() {
        return sharedLinks;
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
        return other instanceof Lesson lesson && lesson.title.equals(title) && lesson.shared.equals(shared)
                && lesson.sharedLinks.equals(sharedLinks) && lesson.layout.equals(layout)
                && lesson.scenes.equals(scenes) && lesson.views.equals(views);
    }

    @Override
    public int hashCode() {
        return Objects.hash(title, shared, sharedLinks, layout, scenes, views);
    }

    @Override
    public String toString() {
        return title + " " + shared + " " + sharedLinks + " " + scenes + " " + views;
    }

    /** The tables that the scenes share and their links, without what is Lunko's own. */
    public TableSet sharedSet() {
        return new TableSet(shared, within(shared, sharedLinks));
    }

    /** The tables and their links, as the scene that is shown has them. */
    public TableSet set() {
        return new TableSet(tables, links);
    }

    /**
     * For tables that nobody has linked, the columns that speak most for it; those of the scene come first. Views have
     * the columns of what they read, which says nothing.
     */
    public List<Link> proposedLinks() {
        List<Link> proposed = new ArrayList<>();
        for (int l = 0; l < tables.size(); l++) {
            for (int r = l; r < tables.size(); r++) {
                Table left = tables.get(l);
                Table right = tables.get(r);
                if (views.has(left.name()) || views.has(right.name())) continue;
                if (link(left.name(), right.name()).isPresent()) continue;
                KeyProposal.of(left, right).stream().findFirst().ifPresent(
                        proposal -> proposed.add(new Link(left.name(), right.name(), List.of(proposal.pair()))));
            }
        }
        proposed.sort(Comparator.comparing(link -> link.between(scene().left(), scene().right()).isEmpty()));
        return proposed;
    }

    /**
     * Whether this is the other lesson in all that somebody has made: which scene is looked at just now makes no
     * difference, nor, while there is but one, which kind of join, because every demonstration goes through several.
     */
    public boolean isAsMade(Lesson other) {
        return equals(other) || normal().equals(other.normal());
    }

    private Lesson normal() {
        if (scenes.size() > 1) return at(0);
        return staged.plainJoin().isPresent() || scene().written().isEmpty()
                ? new SceneEdit.ChooseKind(JoinKind.INNER).applyTo(this).either(lesson -> lesson, _ -> this) : this;
    }

    /** The same lesson with another of its scenes shown, counted from 0; beyond the first or last means that one. */
    public Lesson at(int scene) {
        return scene == scenes.at() ? this : with(scenes.at(scene));
    }

    /**
     * The same lesson, in which every scene has a state of the tables of its own: what is changed while one is shown
     * stays in it.
     */
    public Lesson owning() {
        return with(new Scenes(scenes.all().stream()
                .map(scene -> scene.own().isPresent() ? scene : scene.owning(Optional.of(OwnTables.SAME))).toList(),
                scenes.at()));
    }

    /** The same lesson under another title. */
    Lesson titled(String other) {
        return new Lesson(other, shared, sharedLinks, layout, scenes, views);
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
        return new Lesson(title, shared, sharedLinks, layout, other, views);
    }

    /** The same lesson, lying otherwise on the bench. */
    Lesson with(Layout other) {
        return new Lesson(title, shared, sharedLinks, other, scenes, views);
    }

    /** The same lesson with other views. */
    Lesson with(Views other) {
        return new Lesson(title, shared, sharedLinks, layout, scenes, other);
    }

    /** The same lesson with other columns of the scene's tables matched. */
    public Lesson matching(List<KeyPair> pairs) {
        return linking(new Link(scene().left(), scene().right(), pairs));
    }

    /** The same lesson with this link in the place of the one between its tables; a link without pairs is none. */
    Lesson linking(Link link) {
        List<Link> changed = new ArrayList<>();
        boolean there = false;
        for (Link other : sharedLinks) {
            if (other.between(link.left(), link.right()).isEmpty()) {
                changed.add(other);
            } else {
                there = true;
                if (!link.pairs().isEmpty()) changed.add(other.left().equals(link.left()) ? link : link.turned());
            }
        }
        if (!there && !link.pairs().isEmpty()) changed.add(link);
        return new Lesson(title, shared, changed, layout, scenes, views);
    }

    /** The same lesson, its scene joined by the link if these two are its tables. */
    Lesson byLink(String left, String right) {
        boolean shown = new Link(scene().left(), scene().right(), List.of()).between(left, right).isPresent();
        return shown ? with(scene().of(scene().pairing().byLink())) : this;
    }

    /** The same lesson with each link changed; one that has no pairs any more is gone. */
    Lesson changingLinks(UnaryOperator<Link> change) {
        return new Lesson(title, shared,
                sharedLinks.stream().map(change).filter(link -> !link.pairs().isEmpty()).toList(), layout, scenes,
                views);
    }

    /**
     * The same lesson with a table changed, its name and the names of its columns staying as they are; where the scene
     * has a state of its own, the change stays in it. The rows of a view are not changed. A column that would be too
     * small for what comes into it is of any size from then on.
     */
    Lesson change(String name, UnaryOperator<Table> change) {
        if (views.has(name)) return this;
        return scene().own()
                .map(own -> own.becoming(shared, change.apply(table(name)).makingRoom(), scenes.lowestRow(name)))
                .map(own -> with(scene().owning(Optional.of(own)))).orElseGet(() -> changeShared(name, change));
    }

    /** The same lesson with a table changed in all scenes that do not differ there. */
    Lesson changeShared(String name, UnaryOperator<Table> change) {
        return sharing(
                shared.stream().map(table -> table.name().equals(name) ? change.apply(table).makingRoom() : table)
                        .toList());
    }

    /** The same lesson, its scenes sharing other tables. */
    Lesson sharing(List<Table> other) {
        return new Lesson(title, other, sharedLinks, layout, scenes, views);
    }

    /**
     * The same lesson with the table of one side changed, its name and the names of its columns staying as they are.
     */
    Lesson change(Side side, UnaryOperator<Table> change) {
        return change(scene().on(side), change);
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

    /** Which tables there are, to be changed. */
    TableRoster roster() {
        return new TableRoster(this);
    }

    /** A name that no table of the lesson has: this one, or with a number. */
    public String freeName(String name) {
        return free(name, shared);
    }

    /**
     * The name, or the name with the first number that makes it different from those of these tables and of the views.
     */
    String free(String name, List<Table> taken) {
        return FreeName.of(name, "_", other -> views.has(other)
                || taken.stream().anyMatch(table -> SameName.of(table.name(), other)));
    }
}
