package lunko.engine.sql;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Of some names, the one that somebody may have meant who wrote another. */
final class Nearest {
    private Nearest() {}

    /** The name with the fewest letters different, if they are few for its length. */
    static Optional<String> to(String written, List<String> names) {
        String wanted = written.toLowerCase(Locale.ROOT);
        return names.stream().min(Comparator.comparingInt(name -> distance(wanted, name.toLowerCase(Locale.ROOT))))
                .filter(name -> distance(wanted, name.toLowerCase(Locale.ROOT)) <= slips(written.length()));
    }

    /** How many slips one makes in a word of that length; one or two letters are another word, not a slip. */
    private static int slips(int length) {
        return length <= 2 ? 0 : length == 3 ? 1 : Math.max(2, length / 3);
    }

    /** How many letters must be put in, left out or changed to make one text of the other. */
    private static int distance(String from, String to) {
        int[] above = new int[to.length() + 1];
        for (int j = 0; j <= to.length(); j++) above[j] = j;
        for (int i = 1; i <= from.length(); i++) {
            int[] row = new int[to.length() + 1];
            row[0] = i;
            for (int j = 1; j <= to.length(); j++) {
                int change = from.charAt(i - 1) == to.charAt(j - 1) ? 0 : 1;
                row[j] = Math.min(above[j - 1] + change, Math.min(above[j], row[j - 1]) + 1);
            }
            above = row;
        }
        return above[to.length()];
    }
}
