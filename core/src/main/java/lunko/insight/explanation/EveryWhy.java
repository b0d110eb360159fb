package lunko.insight.explanation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.Aggregation;
import lunko.engine.Derived;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.Rearranged;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.query.Side;
import lunko.steps.Timeline;
import lunko.words.Sentence;

/**
 * Why each row is there, and why each that is missing is not.
 *
 * @param join the one join that the query has, where it has one alone
 */
public record EveryWhy(Timeline timeline, Optional<JoinResult> join) {

    /** The reasons of so many rows at most: those of the join by its sides, those of the rest by row of the result. */
    public List<Sentence> said(int most) {
        List<Sentence> all = new ArrayList<>();
        Optional<JoinResult> compared = join.filter(outcome -> outcome.kind().compares());
        compared.ifPresent(outcome -> ofJoin(outcome, most, all));
        if (compared.isEmpty() || timeline.result().all().stream().anyMatch(EveryWhy::decides)) ofQuery(most, all);
        return all.subList(0, Math.min(most, all.size()));
    }

    /** Whether a stage decides about rows, other than by matching them. */
    private static boolean decides(Stage stage) {
        return switch (stage) {
            case Filter _,Aggregation _,Distinct _,Limit _,SetOperation _,Recursion _ -> true;
            case Source _,Derived _,Joined _,Projection _,Ordering _,Rearranged _ -> false;
        };
    }

    private static void ofJoin(JoinResult outcome, int most, List<Sentence> all) {
        // Where rows of one side are given, those of the other are told of beside them.
        for (Side side : outcome.kind().sides()) {
            int rows = Math.min(most, outcome.join().on(side).rows().size());
            for (int row = 0; row < rows; row++) new SourceRowWhy(outcome, side, row).said().ifPresent(all::add);
        }
    }

    private void ofQuery(int most, List<Sentence> all) {
        Stage result = timeline.result();
        RowExplanation explanation = RowExplanation.of(result);
        Stage leftmost = result;
        while (!leftmost.inputs().isEmpty()) leftmost = leftmost.inputs().getFirst();
        IntStream.range(0, Math.min(most, result.rows().size()))
                .forEach(row -> explanation.why(row).ifPresent(all::add));
        IntStream.range(0, Math.min(most, leftmost.rows().size()))
                .forEach(row -> explanation.whyNot(row).ifPresent(all::add));
    }
}
