package lunko.insight.picture;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.ValueOrder;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.table.Value;
import lunko.words.Language;
import lunko.words.ResultSentences.KeyPairs;

/** Left rows by right rows, with the verdict on each two of them. Rows are counted from 0. */
public record PairGrid(JoinResult outcome) {

    private static final int MOST_KEYS = 6;

    /** The grid of a result. */
    public static PairGrid of(JoinResult outcome) {
        return new PairGrid(outcome);
    }

    /** How many rows it has. */
    public int lefts() {
        return outcome.join().left().rows().size();
    }

    /** How many columns it has. */
    public int rights() {
        return outcome.join().right().rows().size();
    }

    /** The verdict on two rows; without a condition it is true for all. */
    public Truth verdict(int left, int right) {
        Join join = outcome.join();
        return join.kind().compares() ? join.verdict(left, right) : Truth.TRUE;
    }

    /** How many pairs a row of a side is in; one of which it is unknown is none. */
    public long pairs(Side side, int row) {
        return count(side, row, Truth.TRUE);
    }

    /** Of how many rows it is unknown whether they match a row of a side. */
    public long unknown(Side side, int row) {
        return count(side, row, Truth.UNKNOWN);
    }

    private long count(Side side, int row, Truth wanted) {
        return IntStream.range(0, side.of(rights(), lefts()))
                .filter(other -> verdict(side.of(row, other), side.of(other, row)) == wanted).count();
    }

    /** Whether a row that is in no pair comes into the result all the same. */
    public boolean keeps(Side side, int row) {
        return outcome.takesAlone(side, row);
    }

    /**
     * How the pairs come about key by key, those of the most pairs first:
     * {@code 3 pairs: 11 gives 2 × 1, 12 gives 1 × 1}; nothing, where rows do not meet by equal keys alone.
     */
    public Optional<String> sumByKeys(Language in) {
        Join join = outcome.join();
        if (!join.kind().compares() || !join.on().isEquality()) return Optional.empty();
        Map<List<Object>, long[]> keys = new LinkedHashMap<>();
        Map<List<Object>, List<Value>> shown = new HashMap<>();
        for (Side side : Side.values()) {
            for (List<Value> row : join.on(side).rows()) {
                List<Value> key = join.on().equal().stream().map(equality -> row.get(equality.on(side))).toList();
                if (key.stream().anyMatch(Value::isNull)) continue;
                List<Object> identity = ValueOrder.identity(key);
                keys.computeIfAbsent(identity, _ -> new long[2])[side.ordinal()]++;
                shown.putIfAbsent(identity, key);
            }
        }
        List<Map.Entry<List<Object>, long[]>> meeting =
                keys.entrySet().stream().filter(key -> pairs(key) > 0)
                        .sorted(Comparator.comparingLong(
                                (Map.Entry<List<Object>, long[]> key) -> -pairs(key)))
                        .toList();
        return Optional.of(in.results().pairsByKey(meeting.stream().mapToLong(PairGrid::pairs).sum(),
                meeting.stream().limit(MOST_KEYS).map(key -> new KeyPairs(
                        shown.get(key.getKey()).stream().map(Value::shown).collect(Collectors.joining(", ")),
                        key.getValue()[0], key.getValue()[1])).toList(),
                Math.max(0, meeting.size() - MOST_KEYS)));
    }

    /** How the number of rows of the result follows from the grid, in a sentence. */
    public String sum(Language in) {
        return in.results().sum(outcome.size(), outcome.sum());
    }

    private static long pairs(Map.Entry<List<Object>, long[]> key) {
        return key.getValue()[0] * key.getValue()[1];
    }
}
