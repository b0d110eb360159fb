package lunko.desktop.grid;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * How columns share the width that there is, in pixels: first headings are said in short, then texts are shortened,
 * then columns that decide nothing are folded, the last ones first. What decides stays in view.
 *
 * @param widths of each column
 * @param folded the columns that are folded, counted from 0
 */
record ColumnShares(List<Double> widths, Set<Integer> folded) {
    /** How wide a folded column is, and one that follows another. */
    static final double FOLDED = 14;
    static final double NEXT = 7;

    /**
     * What a column asks for.
     *
     * @param whole the width at which everything in it can be read
     * @param values the one at which its values and its name alone can
     * @param least the one at which its figures can, and enough of its texts to know them
     * @param rank the columns of a lower rank are folded first; those of rank {@link #STAYS} never are
     */
    record Need(double whole, double values, double least, int rank) {
        /** Of a column that is there for nothing else. */
        static final int OTHER = 0;
        /** Of the column that tells rows apart for a reader. */
        static final int LABEL = 1;
        /** Of a column that decides. */
        static final int STAYS = 2;
    }

    /** Shares a width; where even the least does not fit in, the columns are wider than it together. */
    static ColumnShares of(List<Need> needs, double room) {
        Set<Integer> folded = folded(needs, room);
        double left = room - IntStream.range(0, needs.size()).mapToDouble(i -> folded(folded, i)).sum();
        List<Need> open = IntStream.range(0, needs.size()).filter(i -> !folded.contains(i)).mapToObj(needs::get)
                .toList();
        double least = sum(open, Need::least);
        double values = sum(open, Need::values);
        double whole = sum(open, Need::whole);
        double more = Math.max(0, left - whole) / Math.max(1, open.size());
        double toWhole = part(left, values, whole);
        double toValues = part(left, least, values);
        return new ColumnShares(IntStream.range(0, needs.size())
                .mapToObj(i -> folded.contains(i) ? folded(folded, i)
                        : Math.floor(between(needs.get(i), toValues, toWhole) + more))
                .toList(), folded);
    }

    /** The width at which what decides, and what tells rows apart, can be read, while all else is folded. */
    static double needed(List<Need> needs) {
        return least(needs, IntStream.range(0, needs.size()).filter(i -> needs.get(i).rank == Need.OTHER).boxed()
                .collect(Collectors.toSet()));
    }

    private static double between(Need need, double toValues, double toWhole) {
        return need.least + toValues * (need.values - need.least) + toWhole * (need.whole - need.values);
    }

    /** How far a width is on the way from one to another, from 0 to 1. */
    private static double part(double width, double from, double to) {
        if (width >= to) return 1;
        return width <= from ? 0 : (width - from) / (to - from);
    }

    private static Set<Integer> folded(List<Need> needs, double room) {
        Set<Integer> folded = new HashSet<>();
        for (int rank = Need.OTHER; rank < Need.STAYS; rank++) {
            for (int i = needs.size() - 1; i >= 0 && least(needs, folded) > room; i--)
                if (needs.get(i).rank == rank) folded.add(i);
        }
        return folded;
    }

    private static double least(List<Need> needs, Set<Integer> folded) {
        return IntStream.range(0, needs.size())
                .mapToDouble(i -> folded.contains(i) ? folded(folded, i) : needs.get(i).least).sum();
    }

    /** The width that a column takes while it is folded; none, if it is not. */
    private static double folded(Set<Integer> folded, int column) {
        return !folded.contains(column) ? 0 : folded.contains(column - 1) ? NEXT : FOLDED;
    }

    private static double sum(List<Need> needs, ToDoubleFunction<Need> width) {
        return needs.stream().mapToDouble(width).sum();
    }
}
