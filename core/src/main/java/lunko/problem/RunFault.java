package lunko.problem;

import lunko.table.Type;

/** What ends a statement while it is run (ISO/IEC 9075-1, exception conditions), or keeps it from being run. */
public sealed interface RunFault extends Fault {

    /** More rows than can be held. */
    record TooManyRows(long most) implements RunFault {}

    /** More work than anybody waits for. */
    record TooManySteps(long most) implements RunFault {}

    /** A statement that is put together too deeply for the machine. */
    record TooDeep() implements RunFault {}

    /** A text longer than a cell holds. */
    record TextTooLong(String expression, int most) implements RunFault {}

    /** A piece of a text that has fewer than no characters. */
    record NegativeLength() implements RunFault {}

    /** A query that reads itself has not come to an end after so many rounds. */
    record TooManyRounds(String name, int most) implements RunFault {}

    /** A calculated day is none that a column can have. */
    record NoSuchDay(String calculation) implements RunFault {}

    /** What stands behind ESCAPE is not one character. */
    record LongEscape(String text) implements RunFault {}

    /** A text that is too long for its type. */
    record TooLongFor(String value, int most) implements RunFault {}

    /** A whole number that is too large for its type of so many bits. */
    record TooLargeFor(String value, int bits) implements RunFault {}

    /** A number with too many digits before the point for its type. */
    record TooManyDigitsFor(String value, int precision, int scale) implements RunFault {}

    /** A division by zero. */
    record DivisionByZero() implements RunFault {}

    /** A number of more digits than are kept. */
    record TooManyDigits(String expression) implements RunFault {}

    /** A number beyond the integers. */
    record OutOfRange(String expression) implements RunFault {}

    /** A value that cannot become one of a type. */
    record CannotCast(String value, Type type) implements RunFault {}

    /** A query of several rows where one value is wanted. */
    record SeveralRows(int rows) implements RunFault {}
}
