package lunko.exchange.result;

import java.util.List;
import java.util.Locale;
import java.util.stream.LongStream;
import lunko.engine.Stage;
import lunko.insight.explanation.ImpliedJoin;
import lunko.steps.Frame;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;
import lunko.words.Language;

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
    String excuse(Language in) {
        return in.files().tooManySteps(timeline.last() + 1, MOST, timeline.comparisons());
    }

    /** The frames of a part. */
    List<Frame> of(int part) {
        long start = timeline.start(part);
        return LongStream.rangeClosed(start, start + timeline.parts().get(part).last()).mapToObj(timeline::at).toList();
    }

    /** The steps as numbered lines under the headings of their parts. */
    String text(String heading, String before, Language in) {
        StringBuilder text = new StringBuilder();
        joins.forEach(join -> text.append(join.sentence(in)).append("\n\n"));
        if (areTooMany()) return text.append(excuse(in)).append("\n\n").toString();
        for (int part = 0; part < timeline.parts().size(); part++) {
            text.append(heading).append(timeline.title(part, in).text()).append("\n\n");
            of(part).forEach(frame -> text.append(String.format(Locale.ROOT, "%4d", frame.number())).append(before)
                    .append(frame.shown().why().in(in).text()).append('\n'));
            text.append('\n');
        }
        return text.toString();
    }
}
