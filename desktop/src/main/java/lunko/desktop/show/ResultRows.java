package lunko.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.collections.ObservableListBase;
import lunko.engine.ResultRow;
import lunko.steps.MatchFrame;

/**
 * The rows of the result that a frame shows, as a list that table views watch. It holds no rows: it asks the
 * frame for them, and tells of no more changes than there are. Of very many rows it lists the last ones, since a
 * table view keeps something for each row that it scrolls past.
 */
final class ResultRows extends ObservableListBase<ResultRow> {
    /** Rows are left out of the list in blocks of this many, so that it seldom starts elsewhere. */
    private static final int BLOCK = 50_000;

    private List<ResultRow> landed = List.of();
    private Optional<ResultRow> pending = Optional.empty();
    private int before;

    /** Shows the rows of another frame, or none; {@code kin} says that it belongs to the timeline of the last one. */
    void show(Optional<MatchFrame> frame, boolean kin) {
        List<ResultRow> all = frame.map(MatchFrame::landed).orElse(List.of());
        int beforeNow = Math.max(0, all.size() / BLOCK - 1) * BLOCK;
        List<ResultRow> listed = all.subList(beforeNow, all.size());
        Optional<ResultRow> pendingNow = frame.flatMap(MatchFrame::pending);
        boolean prefix = kin && beforeNow == before;
        if (prefix && listed.size() == landed.size() && pendingNow.equals(pending)) return;
        int same = prefix ? Math.min(landed.size(), listed.size()) : 0;
        List<ResultRow> gone = new ArrayList<>(landed.subList(same, landed.size()));
        pending.ifPresent(gone::add);
        beginChange();
        landed = listed;
        pending = pendingNow;
        before = beforeNow;
        nextRemove(same, gone);
        nextAdd(same, size());
        endChange();
    }

    /** How many rows of the result come before those that are listed. */
    int before() {
        return before;
    }

    /** How many of the listed rows have landed; one more may be pending. */
    int landed() {
        return landed.size();
    }

    @Override
    public ResultRow get(int index) {
        return index < landed.size() ? landed.get(index) : pending.orElseThrow();
    }

    @Override
    public int size() {
        return landed.size() + (pending.isPresent() ? 1 : 0);
    }
}
