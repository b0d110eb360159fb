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
import lunko.table.Type;
import lunko.table.Value;

/**
 * The result of a join: its rows, each with its lineage, and its columns, side by side. A row is computed when it is
 * asked for.
 * Columns that NATURAL or USING makes one of two are the left side's, with the value of the side that has one.
 */
public final class Outcome {
    private final Join join;
    private final List<Equality> once;
    private final Supplier<Matching> matching;
    private final Matching driving;
    private final JoinRows lineage;

    private Outcome(Join join, List<Equality> once, Matching driving) {
        this.join = join;
        this.once = once;
        this.driving = driving;
        this.matching = new Later<>(() -> join.kind().outer() == Side.LEFT ? driving : Matching.of(join));
        this.lineage = JoinRows.of(join.kind(), driving);
    }

    /** Evaluates a plan. */
    public static Outcome of(Plan plan) {
        return new Outcome(plan.join(), plan.once(), Matching.of(plan.join().outerFirst()));
    }

    /** The result of a join within a query. */
    public static Outcome of(Joined joined) {
        return new Outcome(joined.join(), joined.once(), joined.matching());
    }

    /** What was evaluated. */
    public Join join() {
        return join;
    }

    /** The kind of join. */
    public JoinKind kind() {
        return join.kind();
    }

    /** Which rows are partners. */
    public Matching matching() {
        return matching.get();
    }

    /** Whether a row of a side, counted from 0, has a partner. */
    public boolean hasPartner(Side side, int row) {
        return side == Side.LEFT ? matching().partners(row) > 0 : matching().firstPartner(row).isPresent();
    }

    /** Which rows are partners, in the orientation of {@link Join#outerFirst()}. */
    public Matching driving() {
        return driving;
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
        return Stream.of(Side.values()).flatMap(side -> columns(side).stream()).toList();
    }

    /** The columns of the result that come from a side; those that are one of two come first, on the left. */
    public List<ResultColumn> columns(Side side) {
        if (!join.kind().shows(side)) return List.of();
        List<Integer> merged = once.stream().map(equality -> equality.on(side)).toList();
        Stream<Integer> first = side == Side.LEFT ? merged.stream() : Stream.empty();
        Stream<Integer> others =
                IntStream.range(0, join.on(side).headings().size()).boxed().filter(column -> !merged.contains(column));
        return Stream.concat(first, others).map(column -> new ResultColumn(side, column)).toList();
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
                .anyMatch(other -> other.name().equalsIgnoreCase(name));
        return inBoth ? qualifiedName(column) : name;
    }

    private Stage.Heading heading(ResultColumn column) {
        return join.on(column.side()).headings().get(column.index());
    }

    private Optional<Equality> merged(ResultColumn column) {
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
