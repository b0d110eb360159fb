package lunko.engine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.Side;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Value;

/** The rows of two queries, put together by a set operation; with ALL each row counts as often as it comes. */
public final class SetOperation implements Stage {
    private final SetOperator operator;
    private final boolean all;
    private final Stage left;
    private final Stage right;
    private final List<Heading> headings;
    private final List<Disposition> dispositions;
    private final List<Integer> taken;
    private final List<List<Value>> rows;

    /** What becomes of a row. */
    public enum Disposition {
        /** It is in the result. */
        TAKEN,
        /** The result has one like it already. */
        REPEATED,
        /** The other side has none like it, and should have. */
        NOT_THERE,
        /** The other side has one like it, and should not have. */
        THERE,
        /** It is there to be looked at by the left rows, and never in the result itself. */
        ASKED
    }

    /** Puts two results together; with {@code all} each row counts as often as it comes. */
    public SetOperation(SetOperator operator, boolean all, Stage left, Stage right, List<Heading> headings) {
        this.operator = operator;
        this.all = all;
        this.left = left;
        this.right = right;
        this.headings = List.copyOf(headings);
        this.dispositions = dispose();
        this.taken = IntStream.range(0, dispositions.size())
                .filter(row -> dispositions.get(row) == Disposition.TAKEN).boxed().toList();
        List<List<Value>> both = Stream.concat(left.rows().stream(), right.rows().stream()).toList();
        this.rows = taken.stream().map(both::get).toList();
    }

    private List<Disposition> dispose() {
        Map<List<Object>, Integer> there = new HashMap<>();
        right.rows().forEach(row -> there.merge(ValueOrder.identity(row), 1, Integer::sum));
        Set<List<Object>> seen = new HashSet<>();
        List<Disposition> made = new ArrayList<>(left.rows().size() + right.rows().size());
        for (List<Value> row : left.rows()) {
            List<Object> identity = ValueOrder.identity(row);
            boolean found = there.getOrDefault(identity, 0) > 0;
            // With ALL, each right row stands for one left row.
            if (found && all) there.merge(identity, -1, Integer::sum);
            made.add(switch (operator) {
                case UNION -> once(seen, identity);
                case INTERSECT -> found ? once(seen, identity) : Disposition.NOT_THERE;
                case EXCEPT -> found ? Disposition.THERE : once(seen, identity);
            });
        }
        for (List<Value> row : right.rows()) {
            made.add(operator == SetOperator.UNION ? once(seen, ValueOrder.identity(row)) : Disposition.ASKED);
        }
        return List.copyOf(made);
    }

    private Disposition once(Set<List<Object>> seen, List<Object> identity) {
        return all || seen.add(identity) ? Disposition.TAKEN : Disposition.REPEATED;
    }

    /** Whether each row counts as often as it comes, as ALL says. */
    public boolean countsRepeats() {
        return all;
    }

    /** Which operation it is. */
    public SetOperator operator() {
        return operator;
    }

    /** What becomes of each left row, then of each right row. */
    public List<Disposition> dispositions() {
        return dispositions;
    }

    @Override
    public List<Heading> headings() {
        return headings;
    }

    @Override
    public List<List<Value>> rows() {
        return rows;
    }

    /** The operation as SQL: {@code UNION ALL}. */
    public String sql() {
        return operator + (all ? " ALL" : "");
    }

    @Override
    public List<Stage> inputs() {
        return List.of(left, right);
    }

    @Override
    public boolean pads(int row, int column) {
        Origin origin = origin(taken.get(row));
        return inputs().get(origin.input()).pads(origin.row(), column);
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(origin(taken.get(row)));
    }

    /** Which row the n-th of all rows of both sides is. */
    public Origin origin(int n) {
        int lefts = left.rows().size();
        return n < lefts ? new Origin(Side.LEFT.ordinal(), n) : new Origin(Side.RIGHT.ordinal(), n - lefts);
    }

    /** What the n-th of all rows of both sides is called. */
    public RowName nameOf(int n) {
        Origin origin = origin(n);
        return inputs().get(origin.input()).name(origin.row());
    }

    @Override
    public RowsName title() {
        return new RowsName.BothQueries();
    }

    @Override
    public RowName name(int row) {
        return nameOf(taken.get(row));
    }
}
