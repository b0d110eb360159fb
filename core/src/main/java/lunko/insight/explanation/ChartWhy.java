package lunko.insight.explanation;

import java.util.List;
import java.util.Optional;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.insight.picture.KindChart;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.words.Sentence;

/** Why a kind of join gives a line of the chart of all kinds, or why it does not. */
public record ChartWhy(KindChart chart, KindChart.Line line, JoinKind kind) {

    /** It in a sentence or two; nothing, where the kind would give more rows than can be made. */
    public Optional<Sentence> said() {
        return Joined.of(chart.outcome().join().of(kind), chart.outcome().once(), Long.MAX_VALUE, List::of)
                .map(JoinResult::of).flatMap(outcome -> of(outcome).said());
    }

    /** A pair is told of by the row that the kind goes by. */
    private SourceRowWhy of(JoinResult outcome) {
        return switch (line) {
            case KindChart.Line.Pair(int left, int right) ->
                new SourceRowWhy(outcome, kind.outer(), kind.outer().of(left, right));
            case KindChart.Line.Alone(Side side, int row) -> new SourceRowWhy(outcome, side, row);
        };
    }
}
