package lunko.insight.keys;

import java.util.List;
import java.util.function.Function;
import lunko.query.Side;
import lunko.table.Value;
import lunko.words.KeySentences;

/**
 * A key without a match that is almost another on the other side.
 *
 * @param side the side of the key that has no match
 * @param rows the rows that have it, counted from 0
 * @param key what they have
 * @param meant the key of the other side that may be meant
 */
public record NearMiss(Side side, List<Integer> rows, List<Value> key, List<Value> meant, Difference difference) {

    /** In what two keys differ that look alike, from the surest sign to the least sure. */
    public enum Difference {
        /** In nothing but their types. */
        TYPE(KeySentences::differInType),
        /** In small and capital letters. */
        CASE(KeySentences::differInCase),
        /** In blanks. */
        BLANKS(KeySentences::differInBlanks),
        /** In letters or digits that look alike, or that are written in two ways. */
        LOOK_ALIKES(KeySentences::differInLookAlikes),
        /** In one letter, or in two of a long word. */
        SPELLING(KeySentences::differInSpelling);

        private final Function<KeySentences, String> said;

        Difference(Function<KeySentences, String> said) {
            this.said = said;
        }

        /** The difference in a sentence: {@code they differ only in case, and case counts}. */
        public String said(KeySentences in) {
            return said.apply(in);
        }
    }

    /** Keeps its rows and keys as they are. */
    public NearMiss {
        rows = List.copyOf(rows);
        key = List.copyOf(key);
        meant = List.copyOf(meant);
    }
}
