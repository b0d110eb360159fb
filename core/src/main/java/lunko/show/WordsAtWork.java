package lunko.show;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lunko.engine.Stage;
import lunko.insight.explanation.StageWords;
import lunko.query.Side;
import lunko.problem.Stretch;
import lunko.steps.Timeline;

/**
 * What the words of a query have to do with its stages.
 *
 * @param leftNames the names, in small letters, that mean the left side of the join at hand
 * @param rightNames those that mean its right side
 */
public record WordsAtWork(Showing showing, Set<String> leftNames, Set<String> rightNames) {

    /** Those of what is shown. */
    public static WordsAtWork of(Showing showing) {
        return new WordsAtWork(showing, names(showing, Side.LEFT), names(showing, Side.RIGHT));
    }

    private static Set<String> names(Showing showing, Side side) {
        Set<String> names = new HashSet<>();
        showing.outcome().ifPresent(outcome -> {
            for (Stage stage : outcome.join().on(side).all()) {
                stage.headings().stream().flatMap(heading -> heading.table().stream()).map(WordsAtWork::small)
                        .forEach(names::add);
                names.add(small(stage.title()));
            }
        });
        return names;
    }

    private static String small(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

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

    /** The side of the join at hand that a name means; nothing for one that means none, or both. */
    public Optional<Side> side(String name) {
        String bare = small(name.startsWith("\"") ? name.substring(1, name.length() - 1) : name);
        boolean left = leftNames.contains(bare);
        boolean right = rightNames.contains(bare);
        return left == right ? Optional.empty() : Optional.of(left ? Side.LEFT : Side.RIGHT);
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
