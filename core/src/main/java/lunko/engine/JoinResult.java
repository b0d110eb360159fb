package lunko.engine;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.query.Sum;
import lunko.query.Tally;
import lunko.table.Lazy;
import lunko.table.SameName;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/**
 * The result of a join: its rows, each with its lineage, and its columns, side by side. A row is computed when it is
 * asked for. Columns that NATURAL or USING makes one of two are the left side's, with the value of the side that has
 * one.
 */
public final class JoinResult {
    /** So many pairs are looked for where the result does not need them. */
    private static final long MOST_PAIRS = 2_000_000;

    private final Join join;
    private final List<Equality> once;
    private final Decisions decisions;
    private final Supplier<Optional<Matching>> matching;
    private final JoinRows lineage;
    private final Supplier<List<ResultColumn>> columns;

    private JoinResult(Joined joined) {
        this.join = joined.join();
        this.once = joined.once();
        this.decisions = joined.decisions();
        // Where the kind brings pairs, all that match decide; else they are looked for when somebody asks.
        this.matching = new Lazy<>(() -> join.kind().stopsAtFirst() ? Matching.of(join, MOST_PAIRS)
                : Optional.of(new Matching(decisions.pairs())));
        this.lineage = joined.lineage();
        this.columns = new Lazy<>(() -> Stream.of(Side.values()).flatMap(this::shown).toList());
    }

    /** The result of a join within a query. */
    public static JoinResult of(Joined joined) {
        return new JoinResult(joined);
    }

    /** What was evaluated. */
    public Join join() {
        return join;
    }

    /** The kind of join. */
    public JoinKind kind() {
        return join.kind();
    }

    /**
     * Who matches whom, whatever the kind does with it; nothing, where the kind brings no pairs and there are more of
     * them than can be counted here.
     */
    public Optional<Matching> matching() {
        return matching.get();
    }

    /** What decided about its rows. */
    public Decisions decisions() {
        return decisions;
    }

    /**
     * Whether a row of a side, counted from 0, matches one of the other side: unknown, where NOT IN cannot tell, since
     * there is a NULL.
     */
    public Truth matches(Side side, int row) {
        if (side != kind().outer() || !kind().stopsAtFirst()) return matchesCertainly(side, row);
        if (decisions.pairs().count(row) == 0) return Truth.FALSE;
        // What keeps a row out of NOT IN may be a NULL.
        boolean isCertain = join.on().notIn().isEmpty() || matchesCertainly(side, row) == Truth.TRUE;
        return isCertain ? Truth.TRUE : Truth.UNKNOWN;
    }

    /** The same by what is certainly equal: unknown, where too many match to be counted. */
    private Truth matchesCertainly(Side side, int row) {
        return matching().map(all -> Truth.of(side == Side.LEFT ? all.pairs().count(row) > 0
                : all.pairs().firstLeft(row).isPresent())).orElse(Truth.UNKNOWN);
    }

    /** Whether a row of a side, counted from 0, that matches none comes into the result. */
    public boolean takesAlone(Side side, int row) {
        return kind().takesAlone(side) && matches(side, row) == Truth.FALSE;
    }

    /** Whether a row of the side whose rows are gone through one by one, counted from 0, comes into the result. */
    public boolean gives(int outer) {
        return kind().rowsFor(decisions.pairs().count(outer)) > 0;
    }

    /** What the number of rows of a kind in the place of this one follows from; nothing, where too many match. */
    public Optional<Tally> tally(JoinKind other) {
        if (!other.compares()) return Optional.of(Tally.ofRows(join.left().rows().size(), join.right().rows().size()));
        return matching().map(Matching::tally);
    }

    /** How the number of rows comes about: {@code 3 pairs + 2 kept}. */
    public Sum sum() {
        if (!kind().stopsAtFirst()) return new Sum.OfKind(kind(), matching().orElseThrow().tally());
        return join.on().notIn().isPresent() ? new Sum.Certain(size()) : new Sum.OfKind(kind(), outerTally());
    }

