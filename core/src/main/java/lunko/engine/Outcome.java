package lunko.engine;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.Side;

/** The result of a plan: its rows, each with its lineage, and its columns. A row is computed when it is asked for. */
public final class Outcome {
    private final Plan plan;
    private final Join join;
    private final Matching matching;
    private final Matching driving;
    private final JoinRows lineage;

    private Outcome(Plan plan) {
        this.plan = plan;
        this.join = plan.join();
        this.matching = Matching.of(join);
        this.driving = plan.kind().outer() == Side.LEFT ? matching : Matching.of(join.mirrored());
        this.lineage = JoinRows.of(plan.kind(), driving);
    }

    /** Evaluates a plan. */
    public static Outcome of(Plan plan) {
        return new Outcome(plan);
    }

    /** What was evaluated. */
    public Plan plan() {
        return plan;
    }

    /** The plan as a join. */
    public Join join() {
        return join;
    }

    /** Which rows are partners. */
    public Matching matching() {
        return matching;
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

    /** The columns of the result: those of the left table, then those of the right. */
    public List<ResultColumn> columns() {
        return Stream.of(Side.values()).flatMap(side -> columns(side).stream()).toList();
    }

    /** The columns of the result that come from a side. */
    public List<ResultColumn> columns(Side side) {
        if (!plan.kind().shows(side)) return List.of();
        return IntStream.range(0, plan.on(side).columns().size()).mapToObj(i -> new ResultColumn(side, i)).toList();
    }

    /** The name of a column as the query says it: {@code h.keeper_id}. */
    public String qualifiedName(ResultColumn column) {
        return plan.query().qualified(column.side(), shortName(column));
    }

    /** The name of a column, qualified only where both sides have a column of that name. */
    public String name(ResultColumn column) {
        String name = shortName(column);
        boolean inBoth = plan.kind().only().isEmpty() && plan.on(column.side().opposite()).column(name).isPresent();
        return inBoth ? qualifiedName(column) : name;
    }

    private String shortName(ResultColumn column) {
        return plan.on(column.side()).columns().get(column.index()).name();
    }

    /** A cell of the result. */
    public ResultCell cell(ResultRow row, ResultColumn column) {
        var source = row.source(column.side());
        return source.isEmpty() ? ResultCell.Padded.PADDED : new ResultCell.Stored(
                plan.on(column.side()).rows().get(source.getAsInt()).value(column.index()));
    }
}
