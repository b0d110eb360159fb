package lunko.insight;

import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.query.Side;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.ResultPart;
import lunko.steps.RowTimeline;
import lunko.steps.Timeline;

/** Why a query gives a row, and why it does not give one. */
public record Fate(Timeline timeline) {

    /** Why a row of the result is there, counted from 0. */
    public Optional<Phrase> why(int row) {
        return timeline.decided(row).stream().mapToObj(this::said).findFirst();
    }

    /** Why no row of the result comes from a row of the leftmost table, counted from 0: where it was struck out, or dropped for want of a partner. */
    public Optional<Phrase> whyNot(int left) {
        for (int part = timeline.parts().size() - 1; part >= 0; part--) {
            Optional<Phrase> found = whyNot(timeline.parts().get(part), timeline.start(part), left);
            if (found.isPresent()) return found;
        }
        return Optional.empty();
    }

    private Optional<Phrase> whyNot(Part part, long start, int left) {
        return switch (part) {
            case ResultPart _ -> Optional.empty();
            case RowTimeline rows -> {
                int number = 0;
                for (Stage input : rows.stage().inputs()) {
                    for (int row = 0; row < input.rows().size(); row++, number++) {
                        if (rows.strikesOut(number) && isFrom(input, row, left)) yield Optional.of(said(start + rows.decided(number)));
                    }
                }
                yield Optional.empty();
            }
            case MatchTimeline match -> {
                Stage outer = match.join().left();
                for (int row = 0; row < outer.rows().size(); row++) {
                    boolean gives = match.join().kind().keeps(Side.LEFT) || match.outcome().matching().partners(row) > 0;
                    if (!gives && isFrom(outer, row, left)) yield Optional.of(said(start + match.decided(Side.LEFT, row)));
                }
                yield Optional.empty();
            }
        };
    }

    private static boolean isFrom(Stage stage, int row, int left) {
        return new Listing.OfQuery(stage).left(row).equals(OptionalInt.of(left));
    }

    private Phrase said(long step) {
        return timeline.at(step).shown().why();
    }
}
