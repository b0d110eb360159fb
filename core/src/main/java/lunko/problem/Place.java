package lunko.problem;

import java.util.OptionalInt;

/**
 * Where a problem is, in what was read: in all of it, or as far as is known. Lines and columns are counted from 1,
 * columns in code points; they are found when somebody asks.
 */
public sealed interface Place {

    /** The whole of a source. */
    record Whole(Origin source) implements Place {}

    /** A line of a source. */
    record Line(Origin source, int number) implements Place {}

    /** A character of a source. */
    record Character(Origin source, int lineNumber, int columnNumber) implements Place {}

    /** Some characters of a text. */
    record InText(Origin source, String text, Stretch at) implements Place {

        private int lineStart() {
            return text.lastIndexOf('\n', at.start() - 1) + 1;
        }
    }

    /** The whole of a source. */
    static Place in(Origin source) {
        return new Whole(source);
    }

    /** The whole of a file. */
    static Place inFile(String path) {
        return in(Origin.file(path));
    }

    /** A line of a source. */
    static Place line(Origin source, int line) {
        return new Line(source, line);
    }

    /** A character of a source. */
    static Place character(Origin source, int line, int column) {
        return new Character(source, line, column);
    }

    /** What it is a place in. */
    Origin source();

    /** The line, as far as it is known. */
    default OptionalInt line() {
        return switch (this) {
            case Whole _ -> OptionalInt.empty();
            case Line(Origin _, int number) -> OptionalInt.of(number);
            case Character(Origin _, int line, int _) -> OptionalInt.of(line);
            case InText in -> {
                int line = 1;
                for (int at = 0; at < in.lineStart(); at++) if (in.text.charAt(at) == '\n') line++;
                yield OptionalInt.of(line);
            }
        };
    }

    /** The column in the line, as far as it is known. */
    default OptionalInt column() {
        return switch (this) {
            case Whole _,Line _ -> OptionalInt.empty();
            case Character(Origin _, int _, int column) -> OptionalInt.of(column);
            case InText in -> OptionalInt.of(1 + in.text.codePointCount(in.lineStart(), in.at.start()));
        };
    }
}
