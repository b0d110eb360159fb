package lunko.insight.listing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.ResultColumn;
import lunko.engine.ValueOrder;
import lunko.engine.sql.ResultTable;
import lunko.query.Side;
import lunko.table.Value;
import lunko.words.Language;

/**
 * How a result is looked at, which changes nothing about the result itself: which columns are hidden, in which order
 * the others stand on their side, by which column the rows are sorted, and whether those of one left row stand
 * together.
 *
 * @param hidden the columns that are not shown
 * @param moved columns that have been moved, each side's in their new order; those that are not named here come after
 * them
 */
public record Arrangement(Set<ResultColumn> hidden, List<ResultColumn> moved, Optional<Sorting> sorting,
        boolean grouped) {

    /** The result as the join or the query gives it. */
    public static final Arrangement PLAIN = new Arrangement(Set.of(), List.of(), Optional.empty(), false);

    /** By what rows are sorted to be looked at; NULL comes last. */
    public record Sorting(ResultColumn by, boolean descending) {}

    /** Keeps its columns as they are. */
    public Arrangement {
        hidden = Set.copyOf(hidden);
        moved = List.copyOf(moved);
    }

    /** The columns of a side to be shown, in their order. */
    public List<ResultColumn> columns(ResultListing of, Side side) {
        return ordered(of, side).stream().filter(column -> !hidden.contains(column)).toList();
    }

    private List<ResultColumn> ordered(ResultListing of, Side side) {
        List<ResultColumn> all = of.columns(side);
        List<ResultColumn> ordered = new ArrayList<>(moved.stream().filter(all::contains).toList());
        all.stream().filter(column -> !ordered.contains(column)).forEach(ordered::add);
        return ordered;
    }

    /** The same with a column hidden. */
    public Arrangement hiding(ResultColumn column) {
        Set<ResultColumn> more = new HashSet<>(hidden);
        more.add(column);
        return new Arrangement(more, moved, sorting, grouped);
    }

    /** The same with a column moved past the one that is shown before or after it; at the edge of its side it stays. */
    public Arrangement moving(ResultListing of, ResultColumn column, boolean back) {
        List<ResultColumn> shown = columns(of, column.side());
        int at = shown.indexOf(column);
        int to = at + (back ? -1 : 1);
        if (at < 0 || to < 0 || to >= shown.size()) return this;
        List<ResultColumn> order = new ArrayList<>(ordered(of, column.side()));
        int there = order.indexOf(shown.get(to));
        order.remove(column);
        order.add(there, column);
        moved.stream().filter(other -> other.side() != column.side()).forEach(order::add);
        return new Arrangement(hidden, order, sorting, grouped);
    }

    /** The same, sorted by a column; one that it is sorted by already turns the order round, and then gives it up. */
    public Arrangement sortingBy(ResultColumn column) {
        Optional<
                Sorting> next = sorting.filter(now -> now.by().equals(column))
                        .map(now -> now.descending() ? Optional.<Sorting>empty()
                                : Optional.of(new Sorting(column, true)))
                        .orElse(Optional.of(new Sorting(column, false)));
        return new Arrangement(hidden, moved, next, grouped);
    }

    /** The same, the rows of one left row together or not. */
    public Arrangement grouping(boolean together) {
        return new Arrangement(hidden, moved, sorting, together);
    }

    /** Whether rows stand in another order than the join gives them in. */
    public boolean reorders() {
        return grouped || sorting.isPresent();
    }

    /** The places of the rows in the order they are looked at in. */
    public int[] order(ResultListing of) {
        if (!reorders()) return IntStream.range(0, of.size()).toArray();
        Comparator<Integer> order = (_, _) -> 0;
        if (grouped) order = order.thenComparing(n -> of.left(n).orElse(Integer.MAX_VALUE));
        if (sorting.filter(wanted -> of.columns(wanted.by().side()).contains(wanted.by())).isPresent()) {
            ResultColumn by = sorting.get().by();
            Comparator<Value> values = sorting.get().descending() ? ValueOrder.VALUES.reversed() : ValueOrder.VALUES;
            order = order.thenComparing(n -> of.value(n, by), nullsLast(values));
        }
        return IntStream.range(0, of.size()).boxed().sorted(order).mapToInt(n -> n).toArray();
    }

    /** The result as it is looked at: the columns that are shown, the left ones first, and the rows in their order. */
    public ResultTable listed(ResultListing of) {
        List<ResultColumn> shown = Stream.of(Side.values()).flatMap(side -> columns(of, side).stream()).toList();
        IntStream places = IntStream.of(order(of));
        return new ResultTable(
                shown.stream().map(column -> new ResultTable.Column(of.name(column), Optional.of(of.type(column))))
                        .toList(),
                places.mapToObj(place -> shown.stream().map(column -> of.value(place, column)).toList()).toList());
    }

    /** How the result is viewed otherwise than it is given; empty where it is viewed as it is. */
    public String said(Language in) {
        return in.results().arranged(sorting.isPresent(), hidden.size());
    }

    private static Comparator<Value> nullsLast(Comparator<Value> values) {
        return (one, other) -> one.isNull() || other.isNull() ? Boolean.compare(one.isNull(), other.isNull())
                : values.compare(one, other);
    }
}
