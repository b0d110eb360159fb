package lunko.handout.drawing;

import java.awt.Font;
import java.awt.GraphicsEnvironment;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A stretch of a text in one font: that of its face, or, where this lacks a character, one of the machine's. A
 * character that no font has is written as its number: {@code U+4E2D}.
 *
 * @param font one point high
 */
public record FontRun(String text, Font font) {
    /** What has no sign of its own: line breaks and tabs, and what says how others are written. */
    private static final Pattern TO_BLANK = Pattern.compile("\\p{Cc}");
    private static final Pattern UNSEEN = Pattern.compile("\\p{Cf}");
    private static final Map<Integer, Optional<Font>> OTHERS = new ConcurrentHashMap<>();

    /** A text in its runs, from its first character on. */
    public static List<FontRun> of(String written, Face face) {
        String text = UNSEEN.matcher(TO_BLANK.matcher(written).replaceAll(" ")).replaceAll("");
        if (face.font().canDisplayUpTo(text) < 0) return List.of(new FontRun(text, face.font()));
        List<FontRun> runs = new ArrayList<>();
        text.codePoints().forEach(character -> {
            Optional<Font> font = font(character, face);
            String shown = font.isPresent() ? Character.toString(character) : number(character);
            Font of = font.orElse(face.font());
            if (!runs.isEmpty() && runs.getLast().font == of)
                runs.set(runs.size() - 1, new FontRun(runs.getLast().text + shown, of));
            else runs.add(new FontRun(shown, of));
        });
        return runs;
    }

    /** The characters of texts that no font here has. */
    public static Set<String> missing(Stream<String> texts) {
        Set<String> missing = new LinkedHashSet<>();
        texts.flatMapToInt(String::codePoints)
                .filter(character -> !isUnseen(character) && font(character, Face.TEXT).isEmpty())
                .forEach(character -> missing.add(number(character)));
        return missing;
    }

    private static boolean isUnseen(int character) {
        int type = Character.getType(character);
        return type == Character.CONTROL || type == Character.FORMAT;
    }

    private static String number(int character) {
        String digits = Integer.toHexString(character).toUpperCase(Locale.ROOT);
        return "U+" + "0".repeat(Math.max(0, 4 - digits.length())) + digits;
    }

    private static Optional<Font> font(int character, Face face) {
        if (face.font().canDisplay(character)) return Optional.of(face.font());
        return OTHERS.computeIfAbsent(character, missing -> Stream
                .of(GraphicsEnvironment.getLocalGraphicsEnvironment().getAllFonts())
                .filter(font -> font.canDisplay(missing)).findFirst());
    }
}
