package lunko.insight.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.Matching;
import lunko.engine.ResultRow;
import lunko.engine.RowPairs;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * Every row that any kind of join can give of two tables, once, and what each kind makes of it: the pairs by left row,
 * then the unmatched rows of the left side, then those of the right. Pairs that only a cross join gives are left out.
 *
 * @param outcome the join, by whatever kind
 * @param matching who matches whom in it
 */
public record KindChart(JoinResult outcome, Matching matching) {
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

        /** The row on a side, where there is one. */
        default OptionalInt on(Side wanted) {
            return switch (this) {
                case Pair(int left, int right) -> OptionalInt.of(wanted.of(left, right));
                case Alone(Side side, int row) -> side == wanted ? OptionalInt.of(row) : OptionalInt.empty();
            };
        }
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

    /** The sorts of lines, in their order. */
    public enum Sort {
        /** Rows that match. */
        PAIRS,
        /** Rows of the left side without a match. */
        LEFT_UNMATCHED,
        /** Rows of the right side without a match. */
        RIGHT_UNMATCHED;

        /** Whether a kind gives lines of this sort, where there are some. */
        boolean isIn(JoinKind kind) {
            return switch (this) {
                case PAIRS -> kind.givesMatched();
                case LEFT_UNMATCHED -> kind.takesAlone(Side.LEFT);
                case RIGHT_UNMATCHED -> kind.takesAlone(Side.RIGHT);
            };
        }
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

    /** Lines that one kind gives and another does not: how many, and the first of them. */
    public record Difference(long count, List<Line> first) {}

    /**
     * The chart of the two sides of a join; nothing, where rows are not compared, where too many match to be counted,
     * or where NOT IN leaves it unknown whether two rows match.
     */
    public static Optional<KindChart> of(JoinResult outcome) {
        if (!outcome.kind().compares() || outcome.join().on().notIn().isPresent()) return Optional.empty();
        return outcome.matching().map(matching -> new KindChart(outcome, matching));
    }

    /** The kinds that it compares: those that have a condition, in their order. */
    public static List<JoinKind> kinds() {
        return Arrays.stream(JoinKind.values()).filter(JoinKind::compares).toList();
    }

    private RowPairs pairs() {
        return matching.pairs();
    }

    /** How many lines it has. */
    public long size() {
        return pairs().size() + pairs().leftAlone() + pairs().rightAlone();
    }

    /** Its lines. */
    public Stream<Line> lines() {
        return Stream.of(Sort.values()).flatMap(this::lines);
    }

    private Stream<Line> lines(Sort sort) {
        IntStream lefts = IntStream.range(0, pairs().leftRows());
        return switch (sort) {
            case PAIRS -> lefts.boxed().flatMap(left -> IntStream.range(0, pairs().count(left))
                    .mapToObj(n -> new Line.Pair(left, pairs().right(left, n))));
            case LEFT_UNMATCHED -> lefts.filter(left -> pairs().count(left) == 0)
                    .mapToObj(left -> new Line.Alone(Side.LEFT, left));
            case RIGHT_UNMATCHED -> IntStream.range(0, pairs().rightAlone())
                    .mapToObj(n -> new Line.Alone(Side.RIGHT, pairs().rightAlone(n)));
        };
    }

    private long count(Sort sort) {
        return switch (sort) {
            case PAIRS -> pairs().size();
            case LEFT_UNMATCHED -> pairs().leftAlone();
            case RIGHT_UNMATCHED -> pairs().rightAlone();
        };
    }

    /** Its lines, each for itself; of more than can be shown, the first of each sort, which stands for all of them. */
    public List<Lines> shown(int most) {
        return size() <= most ? lines().map(line -> new Lines(line, 1)).toList()
                : Stream.of(Sort.values())
                        .flatMap(sort -> lines(sort).limit(1).map(line -> new Lines(line, count(sort)))).toList();
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
        return side == Side.LEFT ? pairs().right(pair.left(), 0) == pair.right()
                : pairs().firstLeft(pair.right()).getAsInt() == pair.left();
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
        return kind.rows(matching.tally());
    }

    /** The lines that a kind gives and another does not, of which so many are wanted. */
    public Difference onlyIn(JoinKind kind, JoinKind other, int wanted) {
        return new Difference(onlyIn(kind, other).count(), onlyIn(kind, other).limit(wanted).toList());
    }

    private Stream<Line> onlyIn(JoinKind kind, JoinKind other) {
        return lines().filter(line -> isGiven(line, kind) && !isGiven(line, other));
    }

    private boolean isGiven(Line line, JoinKind kind) {
        return cell(line, kind).isGiven();
    }

    /** The groups of kinds that give the same rows and columns on these tables. */
    public List<Same> same() {
        Map<List<Object>, List<JoinKind>> byRows = new LinkedHashMap<>();
        for (JoinKind kind : kinds())
            byRows.computeIfAbsent(List.of(kind.only(), sorts(kind)), _ -> new ArrayList<>()).add(kind);
        return byRows.values().stream().filter(kinds -> kinds.size() > 1)
                .map(kinds -> new Same(List.copyOf(kinds), Stream.of(Sort.values())
                        .filter(sort -> kinds.stream().map(sort::isIn).distinct().count() > 1).toList()))
                .toList();
    }

    /** The sorts of lines that there are and that a kind gives. */
    private List<Sort> sorts(JoinKind kind) {
        return Stream.of(Sort.values()).filter(sort -> sort.isIn(kind) && count(sort) > 0).toList();
    }
}
