package lunko.steps;

import lunko.engine.Decisions;
import lunko.engine.Join;
import lunko.engine.RowPairs;

/** The ways of finding partners. All give the same rows; they differ in what is compared with what. */
public enum JoinAlgorithm {
    /** Every row with every row. It is the only way there is for a condition that is no equality. */
    ROWS("row by row"),
    /** The rows of one side in buckets of equal keys (hash join); each row of the other looks into one bucket. */
    BUCKETS("by buckets"),
    /** Both sides sorted by key and gone through side by side (merge join). */
    MERGE("by merging two sorted lists");

    private final String title;

    JoinAlgorithm(String title) {
        this.title = title;
    }

    /** The way in a sentence: {@code row by row}. */
    public String title() {
        return title;
    }

    /** This way, if a join can be done so, and else row by row. */
    JoinAlgorithm fitting(Join join) {
        boolean hasKey = join.kind().compares() && !join.on().equal().isEmpty() && join.on().notIn().isEmpty();
        return hasKey ? this : ROWS;
    }

    /** How it goes about a join whose outer side is on the left. */
    JoinPlan plan(Join join, Decisions made) {
        RowPairs decisions = made.pairs();
        return switch (this) {
            case ROWS -> new NestedLoopJoin(join.kind(), decisions);
            case BUCKETS -> HashJoin.of(join, decisions);
            case MERGE -> SortMergeJoin.of(join, decisions);
        };
    }
}
