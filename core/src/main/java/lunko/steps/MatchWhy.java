package lunko.steps;

import static lunko.phrase.Words.capital;
import static lunko.phrase.Words.counted;
import static lunko.phrase.Words.rows;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import lunko.engine.Comparison;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.RowPairs;
import lunko.engine.JoinCondition;
import lunko.phrase.Phrase;
import lunko.phrase.Words;
import lunko.query.JoinKind;
import lunko.query.Side;

/** The sentences that explain the steps of one join, naming its actual rows and values. */
final class MatchWhy {
    private final JoinResult outcome;
    private final JoinWords words;
    private final CompareWhy compared;
    private final Join join;
    private final JoinCondition on;
    private final JoinKind kind;
    private final Side outer;
    /** With the outer rows on the left. */
    private final RowPairs decisions;
    private final JoinAlgorithm algorithm;
    private final JoinAlgorithm wished;
    private final JoinPlan plan;
    private final long comparisons;
    MatchWhy(JoinResult outcome, JoinAlgorithm algorithm, JoinAlgorithm wished, JoinPlan plan, long comparisons) {
        this.outcome = outcome;
        this.join = outcome.join();
        this.decisions = outcome.decisions().pairs();
        this.words = new JoinWords(join, decisions);
        this.compared = new CompareWhy(words, algorithm);
        this.on = join.on();
        this.kind = join.kind();
        this.outer = kind.outer();
        this.algorithm = algorithm;
        this.wished = wished;
        this.plan = plan;
        this.comparisons = comparisons;
    }

    /** Why a step happens; {@code landed} is how many rows the result has after it. */
    Phrase of(Step step, long landed) {
        Phrase.Writer text = Phrase.write();
        switch (step) {
            case Step.Start _ -> start(text);
            case Step.Place(Side side, int row) -> place(text, side, row);
            case Step.Sort(Side side) -> sort(text, side);
            case Step.Look(Side side, int row) -> look(text, side, row);
            case Step.Compare compare -> compared.say(text, compare);
            case Step.Pair pair -> pair(text, pair, landed);
            case Step.Keep(Side side, int row) -> keep(text, side, row, landed);
            case Step.Take(Side side, int row) -> take(text, side, row, landed);
            case Step.Finish _ -> finish(text);
        }
        return text.done();
    }

    private void start(Phrase.Writer text) {
        if (algorithm != wished && kind.compares()) {
            text.plain("There is no equality here to go " + wished.title() + ", so it goes row by row. ");
        }
        switch (algorithm) {
            case ROWS -> startRowByRow(text);
            case BUCKETS -> {
                words.table(text.plain("The ").plain(rows(words.inners())).plain(" of "), words.inner())
                        .plain(" are put into buckets of equal " + keyNames(words.inner()) + ". Then each of the ")
                        .plain(rows(words.outers()))
                        .plain(" of ");
                words.table(text, outer).plain(" is compared with the rows of its own bucket alone.");
            }
            case MERGE -> {
                words.table(text.plain("Both sides are sorted by key. Then "), outer).plain(" and ");
                words.table(text, words.inner())
                        .plain(" are gone through side by side: whichever has the smaller key moves on.");
            }
        }
        if (kind.stopsAtFirst() && algorithm != JoinAlgorithm.ROWS) stops(text.plain(" "));
    }

    private void startRowByRow(Phrase.Writer text) {
        if (!kind.compares()) {
            text.plain("A cross join compares nothing: each of the ").plain(rows(words.outers())).plain(" of ");
            words.table(text, outer).plain(" meets each of the ").plain(rows(words.inners())).plain(" of ");
            words.table(text, words.inner()).plain(".");
        } else if (kind.stopsAtFirst()) {
            text.plain("Each of the ").plain(rows(words.outers())).plain(" of ");
            words.table(text, outer).plain(" is compared with rows of ");
            words.table(text, words.inner()).plain(" until one decides. ");
            stops(text);
        } else {
            text.plain("Each of the ").plain(rows(words.outers())).plain(" of ");
            words.table(text, outer).plain(" is compared with each of the ").plain(rows(words.inners())).plain(" of ");
            words.table(text, words.inner()).plain(": " + counted(comparisons, "comparison") + ".");
        }
    }

    private void stops(Phrase.Writer text) {
        if (kind.takesPartnered()) {
            text.plain("One partner is enough for " + kind.withArticle() + ".");
        } else if (on.notIn().isPresent()) {
            text.plain(
                    "NOT IN takes a row only if it is certainly equal to none: one that is equal, and one of which "
                            + "it is ")
                    .strong("unknown").plain(", both keep it out.");
        } else {
            text.plain("One partner is enough to keep a row out of " + kind.withArticle() + ".");
        }
    }

    private void place(Phrase.Writer text, Side side, int row) {
        words.name(text, side, row);
        if (hasNoKey(side, row)) {
            text.plain(" has no " + missing(side, row) + " and goes into no bucket: ").code("NULL")
                    .plain(" is equal to nothing.");
        } else {
            text.plain(" goes into the bucket ").code(key(side, row)).plain(".");
        }
    }

