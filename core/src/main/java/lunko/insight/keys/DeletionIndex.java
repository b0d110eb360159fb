package lunko.insight.keys;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import lunko.insight.keys.KeyCheck.Key;
import lunko.table.Value;

/**
 * Words, to be found by others that are one slip apart: they share what is left of them when one letter is taken out.
 * Those parts are kept as numbers in a table of numbers, since there are ten times as many of them as words.
 */
final class DeletionIndex {
    /** Of words as short as that, one letter makes another word. */
    private static final int SHORTEST_WORD = 4;
    /** Of longer words nobody expects to see a slip. */
    private static final int LONGEST_WORD = 40;
    private static final long PRIME = 1_000_003;

    private final List<Key> keys;
    /**
     * For each place in the table, the last entry there; for each entry, the one before it in the same place, its part
     * and its key.
     */
    private final int[] last;
    private final int[] earlier;
    private final long[] parts;
    private final int[] keyOf;

    private DeletionIndex(List<Key> keys, int entries) {
        this.keys = keys;
        this.last = new int[Integer.highestOneBit(Math.max(1, entries)) * 2];
        this.earlier = new int[entries];
        this.parts = new long[entries];
        this.keyOf = new int[entries];
        Arrays.fill(last, -1);
    }

    /** The words among these keys. */
    static DeletionIndex of(Collection<Key> all) {
        List<Key> words = all.stream().filter(key -> word(key).isPresent()).toList();
        List<long[]> parts = new ArrayList<>(words.size());
        int entries = 0;
        for (Key key : words) {
            parts.add(shortened(word(key).orElseThrow()));
            entries += parts.getLast().length;
        }
        DeletionIndex slips = new DeletionIndex(words, entries);
        // Backwards, so that of several words the first is found first.
        int entry = 0;
        for (int key = words.size() - 1; key >= 0; key--) {
            for (long part : parts.get(key)) slips.put(entry++, part, key);
        }
        return slips;
    }

    private void put(int entry, long part, int key) {
        int place = place(part);
        parts[entry] = part;
        keyOf[entry] = key;
        earlier[entry] = last[place];
        last[place] = entry;
    }

    private int place(long part) {
        long mixed = part * 0x9E3779B97F4A7C15L;
        return (int) (mixed >>> 32) & last.length - 1;
    }

    /** The word that is one slip apart from a key, if there is one. */
    Optional<Key> meant(Key key) {
        return word(key).flatMap(word -> {
            for (long part : shortened(word)) {
                for (int entry = last[place(part)]; entry >= 0; entry = earlier[entry]) {
                    if (parts[entry] != part) continue;
                    Key other = keys.get(keyOf[entry]);
                    if (LookAlikes.areOneSlipApart(word, other.values().getFirst().shown())) return Optional.of(other);
                }
            }
            return Optional.empty();
        });
    }

    private static Optional<String> word(Key key) {
        return key.values().size() == 1 && key.values().getFirst() instanceof Value.TextValue(String word)
                && word.length() >= SHORTEST_WORD && word.length() <= LONGEST_WORD ? Optional.of(word)
                        : Optional.empty();
    }

    /**
     * A number for the word and for each text that is left of it without one letter; different texts seldom have the
     * same.
     */
    private static long[] shortened(String word) {
        int size = word.length();
        long[] upTo = new long[size + 1];
        long[] power = new long[size + 1];
        power[0] = 1;
        for (int i = 0; i < size; i++) {
            upTo[i + 1] = upTo[i] * PRIME + word.charAt(i);
            power[i + 1] = power[i] * PRIME;
        }
        long[] parts = new long[size + 1];
        for (int i = 0; i < size; i++)
            parts[i] = upTo[i] * power[size - 1 - i] + upTo[size] - upTo[i + 1] * power[size - 1 - i];
        parts[size] = upTo[size];
        return parts;
    }
}
