package lunko.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.JoinResult;
import lunko.engine.RowPairs;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.words.Language;
import lunko.words.MatchSentences.RowsOf;

/** What explains the steps of one join, naming its actual rows and values. */
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

    /** What is done, as a heading. */
    Phrase title(Language in) {
        return in.matching().title(words.table(Side.LEFT, in), words.table(Side.RIGHT, in), kind,
                algorithm.title(in));
    }

    /** Why a step happens; {@code landed} is how many rows the result has after it. */
    Phrase of(Step step, long landed, Language in) {
        return switch (step) {
            case Step.Start _ -> start(in);
            case Step.Place(Side side, int row) -> place(side, row, in);
            case Step.Sort(Side side) -> sort(side, in);
            case Step.Look(Side side, int row) -> look(side, row, in);
            case Step.Compare compare -> compared.of(compare, in);
            case Step.Pair pair -> pair(pair, landed, in);
            case Step.Keep(Side side, int row) -> in.matching().kept(words.name(side, row, in),
                    words.rowsOf(side.opposite(), in), kind, landed);
            case Step.Take(Side side, int row) -> take(side, row, landed, in);
            case Step.Finish _ -> finish(in);
        };
    }

    private Phrase start(Language in) {
        Phrase wish = algorithm != wished && kind.compares() ? in.matching().noEquality(wished.title(in))
                : Phrase.EMPTY;
        RowsOf outers = words.rowsOf(outer, in);
        RowsOf inners = words.rowsOf(words.inner(), in);
        Phrase how = switch (algorithm) {
            case NESTED_LOOP -> {
                if (!kind.compares()) yield in.matching().crosses(outers, inners);
                yield kind.stopsAtFirst() ? in.matching().comparesUntilDecided(outers, inners.table())
                        : in.matching().comparesAll(outers, inners, comparisons);
            }
            case HASH -> in.matching().comparesInBuckets(inners, words.keys(words.inner()), outers);
            case SORT_MERGE -> in.matching().comparesInOrder(outers.table(), inners.table());
        };
        return Phrase.joined(wish, how, kind.compares() && kind.stopsAtFirst() ? stops(in) : Phrase.EMPTY);
    }

    private Phrase stops(Language in) {
        if (kind.takesMatched()) return in.matching().oneMatchTakes(kind);
        return on.notIn().isPresent() ? in.matching().notInTakes() : in.matching().oneMatchLeavesOut(kind);
    }

    private Phrase place(Side side, int row, Language in) {
        Phrase name = words.name(side, row, in);
        return words.missing(side, row).map(column -> in.matching().goesIntoNoBucket(name, column))
                .orElseGet(() -> in.matching().goesIntoBucket(name, words.key(side, row)));
    }

    private Phrase sort(Side side, Language in) {
        List<Integer> sorted = SortMergeJoin.sorted(join, side);
        Phrase order = in.matching().sorted(words.table(side, in), words.keys(side), sorted.stream()
                .map(row -> in.names().row(join.on(side).name(row)) + " " + words.key(side, row)).toList());
        int without = join.on(side).rows().size() - sorted.size();
        return without == 0 ? order : Phrase.joined(order, in.matching().setAside(without));
    }

    private Phrase look(Side side, int row, Language in) {
        Phrase name = words.name(side, row, in);
        Optional<String> missing = words.missing(side, row);
        if (missing.isPresent()) return in.matching().looksNowhere(name, missing.get(), words.leavingOut(row));
        int found = plan instanceof HashJoin(var _, var _, RowPairs buckets) ? buckets.count(row) : 0;
        return found == 0 ? in.matching().findsNoBucket(name, words.key(side, row), words.leavingOut(row))
                : in.matching().findsInBucket(name, words.key(side, row),
                        new RowsOf(found, words.table(words.inner(), in)));
    }

    private Phrase pair(Step.Pair step, long landed, Language in) {
        Phrase left = words.name(Side.LEFT, step.left(), in);
        Phrase right = words.name(Side.RIGHT, step.right(), in);
        if (!kind.compares()) return in.matching().pairedWithoutComparison(left, right, landed);
        List<Phrase> said = new ArrayList<>(List.of(in.matching().paired(left, right, landed)));
        int earlier = decisions.before(step.left(), step.right());
        if (earlier > 0) said.add(in.matching().repeated(left,
                words.name(Side.RIGHT, decisions.right(step.left(), earlier - 1), in)));
        OptionalInt first = decisions.firstLeft(step.right());
        if (first.isPresent() && first.getAsInt() < step.left())
            said.add(in.matching().repeated(right, words.name(Side.LEFT, first.getAsInt(), in)));
        return Phrase.joined(" ", said);
    }

    private Phrase take(Side side, int row, long landed, Language in) {
        Phrase name = words.name(side, row, in);
        return kind.takesMatched() ? in.matching().takenMatched(name, kind, landed)
                : in.matching().takenUnmatched(name, words.rowsOf(side.opposite(), in), kind, landed);
    }

    private Phrase finish(Language in) {
        List<Phrase> said = new ArrayList<>();
        said.add(in.matching().gives(kind, words.table(Side.LEFT, in), words.table(Side.RIGHT, in), outcome.size(),
                in.counts().sum(outcome.sum())));
        if (algorithm != JoinAlgorithm.NESTED_LOOP) said.add(in.matching().comparisons(comparisons,
                words.outers() * words.inners(), kind.stopsAtFirst()));
        if (algorithm == JoinAlgorithm.SORT_MERGE) said.add(in.matching().inOrderOf(words.table(outer, in)));
        List<RowsOf> leftOut = leftOut(in);
        if (!leftOut.isEmpty()) said.add(in.matching().leftOut(leftOut));
        return Phrase.joined(" ", said);
    }

    private List<RowsOf> leftOut(Language in) {
        List<RowsOf> leftOut = new ArrayList<>();
        if (!kind.compares() || kind.stopsAtFirst()) return leftOut;
        for (Side side : Side.values()) {
            long alone = side.of(decisions.leftAlone(), (long) decisions.rightAlone());
            if (!kind.keeps(side) && alone > 0) leftOut.add(new RowsOf(alone, words.table(side, in)));
        }
        return leftOut;
    }
}
