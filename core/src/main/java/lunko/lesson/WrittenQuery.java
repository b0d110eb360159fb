package lunko.lesson;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.Stage;
import lunko.engine.sql.Renaming;
import lunko.insight.comparison.Sameness;
import lunko.insight.comparison.TriedRephrasing;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Stretch;
import lunko.problem.SyntaxFault;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.change.ConditionSite;
import lunko.query.change.DialectAdapter;
import lunko.query.change.Joins;
import lunko.query.change.PlainJoin;
import lunko.query.change.QueryChange;
import lunko.query.change.Rephrasings;
import lunko.query.change.SqlDialect;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Rewording;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import lunko.query.sql.Statement;
import lunko.table.Lazy;
import lunko.table.Table;

/**
 * A query as somebody has written it, by itself or as one of several. The text is read once, when somebody asks;
 * queries are equal that are the same one of the same text.
 */
public final class WrittenQuery {
    static final SyntaxFault NOTHING_YET = new SyntaxFault.NothingWritten();
    private static final SqlParser PARSER = new SqlParser(new Origin.Query());

    private final String sql;
    private final int number;
    private final Supplier<List<Checked<Script>>> statements;

    private WrittenQuery(String sql, int number, Supplier<List<Checked<Script>>> statements) {
        this.sql = sql;
        this.number = number;
        this.statements = statements;
    }

    /** The query of a text, with semicolons between several, that has a number, counted from 0. */
    public WrittenQuery(String sql, int number) {
        this(sql, number, new Lazy<>(() -> PARSER.statements(sql)));
    }

    /** The first query of a text. */
    public static WrittenQuery of(String sql) {
        return new WrittenQuery(sql, 0);
    }

    /** A query in Lunko's words. */
    public static WrittenQuery of(QueryExpression query) {
        return of(new SqlWriter().query(query));
    }

    /** Another query of the same text. */
    public WrittenQuery at(int other) {
        return new WrittenQuery(sql, other, statements);
    }

    /** The text, with semicolons between the queries. */
    public String sql() {
        return sql;
    }

    /** Which of the queries is shown, counted from 0. */
    public int number() {
        return number;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof WrittenQuery query && query.sql.equals(sql) && query.number == number;
    }

    @Override
    public int hashCode() {
        return Objects.hash(sql, number);
    }

    @Override
    public String toString() {
        return number == 0 ? sql : sql + " (" + number + ")";
    }

    /** The statements of the text, each read, or the problem that it cannot be. */
    public List<Checked<Script>> statements() {
        return statements.get();
    }

    /** Whether there is nothing in the text that could be read. */
    boolean isEmpty() {
        return statements().isEmpty();
    }

    /** The place of the query among the statements; the last, if the text has become shorter. */
    int place() {
        return Math.clamp(number, 0, statements().size() - 1);
    }

    /** The same under a new name; {@code tables} are those before. What cannot be read stays as it is. */
    WrittenQuery renaming(Renaming renaming, List<Table> tables) {
        StringBuilder text = new StringBuilder(sql);
        for (Checked<Script> statement : statements().reversed()) {
            statement.handle(script -> {
                Stretch at = script.stretch(script.statements().getFirst()).orElseThrow();
                text.replace(at.start(), at.end(), renaming.in(script, tables));
            }, _ -> {});
        }
        return text.toString().equals(sql) ? this : new WrittenQuery(text.toString(), number);
    }

    /** What it comes to on tables; a problem where it is none that can run there. */
    public Checked<Stage> on(List<Table> tables) {
        return Evaluation.of(this, tables).shown();
    }

    /**
     * It with every join that lacks its condition made a cross join, where that can run: all pairs there are; nothing,
     * if no condition is missing.
     */
    public Optional<WrittenQuery> unconditioned() {
        return read().either(read -> {
            QueryExpression query = read.query().query();
            for (int join = 0; join < Joins.of(query).size(); join++) {
                FromItem.JoinedTable joined = Joins.of(query).get(join);
                if (!joined.kind().compares() || !(joined.specification() instanceof JoinSpecification.Nothing))
                    continue;
                query = new QueryChange.OfKind(join, JoinKind.CROSS, new JoinSpecification.Nothing()).applyTo(query)
                        .expect();
            }
            return query == read.query().query() ? Optional.empty()
                    : Optional.of(new WrittenQuery(Rewording.of(read.script(), read.query(), query), number));
        }, _ -> Optional.empty());
    }

    /** How many rows it would look at if every row of its tables met every row; 0, if it cannot be read. */
    public double pairs(List<Table> tables) {
        List<Table> named = named(tables);
        return named.isEmpty() ? 0 : named.stream().mapToDouble(table -> Math.max(1, table.rows().size()))
                .reduce(1, (one, more) -> one * more);
    }

    /** Those of these tables that it names, as often as it does; none, if it cannot be read. */
    List<Table> named(List<Table> tables) {
        return read().either(read -> read.script().parts(FromItem.NamedTable.class).stream()
                .flatMap(named -> tables.stream().filter(table -> named.table().means(table.name()))).toList(),
                _ -> List.of());
    }

