package lunko.words;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;

/** What is said to somebody who practises. Rows and tables come in the tone of their side, other rows as values. */
public interface PracticeSentences {

    /** That an answer is wanted first. */
    Phrase answerFirst();

    /** A row that should be in the answer, and how many more. */
    Phrase missing(Phrase row, long more);

    /** A row that should not be in the answer, and how many more. */
    Phrase tooMany(Phrase row, long more);

    /** Asks for the keys of two rows to be looked at. */
    Phrase lookAtKeys(List<String> keys);

    /** A number of rows that another kind of join would give. */
    Phrase numberOf(long rows, JoinKind other, JoinKind kind);

    /** A number of rows that is how many a table has. */
    Phrase numberOfTable(long rows, Phrase table);

    /** A number that is too small. */
    Phrase moreThan(long rows);

    /** A number that is too large. */
    Phrase fewerThan(long rows);

    /** Asks for the pairs to be counted first, by the rows of a table. */
    Phrase countPairs(Phrase table, Phrase other);

    /** How many pairs there are, and how many rows of each table have no match. */
    Phrase parts(long pairs, long left, Phrase leftTable, long right, Phrase rightTable, JoinKind kind);

    /** A kind would not give a row that is there. */
    Phrase wouldNotGive(JoinKind kind, Phrase row);

    /** A kind would give a row that is not there. */
    Phrase wouldGive(JoinKind kind, Phrase row);

    /** Asks of which tables rows without a match are in the result. */
    Phrase whoseUnmatched(Phrase left, Phrase right);

    /** Which rows a row of the result comes from, counted from 1. */
    Phrase comesFrom(int row, List<Phrase> rows);

    /** That a query cannot run, and why. */
    Phrase cannotRun(Phrase why);

    /** Which columns are wanted, and which there are. */
    Phrase columns(List<String> wanted, List<String> given);

    /** A row of the result that a query does not give. */
    Phrase rowMissing(List<String> row, long more);

    /** A row that a query gives, and that is not wanted. */
    Phrase rowTooMany(List<String> row, long more);

    /** A row that a query gives another number of times. */
    Phrase rowTimes(List<String> row, long given, long wanted);

    /** A query gives the right rows, in another order than is wanted. */
    Phrase otherOrder();

    /** A query gives a row that a result does not have. */
    Phrase notInResult(int query, List<String> row, String result);

    /** A result has a row that a query does not give. */
    Phrase notOfQuery(int query, List<String> row, String result);

    /** A query gives a row a number of times, and a result has it another number of times. */
    Phrase timesInResult(int query, List<String> row, long times, String result);

    /** A query gives so many columns, and a result has another number of them. */
    Phrase columnsOfResult(int query, int columns, String result, int others);

    /** That a query gives the right rows on these tables by luck. */
    Phrase luck();

    /** The kind of join of a query is not the one that is needed. */
    Phrase otherKind(JoinKind given);

    /** A clause of a query is to be looked at: {@code WHERE}. */
    Phrase lookAt(String clause);

    /** A clause is missing. */
    Phrase needs(String clause);

    /** A clause is there that is not needed. */
    Phrase needsNo(String clause);

    /** A query has another number of joins than it needs. */
    Phrase joins(int given, int wanted);

    /** What a task that was made is called: {@code Task 3}. */
    String task(int number);

    /** How many rows each kind gives now. */
    Phrase countsNow(List<String> counts);

    /** A cross join gives as many rows as another only where all rows match. */
    Phrase everyRowMeetsEveryRow(Phrase left, Phrase right);

    /** Two queries still give the same rows. */
    Phrase stillTheSame();

    /** Rows of tables on which two queries differ. */
    Phrase differOn(List<String> tables);

    /** A query that is to do without JOIN has one. */
    Phrase stillJoins();

    /** The answer. */
    Phrase solution(String answer);
}
