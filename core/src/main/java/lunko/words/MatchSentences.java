package lunko.words;

import java.util.List;
import java.util.Optional;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;

/** How rows are matched, step by step. Rows and tables come as phrases, in the tone of their side. */
public interface MatchSentences {

    /** A number of rows of a table. */
    record RowsOf(long count, Phrase table) {}

    /** The heading of a join and how it is done: {@code Match hives with keepers: left outer join, nested loop}. */
    Phrase title(Phrase left, Phrase right, JoinKind kind, String way);

    /** The way of matching without an index or order: {@code nested loop}. */
    String nestedLoop();

    /** The way by buckets: {@code hash join}. */
    String hashJoin();

    /** The way by two sorted sides: {@code sort-merge join}. */
    String sortMergeJoin();

    /** There is no equality that a way of matching could go by. */
    Phrase noEquality(String way);

    /** A cross join begins. */
    Phrase crosses(RowsOf outer, RowsOf inner);

    /** Each outer row is compared until one row decides. */
    Phrase comparesUntilDecided(RowsOf outer, Phrase inner);

    /** Each outer row is compared with each inner row. */
    Phrase comparesAll(RowsOf outer, RowsOf inner, long comparisons);

    /** The inner rows go into buckets, and outer rows look into one each. */
    Phrase comparesInBuckets(RowsOf inner, List<String> keys, RowsOf outer);

    /** Both sides are sorted and read side by side. */
    Phrase comparesInOrder(Phrase outer, Phrase inner);

    /** One match is enough for a kind to take a row. */
    Phrase oneMatchTakes(JoinKind kind);

    /** One match is enough for a kind to leave a row out. */
    Phrase oneMatchLeavesOut(JoinKind kind);

    /** What NOT IN asks of a row. */
    Phrase notInTakes();

    /** A row goes into the bucket of its key. */
    Phrase goesIntoBucket(Phrase row, String key);

    /** A row goes into no bucket, as a column of its key is NULL. */
    Phrase goesIntoNoBucket(Phrase row, String column);

    /** A bucket, beside its row: {@code bucket 11}. */
    String bucket(String key);

    /** What stands beside a row that is in none. */
    String noBucket();

    /** A table sorted by its key, and each row with its key in that order. */
    Phrase sorted(Phrase table, List<String> keys, List<String> rows);

    /** What stands beside a row that is set aside. */
    String aside();

    /** Rows whose key is NULL are set aside. */
    Phrase setAside(long rows);

    /** A row looks into a bucket, and so many rows are there. */
    Phrase findsInBucket(Phrase row, String key, RowsOf found);

    /** A row looks for a bucket that is not there. */
    Phrase findsNoBucket(Phrase row, String key, Optional<JoinKind> leavingOut);

    /** A row looks into no bucket, as a column of its key is NULL. */
    Phrase looksNowhere(Phrase row, String column, Optional<JoinKind> leavingOut);

    /** A pair comes into the result. */
    Phrase paired(Phrase left, Phrase right, long place);

    /** A pair comes into the result of a cross join. */
    Phrase pairedWithoutComparison(Phrase left, Phrase right, long place);

    /** A row is in the result already, with another. */
    Phrase repeated(Phrase row, Phrase earlier);

    /** An unmatched row is kept, with NULL for the other side. */
    Phrase kept(Phrase row, RowsOf others, JoinKind kind, long place);

    /** A row is taken because it has a match. */
    Phrase takenMatched(Phrase row, JoinKind kind, long place);

    /** A row is taken because it has no match. */
    Phrase takenUnmatched(Phrase row, RowsOf others, JoinKind kind, long place);

    /** What the join gives in the end. */
    Phrase gives(JoinKind kind, Phrase left, Phrase right, long rows, String sum);

    /** How many comparisons it took, and how many a nested loop takes, or takes at most. */
    Phrase comparisons(long made, long ofNestedLoop, boolean atMost);

    /** The rows are in the order of a table again. */
    Phrase inOrderOf(Phrase table);

    /** Unmatched rows that an inner or one-sided join leaves out. */
    Phrase leftOut(List<RowsOf> rows);
}
