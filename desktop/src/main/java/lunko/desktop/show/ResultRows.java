package lunko.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.collections.ObservableListBase;
import lunko.engine.ResultRow;
import lunko.steps.Frame;

/**
 * The rows of the result that a frame shows, as a list that table views watch. It holds no rows: it asks the
 * frame for them, and tells of no more changes than there are.
 */
final class ResultRows extends ObservableListBase<ResultRow> {
    private List<ResultRow> landed = List.of();
    private Optional<ResultRow> pending = Optional.empty();

    /** Shows the rows of another frame, or none; {@code kin} says that it belongs to the timeline of the last one. */
    void show(Optional<Frame> frame, boolean kin) {
        List<ResultRow> before = landed;
        Optional<ResultRow> pendingBefore = pending;
        landed = frame.map(Frame::landed).orElse(List.of());
        pending = frame.flatMap(Frame::pending);
        int same = kin ? Math.min(before.size(), landed.size()) : 0;
        boolean samePending = before.size() == landed.size() && pendingBefore.equals(pending);
        if (kin && samePending) return;
        List<ResultRow> gone = new ArrayList<>(before.subList(same, before.size()));
        pendingBefore.ifPresent(gone::add);
        beginChange();
        nextRemove(same, gone);
        nextAdd(same, size());
        endChange();
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
