package lunko.lesson;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.insight.keys.KeyProposal;
import lunko.insight.picture.KindCount;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.query.change.Joins;
import lunko.query.change.PlainJoin;
import lunko.query.change.QueryChange;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.table.Lazy;
import lunko.table.SameName;
import lunko.table.Table;

/**
 * A scene with the tables and links of its lesson: what it shows, and what can be chosen for it. Its query is written
 * or drawn; a drawn one is written in Lunko's words.
 */
public final class StagedScene {
    private static final double MANY_PAIRS = 50_000;

    private final List<Table> tables;
    private final List<Link> links;
    private final Scene scene;
    private final Supplier<WrittenQuery> query;
    private final Supplier<Optional<PlainJoin>> plainJoin;

    StagedScene(List<Table> tables, List<Link> links, Scene scene) {
        this.tables = tables;
        this.links = links;
        this.scene = scene;
        this.query = new Lazy<>(() -> scene.written().orElseGet(() -> WrittenQuery.of(drawn().query())));
        this.plainJoin = new Lazy<>(() -> scene.written().map(written -> written.join(tables, scene.right()))
                .orElseGet(() -> Optional.of(drawn())));
    }

    /** The table on a side. */
    public Table table(Side side) {
        return find(scene.on(side)).orElseThrow(() -> new IllegalArgumentException("no table " + scene.on(side)));
    }

    /** The left table. */
    public Table left() {
        return table(Side.LEFT);
    }

    /** The right table. */
    public Table right() {
        return table(Side.RIGHT);
    }

    /** The kind of join. */
    public JoinKind kind() {
        return scene.kind();
    }

    Optional<Table> find(String name) {
        return tables.stream().filter(table -> SameName.of(table.name(), name)).findFirst();
    }

    /** The pairs of columns that are matched: those of the link, or in a natural join those of the same name. */
    public List<KeyPair> on() {
        return scene.pairing().natural() ? PlainJoin.common(left(), right()) : linked();
    }

    /** The pairs of columns that its two tables are linked by. */
    public List<KeyPair> linked() {
        return link(scene.left(), scene.right()).map(Link::pairs).orElse(List.of());
    }

    /** The link between two tables, from the one to the other, if there is one. */
    Optional<Link> link(String one, String other) {
        return links.stream().flatMap(link -> link.between(one, other).stream()).findFirst();
    }

    private PlainJoin drawn() {
        return scene.pairing().natural() ? PlainJoin.natural(left(), kind(), right())
                : PlainJoin.of(left(), kind(), right(), on());
    }

    /** The query as SQL. */
    public WrittenQuery query() {
        return query.get();
    }

    /** The text of the query. */
    public String sql() {
        return query().sql();
    }

    /** The plain join of two tables that the query is, if it is one, drawn or written. */
    public Optional<PlainJoin> plainJoin() {
        return plainJoin.get();
    }

    /** The join of the two tables at hand; where somebody has written it, under the aliases that they chose. */
    public PlainJoin join() {
        return plainJoin().orElseGet(this::drawn);
    }

    /** Whether two tables are at hand of which nothing is matched yet, though their join asks for it. */
    public boolean isUnmatched() {
        return scene.written().isEmpty() && drawn().asks() && on().isEmpty();
    }

    /** Of the two tables at hand, the first that has no rows yet. */
    public Optional<Table> withoutRows() {
        return scene.written().isPresent() ? Optional.empty()
                : Stream.of(left(), right()).filter(table -> table.rows().isEmpty()).findFirst();
    }

    /** What the query comes to. It is found out anew each time that somebody asks. */
    public Evaluation evaluation() {
        return Evaluation.toBeSeen(query(), tables, scene.written().isPresent() && !mayTakeLong() ? links : List.of());
    }

    /** What the scene shows of what its query comes to; a problem where it cannot run. */
    public Checked<Stage> result(Evaluation evaluation) {
        if (isUnmatched()) { return Checked.invalid(new LessonFault.NothingMatched(left().name(), right().name())); }
        return incomparable().<Checked<Stage>>map(Checked::invalid)
                .orElseGet(() -> evaluation.shown().map(this::turned));
    }

    /** Of drawn columns that SQL does not compare, what is to be said on the stage. */
    private Optional<Problem> incomparable() {
        if (scene.written().isPresent() || !kind().compares()) return Optional.empty();
        return on().stream().flatMap(pair -> Equality.of(pair, left(), right())
                .either(_ -> Stream.<Problem>empty(), Stream::of)).findFirst();
    }

