package lunko.insight;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import lunko.engine.LazyList;
import lunko.engine.Matching;
import lunko.engine.Outcome;
import lunko.engine.ResultRow;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.Tally;

/**
 * The three regions of the Venn diagram of a join, with the actual rows in them: left rows without a partner,
 * pairs, and right rows without a partner.
 */
public record Regions(JoinKind kind, Tally tally, List<Integer> leftAlone, List<ResultRow.Met> pairs,
        List<Integer> rightAlone, List<Integer> leftPartnered, List<Integer> rightPartnered) {

    /** The regions of a result. */
    public static Regions of(Outcome outcome) {
        Matching matching = outcome.matching();
        int[] leftAlone = IntStream.range(0, matching.leftRows()).filter(row -> matching.partners(row) == 0).toArray();
        int[] withPartner = IntStream.range(0, matching.leftRows()).filter(row -> matching.partners(row) > 0).toArray();
        int[] rightPartnered = IntStream.range(0, matching.rightRows())
                .filter(row -> matching.firstPartner(row).isPresent()).toArray();
        long[] before = new long[withPartner.length + 1];
        for (int i = 0; i < withPartner.length; i++) before[i + 1] = before[i] + matching.partners(withPartner[i]);
        int pairs = (int) Math.min(matching.tally().pairs(), Integer.MAX_VALUE);
        return new Regions(outcome.kind(), matching.tally(),
                LazyList.of(leftAlone.length, n -> leftAlone[n]),
                LazyList.of(pairs, n -> {
                    int found = Arrays.binarySearch(before, n);
                    int i = found >= 0 ? found : -found - 2;
                    return new ResultRow.Met(withPartner[i], matching.partner(withPartner[i], (int) (n - before[i])));
                }),
                LazyList.of(matching.rightAlone(), matching::rightAlone),
                LazyList.of(withPartner.length, n -> withPartner[n]),
                LazyList.of(rightPartnered.length, n -> rightPartnered[n]));
    }

    /** The partnerless rows of a side. */
    public List<Integer> alone(Side side) {
        return side.of(leftAlone, rightAlone);
    }

    /** The rows of a side that have a partner, each once. */
    public List<Integer> partnered(Side side) {
        return side.of(leftPartnered, rightPartnered);
    }

    /** Whether some row is in more than one pair, so that there are more pairs than rows. */
    public boolean multiplies() {
        return tally.pairs() > Math.min(leftPartnered.size(), rightPartnered.size());
    }

    /** How many pairs there are; the list of them may be cut where a list cannot hold more. */
    public long pairCount() {
        return tally.pairs();
    }
}
