package lunko.insight.picture;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.JoinResult;
import lunko.engine.LazyList;
import lunko.engine.Matching;
import lunko.engine.ResultRow;
import lunko.engine.RowPairs;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.Tally;
import lunko.table.Truth;

/**
 * The three regions of the Venn diagram of a join, with the actual rows in them: left rows that match nobody, pairs,
 * and right rows that match nobody.
 */
public record VennRegions(JoinKind kind, Tally tally, Members left, List<ResultRow.Met> pairs, Members right) {

    /**
     * The rows of a side.
     *
     * @param alone those that match nobody
     * @param matched those that match somebody, each once
     * @param unknown those of which NOT IN cannot tell
     */
    public record Members(List<Integer> alone, List<Integer> matched, List<Integer> unknown) {

        private static Members of(JoinResult outcome, Side side) {
            Truth[] matches = IntStream.range(0, outcome.join().on(side).rows().size())
                    .mapToObj(row -> outcome.matches(side, row)).toArray(Truth[]::new);
            return new Members(rows(matches, Truth.FALSE), rows(matches, Truth.TRUE), rows(matches, Truth.UNKNOWN));
        }

        private static List<Integer> rows(Truth[] matches, Truth wanted) {
            int[] rows = IntStream.range(0, matches.length).filter(row -> matches[row] == wanted).toArray();
            return LazyList.of(rows.length, n -> rows[n]);
        }
    }

    /** The regions of a result; nothing, where it takes rows of one side and too many match to be counted. */
    public static Optional<VennRegions> of(JoinResult outcome) {
        return outcome.matching().map(matching -> new VennRegions(outcome.kind(), matching.tally(),
                Members.of(outcome, Side.LEFT), pairs(matching), Members.of(outcome, Side.RIGHT)));
    }

    private static List<ResultRow.Met> pairs(Matching matching) {
        RowPairs pairs = matching.pairs();
        int[] matched = IntStream.range(0, pairs.leftRows()).filter(row -> pairs.count(row) > 0).toArray();
        long[] before = new long[matched.length + 1];
        for (int i = 0; i < matched.length; i++) before[i + 1] = before[i] + pairs.count(matched[i]);
        return LazyList.of((int) Math.min(pairs.size(), Integer.MAX_VALUE), n -> {
            int found = Arrays.binarySearch(before, n);
            int i = found >= 0 ? found : -found - 2;
            return new ResultRow.Met(matched[i], pairs.right(matched[i], (int) (n - before[i])));
        });
    }

    /** The rows of a side. */
    public Members of(Side side) {
        return side.of(left, right);
    }

    /** Whether some row is in more than one pair, so that there are more pairs than rows. */
    public boolean multiplies() {
        return tally.pairs() > Math.min(left.matched().size(), right.matched().size());
    }

    /** How many pairs there are; the list of them may be cut where a list cannot hold more. */
    public long pairCount() {
        return tally.pairs();
    }
}
