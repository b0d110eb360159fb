package lunko.words;

import java.util.List;
import lunko.query.JoinKind;
import lunko.query.Sum;
import lunko.query.Tally;

/** Numbers of things, lists of things, and how numbers come about. */
public interface Counts {

    /** A number: {@code 10,000}. */
    String number(long number);

    /** A number of rows: {@code 1 row}, {@code 4 rows}. */
    String rows(long count);

    /** A number of columns: {@code 3 columns}. */
    String columns(long count);

    /** The first of many things, and how many more there are: {@code 11, 12 and 3 more}. */
    String some(List<String> all);

    /** All of some things, as a list: {@code hive, kg and day}. */
    String all(List<String> things);

    /** A place in a row of things: {@code 1st}, {@code 12th}. */
    String ordinal(int number);

    /** How a number of rows comes about: {@code 3 pairs + 2 kept}, {@code 5 × 4}; nothing where that says nothing. */
    String sum(Sum sum);

    /** The same in a round of a query that reads itself, counted from 1: {@code round 2 · 3 pairs}. */
    String inRound(int round, String sum);

    /** The same of a kind in figures alone, where there is something to add: {@code 3 + 2}. */
    String figures(JoinKind kind, Tally tally);
}
