package lunko.engine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Value;

/** Two stages joined. Its rows are made when they are asked for: a long result is seldom looked at as a whole. */
public final class Joined implements Stage {
    private final Join join;
    private final Decisions decisions;
    private final JoinRows lineage;
    private final List<Equality> once;
    private final List<Heading> headings;
    private final List<List<Value>> rows;
    private final List<Stage> asides;

    private Joined(Join join, Decisions decisions, List<Equality> once, List<Stage> within) {
        this.join = join;
        this.decisions = decisions;
        this.lineage = JoinRows.of(join.kind(), decisions);
        this.once = List.copyOf(once);
        this.headings = headings(join, once);
        this.rows = LazyList.kept((int) Math.min(lineage.size(), Integer.MAX_VALUE), row -> row(lineage.row(row)));
        this.asides = within;
    }

    /**
     * Joins; nothing, if the result has more rows than that.
     *
     * @param once the columns that USING or NATURAL makes one of two: they come first, with the value of the side that
     * has one
     * @param within the queries in its condition
     */
    public static Optional<Joined> of(Join join, List<Equality> once, long mostRows, Supplier<List<Stage>> within) {
        return Decisions.of(join, mostRows).map(decisions -> new Joined(join, decisions, once, within.get()))
                .filter(joined -> joined.lineage.size() <= mostRows);
    }

    /** The same sides joined by a kind that is decided by the same pairs. */
    public Joined of(JoinKind kind) {
        return new Joined(join.of(kind), decisions, once, asides);
    }

    /** The same rows, the two sides in each other's place; of a kind that takes rows of one side. */
    public Joined mirrored() {
        return new Joined(join.mirrored(), decisions, once.stream().map(Equality::mirrored).toList(), asides);
    }

    /** What was joined, and how. */
    public Join join() {
        return join;
    }

    /** What decided about its rows. */
    public Decisions decisions() {
        return decisions;
    }

    /** Its rows by lineage. */
    public JoinRows lineage() {
        return lineage;
    }

    /** The columns that USING or NATURAL has made one of two. */
    public List<Equality> once() {
        return once;
    }

    @Override
    public List<Heading> headings() {
        return headings;
    }

    @Override
    public List<List<Value>> rows() {
        return rows;
    }

    private List<Value> row(ResultRow row) {
        List<Value> values = new ArrayList<>();
        List<Value> left = side(Side.LEFT, row);
        List<Value> right = side(Side.RIGHT, row);
        for (Equality equality : once) {
            Value value = left.get(equality.left());
            values.add(value.isNull() ? right.get(equality.right()) : value);
        }
        values.addAll(left);
        values.addAll(right);
        return List.copyOf(values);
    }

    private List<Value> side(Side side, ResultRow row) {
        if (!join.kind().shows(side)) return List.of();
        OptionalInt source = row.source(side);
        return source.isPresent() ? join.row(side, source.getAsInt())
                : Collections.nCopies(join.on(side).headings().size(), Value.NULL);
    }

    private static List<Heading> headings(Join join, List<Equality> once) {
        List<Heading> headings = new ArrayList<>();
        for (Equality equality : once) {
            Heading left = join.left().headings().get(equality.left());
            headings.add(new Heading(Optional.empty(), left.name(), left.type()));
        }
        for (Side side : Side.values()) {
            if (join.kind().shows(side)) headings.addAll(join.on(side).headings());
        }
        return List.copyOf(headings);
    }

    @Override
    public List<Stage> inputs() {
        return List.of(join.left(), join.right());
    }

    @Override
    public List<Stage> asides() {
        return asides;
    }

    @Override
    public boolean pads(int row, int column) {
        if (column < once.size()) {
            Equality equality = once.get(column);
            ResultRow of = lineage.row(row);
            return Stream.of(Side.values()).allMatch(side -> pads(of, side, equality.on(side)));
        }
        PartColumn part = part(column).orElseThrow();
        return pads(lineage.row(row), part.side(), part.column());
    }

    private boolean pads(ResultRow row, Side side, int column) {
        OptionalInt source = row.source(side);
        return source.isEmpty() || join.on(side).pads(source.getAsInt(), column);
    }

    /** A column of one of the two sides. */
    public record PartColumn(Side side, int column) {}

    /** Whose column a column is, counted from 0; nothing, where USING or NATURAL has made it of two. */
    public Optional<PartColumn> part(int column) {
        int own = column - once.size();
        if (own < 0) return Optional.empty();
        int left = join.kind().shows(Side.LEFT) ? join.left().headings().size() : 0;
        return Optional.of(own < left ? new PartColumn(Side.LEFT, own) : new PartColumn(Side.RIGHT, own - left));
    }

    @Override
    public List<Origin> origins(int row) {
        List<Origin> origins = new ArrayList<>();
        for (Side side : Side.values()) {
            OptionalInt source = lineage.row(row).source(side);
            if (source.isPresent()) origins.add(new Origin(side.ordinal(), source.getAsInt()));
        }
        return origins;
    }

    @Override
    public RowsName title() {
        return join.kind().only().map(side -> join.on(side).title())
                .orElseGet(() -> new RowsName.Joined(join.left().title(), join.right().title()));
    }

    @Override
    public RowName name(int row) {
        List<RowName> names =
                origins(row).stream().map(origin -> inputs().get(origin.input()).name(origin.row())).toList();
        return names.size() == 1 ? names.getFirst() : new RowName.Joined(names);
    }
}
