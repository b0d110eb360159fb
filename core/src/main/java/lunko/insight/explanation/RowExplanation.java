package lunko.insight.explanation;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import lunko.engine.Aggregation;
import lunko.engine.Derived;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.Rearranged;
import lunko.engine.Recursion;
import lunko.engine.ResultRow;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.insight.listing.ResultListing;
import lunko.query.Side;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.ResultPart;
import lunko.steps.RowTimeline;
import lunko.steps.Timeline;
import lunko.words.Sentence;

/**
 * Why a query gives a row, and why it does not give one.
 *
 * @param timeline the steps of the query, in which outer joins keep rows in their turn
 */
public record RowExplanation(Stage result, Timeline timeline) {

    /** The fates of the rows of a query. */
    public static RowExplanation of(Stage result) {
        return new RowExplanation(result, Timeline.of(result, JoinAlgorithm.NESTED_LOOP));
    }

    /** Why a row of the result is there, counted from 0: an outer join has kept it, or else what took it on last. */
    public Optional<Sentence> why(int row) {
        OptionalLong kept = kept(result, row);
        OptionalLong step = kept.isPresent() ? kept : taken(result, row);
        return step.stream().mapToObj(this::said).findFirst();
    }

    /** The step in which the last outer join kept what a row was made of. */
    private OptionalLong kept(Stage stage, int row) {
        if (stage instanceof Joined joined && joined.lineage().row(row) instanceof ResultRow.Kept)
            return timeline.decided(joined, row);
        return stage.origins(row).stream().map(origin -> kept(stage.inputs().get(origin.input()), origin.row()))
                .filter(OptionalLong::isPresent).findFirst().orElse(OptionalLong.empty());
    }

    /** The step in which a row was taken on by the last stage that could have left it out. */
    private OptionalLong taken(Stage stage, int row) {
        return switch (stage) {
            case Projection _,Ordering _,Limit _,Rearranged _,Derived _ -> {
                Stage.Origin origin = stage.origins(row).getFirst();
                OptionalLong before = taken(stage.inputs().get(origin.input()), origin.row());
                yield before.isPresent() ? before : timeline.decided(stage, row);
            }
            case Source _,Joined _,Filter _,Aggregation _,Distinct _,SetOperation _,Recursion _ ->
                timeline.decided(stage, row);
        };
    }

    /**
     * Why no row of the result comes from a row of the leftmost table, counted from 0: where it was struck out, or left
     * out without a match.
     */
    public Optional<Sentence> whyNot(int left) {
        for (int part = timeline.parts().size() - 1; part >= 0; part--) {
            if (!isOnTheWay(timeline.parts().get(part))) continue;
            Optional<Sentence> found = whyNot(timeline.parts().get(part), timeline.start(part), left);
            if (found.isPresent()) return found;
        }
        return Optional.empty();
    }

    /** Whether the rows of the leftmost table go through a part, and not those of a query within alone. */
    private boolean isOnTheWay(Part part) {
        for (Stage stage = result; !stage.inputs().isEmpty(); stage = stage.inputs().getFirst()) {
            if (part.isOf(stage)) return true;
        }
        return false;
    }

    private Optional<Sentence> whyNot(Part part, long start, int left) {
        return switch (part) {
            case ResultPart _ -> Optional.empty();
            case RowTimeline rows -> {
                Stage input = rows.stage().inputs().getFirst();
                for (int row = 0; row < input.rows().size(); row++) {
                    if (rows.strikesOut(row) && isFrom(input, row, left))
                        yield Optional.of(said(start + rows.decided(row)));
                }
                yield Optional.empty();
            }
            case MatchTimeline match -> {
                Stage outer = match.join().left();
                boolean leftsAreGoneThrough = match.join().kind().outer() == Side.LEFT;
                for (int row = 0; leftsAreGoneThrough && row < outer.rows().size(); row++) {
                    if (!match.outcome().gives(row) && isFrom(outer, row, left))
                        yield Optional.of(said(start + match.decided(Side.LEFT, row)));
                }
                yield Optional.empty();
            }
        };
    }

    private static boolean isFrom(Stage stage, int row, int left) {
        return new ResultListing.OfQuery(stage).left(row).equals(OptionalInt.of(left));
    }

    private Sentence said(long step) {
        return timeline.at(step).shown().why();
    }
}
