package lunko.steps;

import static lunko.phrase.Words.rows;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.engine.Comparison;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.RowPairs;
import lunko.engine.JoinCondition;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.table.Value.TextValue;
import lunko.table.Value;

/** What is said of two rows that are compared: whether they are partners, why, and what follows from that. */
final class CompareWhy {
    private final JoinWords words;
    private final Join join;
    private final JoinCondition on;
    private final JoinKind kind;
    private final Side outer;
    private final RowPairs decisions;
    private final JoinAlgorithm algorithm;

    CompareWhy(JoinWords words, JoinAlgorithm algorithm) {
        this.words = words;
        this.join = words.join();
        this.on = join.on();
        this.kind = join.kind();
        this.outer = words.outer();
        this.decisions = words.decisions();
        this.algorithm = algorithm;
    }

    /** Says what comes of a comparison. */
    void say(Phrase.Writer text, Step.Compare step) {
        List<Value> left = join.row(Side.LEFT, step.left());
        List<Value> right = join.row(Side.RIGHT, step.right());
        List<Comparison> equations = equations().map(equality -> equality.of(left, right)).toList();
        boolean equationsAlone = on.more().isEmpty() && (on.notIn().isEmpty() || on.equal().isEmpty());
        switch (step.verdict()) {
            case TRUE -> text.code(on.with(left, right)).plain(" is ").strong("true").plain(": ");
            case FALSE -> {
                if (equationsAlone) sayFalse(text, equations);
                else text.code(on.with(left, right)).plain(" is ").strong("false").plain(": ");
            }
            case UNKNOWN -> {
                if (equationsAlone) sayUnknown(text, step, equations);
                else text.code(on.with(left, right)).plain(" is neither true nor false but ").strong("unknown")
                        .plain(": ");
            }
        }
        boolean perhaps = step.verdict() == Truth.UNKNOWN && on.meets(step.verdict());
        words.name(text, Side.LEFT, step.left()).plain(" and ");
        words.name(text, Side.RIGHT, step.right());
        text.plain(perhaps ? " may be equal." : step.verdict() == Truth.TRUE ? " are partners." : " are not partners.");
        if (kind.stopsAtFirst() && on.meets(step.verdict()))
            decided(text, outer.of(step.left(), step.right()), perhaps);
        else if (algorithm == JoinAlgorithm.MERGE) movesOn(text, step);
        if (!kind.stopsAtFirst() && !kind.takesPartnered() && on.meets(step.verdict())) {
            text.plain(" Both are out: " + kind.withArticle() + " wants rows without a partner.");
        }
        if (algorithm == JoinAlgorithm.ROWS || !kind.stopsAtFirst()) sayWhoIsLeft(text, step);
    }

    /** The equalities of the condition, that of NOT IN among them. */
    private Stream<Equality> equations() {
        return Stream.concat(on.equal().stream(), on.notIn().stream());
    }

    private void decided(Phrase.Writer text, int row, boolean perhaps) {
        if (kind.takesPartnered()) {
            text.plain(" That is enough.");
            return;
        }
        text.plain(perhaps ? " So nobody can say that " : " ");
        words.name(text, outer, row)
                .plain(perhaps ? " is not there, and NOT IN keeps it out." : " is out: " + kind.withArticle()
                        + " wants rows without a partner.");
    }

    private void movesOn(Phrase.Writer text, Step.Compare step) {
        int order = SortMergeJoin.compare(on.equal(), join.row(Side.LEFT, step.left()), Side.LEFT,
                join.row(Side.RIGHT, step.right()), Side.RIGHT);
        if (order == 0) return;
        Side smaller = order < 0 ? Side.LEFT : Side.RIGHT;
        text.plain(" The key of ");
        words.name(text, smaller, smaller.of(step.left(), step.right())).plain(" is the smaller one, so ");
        words.table(text, smaller).plain(" moves on.");
    }

    private static String conjunction(List<Comparison> comparisons) {
        return comparisons.stream().map(Comparison::sql).collect(Collectors.joining(" AND "));
    }

    private void sayFalse(Phrase.Writer text, List<Comparison> comparisons) {
        Comparison culprit = comparisons.stream().filter(c -> c.equal() == Truth.FALSE).findFirst().orElseThrow();
        if (comparisons.size() > 1) {
            text.code(conjunction(comparisons)).plain(" is ").strong("false").plain(", because ")
                    .code(culprit.sql()).plain(" is");
        } else {
            text.code(culprit.sql()).plain(" is ").strong("false");
        }
        if (culprit.left() instanceof TextValue(String left) && culprit.right() instanceof TextValue(String right)) {
            if (left.equalsIgnoreCase(right)) text.plain(" (they differ in case alone, and case counts)");
            else if (left.strip().equals(right.strip())) text.plain(" (they differ in blanks alone, and blanks count)");
        }
        text.plain(": ");
    }

    private void sayUnknown(Phrase.Writer text, Step.Compare step, List<Comparison> comparisons) {
        int index = 0;
        while (comparisons.get(index).equal() != Truth.UNKNOWN) index++;
        Comparison culprit = comparisons.get(index);
        Equality columns = equations().toList().get(index);
        if (culprit.left().isNull() && culprit.right().isNull()) {
            text.plain("Neither ");
            words.name(text, Side.LEFT, step.left()).plain(" nor ");
            words.name(text, Side.RIGHT, step.right()).plain(" has a key");
        } else {
            Side empty = culprit.left().isNull() ? Side.LEFT : Side.RIGHT;
            words.name(text, empty, empty.of(step.left(), step.right()))
                    .plain(" has no " + words.column(empty, columns));
        }
        text.plain(". ").code(conjunction(comparisons)).plain(" is neither true nor false but ")
                .strong("unknown").plain(": ");
    }

    /** After the last comparison of a row it is known that the row has no partner, and what follows from that. */
    private void sayWhoIsLeft(Phrase.Writer text, Step.Compare step) {
        if (algorithm != JoinAlgorithm.ROWS) return;
        int row = outer.of(step.left(), step.right());
        int asked = outer.of(step.right(), step.left());
        if (asked == decisions.rightRows() - 1 && decisions.count(row) == 0) {
            text.plain(" That was the last of ");
            words.table(text, words.inner()).plain(", so ");
            words.name(text, outer, row).plain(" has no partner");
            words.leftOut(text, row);
        }
        if (!kind.stopsAtFirst() && row == decisions.leftRows() - 1 && decisions.firstLeft(asked).isEmpty()) {
            text.plain(" No row of ");
            words.table(text, outer).plain(" is left for ");
            words.name(text, words.inner(), asked);
            text.plain(kind.keeps(words.inner()) ? "." : ", and " + kind.withArticle() + " leaves it out.");
        }
    }
}
