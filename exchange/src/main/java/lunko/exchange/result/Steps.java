package lunko.exchange.result;

import java.util.List;
import java.util.Locale;
import java.util.stream.LongStream;
import lunko.engine.Stage;
import lunko.insight.explanation.ImpliedJoin;
import lunko.steps.Frame;
import lunko.steps.Timeline;
import lunko.steps.JoinAlgorithm;

/** The steps of a query to be written down, and the kinds of join that it says without their words. */
public record Steps(Timeline timeline, List<ImpliedJoin> joins) {
    /** More steps than that are of no use to anybody. */
    static final long MOST = 10_000;

    /** The steps of a query, its joins done in that way. */
    public static Steps of(Stage result, JoinAlgorithm algorithm) {
        return new Steps(Timeline.of(result, algorithm), ImpliedJoin.in(result));
    }

    boolean areTooMany() {
        return timeline.last() >= MOST;
    }

    /** Why there are too many. */
    String excuse() {
        return "There are " + (timeline.last() + 1) + " steps, more than the " + MOST + " that are written down: "
                + timeline.comparisons()
                + " comparisons of rows are among them. Take smaller tables, or match by buckets.";
    }

    /** The frames of a part. */
    List<Frame> of(int part) {
        long start = timeline.start(part);
        return LongStream.rangeClosed(start, start + timeline.parts().get(part).last()).mapToObj(timeline::at).toList();
    }

    /** The steps as numbered lines under the headings of their parts. */
    String text(String heading, String before) {
        StringBuilder text = new StringBuilder();
        joins.forEach(join -> text.append(join.sentence()).append("\n\n"));
        if (areTooMany()) return text.append(excuse()).append("\n\n").toString();
        for (int part = 0; part < timeline.parts().size(); part++) {
            text.append(heading).append(timeline.title(part)).append("\n\n");
            of(part).forEach(frame -> text.append(String.format(Locale.ROOT, "%4d", frame.number())).append(before)
                    .append(frame.shown().why().text()).append('\n'));
            text.append('\n');
        }
        return text.toString();
    }
}
