package lunko.insight.question;

import java.util.List;
import java.util.Optional;
import lunko.engine.JoinResult;
import lunko.engine.Stage;
import lunko.insight.comparison.Sameness;
import lunko.insight.picture.KindCount;
import lunko.problem.Checked;
import lunko.query.JoinKind;

/** What is to be true of tables that somebody changes. */
public sealed interface Goal {
    /** The kinds that are to give as many rows as each other. */
    List<JoinKind> KINDS = List.of(JoinKind.INNER, JoinKind.LEFT_OUTER, JoinKind.RIGHT_OUTER, JoinKind.FULL_OUTER,
            JoinKind.CROSS);

    /** Five kinds of join give the same number of rows, and at least one. */
    record KindsAlike() implements Goal {}

    /** The query gives other rows than another. */
    record Differ(String sql) implements Goal {}

    /** What gives rows for a query. */
    interface Run {
        /** The rows of a query, or why there are none. */
        Checked<Stage> of(String sql);
    }

    /** Whether it is reached; nothing, where that cannot be told. */
    default Optional<Boolean> isReached(Stage result, Optional<JoinResult> join, Run run) {
        return switch (this) {
            case KindsAlike() -> join.filter(outcome -> outcome.kind().compares()).map(Goal::alike);
            case Differ(String sql) -> run.of(sql).either(other -> Optional.of(!Sameness.of(result, other).isSame()),
                    _ -> Optional.empty());
        };
    }

    private static boolean alike(JoinResult join) {
        List<Long> rows = KindCount.all(join).stream().filter(count -> KINDS.contains(count.kind()))
                .map(KindCount::rows).distinct().toList();
        return rows.size() == 1 && rows.getFirst() > 0;
    }
}
