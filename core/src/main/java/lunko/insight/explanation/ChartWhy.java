package lunko.insight.explanation;

import lunko.insight.picture.KindChart;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.words.Sentence;

/** Why a kind of join gives a line of the chart of all kinds, or why it does not. */
public record ChartWhy(KindChart chart, KindChart.Line line, JoinKind kind) {

    /** It in a sentence or two. */
    public Sentence said() {
        return row().said().orElseThrow();
    }

    /** A pair is told of by the row that the kind goes by. */
    private SourceRowWhy row() {
        return switch (line) {
            case KindChart.Line.Pair(int left, int right) ->
                new SourceRowWhy(chart.outcome(), kind, kind.outer(), kind.outer().of(left, right));
            case KindChart.Line.Alone(Side side, int row) -> new SourceRowWhy(chart.outcome(), kind, side, row);
        };
    }
}
