package lunko.words;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Type;

/** What can be said of key columns before they are joined. Rows count from 1. */
public interface KeySentences {

    /** The types of two columns. */
    record Types(Type left, Type right) {}

    /** How many rows of the result have a key, or how often a key occurs. */
    record Repeated(String key, long rows) {}

    /** Columns of types that cannot be compared. */
    String typesDiffer();

    /** Which types they are. */
    String typesDiffer(List<Types> types);

    /** Columns of types that can be compared. */
    String typesAgree();

    /** Which types they are. */
    String typesAgree(List<Types> types);

    /** How many rows of a table have a match. */
    String matched(long rows, String table);

    /** How many rows of a table have none. */
    String unmatched(long rows, String table);

    /** How many rows of a table have a key that is NULL. */
    String nullKeys(long rows, String table);

    /** Which rows: {@code rows 1, 4}. */
    String rows(List<Integer> numbers);

    /** Which keys, and in which rows. */
    String keysInRows(List<String> keys, List<Integer> numbers);

    /** Which rows have a NULL key, and what that means. */
    String nullRows(List<Integer> numbers);

    /** One key that several rows of a table have. */
    String repeated(Repeated key, String table);

    /** What becomes of a row that matches a repeated key. */
    String repeatedMeans(long rows);

    /** How many keys several rows of a table have. */
    String repeated(long keys, String table);

    /** Which keys, and how often each. */
    String repeated(List<Repeated> keys);

    /** A key that is almost another. */
    String almost(String key, String other);

    /** How two keys differ, and which rows of a table have the one. */
    String almost(String difference, List<Integer> rows, String table);

    /** More keys are almost matches. */
    String moreAlmost(long keys);

    /** No key is almost another. */
    String noneAlmost();

    /** What was looked for. */
    String noneAlmostDetail();

    /** Two keys look the same and have different types. */
    String differInType();

    /** Two keys differ only in case. */
    String differInCase();

    /** Two keys differ only in blanks. */
    String differInBlanks();

    /** Two keys differ in characters that look alike. */
    String differInLookAlikes();

    /** Two keys differ in a letter. */
    String differInSpelling();

    /** One row matches one. */
    String oneToOne();

    /** One row matches many. */
    String oneToMany();

    /** Many rows match one. */
    String manyToOne();

    /** Many rows match many. */
    String manyToMany();

    /** Two columns have the same name, as what speaks for matching them. */
    String sameName();

    /** Two columns have values in common, as what speaks for matching them. */
    String sharedValues();

    /** A natural join of two tables without a common column name. */
    Phrase naturalMatchesNothing(String left, String right);

    /** A natural join matches a column by which the tables are linked. */
    Phrase naturalMatchesLink(String column);

    /** A natural join matches a column by which the tables are not linked. */
    Phrase naturalMatchesOther(String column);

    /** A natural join matches columns whose types cannot be compared. */
    Phrase naturalCannotCompare(String column);

    /** A natural join does not match columns by which the tables are linked. */
    Phrase naturalMisses(KeyPair pair);

    /** Matched columns come once in the result of a natural join. */
    Phrase naturalMerges(List<String> columns);

    /** How many rows it gives as an inner join. */
    Phrase naturalGives(long rows);

    /** A self join takes a table twice, under two names. */
    Phrase selfTakesTwice(String table, String left, String right, long rows);

    /** A table that is not linked with itself. */
    Phrase selfUnlinked();

    /** By which columns a row finds its matches in the same table. */
    Phrase selfMatches(Phrase condition);

    /** Conditions that must all hold, as they are spoken of. */
    Phrase all(List<Phrase> conditions);

    /** One column equals another, in the tones of their sides. */
    default Phrase equal(String left, String right) {
        return Phrase.of(left, Side.LEFT.tone()).then(Phrase.plain(" = ")).then(Phrase.of(right, Side.RIGHT.tone()));
    }
}