    private void sort(Phrase.Writer text, Side side) {
        List<Integer> sorted = SortMergeJoin.sorted(join, side);
        words.table(text, side).plain(" by " + keyNames(side) + ": ");
        text.plain(sorted.isEmpty() ? "no row has a key"
                : Words.some(sorted.stream().map(row -> join.on(side).name(row) + " " + key(side, row)).toList()));
        text.plain(".");
        int without = join.on(side).rows().size() - sorted.size();
        if (without > 0) {
            text.plain(" " + rows(without) + " without a key " + (without == 1 ? "is" : "are") + " put aside: ")
                    .code("NULL")
                    .plain(" is equal to nothing.");
        }
    }

    private void look(Phrase.Writer text, Side side, int row) {
        words.name(text, side, row);
        if (hasNoKey(side, row)) {
            text.plain(" has no " + missing(side, row) + " and looks into no bucket, so it has no partner");
            words.leftOut(text, row);
            return;
        }
        int found = plan instanceof HashJoin(var _, var _, RowPairs buckets) ? buckets.count(row) : 0;
        text.plain(" looks into the bucket ").code(key(side, row));
        if (found > 0) {
            text.plain(": " + rows(found) + " of ");
            words.table(text, words.inner()).plain(found == 1 ? " is there." : " are there.");
        } else {
            text.plain(", and there is none, so it has no partner");
            words.leftOut(text, row);
        }
    }

    private boolean hasNoKey(Side side, int row) {
        return on.equal().stream().anyMatch(equality -> join.row(side, row).get(equality.on(side)).isNull());
    }

    private String missing(Side side, int row) {
        return on.equal().stream().filter(equality -> join.row(side, row).get(equality.on(side)).isNull()).findFirst()
                .map(equality -> words.column(side, equality)).orElseThrow();
    }

    private String key(Side side, int row) {
        return on.equal().stream().map(equality -> Comparison.literal(join.row(side, row).get(equality.on(side))))
                .collect(Collectors.joining(", "));
    }

    private String keyNames(Side side) {
        return on.equal().stream().map(equality -> words.column(side, equality)).collect(Collectors.joining(", "));
    }

    private void pair(Phrase.Writer text, Step.Pair step, long landed) {
        if (!kind.compares()) text.plain("Nothing is compared: ");
        words.name(text, Side.LEFT, step.left()).plain(" and ");
        words.name(text, Side.RIGHT, step.right()).plain(" come into the result as row " + landed + ".");
        if (!kind.compares()) return;
        int earlier = decisions.before(step.left(), step.right());
        if (earlier > 0) {
            already(text, Side.LEFT, step.left(), decisions.right(step.left(), earlier - 1));
        }
        OptionalInt first = decisions.firstLeft(step.right());
        if (first.isPresent() && first.getAsInt() < step.left()) {
            already(text, Side.RIGHT, step.right(), first.getAsInt());
        }
    }

    private void already(Phrase.Writer text, Side side, int row, int earlierPartner) {
        text.plain(" ");
        words.name(text, side, row).plain(" is there already, with ");
        words.name(text, side.opposite(), earlierPartner).plain(": a row has as many lines in the result as partners.");
    }

    private void keep(Phrase.Writer text, Side side, int row, long landed) {
        long others = join.on(side.opposite()).rows().size();
        words.name(text, side, row).plain(" has no partner among the ").plain(rows(others)).plain(" of ");
        words.table(text, side.opposite())
                .plain((kind.takesPartnered() ? ". " + capital(kind.withArticle()) : ", and " + kind.withArticle())
                        + " ")
                .strong("keeps")
                .plain((kind.takesPartnered() ? " it all the same" : " it") + ", as row " + landed + ", with ")
                .code("NULL").plain(" in every column of ");
        words.table(text, side.opposite()).plain(".");
    }

    private void take(Phrase.Writer text, Side side, int row, long landed) {
        words.name(text, side, row).plain(kind.takesPartnered() ? " has a partner" : " has no partner among the "
                + rows(join.on(side.opposite()).rows().size()) + " of ");
        if (!kind.takesPartnered()) words.table(text, side.opposite());
        text.plain(", so " + kind.withArticle() + " takes it as row " + landed + ", with its own columns alone.");
    }

    private void finish(Phrase.Writer text) {
        words.table(text.plain(capital(kind.withArticle()) + " of "), Side.LEFT).plain(" and ");
        words.table(text, Side.RIGHT).plain(" gives ").strong(rows(outcome.size()))
                .plain(": " + outcome.arithmetic() + ".");
        if (algorithm != JoinAlgorithm.ROWS) {
            text.plain(" It took " + counted(comparisons, "comparison") + "; row by row it "
                    + (kind.stopsAtFirst() ? "would take up to " : "takes ") + words.outers() * words.inners() + ".");
        }
        if (algorithm == JoinAlgorithm.MERGE) {
            text.plain(" The rows are listed in the order of ");
            words.table(text, outer).plain(" again.");
        }
        if (!kind.compares() || kind.stopsAtFirst()) return;
        List<Phrase> leftOut = new ArrayList<>();
        for (Side side : Side.values()) {
            long alone = side.of(decisions.leftAlone(), (long) decisions.rightAlone());
            if (kind.keeps(side) || alone == 0) continue;
            leftOut.add(words.table(Phrase.write().plain(rows(alone) + " of "), side).done());
        }
        if (leftOut.isEmpty()) return;
        text.plain(" Left out for want of a partner: ").phrase(leftOut.getFirst());
        leftOut.stream().skip(1).forEach(more -> text.plain(", ").phrase(more));
        text.plain(".");
    }
}
