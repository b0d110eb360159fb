package lunko.words;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Sum;

/** What is in a result, why, and how it compares with another. Rows and tables come in the tone of their side. */
public interface ResultSentences {

    /** Why a row matches nothing: one of its keys has this value, or is NULL. */
    record Key(String column, String value, boolean isNull) {}

    /** A row of a cross join is there once with each row of the other table. */
    Phrase crossed(Phrase row, long times, Phrase other);

    /** A row of a cross join is not there, as the other table is empty. */
    Phrase crossedWithNothing(Phrase row, Phrase other);

    /** A row is there once for each of its matches. */
    Phrase isThere(Phrase row, List<String> matches, Phrase other);

    /** A row is there without a match, because the kind keeps it. */
    Phrase isKept(Phrase row, List<Key> keys, JoinKind kind, Phrase other);

    /** A row is not there, for it has no match and the kind keeps no such rows. */
    Phrase isNotKept(Phrase row, List<Key> keys, JoinKind kind, Phrase own, Phrase other);

    /** A row is not there because it has a match. */
    Phrase isLeftOut(Phrase row, List<String> matches, JoinKind kind, Phrase other);

    /** A row is there, once, because it has a match; more of them change nothing. */
    Phrase isTaken(Phrase row, List<String> matches, Phrase other);

    /** A row is there because it has no match. */
    Phrase isTakenUnmatched(Phrase row, List<Key> keys, Phrase other);

    /** A row is not there because it has no match, and the kind wants one. */
    Phrase wantsMatch(Phrase row, List<Key> keys, Phrase other);

    /** A row is not there because it is unknown whether it has a match. */
    Phrase isUnknown(Phrase row);

    /** A kind gives rows of one table only; what the row of the other matches. */
    Phrase gives(JoinKind kind, Phrase table, Phrase row, List<String> matches);

    /** The same of a row that matches nothing. */
    Phrase gives(JoinKind kind, Phrase table, Phrase row, List<Key> keys, Phrase other);

    /** A kind of join that a query is without its words. */
    String says(JoinKind kind, String left, String right);

    /** The same rows. */
    String same(long rows);

    /** The same rows in another order. */
    String sameInOtherOrder(long rows);

    /** The same rows with other columns. */
    String sameInOtherColumns(long rows);

    /** Other rows, as many of them. */
    String different(long rows);

    /** Another number of rows. */
    String different(long rows, long others);

    /** Added, removed and changed rows, as far as there are any. */
    String changed(long added, long removed, long changed);

    /** A row that was not there before, in a word. */
    String isNew();

    /** A row that has other values than before, in a word. */
    String isChanged();

    /** How many rows follow from what. */
    String sum(long rows, Sum sum);

    /** How many pairs a key gives. */
    record KeyPairs(String key, long left, long right) {}

    /** How many pairs there are, by key, and how many more keys there are. */
    String pairsByKey(long pairs, List<KeyPairs> keys, long more);

    /** How a result is viewed otherwise than its join or query gives it. */
    String arranged(boolean sorted, long hidden);

    /** The sides of a join were swapped, and what came of it. */
    String swapped(String sides);

    /** In another order a query would give other rows. */
    String swappedOrders(List<String> orders);

    /** An order, and what it would give. */
    String order(String order, String gives);

    /** {@code matched}: rows that are given for having a match. */
    String matched();

    /** {@code pairs}: rows that match, put together. */
    String pairs();

    /** {@code no match}. */
    String noMatch();

    /** {@code + 3 more}, where there is no room to name them. */
    String more(long count);

    /** Two rows that match, by name: {@code Clover · Oda}. */
    String two(String left, String right);
}
