package lunko.engine.sql;

import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A pattern of LIKE: % stands for any text, _ for any character, and behind the escape each stands for itself (ISO/IEC
 * 9075-2, like predicate).
 */
final class Pattern {
    private static final int ANY_TEXT = -1;
    private static final int ANY_CHARACTER = -2;

    private final int[] parts;

    private Pattern(int[] parts) {
        this.parts = parts;
    }

    /** Reads a pattern. */
    static Pattern of(String text, Optional<Integer> escape) {
        int[] written = text.codePoints().toArray();
        IntStream.Builder parts = IntStream.builder();
        for (int i = 0; i < written.length; i++) {
            boolean escaped = escape.isPresent() && written[i] == escape.get() && i + 1 < written.length;
            if (escaped) parts.add(written[++i]);
            else parts.add(written[i] == '%' ? ANY_TEXT : written[i] == '_' ? ANY_CHARACTER : written[i]);
        }
        return new Pattern(parts.build().toArray());
    }

    /** Whether a text has this form. */
    boolean isFormOf(String text) {
        int[] t = text.codePoints().toArray();
        int at = 0;
        int in = 0;
        int lastAny = -1;
        int resume = 0;
        while (at < t.length) {
            if (in < parts.length && parts[in] == ANY_TEXT) {
                lastAny = in++;
                resume = at;
            } else if (in < parts.length && (parts[in] == ANY_CHARACTER || parts[in] == t[at])) {
                in++;
                at++;
            } else if (lastAny >= 0) {
                // The last % takes one character more.
                in = lastAny + 1;
                at = ++resume;
            } else {
                return false;
            }
        }
        while (in < parts.length && parts[in] == ANY_TEXT) in++;
        return in == parts.length;
    }
}
