package lunko.insight;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.ValueOrder;
import lunko.insight.NearMiss.Difference;
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
 * @param left       the keys of the left table
 * @param right      the keys of the right table
 * @param typesDiffer the pairs of columns whose values SQL does not compare
 * @param nearMisses keys that are almost partners
 * @param tally      the numbers that the counts of all kinds follow from
 */
public record KeyCheck(Keys left, Keys right, List<KeyPair> typesDiffer, List<NearMiss> nearMisses, Tally tally) {
    /** Of words as short as that, one letter makes another word. */
    private static final int SHORTEST_WORD = 4;
    /** Of longer words nobody expects to see a slip. */
    private static final int LONGEST_WORD = 40;

    /** A key and the rows of a table that have it, counted from 0. */
    public record Key(List<Value> values, List<Integer> rows) {}

    /**
     * The keys of one table, each once, in the order of their first rows.
     *
     * @param partnered  those that the other table has too
     * @param alone      those that it has not
     * @param withoutKey the rows with a NULL in their key
     */
    public record Keys(Table table, List<Key> partnered, List<Key> alone, List<Integer> withoutKey) {

        /** The keys that more than one row has. */
        public List<Key> shared() {
            List<Key> shared = new ArrayList<>(partnered);
            shared.addAll(alone);
            return shared.stream().filter(key -> key.rows().size() > 1).toList();
        }

        /** The rows that have a partner. */
        public List<Integer> partneredRows() {
            return rows(partnered);
        }

        /** The rows that have a key and no partner. */
        public List<Integer> aloneRows() {
            return rows(alone);
        }

        private static List<Integer> rows(List<Key> keys) {
            return keys.stream().flatMap(key -> key.rows().stream()).sorted().toList();
        }
    }

    /** Looks at two tables and the columns, by name, that are to be equal. Pairs with a column that is not there are left out. */
    public static KeyCheck of(Table left, Table right, List<KeyPair> on) {
        List<int[]> columns = on.stream().flatMap(pair -> {
            OptionalInt l = left.column(pair.left());
            OptionalInt r = right.column(pair.right());
            return l.isPresent() && r.isPresent() ? List.of(new int[] {l.getAsInt(), r.getAsInt()}).stream() : List.<int[]>of().stream();
        }).toList();
        List<KeyPair> differ = columns.stream().filter(pair -> !left.columns().get(pair[0]).type().comparesWith(right.columns().get(pair[1]).type()))
                .map(pair -> new KeyPair(left.columns().get(pair[0]).name(), right.columns().get(pair[1]).name())).toList();
        Map<Object, Key> lefts = keys(left, columns.stream().map(pair -> pair[0]).toList());
        Map<Object, Key> rights = keys(right, columns.stream().map(pair -> pair[1]).toList());
        boolean comparable = differ.isEmpty();
        Keys l = divided(left, lefts, comparable ? rights.keySet() : Set.of());
        Keys r = divided(right, rights, comparable ? lefts.keySet() : Set.of());
        long pairs = !comparable ? 0 : lefts.entrySet().stream().filter(entry -> rights.containsKey(entry.getKey()))
                .mapToLong(entry -> (long) entry.getValue().rows().size() * rights.get(entry.getKey()).rows().size()).sum();
        Tally tally = new Tally(left.rows().size(), right.rows().size(), pairs, left.rows().size() - l.partneredRows().size(),
                right.rows().size() - r.partneredRows().size());
        return new KeyCheck(l, r, differ, nearMisses(l, r, rights.values()), tally);
    }

    private static Map<Object, Key> keys(Table table, List<Integer> columns) {
        Map<Object, Key> keys = LinkedHashMap.newLinkedHashMap(table.rows().size());
        for (int row = 0; row < table.rows().size(); row++) {
            Row values = table.rows().get(row);
            List<Value> key = columns.stream().map(values::value).toList();
            if (key.stream().anyMatch(Value::isNull)) continue;
            keys.computeIfAbsent(ValueOrder.identity(key), _ -> new Key(key, new ArrayList<>())).rows().add(row);
        }
        return keys;
    }

    private static Keys divided(Table table, Map<Object, Key> keys, Set<Object> others) {
        List<Key> partnered = new ArrayList<>();
        List<Key> alone = new ArrayList<>();
        keys.forEach((identity, key) -> (others.contains(identity) ? partnered : alone).add(key));
        Set<Integer> with = keys.values().stream().flatMap(key -> key.rows().stream()).collect(Collectors.toSet());
        return new Keys(table, partnered, alone, IntStream.range(0, table.rows().size()).filter(row -> !with.contains(row)).boxed().toList());
    }

