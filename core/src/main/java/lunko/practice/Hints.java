package lunko.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.insight.picture.KindChart;
import lunko.insight.picture.KindCount;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.question.Answer;
import lunko.insight.question.Demand;
import lunko.insight.question.Goal;
import lunko.insight.question.Guess;
import lunko.insight.question.Judgement;
import lunko.insight.question.Question;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.show.Asking;
import lunko.show.Showing;
import lunko.words.Language;
import lunko.words.Sentence;

/**
 * What helps somebody whose answer is not right, in the order in which it is said: what their answer does, then what
 * decides, and at last the answer itself.
 */
public final class Hints {
    private final Asking asking;
    private final Showing showing;
    private final List<Sentence> all = new ArrayList<>();

    private Hints(Asking asking, Showing showing) {
        this.asking = asking;
        this.showing = showing;
    }

    /** All that can be said; nothing where it cannot be asked of what is shown. */
    public static List<Sentence> of(Asking asking, Showing showing) {
        Hints hints = new Hints(asking, showing);
        asking.answer(showing).ifPresent(hints::find);
        return List.copyOf(hints.all);
    }

    private void find(Answer answer) {
        if (asking.guess().isEmpty() && !(answer instanceof Answer.Reached)) all.add(in -> in.practice().answerFirst());
        switch (answer) {
            case Answer.Count(long rows) -> number(rows);
            case Answer.Marks(Set<Pointed> _) -> marks();
            case Answer.Kinds(JoinKind kind, List<JoinKind> same, _) -> kind(kind, same);
            case Answer.Cell _ -> cell();
            case Answer.Result wanted -> {
                if (asking.guess().orElse(null) instanceof Guess.Written given)
                    all.addAll(new QueryHints(showing, wanted, given).all());
            }
            case Answer.Matched matched -> matches(matched);
            case Answer.Reached(boolean now) -> {
                if (!now) tables();
            }
            case Answer.Words _ -> {}
        }
        all.add(in -> in.practice().solution(asking.answered(showing, in).orElse("")));
    }

    private void number(long rows) {
        Optional<JoinResult> join = showing.joins() == 1 ? showing.outcome() : Optional.empty();
        asking.guess().ifPresent(guess -> {
            if (guess instanceof Guess.Number(long guessed) && guessed != rows) all.add(number(guessed, rows, join));
        });
        join.filter(outcome -> outcome.kind().compares()).ifPresent(outcome -> {
            all.add(in -> in.practice().countPairs(table(Side.LEFT, in), table(Side.RIGHT, in)));
            outcome.tally(outcome.kind()).ifPresent(tally -> all.add(in -> in.practice().parts(tally.pairs(),
                    tally.leftAlone(), table(Side.LEFT, in), tally.rightAlone(), table(Side.RIGHT, in),
                    outcome.kind())));
        });
    }

    /** What a number is that is not the right one. */
    private Sentence number(long guessed, long rows, Optional<JoinResult> join) {
        Optional<JoinKind> other = join.stream().flatMap(outcome -> KindCount.all(outcome).stream())
                .filter(count -> count.rows() == guessed).map(KindCount::kind).findFirst();
        if (other.isPresent()) return in -> in.practice().numberOf(guessed, other.get(), join.get().kind());
        Optional<Side> table = join.stream().flatMap(outcome -> Arrays.stream(Side.values())
                .filter(side -> outcome.join().on(side).rows().size() == guessed)).findFirst();
        if (table.isPresent()) return in -> in.practice().numberOfTable(guessed, table(table.get(), in));
        return in -> guessed < rows ? in.practice().moreThan(guessed) : in.practice().fewerThan(guessed);
    }

    private void marks() {
        Optional<Judgement> judged = asking.judgement(showing);
        judged.filter(one -> !one.missed().isEmpty())
                .ifPresent(one -> all.add(in -> in.practice().missing(first(one.missed(), in),
                        one.missed().size() - 1L)));
        judged.filter(one -> !one.tooMany().isEmpty())
                .ifPresent(one -> all.add(in -> in.practice().tooMany(first(one.tooMany(), in),
                        one.tooMany().size() - 1L)));
        showing.outcome().filter(outcome -> outcome.join().on().isEquality()).ifPresent(outcome -> all.add(in -> in
                .practice().lookAtKeys(outcome.join().on().equal().stream().flatMap(equality -> Arrays
                        .stream(Side.values()).map(side -> outcome.join().on(side).headings().get(equality.on(side)))
                        .map(heading -> heading.table().map(of -> of + ".").orElse("") + heading.name())).toList())));
        judged.flatMap(one -> Answer.sorted(one.missed().isEmpty() ? one.tooMany() : one.missed()).findFirst())
                .flatMap(showing::why).ifPresent(all::add);
    }

    private Phrase first(Set<Pointed> rows, Language in) {
        Pointed row = Answer.sorted(rows).findFirst().orElseThrow();
        return name(row, in);
    }

    private Phrase name(Pointed row, Language in) {
        return Phrase.joined(" – ", Arrays.stream(Side.values()).map(side -> row.on(side).stream()
                .mapToObj(at -> name(side, at, in)).findFirst().orElse(Phrase.EMPTY)).toList());
    }

