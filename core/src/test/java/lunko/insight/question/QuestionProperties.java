package lunko.insight.question;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.insight.picture.KindChart;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.question.Judgement.Verdict;
import lunko.problem.Checked;
import lunko.problem.SyntaxFault;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** The answers to questions, compared with what the joins give. */
@Domain(SomeJoins.class)
@Domain(DomainContext.Global.class)
class QuestionProperties {

    private static Optional<Answer> answer(Question question, SomeJoin some) {
        return Answer.of(question, "", some.joined(), Optional.of(JoinResult.of(some.joined())),
                _ -> Checked.invalid(new SyntaxFault.NothingWritten()));
    }

    @Property(tries = 300)
    void rowsAndPairsAreThoseOfTheJoin(@ForAll SomeJoin some) {
        Join join = some.joined().join();
        List<ResultRow> rows = JoinResult.of(some.joined()).rows();
        assertThat(answer(new Question.HowMany(), some)).contains(new Answer.Count(rows.size()));
        if (!join.kind().compares()) return;
        for (Side side : Side.values()) {
            assertThat(answer(new Question.WhichRows(side, Question.Fate.IN_RESULT), some)).contains(
                    new Answer.Marks(rows.stream().flatMap(row -> row.source(side).stream().boxed())
                            .map(row -> new Pointed.Source(side, row)).collect(Collectors.toSet())));
            if (join.on().notIn().isPresent()) continue;
            Side other = side.opposite();
            assertThat(answer(new Question.WhichRows(side, Question.Fate.UNMATCHED), some)).contains(
                    new Answer.Marks(IntStream.range(0, join.on(side).rows().size())
                            .filter(one -> IntStream.range(0, join.on(other).rows().size()).noneMatch(
                                    row -> join.verdict(side.of(one, row), side.of(row, one)) == Truth.TRUE))
                            .mapToObj(row -> new Pointed.Source(side, row)).collect(Collectors.toSet())));
        }
        Set<Pointed> pairs = new HashSet<>();
        for (int left = 0; left < join.left().rows().size(); left++) {
            for (int right = 0; right < join.right().rows().size(); right++)
                if (join.verdict(left, right) == Truth.TRUE) pairs.add(new Pointed.Pair(left, right));
        }
        answer(new Question.WhichPairs(), some)
                .ifPresent(answer -> assertThat(answer).isEqualTo(new Answer.Marks(pairs)));
    }

    @Property(tries = 300)
    void aKindIsRightIfItGivesTheSameRows(@ForAll SomeJoin some) {
        JoinKind kind = some.joined().join().kind();
        if (KindChart.of(JoinResult.of(some.joined())).isEmpty()) return;
        Answer answer = answer(new Question.WhichKind(), some).orElseThrow();
        for (JoinKind other : KindChart.kinds()) {
            boolean same = kind.only().equals(other.only())
                    && Set.copyOf(JoinResult.of(some.as(kind)).rows())
                            .equals(Set.copyOf(JoinResult.of(some.as(other)).rows()));
            assertThat(answer.judge(new Guess.Kind(other)).verdict()).as(other + " for " + kind + " of " + some)
                    .isEqualTo(same ? Verdict.RIGHT : Verdict.WRONG);
        }
    }

    @Property(tries = 200)
    void whatIsMarkedIsHitOrTooMuchAndTheRestIsMissed(@ForAll SomeJoin some, @ForAll Set<Integer> marked) {
        Optional<Answer> answer = answer(new Question.WhichRows(Side.LEFT, Question.Fate.IN_RESULT), some);
        if (answer.isEmpty() || !(answer.get() instanceof Answer.Marks(Set<Pointed> right))) return;
        Guess.Marked guess = Guess.Marked.NOTHING;
        for (int row : marked) guess = guess.toggling(new Pointed.Source(Side.LEFT, Math.floorMod(row, 6)));
        Judgement judgement = answer.get().judge(guess);
        assertThat(union(judgement.hit(), judgement.missed())).isEqualTo(right);
        assertThat(union(judgement.hit(), judgement.tooMany())).isEqualTo(guess.marked());
        assertThat(judgement.verdict() == Verdict.RIGHT)
                .isEqualTo(judgement.missed().isEmpty() && judgement.tooMany().isEmpty());
    }

    private static Set<Pointed> union(Set<Pointed> one, Set<Pointed> other) {
        Set<Pointed> all = new HashSet<>(one);
        all.addAll(other);
        return all;
    }

    /** What stands in a cell may be typed as it is shown or as SQL has it; words are for people to judge. */
    @Example
    void whatIsTypedIsComparedAsPeopleWriteIt() {
        Answer cell = new Answer.Cell("Oda");
        assertThat(List.of("Oda", " oda ", "'Oda'")).allMatch(text -> isRight(cell, text));
        assertThat(List.of("", "Od", "NULL")).noneMatch(text -> isRight(cell, text));
        assertThat(isRight(new Answer.Cell("NULL"), "null")).isTrue();
        assertThat(new Answer.Words("because").judge(new Guess.Typed("no")).verdict()).isEqualTo(Verdict.OPEN);
        assertThat(new Answer.Count(3).judge(new Guess.Number(3)).verdict()).isEqualTo(Verdict.RIGHT);
        assertThat(new Answer.Count(3).judge(new Guess.Typed("3")).verdict()).isEqualTo(Verdict.WRONG);
    }

    private static boolean isRight(Answer answer, String typed) {
        return answer.judge(new Guess.Typed(typed)).verdict() == Verdict.RIGHT;
    }

    @Property(tries = 100)
    void aQueryIsRightIfItGivesTheSameRows(@ForAll SomeJoin some) {
        Stage result = some.joined();
        Answer answer = answer(new Question.WriteQuery(Demand.ROWS), some).orElseThrow();
        assertThat(answer.judge(new Guess.Written("", "", Checked.valid(result))).verdict()).isEqualTo(Verdict.RIGHT);
        assertThat(answer.judge(new Guess.Written("", "", Checked.invalid(new SyntaxFault.NothingWritten()))).verdict())
                .isEqualTo(Verdict.WRONG);
        if (some.joined().join().kind() == JoinKind.INNER && !result.rows().isEmpty())
            assertThat(answer.judge(new Guess.Written("", "", Checked.valid(some.as(JoinKind.LEFT_ANTI)))).verdict())
                    .isEqualTo(Verdict.WRONG);
    }
}