    /** The same, found out anew. */
    public Checked<Stage> result() {
        return result(evaluation());
    }

    /**
     * A kind that takes rows of the right table is said by a query that begins with that; here it stays on the right,
     * whatever the query selects.
     */
    private Stage turned(Stage result) {
        return switch (result) {
            case UnaryStage after -> {
                Stage turned = turned(after.input());
                yield turned == after.input() ? after : after.over(turned);
            }
            case Joined joined when joined.join().kind().only().isPresent()
                    && isOf(joined.join().left(), scene.right()) && isOf(joined.join().right(), scene.left())
                    && !scene.left().equals(scene.right()) ->
                joined.mirrored();
            default -> result;
        };
    }

    private static boolean isOf(Stage stage, String table) {
        return stage instanceof Source source && source.table().name().equals(table);
    }

    /** Whether finding out what the query comes to may take longer than a person would wait without noticing. */
    public boolean mayTakeLong() {
        return query().pairs(tables) > MANY_PAIRS;
    }

    /** How many rows each kind would give in the place of a join that has been evaluated. */
    public List<KindCount> counts(JoinResult join) {
        // A plain cross join asks for nothing, but its tables may be linked: then the other kinds go by that.
        Optional<JoinResult> linked = plainJoin().filter(plain -> !plain.kind().compares() && !linked().isEmpty())
                .flatMap(plain -> WrittenQuery.of(plain.of(JoinKind.INNER).by(linked()).query()).outcome(tables));
        return KindCount.all(linked.orElse(join));
    }

    /** How many rows each kind would give that can run, where the query cannot. */
    public List<KindCount> counts() {
        return plainJoin().isEmpty() ? List.of()
                : KindCount.ofRows(left().rows().size(), right().rows().size());
    }

    /**
     * The kinds that can be chosen in the place of a join of the query, of so many in all: any for the plain join of
     * two tables, and where all are said by JOIN those that have words.
     */
    public Set<JoinKind> choices(int joinsInAll) {
        Set<JoinKind> choices = EnumSet.allOf(JoinKind.class);
        if (plainJoin().isPresent()) return choices;
        if (joinsInAll == 0 || !query().hasJoins(joinsInAll)) return Set.of();
        choices.removeIf(kind -> kind.words().isEmpty());
        return choices;
    }

    /** What makes one of so many joins, counted from 0, one of another kind; nothing, where that has no words. */
    public Optional<SceneEdit> choosing(int join, int joinsInAll, JoinKind kind) {
        if (plainJoin().isPresent()) return Optional.of(new SceneEdit.ChooseKind(kind));
        return joining(join, joinsInAll, kind).map(changed -> new SceneEdit.Write(Optional.of(changed)));
    }

    /** The query with one of its joins made one of another kind; nothing, where that has no words. */
    public Optional<WrittenQuery> joining(int join, int joinsInAll, JoinKind kind) {
        return query().joining(join, joinsInAll, kind, otherwise(join));
    }

    /** The condition that a join of the text gets if it has none, by the links of the lesson. */
    private JoinSpecification otherwise(int join) {
        return query().read().either(read -> {
            List<FromItem.JoinedTable> joins = Joins.of(read.query().query());
            return join < joins.size() ? LinkCondition.of(this, joins.get(join).left(), joins.get(join).right())
                    : new JoinSpecification.Nothing();
        }, _ -> new JoinSpecification.Nothing());
    }

    /**
     * What joins a further table to those of a query: by the link that it has with one of them, or, if it has none,
     * every row with every row.
     */
    public QueryChange.AddTable furtherTable(QueryExpression query, String table, Name alias) {
        FromItem added = new FromItem.NamedTable(Name.of(table), Optional.of(alias));
        JoinSpecification on = query.body() instanceof QueryBody.Select select && !select.from().isEmpty()
                ? LinkCondition.of(this, select.from().getLast(), added) : new JoinSpecification.Nothing();
        return new QueryChange.AddTable(
                on instanceof JoinSpecification.Nothing ? JoinKind.CROSS : JoinKind.INNER, added, on);
    }

    /** The columns of its two tables that may belong together and are not matched yet. */
    public List<KeyProposal> proposals() {
        List<KeyPair> on = on();
        return KeyProposal.of(left(), right()).stream().filter(proposal -> !on.contains(proposal.pair())).toList();
    }
}
