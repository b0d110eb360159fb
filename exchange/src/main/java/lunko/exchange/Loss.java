package lunko.exchange;

import java.util.function.Function;
import lunko.words.FileSentences;

/**
 * Something of the tables that is not there when a file of them is opened.
 *
 * @param kind what sort of thing it is
 * @param said what it is, for people
 */
public record Loss(Kind kind, Function<FileSentences, String> said) {

    /** What a kind of file may have no place for. */
    public enum Kind {
        /** Whole tables. */
        TABLES,
        /** What a table is called. */
        NAMES,
        /** Of which type a column is. */
        TYPES,
        /** Which columns are keys, and which may be NULL. */
        KEYS,
        /** What links the tables. */
        LINKS,
        /** Rows in which everything is NULL. */
        ROWS,
        /** What stands in a cell. */
        VALUES
    }
}
