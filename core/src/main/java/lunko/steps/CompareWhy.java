package lunko.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.engine.Comparison;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.RowPairs;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.table.Value.TextValue;
import lunko.table.Value;
import lunko.words.CompareSentences.Difference;
import lunko.words.Language;

/** What is said of two rows that are compared: whether they match, why, and what follows from that. */
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

    /** What comes of a comparison. */
    Phrase of(Step.Compare step, Language in) {
        Phrase left = words.name(Side.LEFT, step.left(), in);
        Phrase right = words.name(Side.RIGHT, step.right(), in);
        boolean meets = on.meets(step.verdict());
        boolean perhaps = meets && step.verdict() == Truth.UNKNOWN;
        Phrase found = found(step, in);
        List<Phrase> said = new ArrayList<>();
        nullKeys(step, in).ifPresent(said::add);
        if (perhaps) said.add(in.comparing().mayMatch(found, left, right));
        else if (step.verdict() == Truth.TRUE) said.add(in.comparing().match(found, left, right));
        else said.add(in.comparing().doNotMatch(found, left, right));
        if (kind.stopsAtFirst() && meets) said.add(decided(outer.of(step.left(), step.right()), perhaps, in));
        else if (algorithm == JoinAlgorithm.SORT_MERGE) movesOn(step, in).ifPresent(said::add);
        if (!kind.stopsAtFirst() && !kind.takesMatched() && meets) said.add(in.comparing().leavesBothOut(kind));
        if (algorithm == JoinAlgorithm.NESTED_LOOP) whoIsLeft(step, in, said);
        return Phrase.joined(" ", said);
    }

    /** The equalities of the condition, that of NOT IN among them. */
    private Stream<Equality> equations() {
        return Stream.concat(on.equal().stream(), on.notIn().stream());
    }

    private List<Comparison> compared(Step.Compare step) {
        List<Value> left = join.row(Side.LEFT, step.left());
        List<Value> right = join.row(Side.RIGHT, step.right());
        return equations().map(equality -> equality.of(left, right)).toList();
    }

    /** Whether the condition is a row of equalities and nothing else. */
    private boolean isOfEquations() {
        return on.more().isEmpty() && (on.notIn().isEmpty() || on.equal().isEmpty());
    }

    private Phrase found(Step.Compare step, Language in) {
        if (step.verdict() == Truth.TRUE || !isOfEquations()) return in.comparing().is(
                on.with(join.row(Side.LEFT, step.left()), join.row(Side.RIGHT, step.right())), step.verdict());
        List<Comparison> comparisons = compared(step);
        String condition = comparisons.stream().map(Comparison::sql).collect(Collectors.joining(" AND "));
        if (step.verdict() == Truth.UNKNOWN) return in.comparing().is(condition, Truth.UNKNOWN);
        Comparison culprit = comparisons.stream().filter(c -> c.equal() == Truth.FALSE).findFirst().orElseThrow();
        Phrase found = comparisons.size() > 1 ? in.comparing().isFalseBecause(condition, culprit.sql())
                : in.comparing().is(condition, Truth.FALSE);
        return difference(culprit).map(of -> Phrase.joined(found, in.comparing().differ(of))).orElse(found);
    }

    private static Optional<Difference> difference(Comparison of) {
        if (!(of.left() instanceof TextValue(String left) && of.right() instanceof TextValue(String right)))
            return Optional.empty();
        if (left.equalsIgnoreCase(right)) return Optional.of(Difference.CASE);
        return left.strip().equals(right.strip()) ? Optional.of(Difference.BLANKS) : Optional.empty();
    }

    /** Which key is NULL, where that is why it is unknown whether the two match. */
    private Optional<Phrase> nullKeys(Step.Compare step, Language in) {
        if (step.verdict() != Truth.UNKNOWN || !isOfEquations()) return Optional.empty();
        List<Comparison> comparisons = compared(step);
        int index = 0;
        while (comparisons.get(index).equal() != Truth.UNKNOWN) index++;
        Comparison culprit = comparisons.get(index);
        if (culprit.left().isNull() && culprit.right().isNull()) return Optional.of(in.comparing().bothNull(
                words.name(Side.LEFT, step.left(), in), words.name(Side.RIGHT, step.right(), in)));
        Side empty = culprit.left().isNull() ? Side.LEFT : Side.RIGHT;
        return Optional.of(in.comparing().isNull(words.name(empty, empty.of(step.left(), step.right()), in),
                words.column(empty, equations().toList().get(index))));
    }

    private Phrase decided(int row, boolean perhaps, Language in) {
        if (kind.takesMatched()) return in.comparing().enough();
        Phrase name = words.name(outer, row, in);
        return perhaps ? in.comparing().uncertain(name) : in.comparing().leavesOut(name, kind);
    }

    private Optional<Phrase> movesOn(Step.Compare step, Language in) {
        int order = SortMergeJoin.compare(on.equal(), join.row(Side.LEFT, step.left()), Side.LEFT,
                join.row(Side.RIGHT, step.right()), Side.RIGHT);
        if (order == 0) return Optional.empty();
        Side smaller = order < 0 ? Side.LEFT : Side.RIGHT;
        return Optional.of(in.comparing().movesOn(
                words.name(smaller, smaller.of(step.left(), step.right()), in), words.table(smaller, in)));
    }

    /** After the last comparison of a row it is known that the row has no match, and what follows from that. */
    private void whoIsLeft(Step.Compare step, Language in, List<Phrase> said) {
        int row = outer.of(step.left(), step.right());
        int asked = outer.of(step.right(), step.left());
        if (asked == decisions.rightRows() - 1 && decisions.count(row) == 0) {
            said.add(in.comparing().lastOne(words.table(words.inner(), in), words.name(outer, row, in),
                    words.leavingOut(row)));
        }
        if (!kind.stopsAtFirst() && row == decisions.leftRows() - 1 && decisions.firstLeft(asked).isEmpty()) {
            said.add(in.comparing().noneLeft(words.table(outer, in), words.name(words.inner(), asked, in),
                    kind.keeps(words.inner()) ? Optional.empty() : Optional.of(kind)));
        }
    }
}
