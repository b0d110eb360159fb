package lunko.exchange.lesson;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Gap;
import lunko.insight.question.Goal;
import lunko.insight.question.Question;
import lunko.query.Side;

/** Questions as they stand in {@code lesson.json}: of a sort, with what that needs. */
final class QuestionNodes {
    private static final String KINDS_ALIKE = "kinds-alike";
    private static final String DIFFER = "differ";

    private QuestionNodes() {}

    /** Describes a question. */
    static Json.Members describe(Asked asked) {
        Json.Members node = Json.EMPTY.with("for", id(asked.question().sort()));
        if (!asked.words().isEmpty()) node = node.with("words", asked.words());
        return switch (asked.question()) {
            case Question.WhichRows(Side side, Question.Fate fate) ->
                node.with("side", side.id()).with("fate", id(fate));
            case Question.WhatStands(int row, int column) -> node.with("row", row + 1).with("column", column + 1);
            case Question.InWords(String answer) -> node.with("answer", answer);
            case Question.FillGap(Gap gap) -> node.with("gap", gap.toString());
            case Question.ChangeData(Goal.KindsAlike()) -> node.with("goal", KINDS_ALIKE);
            case Question.ChangeData(Goal.Differ(String sql)) -> node.with("goal", DIFFER).with("query", sql);
            case Question.WriteQuery(Demand demand) -> node.withIf("order", demand.order())
                    .withIf("headings", demand.headings());
            case Question.MatchResults(List<String> others) -> node.with("queries", Json.texts(others.stream()));
            case Question.SayWithoutJoin() -> node;
            case Question.HowMany(),Question.WhichPairs(),Question.WhichKind() -> node;
        };
    }

    /** The question that is described; nothing, where none is, or one of a sort that is not known. */
    static Optional<Asked> asked(Json node) {
        return named(Question.Sort.values(), node.at("for").text())
                .map(sort -> new Asked(question(sort, node), node.at("words").text("")));
    }

    private static Question question(Question.Sort sort, Json node) {
        return switch (sort) {
            case WHICH_ROWS -> new Question.WhichRows(
                    Stream.of(Side.values()).filter(side -> side.id().equals(node.at("side").text())).findFirst()
                            .orElse(Side.LEFT),
                    named(Question.Fate.values(), node.at("fate").text()).orElse(Question.Fate.UNMATCHED));
            case WHAT_STANDS -> new Question.WhatStands(place(node.at("row")), place(node.at("column")));
            case IN_WORDS -> new Question.InWords(node.at("answer").text(""));
            case FILL_GAP -> new Question.FillGap(named(Gap.values(), node.at("gap").text()).orElse(Gap.ON));
            case CHANGE_DATA -> new Question.ChangeData(node.at("goal").text().equals(DIFFER)
                    ? new Goal.Differ(node.at("query").text()) : new Goal.KindsAlike());
            case WRITE_QUERY -> new Question.WriteQuery(Demand.ROWS.order(node.at("order").truth(false))
                    .headings(node.at("headings").truth(false)));
            case MATCH_RESULTS -> new Question.MatchResults(
                    node.at("queries").items().stream().map(query -> query.text("")).toList());
            case SAY_WITHOUT_JOIN, HOW_MANY, WHICH_PAIRS, WHICH_KIND -> sort.usual();
        };
    }

    private static int place(Json number) {
        return Math.max(0, number.whole(1) - 1);
    }

    private static String id(Enum<?> of) {
        return of.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static <E extends Enum<E>> Optional<E> named(E[] all, String id) {
        return Stream.of(all).filter(each -> id(each).equals(id)).findFirst();
    }
}
