package lunko.insight.question;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.RowPairs;
import lunko.engine.Stage;
import lunko.insight.picture.KindChart;
import lunko.insight.picture.Lineage.Pointed;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.table.Value;

/** What is right. It is computed from the scene, but for words. */
public sealed interface Answer {
    /** More rows of a side than that are too many to be marked one by one. */
    int MOST_MARKED = 200;

    /** So many rows. */
    record Count(long rows) implements Answer {}

    /** These rows, or these pairs of rows. */
    record Marks(Set<Pointed> marked) implements Answer {}

    /**
     * A kind.
     *
     * @param same all kinds that give the same rows on these tables, of which none can be told from the others
     * @param missing the rows by which they would differ, of which there are none
     */
    record Kinds(JoinKind kind, List<JoinKind> same, List<KindChart.Sort> missing) implements Answer {}

    /** What stands in a cell. */
    record Cell(String shown) implements Answer {}

    /** The rows that a query has to give, and what counts of it beside them. */
    record Result(Stage result, Demand demand) implements Answer {}

    /**
     * Several queries, each with its result.
     *
     * @param results the results in the order in which they are shown, which says nothing of that of the queries
     * @param of for each query, which result is its own
     */
    record Matched(List<String> queries, List<Stage> results, List<Integer> of) implements Answer {
        /** Whether a result is that of a query, or has the same rows. */
        public boolean fits(int query, int result) {
            return result >= 0 && result < results.size()
                    && Demand.ROWS.isMet(results.get(of.get(query)), results.get(result));
        }

        /** Whether two of the results have the same rows, so that nobody can tell whose they are. */
        public boolean hasTwins() {
            return IntStream.range(0, of.size()).anyMatch(query -> IntStream.range(0, results.size())
                    .anyMatch(result -> of.get(query) != result && fits(query, result)));
        }
    }

    /** Whether the tables are as they should be. */
    record Reached(boolean now) implements Answer {}

    /** What somebody has written. */
    record Words(String text) implements Answer {}

    /**
     * The answer to a question; nothing, where it cannot be asked of these tables.
     *
     * @param sql the query
     * @param result what it gives
     * @param join its join, where it has one alone
     * @param run what other queries give on the same tables
     */
    static Optional<Answer> of(Question question, String sql, Stage result, Optional<JoinResult> join, Goal.Run run) {
        return switch (question) {
            case Question.HowMany() -> Optional.of(new Count(result.rows().size()));
            case Question.WhichRows(Side side, Question.Fate fate) -> join.filter(Answer::canBeMarked)
                    .map(of -> new Marks(rows(of, side, fate)));
            case Question.WhichPairs() -> join.filter(Answer::canBeMarked).flatMap(JoinResult::matching)
                    .map(matching -> new Marks(pairs(matching.pairs())));
            case Question.WhichKind() -> join.map(Answer::kinds);
            case Question.WhatStands(int row, int column) ->
                row < result.rows().size() && column < result.headings().size()
                        ? Optional.of(new Cell(result.rows().get(row).get(column).shown())) : Optional.empty();
            case Question.WriteQuery(Demand demand) -> Optional.of(new Result(result, demand));
            case Question.FillGap _ -> Optional.of(new Result(result, Demand.ROWS));
            case Question.SayWithoutJoin() -> Optional.of(new Result(result, Demand.NO_JOIN));
            case Question.ChangeData(Goal goal) -> goal.isReached(result, join, run).map(Reached::new);
            case Question.MatchResults(List<String> others) -> matched(sql, result, others, run);
            case Question.InWords(String answer) -> Optional.of(new Words(answer));
        };
    }

    private static boolean canBeMarked(JoinResult join) {
        return join.kind().compares() && List.of(Side.values()).stream()
                .allMatch(side -> join.join().on(side).rows().size() <= MOST_MARKED);
    }

