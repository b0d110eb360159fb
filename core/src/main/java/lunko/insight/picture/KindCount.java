package lunko.insight.picture;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lunko.engine.JoinResult;
import lunko.query.JoinKind;
import lunko.query.Sum;
import lunko.query.Tally;
import lunko.words.Language;

/**
 * How many rows a kind of join gives on the tables at hand, and how the number comes about, in words and in figures.
 */
public record KindCount(JoinKind kind, long rows, Sum sum, Optional<Tally> tally) {

    /** The count of a kind that follows from a tally. */
    public static KindCount of(JoinKind kind, Tally tally) {
        return new KindCount(kind, kind.rows(tally), new Sum.OfKind(kind, tally), Optional.of(tally));
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
        return Optional.of(new KindCount(kind, outcome.size(), outcome.sum(), outcome.tally(kind)));
    }

    /** How the number comes about, in figures alone; nothing, where there is nothing to add. */
    public String figures(Language in) {
        return tally.map(of -> in.counts().figures(kind, of)).orElse("");
    }
}
