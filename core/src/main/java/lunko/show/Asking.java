package lunko.show;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.insight.comparison.TriedRephrasing;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.question.Answer;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Gap;
import lunko.insight.question.Goal;
import lunko.insight.question.Guess;
import lunko.insight.question.Judgement;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.lesson.WrittenQuery;
import lunko.problem.Stretch;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Lexeme;
import lunko.words.Language;
import lunko.words.QuestionSentences;

/**
 * The question of a scene while it is shown.
 *
 * @param guess what the class thinks
 * @param uncovered whether the answer is there to be seen
 */
public record Asking(Asked asked, Optional<Guess> guess, boolean uncovered) {

    /** What the scene of a lesson asks, nothing guessed yet. */
    public static Optional<Asking> of(Lesson lesson) {
        return lesson.scene().asked().map(asked -> new Asking(asked, Optional.empty(), false));
    }

    /** The question. */
    public Question question() {
        return asked.question();
    }

    /** The same, put otherwise. */
    public Asking saying(String words) {
        return new Asking(asked.saying(words), guess, uncovered);
    }

    /** The same with something guessed. */
    public Asking guessing(Guess other) {
        return new Asking(asked, Optional.of(other), uncovered);
    }

    /** The same, uncovered or covered again. */
    public Asking uncovered(boolean now) {
        return new Asking(asked, guess, now);
    }

    /** Whether something is covered. */
    public boolean covers(Question.Cover cover) {
        return !uncovered && question().covers().contains(cover);
    }

    /** What is marked so far. */
    public Guess.Marked marked() {
        return guess.filter(Guess.Marked.class::isInstance).map(Guess.Marked.class::cast)
                .orElse(Guess.Marked.NOTHING);
    }

    /** Which results have been chosen for the queries so far; of a guess at other queries, none. */
    public Guess.Matched matched() {
        int queries = question() instanceof Question.MatchResults(List<String> others) ? others.size() + 1 : 0;
        return guess.filter(Guess.Matched.class::isInstance).map(Guess.Matched.class::cast)
                .filter(so -> so.results().size() == queries
                        && so.results().stream().allMatch(result -> result >= Guess.Matched.NONE && result < queries))
                .orElseGet(() -> Guess.Matched.nothing(queries));
    }

    /** What is right of what is shown; nothing, where that cannot be asked there. */
    public Optional<Answer> answer(Showing showing) {
        if (question() instanceof Question.FillGap(Gap gap)
                && gap(gap, showing.lesson().staged().query().alone()).isEmpty())
            return Optional.empty();
        return showing.run().either(run -> Answer.of(question(), showing.lesson().staged().query().alone().sql(),
                run.result(),
                showing.joins() == 1 ? showing.outcome() : Optional.empty(),
                sql -> WrittenQuery.of(sql).on(showing.lesson().tables())), _ -> Optional.empty());
    }

    /** The same with what needs no guess taken for one: of tables, what they are like now. */
    public Asking answered() {
        return question() instanceof Question.ChangeData ? guessing(new Guess.Changed()) : this;
    }

    /** What the guess comes to, where there is one. */
    public Optional<Judgement> judgement(Showing showing) {
        return guess.flatMap(guessed -> answer(showing).map(answer -> answer.judge(guessed)));
    }

    /** A query as a guess, or what fills the gap of one: what it gives on the tables of a lesson. */
    public Guess.Written written(String text, Lesson lesson) {
        String sql = question() instanceof Question.FillGap(Gap gap) ? filled(gap, text, lesson) : text;
        return new Guess.Written(text, sql, WrittenQuery.of(sql).on(lesson.tables()));
    }

    /** The query of a lesson with something else in the first gap of a sort; as it is, where it has none. */
    private static String filled(Gap gap, String text, Lesson lesson) {
        WrittenQuery query = lesson.staged().query().alone();
        return gap(gap, query).map(at -> query.sql().substring(0, at.start()) + text + query.sql().substring(at.end()))
                .orElse(query.sql());
    }

    private static Optional<Stretch> gap(Gap gap, WrittenQuery query) {
        return query.read().either(read -> Gap.in(read.script(), read.query(), Set.of(gap)).stream().findFirst(),
                _ -> Optional.empty());
    }

