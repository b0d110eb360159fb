package lunko.lesson;

import java.util.OptionalInt;

/**
 * What a speaker says with a scene.
 *
 * @param title what the scene is called; blank where nobody has said
 * @param note what the speaker wants to be reminded of, as Markdown
 * @param seconds how long it took when it was rehearsed
 */
public record Telling(String title, String note, OptionalInt seconds) {
    /** Nothing is said yet. */
    public static final Telling SILENT = new Telling("", "", OptionalInt.empty());

    /** A text in Markdown without its marks, where there is no room for more than words. */
    public static String unmarked(String markdown) {
        return markdown.replaceAll("[*_`#>]", "").strip();
    }

    /** The same under another title. */
    public Telling titled(String other) {
        return new Telling(other, note, seconds);
    }

    /** The same with another note. */
    public Telling noting(String other) {
        return new Telling(title, other, seconds);
    }

    /** The same, rehearsed anew. */
    Telling taking(OptionalInt other) {
        return new Telling(title, note, other);
    }
}
