package lunko.lesson;

import java.util.OptionalInt;

/**
 * What is said with a scene.
 *
 * @param title what the scene is called; blank where nobody has said
 * @param note what the speaker wants to be reminded of, as Markdown
 * @param handed what learners read with it, as Markdown
 * @param seconds how long it took when it was rehearsed
 */
public record Telling(String title, String note, String handed, OptionalInt seconds) {
    /** Nothing is said yet. */
    public static final Telling SILENT = new Telling("", "", "", OptionalInt.empty());

    /** A text in Markdown without its marks, where there is no room for more than words. */
    public static String unmarked(String markdown) {
        return markdown.replaceAll("[*_`#>]", "").strip();
    }

    /** The same under another title. */
    public Telling titled(String other) {
        return new Telling(other, note, handed, seconds);
    }

    /** The same with another note. */
    public Telling noting(String other) {
        return new Telling(title, other, handed, seconds);
    }

    /** The same with something else for learners to read. */
    public Telling handing(String other) {
        return new Telling(title, note, other, seconds);
    }

    /** The same without what is the speaker's alone. */
    public Telling forLearners() {
        return new Telling(title, "", handed, OptionalInt.empty());
    }

    /** The same, rehearsed anew. */
    Telling taking(OptionalInt other) {
        return new Telling(title, note, handed, other);
    }
}
