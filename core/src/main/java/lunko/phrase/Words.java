package lunko.phrase;

import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Small things about words that sentences need. */
public final class Words {
    /** Of a long list, so many are named. */
    public static final int MOST_NAMED = 6;

    private Words() {}

    /** The place in a row of things: {@code 1st}, {@code 12th}. */
    public static String ordinal(int number) {
        int tens = number % 100;
        String end = tens >= 11 && tens <= 13 ? "th" : switch (number % 10) {
            case 1 -> "st";
            case 2 -> "nd";
            case 3 -> "rd";
            default -> "th";
        };
        return number + end;
    }

    /** A number of rows: {@code 1 row}, {@code 4 rows}. */
    public static String rows(long count) {
        return counted(count, "row");
    }

    /** A number with its thousands told apart: {@code 10,000}. */
    public static String number(long count) {
        return String.format(Locale.ROOT, "%,d", count);
    }

    /** A number of things whose plural has an s: {@code 1 comparison}, {@code 12 comparisons}. */
    public static String counted(long count, String what) {
        return number(count) + " " + what + (count == 1 ? "" : "s");
    }

    /** The first of many texts, and how many more there are: {@code 11, 12 and 3 more}. */
    public static String some(List<String> all) {
        String first = String.join(", ", all.subList(0, Math.min(MOST_NAMED, all.size())));
        return all.size() <= MOST_NAMED ? first : first + " and " + number(all.size() - MOST_NAMED) + " more";
    }

    /** The name, or the name with the first number behind it, from 2 on, that is not taken: {@code hives_2}. */
    public static String free(String name, String before, Predicate<String> isTaken) {
        return Stream.iterate(1, number -> number + 1).map(number -> number == 1 ? name : name + before + number)
                .filter(isTaken.negate()).findFirst().orElseThrow();
    }

    /** A text with its first letter large. */
    public static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** A text with its first letter small. */
    public static String small(String text) {
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
