package lunko.lesson;

import java.util.List;
import lunko.engine.Stage;
import lunko.insight.comparison.Alignment;
import lunko.insight.comparison.Sameness;
import lunko.problem.Checked;
import lunko.query.change.ConditionSite;
import lunko.query.change.Conditions;
import lunko.query.change.QueryChange;
import lunko.table.Table;

/**
 * A condition sent from ON to WHERE or from WHERE to ON, and what that does to the result.
 *
 * @param sent the query after it
 * @param both what the query gives, and what it gives after it
 */
public record Sending(WrittenQuery sent, Alignment both) {

    /** Sends a condition of a query to another place, on tables. */
    public static Checked<Sending> of(WrittenQuery query, List<Table> tables, Conditions.SitedCondition condition,
            ConditionSite to) {
        return query.changed(new QueryChange.SendCondition(condition.seat(), condition.number(), to))
                .then(sent -> query.on(tables).then(here -> sent.on(tables)
                        .map(there -> new Sending(sent, Alignment.of(List.of(here, there))))));
    }

    /** What the query gives as it is. */
    public Stage here() {
        return both.results().getFirst();
    }

    /** What it gives with the condition in the other place. */
    public Stage there() {
        return both.results().getLast();
    }

    /** Whether the results have the same rows. */
    public boolean isSame() {
        return Sameness.of(here(), there()).degree() != Sameness.Degree.DIFFERENT;
    }
}
