package lunko.insight;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lunko.engine.Matching;
import lunko.engine.Outcome;
import lunko.engine.Plan;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.Query;
import lunko.query.Tally;
import lunko.table.Table;

/**
 * How many rows a kind of join gives on the tables at hand, and how the number comes about, in words and in figures.
 */
public record KindCount(JoinKind kind, long rows, String arithmetic, String figures) {

    /** The count of a kind that follows from a tally. */
    static KindCount of(JoinKind kind, Tally tally) {
        return new KindCount(kind, kind.rows(tally), kind.arithmetic(tally), kind.figures(tally));
    }

    /** The counts of all kinds for the tables and columns of a query; without those kinds that cannot run. */
    public static List<KindCount> all(Query query, List<Table> tables) {
        Optional<Tally> compared = tally(query.of(JoinKind.INNER), tables);
        Optional<Tally> crossed = tally(query.of(JoinKind.CROSS), tables);
        return Arrays.stream(JoinKind.values())
                .flatMap(kind -> (kind.compares() ? compared : crossed).stream().map(tally -> of(kind, tally)))
                .toList();
    }

    /**
     * The counts of those kinds that could stand in the place of a join; where it has no condition, that is a cross
     * join alone. Kinds for which too many rows match to be counted are left out.
     */
    public static List<KindCount> all(Outcome outcome) {
        return Arrays.stream(JoinKind.values()).filter(kind -> !kind.compares() || outcome.kind().compares())
                .flatMap(kind -> of(kind, outcome).stream()).toList();
    }

    private static Optional<KindCount> of(JoinKind kind, Outcome outcome) {
        if (kind != outcome.kind()) return outcome.tally(kind).map(tally -> of(kind, tally));
        return Optional.of(new KindCount(kind, outcome.size(), outcome.arithmetic(),
                outcome.tally(kind).map(kind::figures).orElse("")));
    }

    private static Optional<Tally> tally(Query query, List<Table> tables) {
        Checked<Plan> plan = Plan.bind(query, tables);
        return plan.either(bound -> Optional.of(Matching.of(bound.join()).tally()), _ -> Optional.empty());
    }
}
