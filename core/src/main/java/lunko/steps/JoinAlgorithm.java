package lunko.steps;

import java.util.Locale;
import java.util.function.Function;
import lunko.engine.Decisions;
import lunko.engine.Join;
import lunko.engine.RowPairs;
import lunko.words.Language;
import lunko.words.MatchSentences;

/** The ways of finding matches. All give the same rows; they differ in what is compared with what. */
public enum JoinAlgorithm {
    /** Every row with every row. It is the only way there is for a condition that is no equality. */
    NESTED_LOOP(MatchSentences::nestedLoop),
    /** The rows of one side in buckets of equal keys ; each row of the other looks into one bucket. */
    HASH(MatchSentences::hashJoin),
    /** Both sides sorted by key and gone through side by side. */
    SORT_MERGE(MatchSentences::sortMergeJoin);

    private final Function<MatchSentences, String> title;

    JoinAlgorithm(Function<MatchSentences, String> title) {
        this.title = title;
    }

    /** The way in a sentence: {@code nested loop}. */
    public String title(Language in) {
        return title.apply(in.matching());
    }

    /** This way, if a join can be done so, and else a nested loop. */
    JoinAlgorithm fitting(Join join) {
        boolean hasKey = join.kind().compares() && !join.on().equal().isEmpty() && join.on().notIn().isEmpty();
        return hasKey ? this : NESTED_LOOP;
    }

    /** How it goes about a join whose outer side is on the left. */
    JoinPlan plan(Join join, Decisions made) {
        RowPairs decisions = made.pairs();
        return switch (this) {
            case NESTED_LOOP -> new NestedLoopJoin(join.kind(), decisions);
            case HASH -> HashJoin.of(join, decisions);
            case SORT_MERGE -> SortMergeJoin.of(join, decisions);
        };
    }

    /** The way by name, as in {@code --way nested-loop}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
