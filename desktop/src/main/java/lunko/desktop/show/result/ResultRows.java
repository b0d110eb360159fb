package lunko.desktop.show.result;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import javafx.collections.ObservableListBase;
import lunko.desktop.show.result.ListedRow.Arrival;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.insight.comparison.Changes;
import lunko.insight.listing.Arrangement;
import lunko.insight.listing.ResultListing;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.steps.MatchFrame;

/**
 * The rows of the result that a frame shows, as a list that table views watch. It holds no rows: it asks the frame for
 * them, and tells of no more changes than there are. There are places for the rows to come too, since a table view
 * makes all its cells anew when a list gets longer. Of very many rows it lists the last ones, since it keeps something
 * for each row that it scrolls past. When all have landed, those follow that the last change took away.
 */
final class ResultRows extends ObservableListBase<ListedRow> {
    /** Rows are left out of the list in blocks of this many, so that it seldom starts elsewhere. */
    private static final int BLOCK = 50_000;
    /** So many rows that went are listed at most. */
    private static final int MOST_GONE = 200;
    /** Longer results are not put into another order. */
    static final int MOST_ORDERED = 20_000;

    private List<ResultRow> landed = List.of();
    private Optional<ResultRow> pending = Optional.empty();
    private List<ResultRow> gone = List.of();
    private Optional<JoinResult> outcome = Optional.empty();
    private Optional<Changes<JoinResult, ResultRow>> changes = Optional.empty();
    private Optional<int[]> order = Optional.empty();
    /** How many places there are for rows that have landed, may land or are to come. */
    private int whole;
    private int before;

    /**
     * Shows the rows of what is shown now, in that arrangement; {@code kin} says that it is of the same join and
     * arrangement as the last. Tells whether anything has changed.
     */
    public boolean show(Showing now, Arrangement arrangement, boolean kin) {
        Optional<MatchFrame> frame = now.match();
        List<ResultRow> all = frame.map(MatchFrame::landed).orElse(List.of());
        int beforeNow = Math.max(0, all.size() / BLOCK - 1) * BLOCK;
        List<ResultRow> listed = all.subList(beforeNow, all.size());
        Optional<ResultRow> pendingNow = frame.flatMap(MatchFrame::pending);
        boolean complete = now.outcome().filter(of -> of.size() == all.size()).isPresent();
        List<ResultRow> goneNow = complete ? now.changes().map(Changes::removed).orElse(List.of()) : List.of();
        goneNow = goneNow.subList(0, Math.min(MOST_GONE, goneNow.size()));
        boolean reorders = arrangement.reorders() && all.size() <= MOST_ORDERED;
        int wholeNow = (int) Math.max(now.outcome().map(JoinResult::size).filter(size -> size <= BLOCK).orElse(0L),
                listed.size() + (pendingNow.isPresent() ? 1 : 0));
        boolean prefix = kin && beforeNow == before && !reorders && wholeNow == whole && goneNow.equals(gone);
        if (prefix && listed.size() == landed.size() && pendingNow.equals(pending)) return false;
        int first = prefix ? Math.min(landed.size(), listed.size()) : 0;
        int end = prefix ? Math.max(landed.size() + (pending.isPresent() ? 1 : 0),
                listed.size() + (pendingNow.isPresent() ? 1 : 0)) : size();
        List<ListedRow> replaced = new ArrayList<>(subList(first, end));
        beginChange();
        landed = listed;
        pending = pendingNow;
        gone = goneNow;
        whole = wholeNow;
        before = beforeNow;
        outcome = now.outcome();
        changes = now.changes();
        order = reorders ? now.outcome().map(of -> arrangement.order(new ResultListing.OfJoin(of, listed)))
                : Optional.empty();
        int newEnd = prefix ? end : size();
        int both = Math.min(end, newEnd);
        for (int place = first; place < both; place++) nextUpdate(place);
        if (end > both) nextRemove(both, replaced.subList(both - first, replaced.size()));
        if (newEnd > both) nextAdd(both, newEnd);
        endChange();
        return true;
    }

    /** How many rows of the result come before those that are listed. */
    public int before() {
        return before;
    }

    /** How many of the listed rows have landed; one more may be pending. */
    int landed() {
        return landed.size();
    }

    /** Where the row that came last is listed; the place before the first, if none has come. */
    int last() {
        return order
                .map(places -> IntStream.range(0, places.length).filter(n -> places[n] == landed.size() - 1).findFirst()
                        .orElse(-1))
                .orElse(landed.size() - 1);
    }

    /** Whether a row is listed that comes if the row at hand finds no match. */
    boolean isPending() {
        return pending.isPresent();
    }

    private ResultRow landed(int index) {
        return landed.get(order.map(places -> places[index]).orElse(index));
    }

    @Override
    public ListedRow get(int index) {
        if (index < landed.size()) {
            ResultRow row = landed(index);
            OptionalInt left = row.source(Side.LEFT);
            boolean repeats = index > 0 && left.isPresent() && landed(index - 1).source(Side.LEFT).equals(left);
            return new ListedRow(row, outcome.orElseThrow(), Arrival.LANDED, changes.map(made -> made.of(row)),
                    repeats);
        }
        if (pending.isPresent() && index == landed.size())
            return new ListedRow(pending.get(), outcome.orElseThrow(), Arrival.PENDING, Optional.empty(), false);
        if (index < whole)
            return new ListedRow(outcome.orElseThrow().row(index), outcome.orElseThrow(), Arrival.TO_COME,
                    Optional.empty(), false);
        return new ListedRow(gone.get(index - whole), changes.orElseThrow().before(), Arrival.REMOVED, Optional.empty(),
                false);
    }

    @Override
    public int size() {
        return whole + gone.size();
    }
}
