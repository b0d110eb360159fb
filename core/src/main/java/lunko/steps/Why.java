package lunko.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import lunko.engine.Comparison;
import lunko.engine.Equality;
import lunko.engine.Matching;
import lunko.engine.Outcome;
import lunko.engine.Plan;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.Tally;
import lunko.table.RowNames;
import lunko.table.Table;
import lunko.table.Truth;
import lunko.table.Value.TextValue;
import lunko.table.Value;

/** The sentences that explain the steps of one join, naming its actual rows and values. */
final class Why {
    private final Outcome outcome;
    private final Plan plan;
    private final Matching matching;
    private final JoinKind kind;
    private final RowNames leftNames;
    private final RowNames rightNames;

    Why(Outcome outcome) {
        this.outcome = outcome;
        this.plan = outcome.plan();
        this.matching = outcome.matching();
        this.kind = plan.kind();
        this.leftNames = plan.names(Side.LEFT);
        this.rightNames = plan.names(Side.RIGHT);
    }

    /** Why a step happens; {@code landed} is how many rows the result has after it. */
    Phrase of(Step step, long landed) {
        Phrase.Writer text = Phrase.write();
        switch (step) {
            case Step.Start _ -> start(text);
            case Step.Compare compare -> compare(text, compare);
            case Step.Pair pair -> pair(text, pair, landed);
            case Step.KeepLeft(int row) -> keep(text, Side.LEFT, row, landed);
            case Step.KeepRight(int row) -> keep(text, Side.RIGHT, row, landed);
            case Step.Finish _ -> finish(text);
        }
        return text.done();
    }

    private void start(Phrase.Writer text) {
        Tally tally = matching.tally();
        if (kind.compares()) {
            text.plain("Each of the ").plain(rows(tally.leftRows())).plain(" of ");
            table(text, Side.LEFT).plain(" is compared with each of the ").plain(rows(tally.rightRows())).plain(" of ");
            table(text, Side.RIGHT).plain(": " + counted(tally.leftRows() * tally.rightRows(), "comparison") + ".");
        } else {
            text.plain("A cross join compares nothing: each of the ").plain(rows(tally.leftRows())).plain(" of ");
            table(text, Side.LEFT).plain(" meets each of the ").plain(rows(tally.rightRows())).plain(" of ");
            table(text, Side.RIGHT).plain(".");
        }
    }

    private void compare(Phrase.Writer text, Step.Compare step) {
        List<Comparison> comparisons = plan.on().stream().map(equality -> comparison(equality, step)).toList();
        switch (step.verdict()) {
            case TRUE -> text.code(conjunction(comparisons)).plain(" is ").strong("true").plain(": ");
            case FALSE -> sayFalse(text, comparisons);
            case UNKNOWN -> sayUnknown(text, step, comparisons);
        }
        name(text, Side.LEFT, step.left()).plain(" and ");
        name(text, Side.RIGHT, step.right());
        text.plain(step.verdict() == Truth.TRUE ? " are partners." : " are not partners.");
        sayWhoIsLeft(text, step);
    }