    private static Set<Pointed> rows(JoinResult join, Side side, Question.Fate fate) {
        Set<Pointed> rows = new HashSet<>();
        switch (fate) {
            case IN_RESULT -> join.rows().forEach(row -> row.source(side)
                    .ifPresent(source -> rows.add(new Pointed.Source(side, source))));
            case UNMATCHED -> IntStream.range(0, join.join().on(side).rows().size())
                    .filter(row -> join.matches(side, row) == Truth.FALSE)
                    .forEach(row -> rows.add(new Pointed.Source(side, row)));
        }
        return rows;
    }

    private static Set<Pointed> pairs(RowPairs pairs) {
        Set<Pointed> marked = new HashSet<>();
        for (int left = 0; left < pairs.leftRows(); left++)
            for (int n = 0; n < pairs.count(left); n++) marked.add(new Pointed.Pair(left, pairs.right(left, n)));
        return marked;
    }

    private static Answer kinds(JoinResult join) {
        Optional<KindChart.Same> same = KindChart.of(join).stream().flatMap(chart -> chart.same().stream())
                .filter(group -> group.kinds().contains(join.kind())).findFirst();
        return new Kinds(join.kind(), same.map(KindChart.Same::kinds).orElse(List.of(join.kind())),
                same.map(KindChart.Same::missing).orElse(List.of()));
    }

    /** Results in the order of their sizes, and of their texts where those are the same. */
    private static Optional<Answer> matched(String sql, Stage result, List<String> others, Goal.Run run) {
        List<Stage> results = new ArrayList<>(List.of(result));
        others.forEach(other -> run.of(other).handle(results::add, _ -> {}));
        if (others.isEmpty() || results.size() <= others.size()) return Optional.empty();
        List<Integer> order = IntStream.range(0, results.size()).boxed()
                .sorted(Comparator.comparingInt((Integer at) -> results.get(at).rows().size())
                        .thenComparing(at -> text(results.get(at))))
                .toList();
        return Optional.of(new Matched(Stream.concat(Stream.of(sql), others.stream()).toList(),
                order.stream().map(results::get).toList(),
                IntStream.range(0, results.size()).mapToObj(order::indexOf).toList()));
    }

    private static String text(Stage result) {
        return result.rows().stream().flatMap(List::stream).map(Value::sql).collect(Collectors.joining(" "));
    }

    /** What is marked in the order of the rows. */
    static Stream<Pointed> sorted(Set<Pointed> marked) {
        return marked.stream().sorted(Comparator.comparingInt((Pointed pointed) -> pointed.on(Side.LEFT).orElse(-1))
                .thenComparingInt(pointed -> pointed.on(Side.RIGHT).orElse(-1)));
    }

    /** What a guess comes to. */
    default Judgement judge(Guess guess) {
        return switch (this) {
            case Count(long rows) -> Judgement.of(guess instanceof Guess.Number(long guessed) && guessed == rows);
            case Marks(Set<Pointed> marked) ->
                Judgement.of(marked, guess instanceof Guess.Marked(Set<Pointed> guessed) ? guessed : Set.of());
            case Kinds(_, List<JoinKind> same, _) ->
                Judgement.of(guess instanceof Guess.Kind(JoinKind kind) && same.contains(kind));
            case Cell(String shown) -> Judgement.of(guess instanceof Guess.Typed(String text) && isSame(text, shown));
            case Result(Stage result, Demand demand) ->
                Judgement.of(guess instanceof Guess.Written(_, String sql, Checked<Stage> given)
                        && given.either(stage -> demand.isMet(result, stage), _ -> false) && demand.allows(sql));
            case Matched matched -> Judgement.of(guess instanceof Guess.Matched(List<Integer> results)
                    && results.size() == matched.of().size()
                    && results.stream().distinct().count() == results.size()
                    && IntStream.range(0, results.size()).allMatch(at -> matched.fits(at, results.get(at))));
            case Reached(boolean now) -> Judgement.of(now);
            case Words _ -> Judgement.OPEN;
        };
    }

    private static boolean isSame(String typed, String shown) {
        String text = typed.strip();
        boolean quoted = text.length() > 1 && text.startsWith("'") && text.endsWith("'");
        return (quoted ? text.substring(1, text.length() - 1) : text).equalsIgnoreCase(shown);
    }
}
