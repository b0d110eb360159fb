package lunko.problem;

/** What a text or a table was read from. */
public sealed interface Origin {

    /** A file, or a part of one, by its path. */
    record File(String path) implements Origin {}

    /** A sheet of a spreadsheet. */
    record Sheet(String file, String sheet) implements Origin {}

    /** A table of a page, counted from 1. */
    record TableOfPage(Origin page, int number) implements Origin {}

    /** The clipboard. */
    record Clipboard() implements Origin {}

    /** A query that somebody types. */
    record Query() implements Origin {}

    /** A condition that somebody types. */
    record Condition() implements Origin {}

    /** The standard input of a command. */
    record StandardInput() implements Origin {}

    /** A file, or a part of one, by its path. */
    static Origin file(String path) {
        return new File(path);
    }
}
