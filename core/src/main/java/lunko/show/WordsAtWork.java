package lunko.show;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.insight.explanation.StageWords;
import lunko.insight.picture.TableHue;
import lunko.problem.Stretch;
import lunko.steps.Timeline;

/** What the words of a query have to do with what is shown. */
public record WordsAtWork(Showing showing) {

    /** Whether they are those of what is shown: of the same steps, and of the same join among them. */
    public boolean areOf(Showing now) {
        return showing.isOfSameJoin(now);
    }

    /** The words of a text that decide in the step at hand; none, while the text says something else. */
    public List<Stretch> lit(Showing now, String text) {
        return now.words().filter(_ -> now.lesson().staged().sql().equals(text))
                .flatMap(known -> now.part().map(part -> known.at(part, now.frame().orElseThrow().shown())))
                .orElse(List.of());
    }

    /** The colour of the table that a name means; nothing for one that means none. */
    public Optional<TableHue> hue(String name) {
        return showing.hues().named(name);
    }

    /** The part of the steps that a character of a text belongs to, by the fewest words that it is among. */
    public OptionalInt part(String text, int at) {
        Optional<StageWords> stages = showing.words();
        if (stages.isEmpty() || !showing.lesson().staged().sql().equals(text)) return OptionalInt.empty();
        OptionalInt best = OptionalInt.empty();
        int least = Integer.MAX_VALUE;
        Timeline timeline = showing.timeline().orElseThrow();
        for (int part = 0; part < timeline.parts().size(); part++) {
            for (Stretch stretch : stages.get().of(timeline.parts().get(part))) {
                int length = stretch.end() - stretch.start();
                if (stretch.start() > at || at >= stretch.end() || length >= least) continue;
                best = OptionalInt.of(part);
                least = length;
            }
        }
        return best;
    }
}
