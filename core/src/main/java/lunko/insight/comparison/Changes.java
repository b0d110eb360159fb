package lunko.insight.comparison;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.query.Side;
import lunko.words.Language;

/**
 * What a change to the tables or to the query has done to a result. Rows are the same that come from the same rows of
 * the tables, wherever these stand now.
 *
 * @param <S> what the result is one of: a join, or a stage of a query
 * @param <R> what its rows are
 * @param before the result before
 * @param statuses what each row of the result now is, compared with before
 * @param removed the rows of the result before that have gone
 */
public record Changes<S, R>(S before, Map<R, Status> statuses, List<R> removed) {
    /** Longer results are not compared. */
    public static final long MOST_ROWS = 20_000;

    /** What a row is, compared with before. */
    public enum Status {
        /** It was there before, with the same values. */
        SAME,
        /** It was not there before. */
        ADDED,
        /** It was there before, with other values. */
        CHANGED;

        /** It in a word; nothing of what is the same. */
        public String said(Language in) {
            return switch (this) {
                case SAME -> "";
                case ADDED -> in.results().isNew();
                case CHANGED -> in.results().isChanged();
            };
        }
    }

    /** What tells a row from others, and what stands in it. */
    private record Told<R>(R row, Object id, List<ResultCell> cells) {}

    /**
     * What has changed from one result to another of the same tables; nothing, if they are of other tables, have other
     * columns or are too long to be compared.
     */
    public static Optional<Changes<JoinResult, ResultRow>> between(JoinResult before, JoinResult now) {
        if (before.size() > MOST_ROWS || now.size() > MOST_ROWS || !comparable(before, now)) return Optional.empty();
        return Optional.of(between(before, rows(before), rows(now)));
    }

    /**
     * What has changed from the rows of one stage to those of another, rows counted from 0; nothing, if they have other
     * columns or are too long to be compared. A group stays the same as long as it has the same values to group by.
     */
    public static Optional<Changes<Stage, Integer>> between(Stage before, Stage now) {
        if (before.rows().size() > MOST_ROWS || now.rows().size() > MOST_ROWS || !names(before).equals(names(now)))
            return Optional.empty();
        return Optional.of(between(before, rows(before), rows(now)));
    }

    private static <S, R> Changes<S, R> between(S before, List<Told<R>> were, List<Told<R>> are) {
        Map<Object, Deque<Told<R>>> old = new LinkedHashMap<>();
        for (Told<R> row : were) old.computeIfAbsent(row.id(), _ -> new ArrayDeque<>()).add(row);
        Map<R, Status> statuses = new HashMap<>();
        for (Told<R> row : are) {
            Told<R> was = old.getOrDefault(row.id(), new ArrayDeque<>()).poll();
            if (was == null) statuses.put(row.row(), Status.ADDED);
            else if (!was.cells().equals(row.cells())) statuses.put(row.row(), Status.CHANGED);
        }
        return new Changes<>(before, Map.copyOf(statuses),
                old.values().stream().flatMap(Deque::stream).map(Told::row).toList());
    }

    private static List<Told<ResultRow>> rows(JoinResult outcome) {
        return outcome.rows().stream()
                .map(row -> new Told<>(row, List.of(ids(outcome, row, Side.LEFT), ids(outcome, row, Side.RIGHT)),
                        outcome.columns().stream().map(column -> outcome.cell(row, column)).toList()))
                .toList();
    }

    private static List<Told<Integer>> rows(Stage stage) {
        return IntStream.range(0, stage.rows().size()).mapToObj(row -> new Told<>(row, Sources.of(stage, row),
                IntStream.range(0, stage.headings().size()).mapToObj(column -> ResultCell.of(stage, row, column))
                        .toList()))
                .toList();
    }

    private static List<String> names(Stage stage) {
        return stage.headings().stream().map(Stage.Heading::name).toList();
    }

    private static List<String> names(JoinResult outcome, Side side) {
        return outcome.columns(side).stream().map(outcome::name).toList();
    }

    private static boolean comparable(JoinResult before, JoinResult now) {
        return Stream.of(Side.values())
                .allMatch(side -> before.join().on(side).title().equals(now.join().on(side).title())
                        && names(before, side).equals(names(now, side)));
    }

    private static List<Object> ids(JoinResult outcome, ResultRow row, Side side) {
        OptionalInt source = row.source(side);
        return source.isPresent() ? Sources.of(outcome.join().on(side), source.getAsInt()) : List.of();
    }

    /** What a row of the result now is, compared with before. */
    public Status of(R row) {
        return statuses.getOrDefault(row, Status.SAME);
    }

    /** How many rows of the result now are so. */
    public long count(Status status) {
        return statuses.values().stream().filter(status::equals).count();
    }

    /** Whether anything has changed. */
    public boolean isEmpty() {
        return statuses.isEmpty() && removed.isEmpty();
    }

    /** What has changed, in a few words: {@code 2 added, 1 removed}. */
    public String said(Language in) {
        return in.results().changed(count(Status.ADDED), removed.size(), count(Status.CHANGED));
    }
}
