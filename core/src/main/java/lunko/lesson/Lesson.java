package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.engine.Outcome;
import lunko.engine.Plan;
import lunko.insight.KeyProposal;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Query;
import lunko.query.QueryText;
import lunko.query.Side;
import lunko.query.change.Joins;
import lunko.query.change.QueryChange;
import lunko.query.sql.FromItem;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Renaming;
import lunko.steps.MatchTimeline;
import lunko.steps.Timeline;
import lunko.steps.Way;
import lunko.table.Table;

/**
 * The document an instructor works on: tables, of which there is always one, no two of the same name; the links between
 * them;
 * how they lie on the bench; and the scene that joins two of them by their link, or shows a query that was written.
 */
public record Lesson(String title, List<Table> tables, List<Link> links, Layout layout, Scene scene) {
    private static final double MANY_PAIRS = 50_000;

    /** Keeps its tables and links as they are. */
    public Lesson {
        tables = List.copyOf(tables);
        links = List.copyOf(links);
    }

    /** A lesson on two tables, and more that it does not show yet. */
    public static Lesson of(String title, Table left, JoinKind kind, Table right, List<KeyPair> on, Table... more) {
        return new Lesson(title, Stream.concat(Stream.of(left, right), Stream.of(more)).toList(), List.of(),
                Layout.PLAIN,
                Scene.of(left.name(), kind, right.name())).matching(on);
    }

    /** A lesson on two tables, joined by the columns that surely belong together, if there are such. */
    public static Lesson on(Table left, JoinKind kind, Table right) {
        return of(TableSet.of(List.of(left, right))).of(kind);
    }

