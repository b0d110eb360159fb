package lunko.words.english;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import lunko.phrase.Phrase;
import lunko.phrase.Tone;

/**
 * Makes a phrase of a sentence with gaps. A gap is {@code {}}, and takes a phrase as it is, a number with its thousands
 * told apart, or a text; {@code `SQL`} stands between backticks, and {@code **the word**} that the sentence turns on
 * between two stars each.
 */
public final class Say {
    private static final String GAP = "{}";
    /** Of a long list, so many are named. */
    private static final int MOST_NAMED = 6;

    private Say() {}

    /** A sentence with its gaps filled, in order; IllegalArgumentException for one thing too many or too few. */
    public static Phrase say(String sentence, Object... things) {
        List<Phrase> parts = new ArrayList<>();
        Iterator<Object> filling = Arrays.asList(things).iterator();
        Tone tone = Tone.PLAIN;
        int from = 0;
        for (int at = 0; at <= sentence.length(); at++) {
            String mark = mark(sentence, at);
            if (mark.isEmpty() && at < sentence.length()) continue;
            parts.add(Phrase.of(sentence.substring(from, at), tone));
            if (mark.equals(GAP)) parts.add(filled(filling, tone, sentence));
            if (mark.equals("`")) tone = tone == Tone.CODE ? Tone.PLAIN : Tone.CODE;
            if (mark.equals("**")) tone = tone == Tone.STRONG ? Tone.PLAIN : Tone.STRONG;
            from = at + mark.length();
            at += Math.max(0, mark.length() - 1);
        }
        if (filling.hasNext()) throw new IllegalArgumentException("too much for: " + sentence);
        return Phrase.joined("", parts);
    }

    /** The same where only its text is wanted. */
    public static String text(String sentence, Object... things) {
        return say(sentence, things).text();
    }

    private static String mark(String sentence, int at) {
        for (String mark : List.of(GAP, "`", "**")) {
            if (sentence.startsWith(mark, at)) return mark;
        }
        return "";
    }

    private static Phrase filled(Iterator<Object> filling, Tone tone, String sentence) {
        if (!filling.hasNext()) throw new IllegalArgumentException("too little for: " + sentence);
        return switch (filling.next()) {
            case Phrase phrase -> phrase;
            case Long number -> Phrase.of(number(number), tone);
            case Integer number -> Phrase.of(number(number), tone);
            case String text -> Phrase.of(text, tone);
            case Object other -> throw new IllegalArgumentException("cannot be said: " + other.getClass());
        };
    }

    /** A number with its thousands told apart: {@code 10,000}. */
    public static String number(long number) {
        return String.format(Locale.ROOT, "%,d", number);
    }

    /** A number of things whose plural has an s: {@code 1 comparison}, {@code 12 comparisons}. */
    public static String counted(long count, String what) {
        return number(count) + " " + what + (count == 1 ? "" : "s");
    }

    /** The first of many things, and how many more there are: {@code 11, 12 and 3 more}. */
    public static String named(List<String> all) {
        String first = String.join(", ", all.subList(0, Math.min(MOST_NAMED, all.size())));
        return all.size() <= MOST_NAMED ? first : text("{} and {} more", first, all.size() - MOST_NAMED);
    }

    /** All of some things, as a list: {@code hive, kg and day}. */
    public static String list(List<String> things) {
        if (things.size() < 2) return String.join("", things);
        return text("{} and {}", String.join(", ", things.subList(0, things.size() - 1)), things.getLast());
    }

    /** One word for one thing, another for several. */
    public static String either(long count, String one, String many) {
        return count == 1 ? one : many;
    }

    /** A word in capitals, as keywords are written. */
    static String upper(String word) {
        return word.toUpperCase(Locale.ROOT);
    }

    /** A text with its first letter large. */
    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** A phrase with its first letter large, unless it is a name or SQL. */
    public static Phrase capital(Phrase phrase) {
        if (phrase.isEmpty() || phrase.parts().getFirst().tone() != Tone.PLAIN) return phrase;
        Phrase.Part first = phrase.parts().getFirst();
        return Phrase.plain(capital(first.text()))
                .then(new Phrase(phrase.parts().subList(1, phrase.parts().size())));
    }

    /** A phrase with its first letter small. */
    public static Phrase small(Phrase phrase) {
        if (phrase.isEmpty()) return phrase;
        Phrase.Part first = phrase.parts().getFirst();
        String text = Character.toLowerCase(first.text().charAt(0)) + first.text().substring(1);
        return Phrase.of(text, first.tone()).then(new Phrase(phrase.parts().subList(1, phrase.parts().size())));
    }
}
