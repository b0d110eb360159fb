package lunko.insight.keys;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.ValueOrder;
import lunko.insight.keys.NearMiss.Difference;
import lunko.insight.picture.KindCount;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.query.Tally;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * What can be said about the columns that two tables are to be joined by, before they are.
 *
 * @param left the keys of the left table
 * @param right the keys of the right table
 * @param typesDiffer the pairs of columns whose values SQL does not compare
 * @param nearMisses keys that almost match
 * @param tally the numbers that the counts of all kinds follow from
 */
public record KeyCheck(Keys left, Keys right, List<KeyPair> typesDiffer, List<NearMiss> nearMisses, Tally tally) {

    /** A key and the rows of a table that have it, counted from 0. */
    public record Key(List<Value> values, List<Integer> rows) {}

    /**
     * The keys of one table, each once, in the order of their first rows.
     *
     * @param matched those that the other table has too
     * @param alone those that it has not
     * @param withoutKey the rows with a NULL in their key
     */
    public record Keys(Table table, List<Key> matched, List<Key> alone, List<Integer> withoutKey) {

        /** The keys that more than one row has. */
        public List<Key> shared() {
            List<Key> shared = new ArrayList<>(matched);
            shared.addAll(alone);
            return shared.stream().filter(key -> key.rows().size() > 1).toList();
        }

        /** The rows that have a match. */
        public List<Integer> matchedRows() {
            return rows(matched);
        }

        /** The rows that have a key and no match. */
        public List<Integer> aloneRows() {
            return rows(alone);
        }

        private static List<Integer> rows(List<Key> keys) {
            return keys.stream().flatMap(key -> key.rows().stream()).sorted().toList();
        }
    }

    /**
     * Looks at two tables and the columns, by name, that are to be equal. Pairs with a column that is not there are
     * left out.
     */
    public static KeyCheck of(Table left, Table right, List<KeyPair> on) {
        List<Equality> columns = on.stream().flatMap(pair -> columns(pair, left, right).stream()).toList();
        List<KeyPair> differ = columns.stream().filter(
                pair -> !left.columns().get(pair.left()).type().comparesWith(right.columns().get(pair.right()).type()))
                .map(pair -> new KeyPair(left.columns().get(pair.left()).name(),
                        right.columns().get(pair.right()).name()))
                .toList();
        Map<Object, Key> lefts = keys(left, columns.stream().map(Equality::left).toList());
        Map<Object, Key> rights = keys(right, columns.stream().map(Equality::right).toList());
        boolean comparable = differ.isEmpty();
        Keys l = divided(left, lefts, comparable ? rights.keySet() : Set.of());
        Keys r = divided(right, rights, comparable ? lefts.keySet() : Set.of());
        long pairs = !comparable ? 0 : lefts.entrySet().stream().filter(entry -> rights.containsKey(entry.getKey()))
                .mapToLong(entry -> (long) entry.getValue().rows().size() * rights.get(entry.getKey()).rows().size())
                .sum();
        Tally tally =
                new Tally(left.rows().size(), right.rows().size(), pairs, left.rows().size() - l.matchedRows().size(),
                        right.rows().size() - r.matchedRows().size());
        return new KeyCheck(l, r, differ, nearMisses(l, r, rights.values()), tally);
    }

    private static Optional<Equality> columns(KeyPair pair, Table left, Table right) {
        OptionalInt l = left.column(pair.left());
        OptionalInt r = right.column(pair.right());
        return l.isPresent() && r.isPresent() ? Optional.of(new Equality(l.getAsInt(), r.getAsInt()))
                : Optional.empty();
    }

    private static Map<Object, Key> keys(Table table, List<Integer> columns) {
        Map<Object, Key> keys = LinkedHashMap.newLinkedHashMap(table.rows().size());
        for (int row = 0; row < table.rows().size(); row++) {
            Row values = table.rows().get(row);
            List<Value> key = columns.stream().map(values::value).toList();
            if (key.stream().anyMatch(Value::isNull)) continue;
            keys.computeIfAbsent(identity(key), _ -> new Key(key, new ArrayList<>(1))).rows().add(row);
        }
        return keys;
    }

    private static Object identity(List<Value> key) {
        return key.size() == 1 ? ValueOrder.identity(key.getFirst()) : ValueOrder.identity(key);
    }

