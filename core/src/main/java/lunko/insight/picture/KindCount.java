package lunko.insight.picture;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lunko.engine.JoinResult;
import lunko.query.JoinKind;
import lunko.query.Tally;

/**
 * How many rows a kind of join gives on the tables at hand, and how the number comes about, in words and in figures.
 */
public record KindCount(JoinKind kind, long rows, String arithmetic, String figures) {

    /** The count of a kind that follows from a tally. */
    public static KindCount of(JoinKind kind, Tally tally) {
        return new KindCount(kind, kind.rows(tally), kind.arithmetic(tally), kind.figures(tally));
    }

    /** The count of a cross join, which is all that is known of two tables before anything of them is matched. */
    public static List<KindCount> ofRows(int left, int right) {
        return List.of(of(JoinKind.CROSS, Tally.ofRows(left, right)));
    }

    /**
     * The counts of those kinds that could stand in the place of a join; where it has no condition, that is a cross
     * join alone. Kinds for which too many rows match to be counted are left out.
     */
    public static List<KindCount> all(JoinResult outcome) {
        return Arrays.stream(JoinKind.values()).filter(kind -> !kind.compares() || outcome.kind().compares())
                .flatMap(kind -> of(kind, outcome).stream()).toList();
    }

    private static Optional<KindCount> of(JoinKind kind, JoinResult outcome) {
        if (kind != outcome.kind()) return outcome.tally(kind).map(tally -> of(kind, tally));
        return Optional.of(new KindCount(kind, outcome.size(), outcome.arithmetic(),
                outcome.tally(kind).map(kind::figures).orElse("")));
    }
}
