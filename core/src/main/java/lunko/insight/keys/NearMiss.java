package lunko.insight.keys;

import java.util.List;
import lunko.query.Side;
import lunko.table.Value;

/**
 * A key without a partner that is almost another on the other side.
 *
 * @param side the side of the key that has no partner
 * @param rows the rows that have it, counted from 0
 * @param key what they have
 * @param meant the key of the other side that may be meant
 */
public record NearMiss(Side side, List<Integer> rows, List<Value> key, List<Value> meant, Difference difference) {

    /** In what two keys differ that look alike, from the surest sign to the least sure. */
    public enum Difference {
        /** In nothing but their types. */
        TYPE("they look the same, and one is a text"),
        /** In small and capital letters. */
        CASE("they differ in case alone, and case counts"),
        /** In blanks. */
        BLANKS("they differ in blanks alone, and blanks count"),
        /** In letters or digits that look alike, or that are written in two ways. */
        LOOK_ALIKES("they differ in letters that look alike"),
        /** In one letter, or in two of a long word. */
        SPELLING("they differ in a letter");

        private final String title;

        Difference(String title) {
            this.title = title;
        }

        /** The difference in a sentence: {@code they differ in case alone, and case counts}. */
        public String title() {
            return title;
        }
    }

    /** Keeps its rows and keys as they are. */
    public NearMiss {
        rows = List.copyOf(rows);
        key = List.copyOf(key);
        meant = List.copyOf(meant);
    }
}
