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
import lunko.table.Value;

/**
 * The rows of two queries, put together by a set operation.
 *
 * @param repeats whether each row counts as often as it comes, as ALL says
 * @param fates what becomes of each left row, then of each right row
 * @param taken the rows of the result, by their number among those
 */
public record SetOperation(SetOperator operator, boolean repeats, Stage left, Stage right, List<Heading> headings,
        List<Disposition> fates,
        int[] taken, List<List<Value>> rows) implements Stage {

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
    public static SetOperation of(SetOperator operator, boolean all, Stage left, Stage right, List<Heading> headings) {
        Map<List<Object>, Integer> there = new HashMap<>();
        right.rows().forEach(row -> there.merge(ValueOrder.identity(row), 1, Integer::sum));
        Set<List<Object>> seen = new HashSet<>();
        List<Disposition> fates = new ArrayList<>(left.rows().size() + right.rows().size());
        for (List<Value> row : left.rows()) {
            List<Object> identity = ValueOrder.identity(row);
            boolean found = there.getOrDefault(identity, 0) > 0;
            // With ALL, each right row stands for one left row.
            if (found && all) there.merge(identity, -1, Integer::sum);
            fates.add(switch (operator) {
                case UNION -> once(all, seen, identity);
                case INTERSECT -> found ? once(all, seen, identity) : Disposition.NOT_THERE;
                case EXCEPT -> found ? Disposition.THERE : once(all, seen, identity);
            });
        }
        for (List<Value> row : right.rows()) {
            fates.add(operator == SetOperator.UNION ? once(all, seen, ValueOrder.identity(row)) : Disposition.ASKED);
        }
        List<List<Value>> rows = Stream.concat(left.rows().stream(), right.rows().stream()).toList();
        int[] taken = IntStream.range(0, rows.size()).filter(i -> fates.get(i) == Disposition.TAKEN).toArray();
        return new SetOperation(operator, all, left, right, headings, List.copyOf(fates), taken,
                IntStream.of(taken).mapToObj(rows::get).toList());
    }

    private static Disposition once(boolean all, Set<List<Object>> seen, List<Object> identity) {
        return all || seen.add(identity) ? Disposition.TAKEN : Disposition.REPEATED;
    }

    /** The operation as SQL: {@code UNION ALL}. */
    public String sql() {
        return operator + (repeats ? " ALL" : "");
    }

    @Override
    public List<Stage> inputs() {
        return List.of(left, right);
    }

    @Override
    public boolean pads(int row, int column) {
        Origin origin = origin(taken[row]);
        return inputs().get(origin.input()).pads(origin.row(), column);
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(origin(taken[row]));
    }

    /** Which row the n-th of all rows of both sides is. */
    public Origin origin(int n) {
        int lefts = left.rows().size();
        return n < lefts ? new Origin(Side.LEFT.ordinal(), n) : new Origin(Side.RIGHT.ordinal(), n - lefts);
    }

    /** What the n-th of all rows of both sides is called. */
    public String nameOf(int n) {
        Origin origin = origin(n);
        return inputs().get(origin.input()).name(origin.row());
    }

    @Override
    public String title() {
        return "the rows of both queries";
    }

    @Override
    public String name(int row) {
        return nameOf(taken[row]);
    }
}
