package lunko.engine.sql;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToIntFunction;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Of some names, the one that somebody may have meant who wrote another. */
final class Nearest {
    private Nearest() {}

    /** The name with the fewest letters different, if they are few for its length. */
    static Optional<String> to(String written, List<String> names) {
        String wanted = written.toLowerCase(Locale.ROOT);
        LevenshteinDistance distance = LevenshteinDistance.getDefaultInstance();
        ToIntFunction<String> apart = name -> distance.apply(wanted, name.toLowerCase(Locale.ROOT));
        return names.stream().min(Comparator.comparingInt(apart))
                .filter(name -> apart.applyAsInt(name) <= slips(written.length()))
                // Whoever slips twice has at least begun with the right letter.
                .filter(name -> apart.applyAsInt(name) == 1
                        || Character.toLowerCase(name.charAt(0)) == wanted.charAt(0));
    }

    /** How many slips one makes in a word of that length; one or two letters are another word, not a slip. */
    private static int slips(int length) {
        return length <= 2 ? 0 : length == 3 ? 1 : Math.max(2, length / 3);
    }
}
