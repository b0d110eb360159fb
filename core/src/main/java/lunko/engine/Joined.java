package lunko.engine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.query.Side;
import lunko.table.Value;

/**
 * Two stages joined.
 *
 * @param join what was joined, and how
 * @param matching which rows are partners, in the orientation of {@link Join#outerFirst()}
 * @param once the columns that USING or NATURAL has made one of two: they come first, with the value of the side that
 * has one
 * @param headings its columns: those that come once, then those of both sides
 * @param within the queries in its condition
 */
public record Joined(Join join, Matching matching, JoinRows lineage, List<Equality> once, List<Heading> headings,
        List<List<Value>> rows,
        Supplier<List<Stage>> within) implements Stage {

    /** Joins; nothing, if the result has more rows than that. */
    public static Optional<Joined> of(Join join, List<Equality> once, long mostRows, Supplier<List<Stage>> within) {
        // A kind that takes rows of one side gives no more than there are, however many partners they have.
        return Matching.of(join.outerFirst(), join.kind().stopsAtFirst() ? Long.MAX_VALUE : mostRows)
                .map(matching -> new Joined(join, matching, JoinRows.of(join.kind(), matching), once,
                        headings(join, once), List.of(), within))
                .filter(joined -> joined.lineage.size() <= mostRows).map(Joined::withRows);
    }

    private Joined withRows() {
        List<List<Value>> made = new ArrayList<>((int) lineage.size());
        for (long row = 0; row < lineage.size(); row++) made.add(row(lineage.row(row)));
        return new Joined(join, matching, lineage, once, headings, Collections.unmodifiableList(made), within);
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
        return values;
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

    /** Whether partnerless rows of a side come into the result. */
    public boolean keeps() {
        return join.kind().keeps(Side.LEFT) || join.kind().keeps(Side.RIGHT);
    }

    /** The number of the row that a kept row of a side has in the result, counted from 0. */
    public long placeOfKept(Side side, int row) {
        return side == Side.LEFT ? lineage.before(row)
                : lineage.before(matching.leftRows()) + matching.rightAloneBefore(row);
    }

    @Override
    public List<Stage> inputs() {
        return List.of(join.left(), join.right());
    }

    @Override
    public List<Stage> asides() {
        return within.get();
    }

    @Override
    public boolean pads(int row, int column) {
        if (column < once.size()) {
            Equality equality = once.get(column);
            ResultRow of = lineage.row(row);
            return Stream.of(Side.values()).allMatch(side -> pads(of, side, equality.on(side)));
        }
        int left = join.kind().shows(Side.LEFT) ? join.left().headings().size() : 0;
        int own = column - once.size();
        return pads(lineage.row(row), own < left ? Side.LEFT : Side.RIGHT, own < left ? own : own - left);
    }

    private boolean pads(ResultRow row, Side side, int column) {
        OptionalInt source = row.source(side);
        return source.isEmpty() || join.on(side).pads(source.getAsInt(), column);
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
    public String title() {
        return join.kind().only().map(side -> join.on(side).title())
                .orElseGet(() -> join.left().title() + " + " + join.right().title());
    }

    @Override
    public String name(int row) {
        return String.join(" + ",
                origins(row).stream().map(origin -> inputs().get(origin.input()).name(origin.row())).toList());
    }
}
