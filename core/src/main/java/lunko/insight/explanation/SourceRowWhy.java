package lunko.insight.explanation;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.Equality;
import lunko.engine.JoinResult;
import lunko.engine.RowPairs;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.phrase.Words;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.table.Value;

/**
 * What becomes of a row that is joined, and why: that it is in the result once, several times or not at all.
 *
 * @param row counted from 0
 */
public record SourceRowWhy(JoinResult outcome, Side side, int row) {

    /** It in a sentence or two; nothing, where too many rows match to be counted. */
    public Optional<Phrase> said() {
        if (!outcome.kind().compares()) return Optional.of(crossed());
        return outcome.matching().map(matching -> {
            List<Integer> matched = matched(matching.pairs());
            return outcome.kind().only().map(only -> only == side ? alone(matched) : beside(only, matched))
                    .orElseGet(() -> paired(matched));
        });
    }

    private List<Integer> matched(RowPairs pairs) {
        return side == Side.LEFT ? IntStream.range(0, pairs.count(row)).mapToObj(n -> pairs.right(row, n)).toList()
                : IntStream.range(0, pairs.leftRows()).filter(left -> pairs.has(left, row)).boxed().toList();
    }

    private Phrase crossed() {
        long times = other().rows().size();
        return self().plain(times == 0 ? " is not in the result: " : " is in the result " + times(times) + ": ")
                .plain(times == 0 ? "there is no row of " : "once with every row of ").in(side.opposite().tone(),
                        other().title())
                .plain(times == 0 ? " to be put beside it." : ".").done();
    }

    /** In a join that puts pairs together. */
    private Phrase paired(List<Integer> matched) {
        JoinKind kind = outcome.kind();
        boolean takes = kind.takesAlone(side);
        if (!matched.isEmpty() && !kind.bringsPairs())
            return matches(self().plain(" is not in the result: it matches "), matched)
                    .plain(", and " + kind.withArticle() + " takes only rows without a match.").done();
        if (matched.size() == 1) return matches(self().plain(" is in the result once: it matches "), matched)
                .plain(".").done();
        if (!matched.isEmpty())
            return matches(self().plain(" is in the result " + times(matched.size()) + ", once for each match: "),
                    matched).plain(".").done();
        Phrase.Writer none = none(self().plain(takes ? " is in the result once, although it matches no row of "
                : " is not in the result: it matches no row of "));
        if (takes) return none.plain(": " + kind.withArticle() + " keeps it" + (kind.bringsPairs() ? ", with NULL for "
                + "the columns of " + other().title() : "") + ".").done();
        return none.plain(", and " + kind.withArticle() + " does not keep rows of ").in(side.tone(), own().title())
                .plain(" without a match.").done();
    }

    /** In a join that gives rows of this side alone. */
    private Phrase alone(List<Integer> matched) {
        JoinKind kind = outcome.kind();
        boolean wantsMatch = kind.takesPartnered();
        if (outcome.matches(side, row) == Truth.UNKNOWN)
            return self().plain(" is not in the result: a NULL is compared with it, so that it is ").strong("unknown")
                    .plain(" whether there is a match, and only what surely has none is taken.").done();
        if (matched.isEmpty())
            return none(self().plain(wantsMatch ? " is not in the result: it matches no row of "
                    : " is in the result, because it matches no row of ")).plain(".").done();
        Phrase.Writer some = matches(self().plain(wantsMatch ? " is in the result once: it matches "
                : " is not in the result: it matches "), matched);
        return some.plain(!wantsMatch || matched.size() == 1 ? "."
                : ", and one match is enough.").done();
    }

    /** In a join that gives rows of the other side alone. */
    private Phrase beside(Side only, List<Integer> matched) {
        String kind = Words.capital(outcome.kind().withArticle());
        Phrase.Writer said = Phrase.write().plain(kind + " gives rows of ").in(only.tone(), other().title())
                .plain(" alone. ");
        Phrase.Writer named = said.in(side.tone(), own().name(row));
        return matched.isEmpty() ? none(named.plain(" matches no row of ")).plain(".").done()
                : matches(named.plain(" matches "), matched).plain(".").done();
    }

    private Stage own() {
        return outcome.join().on(side);
    }

    private Stage other() {
        return outcome.join().on(side.opposite());
    }

    private Phrase.Writer self() {
        return Phrase.write().in(side.tone(), own().name(row));
    }

    private Phrase.Writer matches(Phrase.Writer before, List<Integer> matched) {
        return before.in(side.opposite().tone(), Words.some(matched.stream().map(other()::label).toList()));
    }

    /** That no row of the other side matches, and why: its key is NULL, or nobody has it. */
    private Phrase.Writer none(Phrase.Writer before) {
        before.in(side.opposite().tone(), other().title());
        if (!outcome.join().on().isEquality()) return before;
        List<Equality> on = outcome.join().on().equal();
        List<Value> values = own().rows().get(row);
        Optional<Equality> missing = on.stream().filter(one -> values.get(one.on(side)).isNull()).findFirst();
        if (missing.isPresent())
            return before.plain(" (its " + column(missing.get()) + " is NULL, and NULL never matches)");
        return before.plain(" (" + String.join(", ", on.stream()
                .map(one -> "its " + column(one) + " is " + values.get(one.on(side)).shown()).toList()) + ")");
    }

    private String column(Equality equality) {
        return own().headings().get(equality.on(side)).name();
    }

    private static String times(long number) {
        return number == 1 ? "once" : number == 2 ? "twice" : Words.number(number) + " times";
    }
}
