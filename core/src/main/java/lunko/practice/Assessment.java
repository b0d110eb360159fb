package lunko.practice;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.insight.comparison.Counterexample;
import lunko.insight.question.Guess;
import lunko.insight.question.Judgement.Verdict;
import lunko.insight.question.Judgement;
import lunko.lesson.WrittenQuery;
import lunko.show.Asking;
import lunko.show.Showing;
import lunko.table.Once;
import lunko.table.Table;

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
                judgement.verdict() == Verdict.RIGHT
                        && asking.guess().orElse(null) instanceof Guess.Written(_, String sql, _)
                                ? luck(sql, showing) : Optional.empty()));
    }

    private static Optional<Counterexample> luck(String sql, Showing showing) {
        return differing(showing, WrittenQuery.of(sql));
    }

    /** Tables on which the query that is shown and another give other rows. */
    static Optional<Counterexample> differing(Showing showing, WrittenQuery other) {
        List<Table> tables = showing.lesson().tables();
        WrittenQuery wanted = showing.lesson().staged().query();
        Stream<Stage> results = Stream.of(wanted, other)
                .flatMap(query -> query.on(tables).<Stream<Stage>>either(Stream::of, _ -> Stream.empty()));
        List<String> used = Once.each(results.flatMap(result -> result.all().stream())
                .filter(Source.class::isInstance).map(stage -> ((Source) stage).table().name()));
        return Counterexample.of(tables, used, wanted::on, other::on);
    }

    /** Whether it is right, on any tables. */
    public boolean isRight() {
        return judgement.verdict() == Verdict.RIGHT && luck.isEmpty();
    }
}
