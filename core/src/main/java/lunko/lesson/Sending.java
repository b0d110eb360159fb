package lunko.lesson;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lunko.engine.Stage;
import lunko.insight.explanation.RowExplanation;
import lunko.insight.listing.ResultListing;
import lunko.problem.Checked;
import lunko.query.change.ConditionSite;
import lunko.query.change.Conditions;
import lunko.query.change.QueryChange;
import lunko.table.Table;
import lunko.table.Value;
import lunko.words.Sentence;

/**
 * A condition sent from ON to WHERE or from WHERE to ON, and what that does to the result.
 *
 * @param sent the query after it
 * @param here what the query gives
 * @param there what it gives after it
 * @param whys of the first rows that differ, why they are in the one result, and what becomes of them in the other
 */
public record Sending(WrittenQuery sent, Result here, Result there, List<Why> whys) {
    private static final int MOST_WHYS = 4;

    /** A result, and which of its rows, counted from 0, the other one has not. */
    public record Result(Stage stage, Set<Integer> differing) {}

    /**
     * A row that is in one result only: whether that is the one after sending, why it is there, and why it is not in
     * the other.
     */
    public record Why(boolean after, Sentence why, Optional<Sentence> whyNot) {}

    /** Sends a condition of a query to another place, on tables. */
    public static Checked<Sending> of(WrittenQuery query, List<Table> tables, Conditions.SitedCondition condition,
            ConditionSite to) {
        return query.changed(new QueryChange.SendCondition(condition.seat(), condition.number(), to))
                .then(sent -> query.on(tables).then(here -> sent.on(tables).map(there -> of(sent, here, there))));
    }

    private static Sending of(WrittenQuery sent, Stage here, Stage there) {
        Result one = new Result(here, missing(here, there));
        Result other = new Result(there, missing(there, here));
        List<Why> whys = new ArrayList<>();
        add(false, one, there, whys);
        add(true, other, here, whys);
        return new Sending(sent, one, other, whys.stream().limit(MOST_WHYS).toList());
    }

    /** The rows that the other result has not, or not as often. */
    private static Set<Integer> missing(Stage of, Stage in) {
        Map<List<Value>, Integer> left = new HashMap<>();
        in.rows().forEach(row -> left.merge(row, 1, Integer::sum));
        Set<Integer> missing = new LinkedHashSet<>();
        for (int row = 0; row < of.rows().size(); row++) {
            if (left.merge(of.rows().get(row), -1, Integer::sum) < 0) missing.add(row);
        }
        return missing;
    }

    private static void add(boolean after, Result result, Stage other, List<Why> whys) {
        RowExplanation own = RowExplanation.of(result.stage());
        RowExplanation others = RowExplanation.of(other);
        for (int row : result.differing().stream().limit(MOST_WHYS).toList()) {
            OptionalInt left = new ResultListing.OfQuery(result.stage()).left(row);
            Optional<Sentence> whyNot = left.isPresent()
                    ? others.whyNot(left.getAsInt()).or(() -> instead(other, others, left)) : Optional.empty();
            own.why(row).ifPresent(why -> whys.add(new Why(after, why, whyNot)));
        }
    }

    /** Why the row is there that the other result has from the same left row. */
    private static Optional<Sentence> instead(Stage other, RowExplanation fate, OptionalInt left) {
        for (int row = 0; row < other.rows().size(); row++)
            if (new ResultListing.OfQuery(other).left(row).equals(left)) return fate.why(row);
        return Optional.empty();
    }

    /** Whether the results are the same. */
    public boolean isSame() {
        return here.differing().isEmpty() && there.differing().isEmpty();
    }
}