    private static Keys divided(Table table, Map<Object, Key> keys, Set<Object> others) {
        List<Key> matched = new ArrayList<>();
        List<Key> alone = new ArrayList<>();
        keys.forEach((identity, key) -> (others.contains(identity) ? matched : alone).add(key));
        BitSet with = new BitSet(table.rows().size());
        keys.values().forEach(key -> key.rows().forEach(with::set));
        return new Keys(table, matched, alone,
                IntStream.range(0, table.rows().size()).filter(row -> !with.get(row)).boxed().toList());
    }

    /**
     * For each left key without a match, the right key that is most surely meant; and so for right keys that no left
     * one means.
     */
    private static List<NearMiss> nearMisses(Keys left, Keys right, Collection<Key> rights) {
        List<NearMiss> found = new ArrayList<>(nearMisses(Side.LEFT, left.alone(), rights));
        Set<List<Value>> meant = new HashSet<>();
        found.forEach(miss -> meant.add(miss.meant()));
        List<Key> open = right.alone().stream().filter(key -> !meant.contains(key.values())).toList();
        found.addAll(nearMisses(Side.RIGHT, open, left.matched()));
        return List.copyOf(found);
    }

    private static List<NearMiss> nearMisses(Side side, List<Key> alone, Collection<Key> others) {
        if (alone.isEmpty() || others.isEmpty()) return List.of();
        Map<Object, List<Key>> sameButCase = grouped(Difference.CASE, others);
        Map<Object, List<Key>> alike = grouped(Difference.LOOK_ALIKES, others);
        List<NearMiss> found = new ArrayList<>();
        List<Key> open = new ArrayList<>();
        for (Key key : alone) {
            // Keys that differ in type or blanks alone look alike all the more; keys that differ in case need not.
            List<Key> candidates = Stream
                    .of(sameButCase.get(common(Difference.CASE, key.values())),
                            alike.get(common(Difference.LOOK_ALIKES, key.values())))
                    .filter(Objects::nonNull).flatMap(List::stream).toList();
            Optional<NearMiss> miss = Stream.of(Difference.values())
                    .filter(difference -> difference != Difference.SPELLING)
                    .flatMap(difference -> candidates.stream().filter(
                            other -> common(difference, key.values()).equals(common(difference, other.values())))
                            .map(other -> new NearMiss(side, key.rows(), key.values(), other.values(), difference)))
                    .findFirst();
            miss.ifPresentOrElse(found::add, () -> open.add(key));
        }
        if (open.isEmpty()) return found;
        // What a surer sign has found is looked at no further.
        DeletionIndex slips = DeletionIndex.of(others);
        open.forEach(key -> slips.meant(key).ifPresent(
                other -> found.add(new NearMiss(side, key.rows(), key.values(), other.values(), Difference.SPELLING))));
        found.sort(Comparator.comparingInt(miss -> miss.rows().getFirst()));
        return found;
    }

    private static Map<Object, List<Key>> grouped(Difference difference, Collection<Key> keys) {
        Map<Object, List<Key>> groups = HashMap.newHashMap(keys.size());
        keys.forEach(key -> groups.computeIfAbsent(common(difference, key.values()), _ -> new ArrayList<>(1)).add(key));
        return groups;
    }

    /** What two keys have in common that differ in this way at most. */
    private static Object common(Difference difference, List<Value> key) {
        UnaryOperator<String> same = switch (difference) {
            case TYPE, SPELLING -> UnaryOperator.identity();
            case CASE -> LookAlikes::withoutCase;
            case BLANKS -> LookAlikes::withoutBlanks;
            case LOOK_ALIKES -> LookAlikes::skeleton;
        };
        return common(same, key);
    }

    private static Object common(UnaryOperator<String> same, List<Value> key) {
        if (key.size() == 1) return same.apply(key.getFirst().shown());
        return key.stream().map(value -> same.apply(value.shown())).toList();
    }

    /** The keys of a side. */
    public Keys keys(Side side) {
        return side.of(left, right);
    }

    /** How many rows may match how many, read off the rows. */
    public Cardinality cardinality() {
        return new Cardinality(!left.shared().isEmpty(), !right.shared().isEmpty());
    }

    /** How many rows each kind of join will give. */
    public List<KindCount> counts() {
        return List.of(JoinKind.values()).stream().map(kind -> KindCount.of(kind, tally)).toList();
    }
}
