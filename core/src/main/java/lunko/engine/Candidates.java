package lunko.engine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.query.Side;
import lunko.table.Value;

/** The right rows that a join needs to look at for a left row, found by their key, in their order. */
interface Candidates {
    /** No rows. */
    int[] NONE = {};

    /** Those of a left row. */
    int[] of(List<Value> left);

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

    /** Those with the same key; without equalities, all. */
    final class SameKey implements Candidates {
        private final List<Equality> equal;
        private final Map<Object, Rows> rowsByKey;
        private final int[] all;

        SameKey(JoinCondition on, List<List<Value>> rights) {
            this.equal = on.equal();
            this.all = equal.isEmpty() ? IntStream.range(0, rights.size()).toArray() : NONE;
            this.rowsByKey = HashMap.newHashMap(equal.isEmpty() ? 0 : rights.size());
            if (equal.isEmpty()) return;
            for (int row = 0; row < rights.size(); row++) {
                Optional<Object> key = key(equal, Side.RIGHT, rights.get(row));
                if (key.isPresent()) rowsByKey.computeIfAbsent(key.get(), _ -> new Rows()).add(row);
            }
            rowsByKey.values().forEach(Rows::trim);
        }

        @Override
        public int[] of(List<Value> left) {
            if (equal.isEmpty()) return all;
            Optional<Object> key = key(equal, Side.LEFT, left);
            Rows rows = key.isPresent() ? rowsByKey.get(key.get()) : null;
            return rows == null ? NONE : rows.numbers;
        }

        /** The rows of a key, while they are being found. */
        private static final class Rows {
            private int[] numbers = new int[1];
            private int count;

            void add(int row) {
                if (count == numbers.length) numbers = Arrays.copyOf(numbers, 2 * count);
                numbers[count++] = row;
            }

            void trim() {
                if (count < numbers.length) numbers = Arrays.copyOf(numbers, count);
            }
        }
    }

    /** Of those with the same key, the first: one is enough where nothing else is asked. */
    final class FirstOfKey implements Candidates {
        private final List<Equality> equal;
        private final Map<Object, int[]> firstByKey;

        FirstOfKey(JoinCondition on, List<List<Value>> rights) {
            this.equal = on.equal();
            this.firstByKey = HashMap.newHashMap(rights.size());
            for (int row = 0; row < rights.size(); row++) {
                int number = row;
                Optional<Object> key = key(equal, Side.RIGHT, rights.get(row));
                if (key.isPresent()) firstByKey.computeIfAbsent(key.get(), _ -> new int[] {number});
            }
        }

        @Override
        public int[] of(List<Value> left) {
            Optional<Object> key = key(equal, Side.LEFT, left);
            return key.isPresent() ? firstByKey.getOrDefault(key.get(), NONE) : NONE;
        }
    }

    /** For NOT IN, the first with the same key that is equal or may be: one disproof is enough. */
    final class PerhapsEqual implements Candidates {

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

        PerhapsEqual(JoinCondition on, List<List<Value>> rights) {
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
            if (group.isEmpty()) return NONE;
            Value value = left.get(compared.left());
            if (value.isNull()) return new int[] {group.get().first};
            int first = Math.min(group.get().withoutValue,
                    group.get().byValue.getOrDefault(ValueOrder.identity(value), Integer.MAX_VALUE));
            return first == Integer.MAX_VALUE ? NONE : new int[] {first};
        }
    }
}
