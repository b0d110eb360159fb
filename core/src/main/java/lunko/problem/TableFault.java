package lunko.problem;

import java.time.LocalDate;
import lunko.table.Column;

/** What is wrong with a table or with what stands in it. */
public sealed interface TableFault extends Fault {

    /** More rows than a table may have. */
    record TooManyRows(int most) implements TableFault {}

    /** More columns than a table may have. */
    record TooManyColumns(int columns, int most) implements TableFault {}

    /** More cells than a table may have. */
    record TooManyCells(long cells, int most) implements TableFault {}

    /** More tables than a lesson may have. */
    record TooManyTables(int tables, int most) implements TableFault {}

    /** More links than a lesson may have. */
    record TooManyLinks(int links, int most) implements TableFault {}

    /** More scenes than a lesson holds. */
    record TooManyScenes(int scenes, int most) implements TableFault {}

    /** A name of too many characters. */
    record NameTooLong(int characters, int most) implements TableFault {}

    /** A text of too many characters. */
    record TextTooLong(int characters, int most) implements TableFault {}

    /** Half of a pair of surrogates, which is no character and which no file could hold (RFC 3629, 3). */
    record HalfCharacter() implements TableFault {}

    /** A number of too many digits. */
    record TooManyDigits(int most) implements TableFault {}

    /** A date that no column holds. */
    record DateTooFar(LocalDate date) implements TableFault {}

    /** Something typed that is no value of its column, and counts as NULL meanwhile. */
    record Misfit(String typed, Column column) implements TableFault {}
}