    /** The tally of the rows that are gone through one by one, which is all that a kind for one side asks. */
    private Tally outerTally() {
        RowPairs pairs = decisions.pairs();
        Tally outerFirst = new Tally(pairs.leftRows(), pairs.rightRows(), pairs.size(), pairs.leftAlone(), 0);
        return kind().outer() == Side.LEFT ? outerFirst : outerFirst.mirrored();
    }

    /** The rows of the result, by lineage. */
    public JoinRows lineage() {
        return lineage;
    }

    /** How many rows the result has. */
    public long size() {
        return lineage.size();
    }

    /** A row of the result, counted from 0. */
    public ResultRow row(long number) {
        return lineage.row(number);
    }

    /** The first so many rows of the result; of more than a list can hold, as many as it can. */
    public List<ResultRow> first(long rows) {
        return LazyList.of((int) Math.min(rows, Integer.MAX_VALUE), this::row);
    }

    /** All rows of the result. */
    public List<ResultRow> rows() {
        return first(size());
    }

    /** The columns of the result: those of the left side, then those of the right. */
    public List<ResultColumn> columns() {
        return columns.get();
    }

    /** The columns of the result that come from a side; those that are one of two come first, on the left. */
    public List<ResultColumn> columns(Side side) {
        return columns().stream().filter(column -> column.side() == side).toList();
    }

    private Stream<ResultColumn> shown(Side side) {
        if (!join.kind().shows(side)) return Stream.empty();
        List<Integer> merged = once.stream().map(equality -> equality.on(side)).toList();
        Stream<Integer> first = side == Side.LEFT ? merged.stream() : Stream.empty();
        Stream<Integer> others = IntStream.range(0, join.on(side).headings().size()).boxed()
                .filter(column -> !merged.contains(column));
        return Stream.concat(first, others).map(column -> new ResultColumn(side, column));
    }

    /** The columns on a side that the join compares for equality, counted from 0. */
    public Set<Integer> keys(Side side) {
        return join.on().equal().stream().map(equality -> equality.on(side)).collect(Collectors.toUnmodifiableSet());
    }

    /** The columns that the join makes one of two. */
    public List<Equality> once() {
        return once;
    }

    /** The type of a column; text, where it holds bare NULLs. */
    public Type type(ResultColumn column) {
        return heading(column).type().orElse(Type.TEXT);
    }

    /**
     * The name of a column as the query says it: {@code h.keeper_id}; of one that is made of two, {@code keeper_id}.
     */
    public String qualifiedName(ResultColumn column) {
        Stage.Heading heading = heading(column);
        String name = new SqlName(heading.name()).text();
        return merged(column).isPresent() ? name
                : heading.table().map(table -> new SqlName(table).text() + "." + name).orElse(name);
    }

    /** The name of a column, qualified only where both sides have a column of that name. */
    public String name(ResultColumn column) {
        String name = heading(column).name();
        boolean inBoth = join.kind().only().isEmpty() && join.on(column.side().opposite()).headings().stream()
                .anyMatch(other -> SameName.of(other.name(), name));
        return inBoth ? qualifiedName(column) : name;
    }

    private Stage.Heading heading(ResultColumn column) {
        return join.on(column.side()).headings().get(column.index());
    }

    private Optional<Equality> merged(ResultColumn column) {
        // Asked for every cell.
        if (once.isEmpty()) return Optional.empty();
        return once.stream().filter(equality -> equality.on(column.side()) == column.index()).findFirst();
    }

    /** A cell of the result. */
    public ResultCell cell(ResultRow row, ResultColumn column) {
        Optional<Value> own = value(row, column.side(), column.index());
        Optional<Value> value = merged(column).filter(_ -> own.filter(known -> !known.isNull()).isEmpty())
                .flatMap(equality -> value(row, column.side().opposite(), equality.on(column.side().opposite())))
                .or(() -> own);
        return value.<ResultCell>map(ResultCell.Stored::new).orElse(ResultCell.Padded.PADDED);
    }

    /**
     * The value of a side's row; nothing, where that row is missing, or was made with a hole there by an outer join
     * before.
     */
    private Optional<Value> value(ResultRow row, Side side, int column) {
        OptionalInt source = row.source(side);
        return source.isEmpty() || join.on(side).pads(source.getAsInt(), column) ? Optional.empty()
                : Optional.of(join.row(side, source.getAsInt()).get(column));
    }
}
