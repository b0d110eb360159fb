package lunko.engine;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lunko.query.Tally;
import lunko.table.Value;

/**
 * Who matches whom: all pairs of a left and a right row for which the condition of a join is true, whatever its kind
 * does with them. A pair of which it is unknown is none.
 *
 * @param pairs the pairs, for each left row
 */
public record Matching(RowPairs pairs) {

    /** Finds all pairs of a join. */
    public static Matching of(Join join) {
        return of(join, Long.MAX_VALUE).orElseThrow();
    }

    /** Finds all pairs of a join; nothing, if there are more than that. */
    public static Optional<Matching> of(Join join, long mostPairs) {
        JoinCondition on = join.on().certain();
        List<List<Value>> lefts = join.left().rows();
        List<List<Value>> rights = join.right().rows();
        Candidates candidates = new Candidates.SameKey(on, rights);
        int[][] lists = new int[lefts.size()][];
        long pairs = 0;
        for (int left = 0; left < lists.length; left++) {
            List<Value> row = lefts.get(left);
            int[] possible = candidates.of(row);
            lists[left] = on.more().isEmpty() ? possible : meeting(on, row, rights, possible, mostPairs - pairs);
            pairs += lists[left].length;
            if (pairs > mostPairs) return Optional.empty();
        }
        return Optional.of(new Matching(new RowPairs(lists, rights.size(), on.more().isEmpty())));
    }

    /** Of some rows, those that match a left row; one more than {@code most} of them is enough. */
    private static int[] meeting(JoinCondition on, List<Value> left, List<List<Value>> rights, int[] candidates,
            long most) {
        int[] chosen = Candidates.NONE;
        int count = 0;
        for (int right : candidates) {
            if (!on.meets(on.verdict(left, rights.get(right)))) continue;
            if (count == chosen.length) chosen = Arrays.copyOf(chosen, Math.max(4, 2 * count));
            chosen[count++] = right;
            if (count > most) break;
        }
        return count == chosen.length ? chosen : Arrays.copyOf(chosen, count);
    }

    /** The numbers of rows, pairs and unmatched rows. */
    public Tally tally() {
        return new Tally(pairs.leftRows(), pairs.rightRows(), pairs.size(), pairs.leftAlone(), pairs.rightAlone());
    }

    /** Whether a row that shares a match with another has more than one. */
    public boolean isManyToMany() {
        for (int left = 0; left < pairs.leftRows(); left++) {
            if (pairs.count(left) > 1 && pairs.firstLeft(pairs.right(left, 0)).getAsInt() < left) return true;
        }
        return false;
    }
}