    /** Whether a statement of the text names a table. */
    public boolean names(String table) {
        return statements().stream().anyMatch(statement -> statement.either(script -> script
                .parts(FromItem.NamedTable.class).stream().anyMatch(named -> named.table().means(table)), _ -> false));
    }

    /** The same query without the others of its text. */
    public WrittenQuery alone() {
        if (statements().size() < 2) return this;
        Stretch own = SqlParser.stretches(sql).get(place());
        return of(sql.substring(own.start(), own.end()));
    }

    /** The join that it comes to on tables, if it is one and nothing more. */
    Optional<JoinResult> outcome(List<Table> tables) {
        return Evaluation.toBeSeen(this, tables).shown().either(stage -> stage instanceof Joined joined
                ? Optional.of(JoinResult.of(joined)) : Optional.empty(), _ -> Optional.empty());
    }

    /** The query as data, with its text; a problem where the text cannot be read. */
    public Checked<Read> read() {
        if (isEmpty()) return Checked.invalid(NOTHING_YET);
        return statements().get(place()).then(script -> script.statements().getFirst() instanceof Statement.Query query
                ? Checked.valid(new Read(script, query))
                : Checked.invalid(new SyntaxFault.NoQuery()));
    }

    /** A query as data, and the script that it is part of. */
    public record Read(Script script, Statement.Query query) {}

    /**
     * The plain join of two of these tables that it is, if it is one; the other side is {@code right} where the text
     * does not say.
     */
    public Optional<PlainJoin> join(List<Table> tables, String right) {
        return read().either(read -> PlainJoin.in(read.query().query(), tables, right), _ -> Optional.empty());
    }

    /** It with something done to it: all words stay that need not change. */
    public Checked<WrittenQuery> changed(QueryChange change) {
        return read().then(read -> change.applyTo(read.query().query())
                .map(after -> new WrittenQuery(Rewording.of(read.script(), read.query(), after), number)));
    }

    /** It, if it is the plain join of two tables, with other columns matched. */
    WrittenQuery matching(PlainJoin join, List<KeyPair> on) {
        PlainJoin other = join.by(on);
        if (join.kind().words().isEmpty()) return saying(other);
        // Those that stay keep their words: what is new is put in before what has gone is taken out, so that the join
        // always has a condition.
        Checked<WrittenQuery> changed = Checked.valid(this);
        for (KeyPair pair : on) {
            if (!join.on().contains(pair)) changed = changed
                    .then(query -> query
                            .changed(new QueryChange.AddCondition(new ConditionSite.On(0), other.equal(pair))));
        }
        for (int i = join.on().size() - 1; i >= 0; i--) {
            int number = i;
            if (!on.contains(join.on().get(i)))
                changed = changed
                        .then(query -> query.changed(new QueryChange.DropCondition(new ConditionSite.On(0), number)));
        }
        return changed.either(query -> query, _ -> saying(other));
    }

    /** Another plain join in its place, in Lunko's words. */
    WrittenQuery saying(PlainJoin other) {
        return read().either(
                read -> new WrittenQuery(Rewording.of(read.script(), read.query(), other.query()), number),
                _ -> of(other.query()));
    }

    /**
     * It with one of the joins that it comes to, counted from 0 in the order in which they are done, made one of
     * another kind; nothing, if there are no words for the kind, or if some of so many joins are said otherwise than by
     * JOIN in the FROM of the query itself, so that it could be another. {@code otherwise} is the condition of a join
     * that has none and needs one.
     */
    public Optional<WrittenQuery> joining(int join, int joinsInAll, JoinKind kind, JoinSpecification otherwise) {
        if (kind.words().isEmpty() || !hasJoins(joinsInAll)) return Optional.empty();
        return changed(new QueryChange.OfKind(join, kind, otherwise)).either(Optional::of, _ -> Optional.empty());
    }

    /** Whether all of so many joins are said by JOIN in the FROM of the query itself. */
    public boolean hasJoins(int all) {
        return read().either(read -> Joins.of(read.query().query()).size() == all, _ -> false);
    }

    /**
     * The other ways to say it, each tried on the tables; of a chain, those that speak of one join mean this one,
     * counted from 0.
     */
    public Checked<List<TriedRephrasing>> otherWays(List<Table> tables, int join, String right) {
        return read().map(read -> Rephrasings.of(read.script(), read.query(), tables, join, right).stream()
                .map(said -> TriedRephrasing.of(said, tables, this::on,
                        said.text().map(text -> new WrittenQuery(text, number)::on)))
                .toList());
    }

    /** How alike its result is to that of another on the same tables, where both can run. */
    public Optional<Sameness> sameAs(WrittenQuery other, List<Table> tables) {
        return other.on(tables).then(was -> on(tables).map(is -> Sameness.of(was, is))).either(Optional::of,
                _ -> Optional.empty());
    }

    /** It in the words of a database that has these tables; a problem where it has none that Lunko knows. */
    public Checked<String> writtenFor(SqlDialect target, List<Table> tables) {
        return read().then(read -> DialectAdapter.of(target, read.script(), read.query(), tables));
    }
}
