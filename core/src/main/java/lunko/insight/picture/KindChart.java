package lunko.insight.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.engine.RowPairs;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.Tally;

/**
 * Every row that any kind of join can give of two tables, once, and what each kind makes of it: the pairs by left row,
 * then the unmatched rows of the left side, then those of the right. Pairs that only a cross join gives are left out.
 *
 * @param outcome the join, by whatever kind
 * @param pairs who matches whom in it
 */
public record KindChart(JoinResult outcome, RowPairs pairs) {
    /** The laws that hold on any tables. */
    public static final List<Law> LAWS = List.of(
            new Law(JoinKind.LEFT_OUTER, List.of(JoinKind.INNER, JoinKind.LEFT_ANTI)),
            new Law(JoinKind.RIGHT_OUTER, List.of(JoinKind.INNER, JoinKind.RIGHT_ANTI)),
            new Law(JoinKind.FULL_OUTER, List.of(JoinKind.INNER, JoinKind.FULL_ANTI)),
            new Law(JoinKind.FULL_ANTI, List.of(JoinKind.LEFT_ANTI, JoinKind.RIGHT_ANTI)));

    /** A row that a kind may give, by the source rows it comes from, which count from 0. */
    public sealed interface Line {

        /** Two rows that match. */
        record Pair(int left, int right) implements Line {}

        /** A row without a match. */
        record Alone(Side side, int row) implements Line {}
    }

    /** What a kind makes of a line. */
    public enum Cell {
        /** It does not give it. */
        ABSENT,
        /** It gives both rows together. */
        BOTH,
        /** It gives the row, with NULL in the columns of the other side. */
        KEPT,
        /** It gives the row of one side, without columns of the other. */
        ALONE,
        /** It has given the row of its side already, for another match. */
        NOT_REPEATED;

        /** Whether it is a row of the result. */
        public boolean isGiven() {
            return this != ABSENT && this != NOT_REPEATED;
        }
    }

    /** The sorts of lines. */
    public enum Sort {
        /** Rows that match. */
        PAIRS,
        /** Rows of the left side without a match. */
        LEFT_UNMATCHED,
        /** Rows of the right side without a match. */
        RIGHT_UNMATCHED
    }

    /**
     * Kinds that give the same rows on some tables.
     *
     * @param missing the lines by which they would differ, of which there are none
     */
    public record Same(List<JoinKind> kinds, List<Sort> missing) {}

    /** What a kind gives of a line on a side. */
    public enum Half {
        /** The row of that side. */
        ROW,
        /** NULL in all of its columns. */
        NULLS,
        /** No columns of it, or no row. */
        NOTHING
    }

    /** What a kind gives is what others give together: the same source rows, each once. */
    public record Law(JoinKind whole, List<JoinKind> parts) {}

    /** A line, and how many of its sort it stands for. */
    public record Lines(Line first, long count) {}

    /** What a change from one kind to another takes away from the result, and what it adds, in the order of lines. */
    public record Change(List<Line> removed, List<Line> added) {}

    /**
     * The chart of the two sides of a join; nothing, where rows are not compared, where too many match to be counted,
     * or where NOT IN leaves it unknown whether two rows match.
     */
    public static Optional<KindChart> of(JoinResult outcome) {
        if (!outcome.kind().compares() || outcome.join().on().notIn().isPresent()) return Optional.empty();
        return outcome.matching().map(matching -> new KindChart(outcome, matching.pairs()));
    }

    /** The kinds that it compares: those that have a condition, in their order. */
    public static List<JoinKind> kinds() {
        return Arrays.stream(JoinKind.values()).filter(JoinKind::compares).toList();
    }

    /** How many lines it has. */
    public long size() {
        return pairs.size() + pairs.leftAlone() + pairs.rightAlone();
    }