    /** The question as it is put. */
    public String said(Showing showing, Language in) {
        if (!asked.words().isBlank()) return asked.words();
        QuestionSentences say = in.questions();
        return switch (question()) {
            case Question.HowMany() -> say.askHowMany();
            case Question.WhichRows(Side side, Question.Fate fate) -> switch (fate) {
                case IN_RESULT -> say.askRows(table(showing, side, in));
                case UNMATCHED -> say.askUnmatched(table(showing, side, in), table(showing, side.opposite(), in));
            };
            case Question.WhichPairs() ->
                say.askPairs(table(showing, Side.LEFT, in), table(showing, Side.RIGHT, in));
            case Question.WhichKind() -> say.askKind();
            case Question.WhatStands(int row, int column) -> say.askCell(row + 1, heading(showing, column));
            case Question.WriteQuery(Demand demand) -> say.askQuery(demand.order(), demand.headings());
            case Question.FillGap(Gap gap) ->
                say.askGap(Lexeme.inOneLine(filled(gap, "____", showing.lesson())));
            case Question.SayWithoutJoin() -> say.askWithoutJoin();
            case Question.ChangeData(Goal.KindsAlike()) ->
                say.askAlike(in.counts().all(Goal.KINDS.stream().map(in.names()::kind).toList()));
            case Question.ChangeData(Goal.Differ(String sql)) -> say.askDiffer(Lexeme.inOneLine(sql));
            case Question.MatchResults _ -> say.askMatches();
            case Question.InWords _ -> "";
        };
    }

    /** The answer in words; nothing, where this cannot be asked of what is shown. */
    public Optional<String> answered(Showing showing, Language in) {
        return answer(showing).map(answer -> switch (answer) {
            case Answer.Count(long rows) -> in.questions().count(rows);
            case Answer.Marks(Set<Pointed> rows) -> rows.isEmpty() ? in.questions().none()
                    : Answer.sorted(rows).map(row -> name(row, showing, in)).collect(Collectors.joining(", "));
            case Answer.Kinds(_, List<JoinKind> same, _) ->
                same.stream().map(in.names()::kind).collect(Collectors.joining(", "));
            case Answer.Cell(String shown) -> shown;
            case Answer.Result _ -> Lexeme.inOneLine(solution(showing));
            case Answer.Matched(_, _, List<Integer> of) -> IntStream.range(0, of.size())
                    .mapToObj(query -> in.questions().matched(query + 1, of.get(query)))
                    .collect(Collectors.joining(", "));
            case Answer.Reached(boolean now) -> in.questions().reached(now);
            case Answer.Words(String text) -> text;
        });
    }

    /** A text that would be right: a query, or what fills the gap of one. */
    public String solution(Showing showing) {
        WrittenQuery query = showing.lesson().staged().query().alone();
        return switch (question()) {
            case Question.FillGap(Gap gap) -> gap(gap, query).map(at -> at.of(query.sql())).orElse("");
            case Question.SayWithoutJoin() -> query
                    .otherWays(showing.lesson().tables(), showing.joinNumber(), showing.lesson().scene().right())
                    .either(ways -> ways.stream().filter(TriedRephrasing::canBeChosen)
                            .filter(way -> way.counterexample().isEmpty())
                            .flatMap(way -> way.said().text().stream()).filter(text -> !Demand.hasJoin(text))
                            .findFirst().orElse(query.sql()), _ -> query.sql());
            case Question.WriteQuery _,Question.HowMany(),Question.WhichRows _,Question.WhichPairs() -> query.sql();
            case Question.MatchResults _ -> query.sql();
            case Question.WhichKind(),Question.WhatStands _,Question.InWords _,Question.ChangeData _ -> query.sql();
        };
    }

    /** What a row or a pair that is asked for is called: {@code Clover – Oda}. */
    public static String name(Pointed pointed, Showing showing, Language in) {
        return Stream.of(Side.values()).flatMap(side -> pointed.on(side).stream()
                .mapToObj(
                        row -> showing.outcome().map(outcome -> in.names().shortRow(outcome.join().on(side).name(row)))
                                .orElse("")))
                .collect(Collectors.joining(" – "));
    }

    private static String table(Showing showing, Side side, Language in) {
        return showing.outcome().map(outcome -> in.names().rows(outcome.join().on(side).title()))
                .orElseGet(() -> showing.lesson().scene().on(side));
    }

    private static String heading(Showing showing, int column) {
        return showing.run().either(run -> column < run.result().headings().size()
                ? run.result().headings().get(column).name() : String.valueOf(column + 1), _ -> "");
    }
}
