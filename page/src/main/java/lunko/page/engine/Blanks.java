package lunko.page.engine;

/** White space of a text as Java has it ({@link String#isBlank}, {@link String#strip}), for a browser. */
final class Blanks {
    private Blanks() {}

    static boolean isBlank(String text) {
        return first(text) == text.length();
    }

    static String strip(String text) {
        return stripTrailing(stripLeading(text));
    }

    static String stripLeading(String text) {
        return text.substring(first(text));
    }

    static String stripTrailing(String text) {
        int end = text.length();
        while (end > 0 && Character.isWhitespace(text.charAt(end - 1))) end--;
        return text.substring(0, end);
    }

    private static int first(String text) {
        int at = 0;
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) at++;
        return at;
    }
}
