package lunko.practice;

import java.util.Optional;
import java.util.stream.Stream;
import lunko.insight.comparison.Counterexample;
import lunko.insight.question.Answer;
import lunko.insight.question.Demand;
import lunko.insight.question.Question;
import lunko.lesson.WrittenQuery;
import lunko.show.Asking;
import lunko.show.Showing;

/**
 * Another query that gives what is asked for on the tables of a scene, and not on all tables: from what is to be seen
 * nobody can know which of the two is meant.
 *
 * @param differs tables on which the one that is meant and the other differ
 */
public record OtherMeaning(String sql, Counterexample differs) {

    /** One of a question that is answered by a query or by what fills the gap of one, where there is one. */
    public static Optional<OtherMeaning> of(Asking asking, Showing showing) {
        return asking.answer(showing).filter(Answer.Result.class::isInstance).map(Answer.Result.class::cast)
                .flatMap(wanted -> variants(asking, showing)
                        .filter(other -> other.on(showing.lesson().tables())
                                .either(given -> wanted.demand().isMet(wanted.result(), given), _ -> false))
                        .flatMap(other -> meaning(other, showing, wanted.demand()).stream()).findFirst());
    }

    private static Optional<OtherMeaning> meaning(WrittenQuery other, Showing showing, Demand demand) {
        return Assessment.differing(showing, other.sql(), demand)
                .map(differs -> new OtherMeaning(other.sql(), differs));
    }

    private static Stream<WrittenQuery> variants(Asking asking, Showing showing) {
        Variants variants = Variants.of(showing);
        return switch (asking.question()) {
            case Question.WriteQuery _ -> variants.all();
            case Question.FillGap(var gap) -> variants.in(gap);
            // Which query is meant stands there.
            case Question.SayWithoutJoin() -> Stream.empty();
            case Question.HowMany(),Question.WhichRows _,Question.WhichPairs(),Question.WhichKind() -> Stream.empty();
            case Question.WhatStands _,Question.ChangeData _,Question.MatchResults _,Question.InWords _ ->
                Stream.empty();
        };
    }
}
