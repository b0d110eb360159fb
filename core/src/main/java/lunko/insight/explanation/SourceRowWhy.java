package lunko.insight.explanation;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.JoinResult;
import lunko.engine.RowPairs;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.table.Value;
import lunko.words.Language;
import lunko.words.ResultSentences.Key;
import lunko.words.Sentence;

/**
 * What becomes of a row that is joined, and why: that it is in the result once, several times or not at all.
 *
 * @param kind the kind of join that is asked about, which may be another than that of the outcome where it is certain
 * which rows match
 * @param row counted from 0
 */
public record SourceRowWhy(JoinResult outcome, JoinKind kind, Side side, int row) {

    /** What becomes of a row in a join as it is. */
    public SourceRowWhy(JoinResult outcome, Side side, int row) {
        this(outcome, outcome.kind(), side, row);
    }

    /** It in a sentence or two; nothing, where too many rows match to be counted. */
    public Optional<Sentence> said() {
        if (!kind.compares()) return Optional.of(this::crossed);
        return outcome.matching().map(matching -> {
            List<Integer> matched = matched(matching.pairs());
            return in -> kind.only()
                    .map(only -> only == side ? alone(matched, in) : beside(only, matched, in))
                    .orElseGet(() -> paired(matched, in));
        });
    }

    private List<Integer> matched(RowPairs pairs) {
        return side == Side.LEFT ? IntStream.range(0, pairs.count(row)).mapToObj(n -> pairs.right(row, n)).toList()
                : IntStream.range(0, pairs.leftRows()).filter(left -> pairs.has(left, row)).boxed().toList();
    }

    private Phrase crossed(Language in) {
        long times = other().rows().size();
        return times == 0 ? in.results().crossedWithNothing(self(in), other(in))
                : in.results().crossed(self(in), times, other(in));
    }

    /** In a join that puts pairs together. */
    private Phrase paired(List<Integer> matched, Language in) {
        if (matched.isEmpty()) return kind.takesAlone(side)
                ? in.results().isKept(self(in), keys(), kind, other(in))
                : in.results().isNotKept(self(in), keys(), kind, own(in), other(in));
        return kind.bringsPairs() ? in.results().isThere(self(in), names(matched, in), other(in))
                : in.results().isLeftOut(self(in), names(matched, in), kind, other(in));
    }

    /** In a join that gives rows of this side alone. */
    private Phrase alone(List<Integer> matched, Language in) {
        if (outcome.matches(side, row) == Truth.UNKNOWN) return in.results().isUnknown(self(in));
        if (matched.isEmpty()) return kind.takesMatched() ? in.results().wantsMatch(self(in), keys(), other(in))
                : in.results().isTakenUnmatched(self(in), keys(), other(in));
        return kind.takesMatched() ? in.results().isTaken(self(in), names(matched, in), other(in))
                : in.results().isLeftOut(self(in), names(matched, in), kind, other(in));
    }

    /** In a join that gives rows of the other side alone. */
    private Phrase beside(Side only, List<Integer> matched, Language in) {
        Phrase table = Phrase.of(in.names().rows(outcome.join().on(only).title()), only.tone());
        return matched.isEmpty() ? in.results().gives(kind, table, self(in), keys(), other(in))
                : in.results().gives(kind, table, self(in), names(matched, in));
    }

    private Stage own() {
        return outcome.join().on(side);
    }

    private Stage other() {
        return outcome.join().on(side.opposite());
    }

    private Phrase self(Language in) {
        return Phrase.of(in.names().row(own().name(row)), side.tone());
    }

    private Phrase own(Language in) {
        return Phrase.of(in.names().rows(own().title()), side.tone());
    }

    private Phrase other(Language in) {
        return Phrase.of(in.names().rows(other().title()), side.opposite().tone());
    }

    private List<String> names(List<Integer> matched, Language in) {
        return matched.stream().map(at -> in.names().shortRow(other().name(at))).toList();
    }

    /** The values of the key, where rows match by equal keys alone. */
    private List<Key> keys() {
        if (!outcome.join().on().isEquality()) return List.of();
        List<Value> values = own().rows().get(row);
        return outcome.join().on().equal().stream().map(one -> new Key(own().headings().get(one.on(side)).name(),
                values.get(one.on(side)).shown(), values.get(one.on(side)).isNull())).toList();
    }
}
