package lunko.insight.comparison;

import java.util.List;
import java.util.Optional;
import lunko.engine.Stage;
import lunko.problem.Checked;
import lunko.query.change.Rephrasing;
import lunko.table.Table;

/**
 * Another way to say a query, with what evaluating it on the tables at hand has shown.
 *
 * @param said the way
 * @param here how alike the results are on the tables at hand; nothing, where there is no text or it cannot run
 * @param counterexample for a way that does not give the same rows on all tables, some on which it does not
 */
public record TriedRephrasing(Rephrasing said, Optional<Sameness> here, Optional<Counterexample> counterexample) {

    /** Finds out about a way to say a query; {@code other} is what the way comes to, if it has a text. */
    public static TriedRephrasing of(Rephrasing said, List<Table> tables, Counterexample.Run query,
            Optional<Counterexample.Run> other) {
        if (other.isEmpty() || !(query.apply(tables) instanceof Checked.Valid<Stage>(Stage now))
                || !(other.get().apply(tables) instanceof Checked.Valid<Stage>(Stage then))) {
            return new TriedRephrasing(said, Optional.empty(), Optional.empty());
        }
        return new TriedRephrasing(said, Optional.of(Sameness.of(now, then)),
                said.kind().alwaysEqual() ? Optional.empty() : Counterexample.ofAny(tables, query, other.get(),
                        (one, another) -> Sameness.of(one, another).isSame()));
    }

    /** Whether it can be chosen in the query's place. */
    public boolean canBeChosen() {
        return here.isPresent();
    }
}