    /** A lesson on tables, of which there is one at least: it joins two that are linked, or the first two. */
    public static Lesson of(TableSet set) {
        Table first = set.tables().getFirst();
        Lesson one = new Lesson("", List.of(first), List.of(), Layout.PLAIN,
                Scene.of(first.name(), JoinKind.INNER, first.name()));
        Lesson all = one.adding(TableSet.of(set.tables().subList(1, set.tables().size())));
        all = new Lesson("", all.tables, set.links(), Layout.PLAIN, all.scene);
        Optional<Link> link = set.links().stream().filter(each -> !each.left().equals(each.right())).findFirst();
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

    /** The table on a side of the scene. */
    public Table table(Side side) {
        return table(scene.on(side));
    }

    /** The left table of the scene. */
    public Table left() {
        return table(scene.left());
    }

    /** The right table of the scene. */
    public Table right() {
        return table(scene.right());
    }

    /** The kind of join of the scene. */
    public JoinKind kind() {
        return scene.kind();
    }

    /**
     * The pairs of columns that are matched in the scene: those of the link, or in a natural join those of the same
     * name.
     */
    public List<KeyPair> on() {
        return scene.pairing().natural() ? Query.common(left(), right())
                : link(scene.left(), scene.right()).map(Link::pairs).orElse(List.of());
    }

    /** The link between two tables, from the one to the other, if there is one. */
    public Optional<Link> link(String left, String right) {
        return links.stream().flatMap(link -> link.between(left, right).stream()).findFirst();
    }

    /**
     * The join of the scene's two tables; where somebody has written it in words of their own, under the aliases they
     * chose.
     */
    public Query query() {
        return writtenJoin().orElseGet(this::pairedQuery);
    }

    private Query pairedQuery() {
        return scene.pairing().natural() ? Query.natural(left(), kind(), right())
                : Query.of(left(), kind(), right(), on());
    }

    /** The plain join of two tables that was written, if the query is one. */
    private Optional<Query> writtenJoin() {
        return scene.written().flatMap(query -> query.join(tables, scene.right()));
    }

    /** Whether the scene shows the plain join of its two tables, drawn or written. */
    public boolean isPlain() {
        return scene.written().isEmpty() || writtenJoin().isPresent();
    }

    /** The query, bound to the tables. */
    public Checked<Plan> plan() {
        return Plan.bind(query(), tables);
    }

    /** The steps of what the scene shows, rows matched in that way wherever it fits; a problem where it cannot run. */
    public Checked<Timeline> timeline(Way way) {
        return scene.written().filter(_ -> !isPlain())
                .map(query -> query.on(tables).map(result -> Timeline.of(result, way)))
                .orElseGet(() -> plan().map(plan -> Timeline.of(MatchTimeline.of(Outcome.of(plan), way))));
    }

    /**
     * Whether finding out what the scene shows may take longer than a person would wait without noticing: two tables
     * alone are joined step by step, a query is run.
     */
    public boolean mayTakeLong() {
        return scene.written().filter(query -> !isPlain() && query.pairs(tables) > MANY_PAIRS).isPresent();
    }

    /** What the scene shows as SQL. */
    public WrittenQuery text() {
        return scene.written().orElseGet(() -> WrittenQuery.of(new QueryText(pairedQuery()).whole().text()));
    }

    /** The text of what the scene shows. */
    public String sql() {
        return text().sql();
    }

    /**
     * The same lesson showing what somebody has written. If that is the plain join of two tables, their link and the
     * kind are as it says.
     */
    Lesson writing(WrittenQuery query) {
        Lesson written = with(scene.writing(Optional.of(query)));
        return query.join(tables, scene.right()).map(written::paired).orElse(written);
    }

    private Lesson paired(Query join) {
        Lesson paired =
                with(scene.of(new Pairing(join.left().table(), join.kind(), join.right().table(), join.natural())))
                        .titledAs(this);
        return join.natural() || !join.kind().compares() ? paired
                : paired.linking(new Link(join.left().table(), join.right().table(), join.on()));
    }

    /**
     * The same lesson with a text that says what its link does, where it shows the plain join of two tables in
     * somebody's words.
     */
    Lesson sayingLink() {
        Optional<Query> join = writtenJoin().filter(query -> query.kind().compares() && !query.natural());
        if (join.isEmpty()) return this;
        List<KeyPair> on = link(scene.left(), scene.right()).map(Link::pairs).orElse(List.of());
        if (join.get().on().equals(on)) return this;
        return with(scene.writing(
                on.isEmpty() ? Optional.empty() : Optional.of(scene.written().orElseThrow().matching(join.get(), on))));
    }

    /**
     * The same lesson with another kind of join, its text changed as little as can be; the scene shows the plain join
     * of two tables.
     */
    Lesson choosing(JoinKind kind) {
        Lesson chosen = of(kind);
        return writtenJoin().map(join -> {
            WrittenQuery query = scene.written().orElseThrow();
            Query other = chosen.on().isEmpty() || join.natural() ? join.of(kind)
                    : new Query(join.left(), kind, join.right(), chosen.on(), false);
            WrittenQuery said = join.kind().words().isPresent()
                    ? query.joining(0, 1, kind, otherwise(0)).orElseGet(() -> query.saying(other))
                    : query.saying(other);
            return chosen.with(chosen.scene.writing(Optional.of(said)));
        }).orElse(chosen);
    }

    /** The query that was written with one of its joins made one of another kind; nothing, where that has no words. */
    public Optional<WrittenQuery> joining(int join, int joinsInAll, JoinKind kind) {
        return text().joining(join, joinsInAll, kind, otherwise(join));
    }

    /**
     * What joins a further table to those of a query: by the link that it has with one of them, or, if it has none,
     * every row with every row.
     */
    public QueryChange.AddTable furtherTable(QueryExpression query, String table, Name alias) {
        FromItem added = new FromItem.NamedTable(Name.of(table), Optional.of(alias));
        JoinSpecification on = query.body() instanceof QueryBody.Select select && !select.from().isEmpty()
                ? LinkCondition.of(this, select.from().getLast(), added) : new JoinSpecification.Nothing();
        return new QueryChange.AddTable(on instanceof JoinSpecification.Nothing ? JoinKind.CROSS : JoinKind.INNER,
                added, on);
    }

    /** The condition that a join of the text gets if it has none, by the links of the lesson. */
    private JoinSpecification otherwise(int join) {
        return text().read().either(read -> {
            List<FromItem.Joined> joins = Joins.of(read.query().query());
            return join < joins.size() ? LinkCondition.of(this, joins.get(join).left(), joins.get(join).right())
                    : new JoinSpecification.Nothing();
        }, _ -> new JoinSpecification.Nothing());
    }

    /** The tables and their links, without what is Lunko's own. */
    public TableSet set() {
        return new TableSet(tables, links);
    }

    /** The columns of the scene's tables that may belong together and are not matched yet. */
    public List<KeyProposal> proposals() {
        List<KeyPair> on = on();
        return KeyProposal.of(left(), right()).stream().filter(proposal -> !on.contains(proposal.pair())).toList();
    }

    /** For tables that nobody has linked, the columns that speak most for it. */
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
        return proposed;
    }

    /** The same lesson under another title. */
    Lesson titled(String other) {
        return new Lesson(other, tables, links, layout, scene);
    }

    /** The same lesson with another kind of join. */
    public Lesson of(JoinKind other) {
        return with(scene.of(scene.pairing().of(other)));
    }

    /** The same lesson with another scene. */
    Lesson with(Scene other) {
        return new Lesson(title, tables, links, layout, other);
    }

    /** The same lesson, lying otherwise on the bench. */
    Lesson with(Layout other) {
        return new Lesson(title, tables, links, other, scene);
    }

    /** The same lesson with other columns of the scene's tables matched. */
    public Lesson matching(List<KeyPair> pairs) {
        return linking(new Link(scene.left(), scene.right(), pairs));
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
        return new Lesson(title, tables, changed, layout, scene);
    }

