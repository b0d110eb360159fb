package lunko.insight.comparison;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import lunko.engine.Stage;

/**
 * Several results beside each other, by the rows of the tables that their rows come from: a line has what is the same
 * row in each, and nothing where a result lacks it. The rows of each result keep their order as far as that can be.
 */
public record Alignment(List<Stage> results, List<Line> lines) {
    /** More lines than that are not shown. */
    public static final int MOST = 200;

    /** The row that each result has there, counted from 0. */
    public record Line(List<OptionalInt> rows) {

        /** Whether no result lacks it. */
        public boolean isEverywhere() {
            return rows.stream().allMatch(OptionalInt::isPresent);
        }

        /** The first result that has it. */
        public int first() {
            return (int) rows.stream().takeWhile(OptionalInt::isEmpty).count();
        }
    }

    /** A row by what it comes from; the same may be there several times. */
    private record Key(List<String> sources, int time) {}

    /** Lines up the first rows of results. */
    public static Alignment of(List<Stage> results) {
        List<Key> order = new ArrayList<>();
        List<Map<Key, Integer>> rows = new ArrayList<>();
        for (Stage result : results) {
            Map<Key, Integer> own = new HashMap<>();
            Map<List<String>, Integer> times = new HashMap<>();
            int place = 0;
            for (int row = 0; row < Math.min(MOST, result.rows().size()); row++) {
                List<String> sources = Sources.named(result, row);
                Key key = new Key(sources, times.merge(sources, 1, Integer::sum));
                own.put(key, row);
                int known = order.indexOf(key);
                if (known < 0) order.add(place++, key);
                else place = known + 1;
            }
            rows.add(own);
        }
        return new Alignment(List.copyOf(results), order.stream().map(key -> new Line(rows.stream()
                .map(own -> own.containsKey(key) ? OptionalInt.of(own.get(key)) : OptionalInt.empty()).toList()))
                .toList());
    }

    /** Whether all rows of all results are in it. */
    public boolean isWhole() {
        return results.stream().allMatch(result -> result.rows().size() <= MOST);
    }

    /** How many rows a result has that another lacks. */
    public long onlyIn(int result, int other) {
        return lines.stream().filter(line -> line.rows().get(result).isPresent() && line.rows().get(other).isEmpty())
                .count();
    }
}
