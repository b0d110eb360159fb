package lunko.page.shown;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Stage;
import lunko.exchange.json.Json;
import lunko.exchange.lesson.PointedNodes;
import lunko.insight.comparison.Counterexample;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.question.Answer;
import lunko.insight.question.Guess;
import lunko.insight.question.Judgement;
import lunko.insight.question.Question;
import lunko.page.session.Session;
import lunko.practice.Assessment;
import lunko.practice.Attempt;
import lunko.query.Side;
import lunko.show.Asking;
import lunko.show.Showing;
import lunko.table.Column;
import lunko.table.Table;
import lunko.words.Language;

/** The question of the scene, what the learner thinks, and what that comes to. */
record AskJson(Session session, Asking asking, Language in) {
    private static final int MOST_EXPLAINED = 4;

    /** The question, if there is one. */
    static Optional<Json> of(Session session, Language in) {
        return session.asking().map(asking -> new AskJson(session, asking, in).of());
    }

    private Json of() {
        Showing showing = session.showing();
        Attempt attempt = session.attempt();
        Json.Members asked = Json.EMPTY.with("said", asking.said(showing, in)).with("by", by(asking.question()))
                .withIf("uncovered", attempt.uncovered()).withIf("canUncover", session.canUncover())
                .withIf("right", attempt.right())
                .with("marked", Answer.sorted(asking.marked().marked()).map(PointedNodes::of));
        if (asking.question() instanceof Question.WhichRows(Side side, _)) asked = asked.with("side", side.id());
        asked = asked.with("guess", attempt.guess().map(guess -> Json.of(written(guess))));
        Optional<Answer> answer = asking.answer(showing);
        if (answer.isEmpty()) return asked.with("by", "nothing");
        if (answer.get() instanceof Answer.Matched matched) asked = asked.with("match", match(matched));
        asked = asked.with("verdict", attempt.assessed()
                .filter(one -> one.judgement().verdict() != Judgement.Verdict.OPEN).map(one -> verdict(one.isRight())))
                .withAny("hints", session.hints().stream().limit(attempt.hints())
                        .map(hint -> Said.phrase(hint.in(in))));
        asked = asked.with("luck", attempt.assessed().flatMap(Assessment::luck).map(this::luck));
        if (!attempt.uncovered()) return asked;
        return asked.with("answer", asking.answered(showing, in).map(Json::of)).with("missed", asking.judgement(showing)
                .map(one -> Json.list(Stream.concat(explained(one.missed(), true), explained(one.tooMany(), false)))));
    }

    /** By what it is answered. */
    private static String by(Question question) {
        return switch (question) {
            case Question.HowMany() -> "number";
            case Question.WhichRows _ -> "rows";
            case Question.WhichPairs() -> "pairs";
            case Question.WhichKind() -> "kind";
            case Question.WhatStands _,Question.InWords _,Question.FillGap _ -> "text";
            case Question.WriteQuery _,Question.SayWithoutJoin() -> "query";
            case Question.MatchResults _ -> "match";
            case Question.ChangeData _ -> "tables";
        };
    }

    private Json verdict(boolean right) {
        return Json.EMPTY.with("right", right)
                .with("said", right ? in.questions().right() : in.questions().notQuite());
    }

    /** Small tables on which a query is not right, what it gives there, and what it should. */
    private Json luck(Counterexample found) {
        return Json.EMPTY.with("said", Said.phrase(in.practice().luck()))
                .with("tables", found.tables().stream().map(this::small))
                .with("wanted", small(in.questions().answer(), found.one()))
                .with("given", small(in.pages().answer(), found.other()));
    }

    /** The queries, with the result that is chosen for each, and the results under their signs. */
    private Json match(Answer.Matched matched) {
        List<Integer> chosen = asking.matched().results();
        boolean told = session.attempt().uncovered() && session.attempt().guess().isPresent();
        return Json.EMPTY
                .with("queries", IntStream.range(0, chosen.size()).mapToObj(query -> {
                    Json.Members one = Json.EMPTY.with("sql", matched.queries().get(query).strip())
                            .with("chosen", chosen.get(query));
                    return told ? one.with("verdict", verdict(matched.fits(query, chosen.get(query)))) : one;
                }))
                .with("results", IntStream.range(0, matched.results().size())
                        .mapToObj(result -> small(in.questions().result(result), matched.results().get(result))));
    }

    private Json small(Table table) {
        return Json.EMPTY.with("title", table.name())
                .with("columns", Json.texts(table.columns().stream().map(Column::name)))
                .with("rows", table.rows().stream()
                        .map(row -> Json.list(row.entries().stream().map(Said::cell))));
    }

    private static Json small(String title, Stage stage) {
        return Json.EMPTY.with("title", title)
                .with("columns", Json.texts(stage.headings().stream().map(Stage.Heading::name)))
                .with("rows", IntStream.range(0, stage.rows().size()).mapToObj(row -> Said.cells(stage, row)));
    }

    private String written(Guess guess) {
        return switch (guess) {
            case Guess.Number(long rows) -> String.valueOf(rows);
            case Guess.Typed(String text) -> text;
            case Guess.Written(String text, _, _) -> text;
            case Guess.Kind(var kind) -> kind.id();
            case Guess.Marked _,Guess.Matched _,Guess.Changed() -> "";
        };
    }

    private Stream<Json> explained(Set<Pointed> rows, boolean missed) {
        return Answer.sorted(rows).limit(MOST_EXPLAINED).map(row -> {
            String name = Asking.name(row, session.showing(), in);
            Json.Members said = Json.EMPTY.with("said",
                    missed ? in.questions().missed(name) : in.questions().tooMany(name));
            return session.showing().decided(row).stream().mapToObj(step -> said.with("step", step)).findFirst()
                    .orElse(said);
        });
    }
}
