package lunko.engine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.query.Side;
import lunko.query.Tally;
import lunko.table.Value;

/**
 * Which rows are partners. Rows with the same key share one list of partners, so memory grows with the rows and
 * not with the pairs, of which there may be rows times rows. Where more than keys decides and one partner is enough for
 * the kind of join, only the first is looked for.
 */
public final class Matching {
    private static final int[] NOBODY = {};

    private final int rightRows;
    private final int[][] partners;
    private final int[] firstPartner;
    private final int[] rightAlone;
    private final Tally tally;

    private Matching(int[][] partners, int rightRows, boolean shared) {
        this.rightRows = rightRows;
        this.partners = partners;
        this.firstPartner = firstPartner(partners, rightRows, shared);
        this.rightAlone = IntStream.range(0, rightRows).filter(right -> firstPartner[right] < 0).toArray();
        long pairs = Arrays.stream(partners).mapToLong(list -> list.length).sum();
        long leftAlone = Arrays.stream(partners).filter(list -> list.length == 0).count();
        this.tally = new Tally(partners.length, rightRows, pairs, leftAlone, rightAlone.length);
    }

    private static int[] firstPartner(int[][] partners, int rightRows, boolean shared) {
        int[] first = new int[rightRows];
        Arrays.fill(first, -1);
        for (int left = 0; left < partners.length; left++) {
            int[] list = partners[left];
            // The first of a shared list is met first with the others: if it is known, so are they.
            if (list.length == 0 || shared && first[list[0]] >= 0) continue;
            for (int right : list) {
                if (first[right] < 0) first[right] = left;
            }
        }
        return first;
    }

    /** Finds the partners of every row. */
    public static Matching of(Join join) {
        return of(join, Long.MAX_VALUE).orElseThrow();
    }

    /** Finds the partners of every row; nothing, if there are more pairs than that. */
    public static Optional<Matching> of(Join join, long mostPairs) {
        Partnership on = join.on();
        List<List<Value>> lefts = join.left().rows();
        List<List<Value>> rights = join.right().rows();
        Candidates candidates = on.notIn().isPresent() && on.more().isEmpty()
                ? new PerhapsEqual(on, rights) : new SameKey(on, rights);
        boolean decided = on.more().isEmpty();
        boolean one = join.kind().stopsAtFirst();
        int[][] partners = new int[lefts.size()][];
        long pairs = 0;
        for (int left = 0; left < partners.length; left++) {
            List<Value> row = lefts.get(left);
            int[] possible = candidates.of(row);
            partners[left] = decided ? possible : chosen(on, row, rights, possible, one, mostPairs - pairs);
            pairs += partners[left].length;
            if (pairs > mostPairs) return Optional.empty();
        }
        return Optional.of(new Matching(partners, rights.size(), decided && on.notIn().isEmpty()));
    }

    /** Of some rows, those that a condition makes partners of a left row; no more of them than are asked for. */
    private static int[] chosen(Partnership on, List<Value> left, List<List<Value>> rights, int[] candidates,
            boolean one, long most) {
        int[] chosen = NOBODY;
        int count = 0;
        for (int right : candidates) {
            if (!on.meets(on.verdict(left, rights.get(right)))) continue;
            if (count == chosen.length) chosen = Arrays.copyOf(chosen, Math.max(4, 2 * count));
            chosen[count++] = right;
            if (one || count > most) break;
        }
        return count == chosen.length ? chosen : Arrays.copyOf(chosen, count);
    }

    /** What a row has in the columns that must be equal: nothing, if a NULL is in it. */
    private static Optional<Object> key(List<Equality> equal, Side side, List<Value> row) {
        if (equal.size() == 1) {
            Value value = row.get(equal.getFirst().on(side));
            return value.isNull() ? Optional.empty() : Optional.of(ValueOrder.identity(value));
        }
        List<Object> key = new ArrayList<>(equal.size());
        for (Equality equality : equal) {
            Value value = row.get(equality.on(side));
            if (value.isNull()) return Optional.empty();
            key.add(ValueOrder.identity(value));
        }
        return Optional.of(key);
    }

    /** The right rows that can be partners of a left row, in their order. */
    private interface Candidates {
        int[] of(List<Value> left);
    }

    /** Those with the same key; without equalities, all. */
    private static final class SameKey implements Candidates {
        private final List<Equality> equal;
        private final Map<Object, int[]> rowsByKey;
        private final int[] everybody;