    /** The same lesson, its scene joined by the link if these two are its tables. */
    Lesson byLink(String left, String right) {
        boolean shown = new Link(scene.left(), scene.right(), List.of()).between(left, right).isPresent();
        return shown ? with(scene.of(scene.pairing().byLink())) : this;
    }

    /** The same lesson with each link changed; one that has no pairs any more is gone. */
    Lesson changingLinks(UnaryOperator<Link> change) {
        return new Lesson(title, tables, links.stream().map(change).filter(link -> !link.pairs().isEmpty()).toList(),
                layout, scene);
    }

    /** The same lesson with a table changed, its name and the names of its columns staying as they are. */
    Lesson change(String name, UnaryOperator<Table> change) {
        return new Lesson(title,
                tables.stream().map(table -> table.name().equals(name) ? change.apply(table) : table).toList(), links,
                layout, scene);
    }

    /**
     * The same lesson with the table of one side changed, its name and the names of its columns staying as they are.
     */
    Lesson change(Side side, UnaryOperator<Table> change) {
        return change(scene.on(side), change);
    }

    /** The same lesson with a table under another name, which no other has. */
    Lesson renaming(String name, String to) {
        return new Lesson(title,
                tables.stream().map(table -> table.name().equals(name) ? table.named(to) : table).toList(),
                links.stream().map(link -> link.renaming(name, to)).toList(), layout.renaming(name, to),
                scene.of(scene.pairing().renaming(name, to))
                        .rewording(sql -> Renaming.table(sql, name, to)))
                .titledAs(this);
    }

    /**
     * The same lesson with another table in the place of one. Columns stay linked where the new table has them and they
     * can be
     * compared; where that leaves the scene without, those are matched that surely belong together. A name that another
     * table has
     * gets a number.
     */
    Lesson replace(String name, Table table) {
        List<Table> others = tables.stream().filter(other -> !other.name().equals(name)).toList();
        Lesson renamed = renaming(name, free(table.name(), others));
        String now = free(table.name(), others);
        return renamed.change(now, _ -> table.named(now))
                .changingLinks(link -> !link.touches(now) ? link : renamed.comparable(link, now, table.named(now)))
                .looking(renamed.scene.left(), renamed.scene.right());
    }

    private Link comparable(Link link, String name, Table table) {
        Table left = link.left().equals(name) ? table : table(link.left());
        Table right = link.right().equals(name) ? table : table(link.right());
        return link.with(link.pairs().stream().filter(pair -> Plan.equality(pair, left, right) instanceof Checked.Valid)
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
        return new Lesson(title, all, Stream.concat(links.stream(), more.stream()).toList(), layout, scene);
    }

    /** The same lesson without a table, which is not its last. */
    Lesson without(String name) {
        List<Table> rest = tables.stream().filter(table -> !table.name().equals(name)).toList();
        String stand = rest.stream().map(Table::name)
                .filter(other -> !scene.left().equals(other) && !scene.right().equals(other)).findFirst()
                .orElse(rest.getFirst().name());
        return new Lesson(title, rest, links.stream().filter(link -> !link.touches(name)).toList(),
                layout.without(name), scene)
                .looking(scene.left().equals(name) ? stand : scene.left(),
                        scene.right().equals(name) ? stand : scene.right())
                .titledAs(this);
    }

    /**
     * The same lesson with two other tables in its scene; if they are not linked, the columns that surely belong
     * together are matched.
     */
    Lesson looking(String left, String right) {
        Lesson looked = with(scene.of(scene.pairing().of(left, right)));
        if (looked.link(left, right).isEmpty()) {
            List<KeyPair> named = left.equals(right) ? List.of()
                    : KeyProposal.of(looked.left(), looked.right()).stream()
                            .filter(proposal -> proposal.reason() == KeyProposal.Reason.SAME_NAME)
                            .map(KeyProposal::pair).toList();
            // Where there are more, only a person can tell which is meant.
            if (named.size() == 1) looked = looked.matching(named);
        }
        return looked.titledAs(this);
    }

    /** The title goes with the tables, unless somebody has chosen another. */
    private Lesson titledAs(Lesson before) {
        return before.title.equalsIgnoreCase(before.plainTitle()) ? titledByTables() : this;
    }

    private String plainTitle() {
        return scene.left() + " and " + scene.right();
    }

    private Lesson titledByTables() {
        return title.equalsIgnoreCase(plainTitle()) ? this : titled(plainTitle());
    }

    /** The name, or the name with the first number that makes it different from those of these tables. */
    static String free(String name, List<Table> taken) {
        return Stream.iterate(1, number -> number + 1).map(number -> number == 1 ? name : name + "_" + number)
                .filter(other -> taken.stream().noneMatch(table -> table.name().equalsIgnoreCase(other))).findFirst()
                .orElseThrow();
    }
}