    private void sayFalse(Phrase.Writer text, List<Comparison> comparisons) {
        Comparison culprit = comparisons.stream().filter(c -> c.equal() == Truth.FALSE).findFirst().orElseThrow();
        if (comparisons.size() > 1) {
            text.code(conjunction(comparisons)).plain(" is ").strong("false").plain(", because ")
                    .code(equation(culprit)).plain(" is");
        } else {
            text.code(equation(culprit)).plain(" is ").strong("false");
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
        Equality columns = plan.on().get(index);
        if (culprit.left().isNull() && culprit.right().isNull()) {
            text.plain("Neither ");
            name(text, Side.LEFT, step.left()).plain(" nor ");
            name(text, Side.RIGHT, step.right()).plain(" has a key");
        } else {
            Side empty = culprit.left().isNull() ? Side.LEFT : Side.RIGHT;
            int column = empty.of(columns.left(), columns.right());
            name(text, empty, empty.of(step.left(), step.right()))
                    .plain(" has no " + plan.on(empty).columns().get(column).name());
        }
        text.plain(". ").code(conjunction(comparisons)).plain(" is neither true nor false but ")
                .strong("unknown").plain(": ");
    }

    /** After the last comparison of a row it is known that the row has no partner, and what follows from that. */
    private void sayWhoIsLeft(Phrase.Writer text, Step.Compare step) {
        if (step.right() == matching.rightRows() - 1 && matching.partners(step.left()) == 0) {
            text.plain(" That was the last of ");
            table(text, Side.RIGHT).plain(", so ");
            name(text, Side.LEFT, step.left()).plain(" has no partner");
            text.plain(kind.keeps(Side.LEFT) ? "." : ", and " + kind.withArticle() + " leaves it out.");
        }
        if (step.left() == matching.leftRows() - 1 && matching.firstPartner(step.right()).isEmpty()) {
            text.plain(" No row of ");
            table(text, Side.LEFT).plain(" is left for ");
            name(text, Side.RIGHT, step.right());
            text.plain(kind.keeps(Side.RIGHT) ? "." : ", and " + kind.withArticle() + " leaves it out.");
        }
    }

    private void pair(Phrase.Writer text, Step.Pair step, long landed) {
        if (!kind.compares()) text.plain("Nothing is compared: ");
        name(text, Side.LEFT, step.left()).plain(" and ");
        name(text, Side.RIGHT, step.right()).plain(" come into the result as row " + landed + ".");
        if (!kind.compares()) return;
        int earlier = matching.partnersBefore(step.left(), step.right());
        if (earlier > 0) {
            already(text, Side.LEFT, step.left(), matching.partner(step.left(), earlier - 1));
        }
        OptionalInt first = matching.firstPartner(step.right());
        if (first.isPresent() && first.getAsInt() < step.left()) {
            already(text, Side.RIGHT, step.right(), first.getAsInt());
        }
    }

    private void already(Phrase.Writer text, Side side, int row, int earlierPartner) {
        text.plain(" ");
        name(text, side, row).plain(" is there already, with ");
        name(text, side.opposite(), earlierPartner).plain(": a row has as many lines in the result as partners.");
    }

    private void keep(Phrase.Writer text, Side side, int row, long landed) {
        long others = plan.on(side.opposite()).rows().size();
        name(text, side, row).plain(" has no partner among the ").plain(rows(others)).plain(" of ");
        table(text, side.opposite()).plain(". " + capital(kind.withArticle()) + " ").strong("keeps")
                .plain(" it all the same, as row " + landed + ", with ").code("NULL").plain(" in every column of ");
        table(text, side.opposite()).plain(".");
    }

    private void finish(Phrase.Writer text) {
        text.plain(capital(kind.withArticle()) + " of ");
        table(text, Side.LEFT).plain(" and ");
        table(text, Side.RIGHT).plain(" gives ").strong(rows(outcome.size()))
                .plain(": " + kind.arithmetic(matching.tally()) + ".");
        if (!kind.compares()) return;
        List<Phrase> leftOut = new ArrayList<>();
        for (Side side : Side.values()) {
            long alone = side.of(matching.tally().leftAlone(), matching.tally().rightAlone());
            if (kind.keeps(side) || alone == 0) continue;
            leftOut.add(table(Phrase.write().plain(rows(alone) + " of "), side).done());
        }
        if (leftOut.isEmpty()) return;
        text.plain(" Left out for want of a partner: ").phrase(leftOut.getFirst());
        leftOut.stream().skip(1).forEach(more -> text.plain(", ").phrase(more));
        text.plain(".");
    }

    private Comparison comparison(Equality equality, Step.Compare step) {
        return equality.of(plan.left().rows().get(step.left()), plan.right().rows().get(step.right()));
    }

    private Phrase.Writer name(Phrase.Writer text, Side side, int row) {
        return text.in(side.tone(), side.of(leftNames, rightNames).of(row));
    }

    private Phrase.Writer table(Phrase.Writer text, Side side) {
        Table table = plan.on(side);
        return text.in(side.tone(), table.name());
    }

    private static String conjunction(List<Comparison> comparisons) {
        return comparisons.stream().map(Why::equation).collect(Collectors.joining(" AND "));
    }

    private static String equation(Comparison comparison) {
        return literal(comparison.left()) + " = " + literal(comparison.right());
    }

    /** A value as SQL writes it, cut where it would fill the line. */
    private static String literal(Value value) {
        String sql = value.sql();
        return sql.length() <= 30 ? sql : sql.substring(0, 29) + "…";
    }

    private static String rows(long count) {
        return counted(count, "row");
    }

    private static String counted(long count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