    /** For each left key without a partner, the right key that is most surely meant; and so for right keys that no left one means. */
    private static List<NearMiss> nearMisses(Keys left, Keys right, Collection<Key> rights) {
        List<NearMiss> found = new ArrayList<>(nearMisses(Side.LEFT, left.alone(), rights));
        Set<List<Value>> meant = new HashSet<>();
        found.forEach(miss -> meant.add(miss.meant()));
        List<Key> open = right.alone().stream().filter(key -> !meant.contains(key.values())).toList();
        found.addAll(nearMisses(Side.RIGHT, open, left.partnered()));
        return List.copyOf(found);
    }

    private static List<NearMiss> nearMisses(Side side, List<Key> alone, Collection<Key> others) {
        if (alone.isEmpty() || others.isEmpty()) return List.of();
        Map<Difference, Map<Object, Key>> alike = new LinkedHashMap<>();
        for (Difference difference : Difference.values()) {
            Map<Object, Key> known = HashMap.newHashMap(others.size());
            if (difference != Difference.SPELLING) others.forEach(key -> known.putIfAbsent(alike(difference, key.values()), key));
            alike.put(difference, known);
        }
        Map<String, List<Key>> slips = slips(others);
        List<NearMiss> found = new ArrayList<>();
        for (Key key : alone) {
            Optional<NearMiss> miss = alike.entrySet().stream().flatMap(entry -> Optional.ofNullable(entry.getValue().get(alike(entry.getKey(), key.values())))
                    .map(other -> new NearMiss(side, key.rows(), key.values(), other.values(), entry.getKey())).stream()).findFirst();
            miss.or(() -> slip(key, slips).map(other -> new NearMiss(side, key.rows(), key.values(), other.values(), Difference.SPELLING)))
                    .ifPresent(found::add);
        }
        return found;
    }

    /** What two keys have in common exactly if they differ in this way at most. */
    private static Object alike(Difference difference, List<Value> key) {
        UnaryOperator<String> same = switch (difference) {
            case TYPE, SPELLING -> UnaryOperator.identity();
            case CASE -> LookAlikes::withoutCase;
            case BLANKS -> LookAlikes::withoutBlanks;
            case LOOK_ALIKES -> LookAlikes::skeleton;
        };
        return key.stream().map(value -> same.apply(value.shown())).toList();
    }

    /** Words by what is left of them when one letter is taken out: two that are one slip apart share one of these. */
    private static Map<String, List<Key>> slips(Collection<Key> keys) {
        Map<String, List<Key>> slips = new HashMap<>();
        for (Key key : keys) word(key).ifPresent(word -> shortened(word).forEach(part -> slips.computeIfAbsent(part, _ -> new ArrayList<>(1)).add(key)));
        return slips;
    }

    private static Optional<Key> slip(Key key, Map<String, List<Key>> slips) {
        return word(key).flatMap(word -> shortened(word).stream().flatMap(part -> slips.getOrDefault(part, List.of()).stream())
                .filter(other -> LookAlikes.areOneSlipApart(word, other.values().getFirst().shown())).findFirst());
    }

    private static Optional<String> word(Key key) {
        return key.values().size() == 1 && key.values().getFirst() instanceof Value.TextValue(String word)
                && word.length() >= SHORTEST_WORD && word.length() <= LONGEST_WORD ? Optional.of(word) : Optional.empty();
    }

    private static Set<String> shortened(String word) {
        Set<String> parts = new HashSet<>();
        parts.add(word);
        for (int i = 0; i < word.length(); i++) parts.add(word.substring(0, i) + word.substring(i + 1));
        return parts;
    }

    /** The keys of a side. */
    public Keys keys(Side side) {
        return side.of(left, right);
    }

    /** How many rows may meet how many, read off the rows: {@code many-1}. */
    public String multiplicity() {
        return many(left) + "-" + many(right);
    }

    private static String many(Keys keys) {
        return keys.shared().isEmpty() ? "1" : "many";
    }

    /** How many rows each kind of join will give. */
    public List<KindCount> counts() {
        return List.of(JoinKind.values()).stream().map(kind -> new KindCount(kind, kind.rows(tally), kind.arithmetic(tally))).toList();
    }
}
