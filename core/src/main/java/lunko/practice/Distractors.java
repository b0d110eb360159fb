package lunko.practice;

import java.util.ArrayList;
import java.util.List;
import lunko.engine.Stage;
import lunko.insight.question.Demand;
import lunko.insight.question.Question;
import lunko.lesson.WrittenQuery;
import lunko.show.Showing;

/** Queries to be told from the one that is shown by their results: of other kinds, each with other rows. */
public final class Distractors {
    private Distractors() {}

    /** The question which result is whose, of what is shown; with no others, where none give other rows. */
    public static Question.MatchResults of(Showing showing) {
        List<Stage> results = new ArrayList<>();
        List<String> others = new ArrayList<>();
        showing.run().handle(run -> results.add(run.result()), _ -> {});
        for (WrittenQuery other : Variants.of(showing).otherKinds().toList())
            other.on(showing.lesson().tables()).handle(given -> {
                if (results.stream().anyMatch(one -> Demand.ROWS.isMet(one, given))) return;
                results.add(given);
                others.add(other.sql());
            }, _ -> {});
        return new Question.MatchResults(others);
    }
}
