package lunko.exchange.lesson;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.query.Side;

/** Questions as they stand in {@code lesson.json}: of a sort, with what that needs. */
final class QuestionNodes {
    private QuestionNodes() {}

    /** Describes a question. */
    static void describe(Asked asked, ObjectNode node) {
        node.put("for", id(asked.question().sort()));
        if (!asked.words().isEmpty()) node.put("words", asked.words());
        switch (asked.question()) {
            case Question.WhichRows(Side side, Question.Fate fate) -> node.put("side", side.id()).put("fate", id(fate));
            case Question.WhatStands(int row, int column) -> node.put("row", row + 1).put("column", column + 1);
            case Question.InWords(String answer) -> node.put("answer", answer);
            case Question.HowMany(),Question.WhichPairs(),Question.WhichKind(),Question.WriteQuery() -> {}
        }
    }

    /** The question that is described; nothing, where none is, or one of a sort that is not known. */
    static Optional<Asked> asked(JsonNode node) {
        return named(Question.Sort.values(), node.path("for").asText())
                .map(sort -> new Asked(question(sort, node), node.path("words").asText("")));
    }

    private static Question question(Question.Sort sort, JsonNode node) {
        return switch (sort) {
            case WHICH_ROWS -> new Question.WhichRows(
                    Stream.of(Side.values()).filter(side -> side.id().equals(node.path("side").asText())).findFirst()
                            .orElse(Side.LEFT),
                    named(Question.Fate.values(), node.path("fate").asText()).orElse(Question.Fate.UNMATCHED));
            case WHAT_STANDS -> new Question.WhatStands(place(node.path("row")), place(node.path("column")));
            case IN_WORDS -> new Question.InWords(node.path("answer").asText(""));
            case HOW_MANY, WHICH_PAIRS, WHICH_KIND, WRITE_QUERY -> sort.usual();
        };
    }

    private static int place(JsonNode number) {
        return Math.max(0, number.asInt(1) - 1);
    }

    private static String id(Enum<?> of) {
        return of.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static <E extends Enum<E>> Optional<E> named(E[] all, String id) {
        return Stream.of(all).filter(each -> id(each).equals(id)).findFirst();
    }
}
