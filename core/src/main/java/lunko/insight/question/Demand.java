package lunko.insight.question;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Stage;
import lunko.insight.comparison.Sameness;
import lunko.problem.Origin;
import lunko.query.sql.FromItem;
import lunko.query.sql.SqlParser;
import lunko.table.Value;

/**
 * What counts of a query that somebody writes, beside which rows it gives, and how often.
 *
 * @param order whether its rows have to come in the order of those that are wanted; rows that are equal in what these
 * are sorted by may change places
 * @param headings whether its columns have to be called as those that are wanted
 * @param withoutJoin whether it has to do without JOIN
 */
public record Demand(boolean order, boolean headings, boolean withoutJoin) {
    /** The rows count alone. */
    public static final Demand ROWS = new Demand(false, false, false);

    /** That it has to do without JOIN. */
    public static final Demand NO_JOIN = new Demand(false, false, true);

    /** The same, where the order of the rows counts or does not. */
    public Demand order(boolean counts) {
        return new Demand(counts, headings, withoutJoin);
    }

    /** The same, where the names of columns count or do not. */
    public Demand headings(boolean count) {
        return new Demand(order, count, withoutJoin);
    }

    /** Whether a query may be written so. */
    public boolean allows(String sql) {
        return !withoutJoin || !hasJoin(sql);
    }

    /** Whether there is a JOIN anywhere in a query. */
    public static boolean hasJoin(String sql) {
        return new SqlParser(new Origin.Query()).statements(sql).stream().anyMatch(statement -> statement.either(
                script -> !script.parts(FromItem.JoinedTable.class).isEmpty(), _ -> false));
    }

    /** Whether rows are those that are wanted. */
    public boolean isMet(Stage wanted, Stage given) {
        if (wanted.rows().size() != given.rows().size()
                || wanted.headings().size() != given.headings().size())
            return false;
        List<Integer> named = Sameness.columns(wanted, given);
        if (named.size() == wanted.headings().size() && areAlike(wanted, given, named)) return true;
        return !headings && areAlike(wanted, given, IntStream.range(0, wanted.headings().size()).boxed().toList());
    }

    /** Whether the rows are alike, whose columns stand in other places there. */
    private boolean areAlike(Stage wanted, Stage given, List<Integer> columns) {
        int from = 0;
        for (int to : order ? ends(wanted) : List.of(wanted.rows().size())) {
            Map<List<Value>, Integer> counted = new HashMap<>();
            for (int row = from; row < to; row++) {
                List<Value> values = given.rows().get(row);
                counted.merge(wanted.rows().get(row), 1, Integer::sum);
                counted.merge(columns.stream().map(values::get).toList(), -1, Integer::sum);
            }
            if (counted.values().stream().anyMatch(times -> times != 0)) return false;
            from = to;
        }
        return true;
    }

    /** Where rows end that may change places: those that are equal in all that they are sorted by. */
    private static List<Integer> ends(Stage wanted) {
        Optional<Ordering> sorted = ordering(wanted);
        int first = wanted instanceof Limit limit ? (int) limit.skipped() : 0;
        int rows = wanted.rows().size();
        List<Integer> ends = new ArrayList<>();
        sorted.ifPresent(by -> {
            for (int row = 1; row < rows; row++)
                if (!key(by, first + row).equals(key(by, first + row - 1))) ends.add(row);
        });
        ends.add(rows);
        return ends;
    }

    private static List<Value> key(Ordering by, int row) {
        return by.keys().get(by.from().get(row));
    }

    /** By what the rows of a result are sorted; nothing, where they come in no order. */
    static Optional<Ordering> ordering(Stage result) {
        return switch (result) {
            case Ordering by -> Optional.of(by);
            case Limit(Ordering by, _, _, _) -> Optional.of(by);
            default -> Optional.empty();
        };
    }
}
