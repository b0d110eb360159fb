package lunko.insight;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Outcome;
import lunko.engine.ResultCell;
import lunko.engine.ResultRow;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.query.Side;

/**
 * What a change to the tables or to the kind of join has done to a result. Rows are the same that come from the same rows of
 * the tables, wherever these stand now.
 *
 * @param before   the result before
 * @param statuses what each row of the result now is, compared with before
 * @param went     the rows of the result before that have gone
 */
public record Changes(Outcome before, Map<ResultRow, Status> statuses, List<ResultRow> went) {
    /** Longer results are not compared. */
    private static final long MOST_ROWS = 20_000;

    /** What a row is, compared with before. */
    public enum Status {
        /** It was there before, with the same values. */
        SAME,
        /** It was not there before. */
        CAME,
        /** It was there before, with other values. */
        CHANGED
    }

    /** The rows of the tables that a row of a result comes from, by their ids. */
    private record Id(List<Long> left, List<Long> right) {}

    /** What has changed from one result to another of the same tables; nothing, if they are of other tables or are too long to be compared. */
    public static Optional<Changes> between(Outcome before, Outcome now) {
        if (before.size() > MOST_ROWS || now.size() > MOST_ROWS || !comparable(before, now)) return Optional.empty();
        Map<Id, ResultRow> old = new LinkedHashMap<>();
        for (ResultRow row : before.rows()) old.put(id(before, row), row);
        Map<ResultRow, Status> statuses = new HashMap<>();
        for (ResultRow row : now.rows()) {
            ResultRow was = old.remove(id(now, row));
            if (was == null) statuses.put(row, Status.CAME);
            else if (!values(before, was).equals(values(now, row))) statuses.put(row, Status.CHANGED);
        }
        return Optional.of(new Changes(before, Map.copyOf(statuses), List.copyOf(old.values())));
    }

    private static boolean comparable(Outcome before, Outcome now) {
        return Stream.of(Side.values()).allMatch(side -> before.join().on(side).title().equals(now.join().on(side).title()));
    }

    private static Id id(Outcome outcome, ResultRow row) {
        return new Id(ids(outcome, row, Side.LEFT), ids(outcome, row, Side.RIGHT));
    }

    private static List<Long> ids(Outcome outcome, ResultRow row, Side side) {
        OptionalInt source = row.source(side);
        List<Long> ids = new ArrayList<>();
        if (source.isPresent()) addIds(outcome.join().on(side), source.getAsInt(), ids);
        return ids;
    }

    private static void addIds(Stage stage, int row, List<Long> ids) {
        if (stage instanceof Source source) ids.add(source.table().rows().get(row).id());
        for (Stage.Origin origin : stage.origins(row)) {
            ids.add((long) -1 - origin.input());
            addIds(stage.inputs().get(origin.input()), origin.row(), ids);
        }
    }

    private static List<ResultCell> values(Outcome outcome, ResultRow row) {
        return outcome.columns().stream().map(column -> outcome.cell(row, column)).toList();
    }

    /** What a row of the result now is, compared with before. */
    public Status of(ResultRow row) {
        return statuses.getOrDefault(row, Status.SAME);
    }

    /** How many rows of the result now are so. */
    public long count(Status status) {
        return statuses.values().stream().filter(status::equals).count();
    }

    /** Whether anything has changed. */
    public boolean isEmpty() {
        return statuses.isEmpty() && went.isEmpty();
    }

    /** What has changed, in a few words: {@code 2 came, 1 went}. */
    public String said() {
        long[] counts = {count(Status.CAME), went.size(), count(Status.CHANGED)};
        String[] words = {"came", "went", "changed"};
        return String.join(", ", IntStream.range(0, counts.length).filter(i -> counts[i] > 0).mapToObj(i -> counts[i] + " " + words[i]).toList());
    }
}
