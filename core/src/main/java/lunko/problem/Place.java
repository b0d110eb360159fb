package lunko.problem;

import java.util.OptionalInt;

/**
 * Where a problem is, in a source that has a name: in all of it, or as far as is known. Lines and columns are counted
 * from 1, columns in code points; they are found when somebody asks.
 */
public sealed interface Place {

    /** The whole of a source. */
    record Whole(String source) implements Place {}

    /** A line of a source. */
    record Line(String source, int number) implements Place {}

    /** A character of a source. */
    record Character(String source, int lineNumber, int columnNumber) implements Place {}

    /** Some characters of a text. */
    record InText(String source, String text, Stretch at) implements Place {

        private int lineStart() {
            return text.lastIndexOf('\n', at.start() - 1) + 1;
        }
    }

    /** The whole of a source. */
    static Place in(String source) {
        return new Whole(source);
    }

    /** A line of a source. */
    static Place line(String source, int line) {
        return new Line(source, line);
    }

    /** A character of a source. */
    static Place character(String source, int line, int column) {
        return new Character(source, line, column);
    }

    /** The source by name. */
    String source();

    /** The line, as far as it is known. */
    default OptionalInt line() {
        return switch (this) {
            case Whole _ -> OptionalInt.empty();
            case Line(String _, int number) -> OptionalInt.of(number);
            case Character(String _, int line, int _) -> OptionalInt.of(line);
            case InText in -> {
                int line = 1;
                int end = in.text.indexOf('\n', 0, in.lineStart());
                for (; end >= 0; end = in.text.indexOf('\n', end + 1, in.lineStart())) line++;
                yield OptionalInt.of(line);
            }
        };
    }

    /** The column in the line, as far as it is known. */
    default OptionalInt column() {
        return switch (this) {
            case Whole _,Line _ -> OptionalInt.empty();
            case Character(String _, int _, int column) -> OptionalInt.of(column);
            case InText in -> OptionalInt.of(1 + in.text.codePointCount(in.lineStart(), in.at.start()));
        };
    }

    /** The place in words: {@code hives.csv, line 4, column 7}. */
    default String inWords() {
        return source() + part(", line ", line()) + part(", column ", column());
    }

    /** The place as compilers write it: {@code hives.csv:4:7}. */
    default String inColons() {
        return source() + part(":", line()) + part(":", column());
    }

    private static String part(String before, OptionalInt number) {
        return number.isPresent() ? before + number.getAsInt() : "";
    }
}