    private Phrase name(Side side, int row, Language in) {
        return Phrase.of(in.names().shortRow(showing.outcome().orElseThrow().join().on(side).name(row)), side.tone());
    }

    private Phrase table(Side side, Language in) {
        return Phrase.of(in.names().rows(showing.outcome().orElseThrow().join().on(side).title()), side.tone());
    }

    private void kind(JoinKind kind, List<JoinKind> same) {
        Optional<KindChart> chart = showing.outcome().flatMap(KindChart::of);
        if (chart.isPresent() && asking.guess().orElse(null) instanceof Guess.Kind(JoinKind guessed)
                && !same.contains(guessed) && guessed.compares()) {
            List<KindChart.Line> lacking = chart.get().onlyIn(kind, guessed, 1).first();
            List<KindChart.Line> more = chart.get().onlyIn(guessed, kind, 1).first();
            if (!lacking.isEmpty()) all.add(in -> in.practice().wouldNotGive(guessed, line(lacking.getFirst(), in)));
            else if (!more.isEmpty()) all.add(in -> in.practice().wouldGive(guessed, line(more.getFirst(), in)));
        }
        all.add(in -> in.practice().whoseUnmatched(table(Side.LEFT, in), table(Side.RIGHT, in)));
    }

    /** The first result that is not that of its query, and what tells it from the one that is. */
    private void matches(Answer.Matched matched) {
        List<Integer> chosen = asking.matched().results();
        for (int query = 0; query < chosen.size(); query++) {
            if (chosen.get(query) == Guess.Matched.NONE || matched.fits(query, chosen.get(query))) continue;
            all.add(apart(query, chosen.get(query), matched));
            break;
        }
        showing.outcome().ifPresent(_ -> all.add(in -> in.practice().whoseUnmatched(table(Side.LEFT, in),
                table(Side.RIGHT, in))));
    }

    /** What tells the result of a query from another. */
    private static Sentence apart(int query, int result, Answer.Matched matched) {
        Stage own = matched.results().get(matched.of().get(query));
        Stage other = matched.results().get(result);
        if (own.headings().size() != other.headings().size())
            return in -> in.practice().columnsOfResult(query + 1, own.headings().size(), in.questions().result(result),
                    other.headings().size());
        RowDifference difference = RowDifference.of(own, other);
        if (!difference.missing().isEmpty()) return in -> in.practice().notInResult(query + 1,
                RowDifference.said(difference.missing().getFirst()), in.questions().result(result));
        if (!difference.tooMany().isEmpty()) return in -> in.practice().notOfQuery(query + 1,
                RowDifference.said(difference.tooMany().getFirst()), in.questions().result(result));
        return in -> in.practice().timesInResult(query + 1,
                RowDifference.said(difference.often().getFirst().row()), difference.often().getFirst().wanted(),
                in.questions().result(result));
    }

    private Phrase line(KindChart.Line line, Language in) {
        return Phrase.joined(" – ", Arrays.stream(Side.values()).map(side -> line.on(side).stream()
                .mapToObj(row -> name(side, row, in)).findFirst().orElse(Phrase.EMPTY)).toList());
    }

    /** What the tables are still like, and what they would have to be. */
    private void tables() {
        if (!(asking.question() instanceof Question.ChangeData(Goal goal))) return;
        switch (goal) {
            case Goal.KindsAlike() -> showing.outcome().ifPresent(outcome -> {
                List<KindCount> counts = KindCount.all(outcome).stream()
                        .filter(count -> Goal.KINDS.contains(count.kind())).toList();
                all.add(in -> in.practice().countsNow(counts.stream()
                        .map(count -> in.names().kind(count.kind()) + " " + in.counts().number(count.rows()))
                        .toList()));
                all.add(in -> in.practice().everyRowMeetsEveryRow(table(Side.LEFT, in), table(Side.RIGHT, in)));
            });
            case Goal.Differ(String sql) -> {
                all.add(in -> in.practice().stillTheSame());
                Assessment.differing(showing, sql, Demand.ROWS)
                        .ifPresent(found -> all.add(in -> in.practice().differOn(found.told(in))));
            }
        }
    }

    /** Which rows a cell comes from, and why they are together. */
    private void cell() {
        if (!(asking.question() instanceof Question.WhatStands(int row, _))) return;
        Optional<JoinResult> join = showing.joins() == 1 ? showing.outcome() : Optional.empty();
        join.filter(outcome -> row < outcome.size()
                && outcome.size() == showing.run().either(run -> run.result().rows().size(), _ -> 0)).ifPresent(
                        outcome -> {
                            ResultRow of = outcome.row(row);
                            all.add(in -> in.practice().comesFrom(row + 1, Arrays.stream(Side.values())
                                    .map(side -> of.source(side).stream().mapToObj(at -> name(side, at, in))
                                            .findFirst().orElse(null))
                                    .filter(Objects::nonNull).toList()));
                            showing.why(new Pointed.Result(of)).ifPresent(all::add);
                        });
    }
}
