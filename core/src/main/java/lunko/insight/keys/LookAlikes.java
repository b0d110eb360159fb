package lunko.insight.keys;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What texts have in common that differ in one way only: each of these makes the same text of both. */
final class LookAlikes {
    /** Letters of other scripts, and digits, that look like a Latin letter; in pairs. */
    private static final String PAIRS =
            "аaАAвBсcСCеeЕEнHкkКKмMоoОOрpРPтTхxХXуyіiІIјjЅSѕsαaΑAΒBΕEΖZΗHΙIκkΚKΜMνvΝNοoΟOρpΡPτtΤTχxΧXυuΥY0O1lI";
    private static final Map<Character, Character> LATIN = IntStream.range(0, PAIRS.length() / 2).boxed()
            .collect(Collectors.toUnmodifiableMap(i -> PAIRS.charAt(2 * i), i -> PAIRS.charAt(2 * i + 1),
                    (first, _) -> first));

    /** Below it are the plain letters and signs, which look like nothing but themselves. */
    private static final int DEL = 0x7F;

    private LookAlikes() {}

    /** Whether all signs are plain ones, from this one on. */
    private static boolean isPlain(String text, int least) {
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) < least || text.charAt(i) >= DEL) return false;
        }
        return true;
    }

    /** Without the difference of small and capital letters. */
    static String withoutCase(String text) {
        // First to capitals: some letters have two small forms.
        return isPlain(text, 0) ? text.toLowerCase(Locale.ROOT)
                : text.toUpperCase(Locale.ROOT).toLowerCase(Locale.ROOT);
    }

    /** Without blanks at the ends and with single ones inside, whatever blank they are. */
    static String withoutBlanks(String text) {
        if (isPlain(text, ' ' + 1)) return text;
        return text.replaceAll("[\\s\\p{Z}\\u200B\\uFEFF]+", " ").strip();
    }

    /**
     * With the plainest of letters that look alike: neither their accents nor their script nor case tells them apart.
     */
    static String skeleton(String text) {
        String plain = isPlain(text, 0) ? withoutBlanks(text)
                : Normalizer.normalize(withoutBlanks(text), Normalizer.Form.NFKD).replaceAll("\\p{M}+", "");
        StringBuilder skeleton = new StringBuilder(plain.length());
        for (int i = 0; i < plain.length(); i++) {
            char letter = plain.charAt(i);
            if (letter >= DEL || letter == '0') letter = LATIN.getOrDefault(letter, letter);
            skeleton.append(letter == 'l' || letter == 'I' || letter == 'i' ? '1' : Character.toLowerCase(letter));
        }
        return skeleton.toString();
    }

    /** Whether one letter put in, left out, changed, or swapped with the next makes one text of the other. */
    static boolean areOneSlipApart(String one, String other) {
        String shorter = one.length() <= other.length() ? one : other;
        String longer = shorter == one ? other : one;
        if (longer.length() - shorter.length() > 1) return false;
        int start = 0;
        while (start < shorter.length() && shorter.charAt(start) == longer.charAt(start)) start++;
        int end = 0;
        while (end < shorter.length() - start
                && shorter.charAt(shorter.length() - 1 - end) == longer.charAt(longer.length() - 1 - end))
            end++;
        int left = shorter.length() - start - end;
        boolean swapped =
                left == 2 && shorter.length() == longer.length() && shorter.charAt(start) == longer.charAt(start + 1)
                        && shorter.charAt(start + 1) == longer.charAt(start);
        return left == 0 || left == 1 && shorter.length() == longer.length() || swapped;
    }
}
