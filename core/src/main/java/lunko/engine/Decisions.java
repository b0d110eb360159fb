package lunko.engine;

import java.util.List;
import java.util.Optional;
import lunko.table.Value;

/**
 * What decides about the outer rows of a join. Where the kind brings pairs, those are all inner rows that match; where
 * it takes rows of one side, the first inner row that takes an outer row in or keeps it out, and nobody looks further.
 * For NOT IN that may be a row of which it is unknown whether it is equal.
 *
 * @param pairs for each outer row, the inner rows that decide about it
 */
public record Decisions(RowPairs pairs) {

    /** Finds what decides; nothing, if the kind brings pairs and there are more than that. */
    static Optional<Decisions> of(Join join, long mostPairs) {
        Join outerFirst = join.outerFirst();
        return join.kind().stopsAtFirst() ? Optional.of(first(outerFirst))
                : Matching.of(outerFirst, mostPairs).map(matching -> new Decisions(matching.pairs()));
    }

    private static Decisions first(Join join) {
        JoinCondition on = join.on();
        List<List<Value>> lefts = join.left().rows();
        List<List<Value>> rights = join.right().rows();
        Candidates candidates = candidates(on, rights);
        int[][] lists = new int[lefts.size()][];
        for (int left = 0; left < lists.length; left++) {
            int[] possible = candidates.of(lefts.get(left));
            lists[left] = on.more().isEmpty() ? possible : first(on, lefts.get(left), rights, possible);
        }
        return new Decisions(new RowPairs(lists, rights.size(), false));
    }

    /** Where nothing is asked but what they are found by, the only one that is needed; else all that may decide. */
    private static Candidates candidates(JoinCondition on, List<List<Value>> rights) {
        if (on.more().isPresent()) return new Candidates.SameKey(on, rights);
        if (on.notIn().isPresent()) return new Candidates.PerhapsEqual(on, rights);
        return new Candidates.FirstOfKey(on, rights);
    }

    private static int[] first(JoinCondition on, List<Value> left, List<List<Value>> rights, int[] candidates) {
        for (int right : candidates) {
            if (on.meets(on.verdict(left, rights.get(right)))) return new int[] {right};
        }
        return Candidates.NONE;
    }
}