        SameKey(Partnership on, List<List<Value>> rights) {
            this.equal = on.equal();
            this.everybody = equal.isEmpty() ? IntStream.range(0, rights.size()).toArray() : NOBODY;
            this.rowsByKey = HashMap.newHashMap(equal.isEmpty() ? 0 : rights.size());
            if (equal.isEmpty()) return;
            Map<Object, IntStream.Builder> builders = HashMap.newHashMap(rights.size());
            for (int row = 0; row < rights.size(); row++) {
                Optional<Object> key = key(equal, Side.RIGHT, rights.get(row));
                if (key.isPresent()) builders.computeIfAbsent(key.get(), _ -> IntStream.builder()).add(row);
            }
            builders.forEach((key, rows) -> rowsByKey.put(key, rows.build().toArray()));
        }

        @Override
        public int[] of(List<Value> left) {
            if (equal.isEmpty()) return everybody;
            return key(equal, Side.LEFT, left).map(rowsByKey::get).orElse(NOBODY);
        }
    }

    /** For NOT IN, the first with the same key that is equal or may be: one disproof is enough. */
    private static final class PerhapsEqual implements Candidates {

        /** The first of all rows of a key, the first for each value, and the first that has none. */
        private static final class Group {
            private final int first;
            private final Map<Object, Integer> byValue = new HashMap<>();
            private int withoutValue = Integer.MAX_VALUE;

            Group(int first) {
                this.first = first;
            }
        }

        private final List<Equality> equal;
        private final Equality compared;
        private final Map<Object, Group> groups = new HashMap<>();

        PerhapsEqual(Partnership on, List<List<Value>> rights) {
            this.equal = on.equal();
            this.compared = on.notIn().orElseThrow();
            for (int row = 0; row < rights.size(); row++) {
                int number = row;
                Optional<Object> key = key(equal, Side.RIGHT, rights.get(row));
                if (key.isEmpty()) continue;
                Group group = groups.computeIfAbsent(key.get(), _ -> new Group(number));
                Value value = rights.get(row).get(compared.right());
                if (value.isNull()) group.withoutValue = Math.min(group.withoutValue, row);
                else group.byValue.putIfAbsent(ValueOrder.identity(value), row);
            }
        }

        @Override
        public int[] of(List<Value> left) {
            Optional<Group> group = key(equal, Side.LEFT, left).map(groups::get);
            if (group.isEmpty()) return NOBODY;
            Value value = left.get(compared.left());
            if (value.isNull()) return new int[] {group.get().first};
            int first = Math.min(group.get().withoutValue,
                    group.get().byValue.getOrDefault(ValueOrder.identity(value), Integer.MAX_VALUE));
            return first == Integer.MAX_VALUE ? NOBODY : new int[] {first};
        }
    }

    /** The numbers of rows, pairs and partnerless rows. */
    public Tally tally() {
        return tally;
    }

    /** Whether a row that shares a partner with another has more than one. */
    public boolean isManyToMany() {
        for (int left = 0; left < partners.length; left++) {
            if (partners[left].length > 1 && firstPartner[partners[left][0]] < left) return true;
        }
        return false;
    }

    /** How many rows the left side has. */
    public int leftRows() {
        return partners.length;
    }

    /** How many rows the right side has. */
    public int rightRows() {
        return rightRows;
    }

    /** How many partners a left row has. */
    public int partners(int left) {
        return partners[left].length;
    }

    /** The right row that is a left row's n-th partner, counted from 0 in the order of the right side. */
    public int partner(int left, int n) {
        return partners[left][n];
    }

    /** How many partners a left row has among the right rows before this one. */
    public int partnersBefore(int left, int right) {
        int found = Arrays.binarySearch(partners[left], right);
        return found >= 0 ? found : -found - 1;
    }

    /** The first left row that is a right row's partner. */
    public OptionalInt firstPartner(int right) {
        return firstPartner[right] < 0 ? OptionalInt.empty() : OptionalInt.of(firstPartner[right]);
    }

    /** How many right rows have no partner. */
    public int rightAlone() {
        return rightAlone.length;
    }

    /** The n-th right row without a partner, counted from 0 in the order of the right side. */
    public int rightAlone(int n) {
        return rightAlone[n];
    }

    /** How many right rows without a partner there are before this one. */
    public int rightAloneBefore(int right) {
        int found = Arrays.binarySearch(rightAlone, right);
        return found >= 0 ? found : -found - 1;
    }
}
