package lunko.problem;

import java.util.OptionalInt;

/**
 * Where a problem is: a source by name and, as far as they are known, a line and a column in it, both
 * counted from 1 (columns in characters), and how many characters from there on are meant.
 */
public record Place(String source, OptionalInt line, OptionalInt column, OptionalInt length) {

    /** The whole of a source. */
    public static Place in(String source) {
        return new Place(source, OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty());
    }

    /** A line of a source. */
    public static Place line(String source, int line) {
        return new Place(source, OptionalInt.of(line), OptionalInt.empty(), OptionalInt.empty());
    }

    /** A character of a source. */
    public static Place character(String source, int line, int column) {
        return new Place(source, OptionalInt.of(line), OptionalInt.of(column), OptionalInt.empty());
    }

    /** So many characters of a source, from this one on. */
    public static Place stretch(String source, int line, int column, int length) {
        return new Place(source, OptionalInt.of(line), OptionalInt.of(column), OptionalInt.of(length));
    }

    /** The place in words: {@code hives.csv, line 4, column 7}. */
    public String inWords() {
        return source + part(", line ", line) + part(", column ", column);
    }

    /** The place as compilers write it: {@code hives.csv:4:7}. */
    public String inColons() {
        return source + part(":", line) + part(":", column);
    }

    private static String part(String before, OptionalInt number) {
        return number.isPresent() ? before + number.getAsInt() : "";
    }
}