    /** Its lines. */
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (int left = 0; left < pairs.leftRows(); left++)
            for (int n = 0; n < pairs.count(left); n++) lines.add(new Line.Pair(left, pairs.right(left, n)));
        for (int left = 0; left < pairs.leftRows(); left++)
            if (pairs.count(left) == 0) lines.add(new Line.Alone(Side.LEFT, left));
        for (int n = 0; n < pairs.rightAlone(); n++) lines.add(new Line.Alone(Side.RIGHT, pairs.rightAlone(n)));
        return lines;
    }

    /**
     * Its lines, each for itself; of more than can be shown, the first of the pairs, of the unmatched left rows and of
     * the unmatched right rows, each standing for all of them.
     */
    public List<Lines> shown(int most) {
        if (size() <= most) return lines().stream().map(line -> new Lines(line, 1)).toList();
        List<Lines> shown = new ArrayList<>();
        OptionalInt met = IntStream.range(0, pairs.leftRows()).filter(left -> pairs.count(left) > 0).findFirst();
        met.ifPresent(left -> shown.add(new Lines(new Line.Pair(left, pairs.right(left, 0)), pairs.size())));
        IntStream.range(0, pairs.leftRows()).filter(left -> pairs.count(left) == 0).limit(1)
                .forEach(left -> shown.add(new Lines(new Line.Alone(Side.LEFT, left), pairs.leftAlone())));
        if (pairs.rightAlone() > 0)
            shown.add(new Lines(new Line.Alone(Side.RIGHT, pairs.rightAlone(0)), pairs.rightAlone()));
        return shown;
    }

    /** What a kind makes of a line. */
    public Cell cell(Line line, JoinKind kind) {
        return switch (line) {
            case Line.Pair pair when kind.bringsPairs() -> Cell.BOTH;
            case Line.Pair pair when kind.only().isPresent() && kind.takesMatched() ->
                isFirst(pair, kind.only().get()) ? Cell.ALONE : Cell.NOT_REPEATED;
            case Line.Pair _ -> Cell.ABSENT;
            case Line.Alone(Side side, int _) when kind.keeps(side) -> Cell.KEPT;
            case Line.Alone(Side side, int _) when kind.takesAlone(side) -> Cell.ALONE;
            case Line.Alone _ -> Cell.ABSENT;
        };
    }

    /** Whether no line before a pair has the row of a side. */
    private boolean isFirst(Line.Pair pair, Side side) {
        return side == Side.LEFT ? pairs.right(pair.left(), 0) == pair.right()
                : pairs.firstLeft(pair.right()).getAsInt() == pair.left();
    }

    /** The row of the result that a kind makes of a line, where it gives one. */
    public Optional<ResultRow> row(Line line, JoinKind kind) {
        Cell cell = cell(line, kind);
        if (!cell.isGiven()) return Optional.empty();
        return Optional.of(switch (line) {
            case Line.Pair(int left, int right) -> cell == Cell.BOTH ? new ResultRow.Met(left, right)
                    : new ResultRow.Taken(kind.only().orElseThrow(), kind.only().orElseThrow().of(left, right));
            case Line.Alone(Side side, int row) ->
                cell == Cell.KEPT ? new ResultRow.Kept(side, row) : new ResultRow.Taken(side, row);
        });
    }

    /** What a kind gives of a line on a side. */
    public Half half(Line line, JoinKind kind, Side side) {
        return row(line, kind).map(given -> given.source(side).isPresent() ? Half.ROW
                : given instanceof ResultRow.Kept ? Half.NULLS : Half.NOTHING).orElse(Half.NOTHING);
    }

    /** How many rows a kind gives. */
    public long rows(JoinKind kind) {
        return kind.rows(tally());
    }

    private Tally tally() {
        return new Tally(pairs.leftRows(), pairs.rightRows(), pairs.size(), pairs.leftAlone(), pairs.rightAlone());
    }

    /** What going from one kind to another takes away and adds: lines that the one gives and the other does not. */
    public Change change(JoinKind from, JoinKind to) {
        List<Line> lines = lines();
        return new Change(lines.stream().filter(line -> isGiven(line, from) && !isGiven(line, to)).toList(),
                lines.stream().filter(line -> isGiven(line, to) && !isGiven(line, from)).toList());
    }

    private boolean isGiven(Line line, JoinKind kind) {
        return cell(line, kind).isGiven();
    }

    /** The groups of kinds that give the same rows and columns on these tables. */
    public List<Same> same() {
        Map<List<Object>, List<JoinKind>> byRows = new LinkedHashMap<>();
        for (JoinKind kind : kinds())
            byRows.computeIfAbsent(List.of(kind.only(), takes(kind, this::has)), _ -> new ArrayList<>()).add(kind);
        return byRows.values().stream().filter(kinds -> kinds.size() > 1)
                .map(kinds -> new Same(List.copyOf(kinds), Stream.of(Sort.values())
                        .filter(sort -> kinds.stream().map(kind -> isTaken(sort, kind)).distinct().count() > 1)
                        .toList()))
                .toList();
    }

    private static Set<Sort> takes(JoinKind kind, Predicate<Sort> there) {
        return Stream.of(Sort.values()).filter(sort -> isTaken(sort, kind) && there.test(sort))
                .collect(Collectors.toUnmodifiableSet());
    }

    private static boolean isTaken(Sort sort, JoinKind kind) {
        return switch (sort) {
            case PAIRS -> kind.bringsPairs() || kind.only().isPresent() && kind.takesMatched();
            case LEFT_UNMATCHED -> kind.takesAlone(Side.LEFT);
            case RIGHT_UNMATCHED -> kind.takesAlone(Side.RIGHT);
        };
    }

    private boolean has(Sort sort) {
        return switch (sort) {
            case PAIRS -> pairs.size() > 0;
            case LEFT_UNMATCHED -> pairs.leftAlone() > 0;
            case RIGHT_UNMATCHED -> pairs.rightAlone() > 0;
        };
    }
}
