package lunko.practice;

import java.util.Optional;
import lunko.insight.comparison.Counterexample;
import lunko.insight.question.Answer;
import lunko.insight.question.Demand;
import lunko.insight.question.Guess;
import lunko.insight.question.Judgement.Verdict;
import lunko.insight.question.Judgement;
import lunko.lesson.WrittenQuery;
import lunko.show.Asking;
import lunko.show.Showing;

/**
 * What an answer has come to. A query that gives the rows that are asked for may do so by luck, on these tables alone:
 * then there are others on which it does not.
 *
 * @param luck such tables, where they were found
 */
public record Assessment(Judgement judgement, Optional<Counterexample> luck) {

    /** What is guessed at so far; nothing, where nothing is, or where it cannot be asked. */
    public static Optional<Assessment> of(Asking asking, Showing showing) {
        return asking.judgement(showing).map(judgement -> new Assessment(judgement,
                judgement.verdict() == Verdict.RIGHT ? luck(asking, showing) : Optional.empty()));
    }

    private static Optional<Counterexample> luck(Asking asking, Showing showing) {
        return asking.guess().orElse(null) instanceof Guess.Written(_, String sql, _)
                && asking.answer(showing).orElse(null) instanceof Answer.Result(_, Demand demand)
                        ? differing(showing, sql, demand) : Optional.empty();
    }

    /** Tables on which the query that is shown and another give other rows, or what else is demanded. */
    static Optional<Counterexample> differing(Showing showing, String sql, Demand demand) {
        return Counterexample.of(showing.lesson().tables(), showing.lesson().staged().query()::on,
                WrittenQuery.of(sql)::on, demand::isMet);
    }

    /** Whether it is right, on any tables. */
    public boolean isRight() {
        return judgement.verdict() == Verdict.RIGHT && luck.isEmpty();
    }
}
