package lunko.insight.explanation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.insight.picture.TableHue;
import lunko.insight.picture.TableHues;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.Sum;
import lunko.query.Tally;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.ResultPart;
import lunko.steps.RowTimeline;
import lunko.steps.StageKind;
import lunko.steps.Timeline;
import lunko.table.RowsName;
import lunko.words.Language;

/**
 * A stage of a query at a glance: what it does, how many rows it gives and how they come about, and its first rows as
 * marks. Where a stage strikes rows out, those are among them.
 *
 * @param part the part of the timeline that it is in, counted from 0; an outer join matches and keeps in one part
 * @param step the step after which it is done
 * @param clause what asks for it
 * @param rows how many rows it gives
 * @param sum how their number comes about: {@code 3 pairs + 2 kept}
 * @param hues the colours of its first columns; nothing for one that comes from no table
 * @param lines its first rows
 */
public record StageSummary(int part, long step, StageKind kind, Clause clause, long rows, Sum sum,
        List<Optional<TableHue>> hues, List<Line> lines) {
    /** So many rows and columns are shown at most. */
    private static final int MOST = 6;
    /** The last pair is looked for among so many rows. */
    private static final int MOST_LOOKED_AT = 10_000;

    /** What asks for a stage. */
    public sealed interface Clause {
        /** Words of SQL. */
        record Words(String sql) implements Clause {}

        /** A join with the rows on its right. */
        record Joins(JoinKind kind, RowsName right) implements Clause {}

        /** An outer join, for the rows that it keeps. */
        record Keeps() implements Clause {}

        /** Nothing: it is the result. */
        record Result() implements Clause {}
    }

    /** What asks for the stage, in few words: {@code WHERE}, {@code LEFT JOIN keepers}. */
    public String clause(Language in) {
        return switch (clause) {
            case Clause.Words(String sql) -> sql;
            case Clause.Joins(JoinKind of, RowsName right) -> in.stages().joinClause(of, in.names().rows(right));
            case Clause.Keeps _ -> in.stages().keepClause();
            case Clause.Result _ -> in.stages().resultClause();
        };
    }

    /** A row as marks, one for each of its first columns. */
    public record Line(List<Mark> marks, boolean struckOut) {}

    /** A cell. */
    public enum Mark {
        /** A value. */
        VALUE,
        /** A NULL that is stored, or was calculated. */
        NULL,
        /** The NULL of an outer join. */
        PADDED
    }

    /** All stages of a query, in the order in which they are done. */
    public static List<StageSummary> all(Timeline timeline, TableHues hues) {
        List<StageSummary> all = new ArrayList<>();
        for (int i = 0; i < timeline.parts().size(); i++) all.addAll(of(timeline, hues, i));
        return List.copyOf(all);
    }

    /** The pairs of an outer join, and then they and the rows that it keeps. */
    private static List<StageSummary> matched(Timeline timeline, TableHues hues, int number, MatchTimeline match) {
        JoinResult outcome = match.outcome();
        List<Optional<TableHue>> columns = outcome.columns().stream().limit(MOST)
                .map(column -> hues.of(outcome.join().on(column.side()), column.index())).toList();
        Clause joins = new Clause.Joins(outcome.kind(), outcome.join().right().title());
        boolean keeps = outcome.kind().keeps(Side.LEFT) || outcome.kind().keeps(Side.RIGHT);
        StageSummary whole =
                new StageSummary(number, timeline.end(number), keeps ? StageKind.KEEP : StageKind.MATCH,
                        keeps && outcome.kind().bringsPairs() ? new Clause.Keeps() : joins, outcome.size(),
                        outcome.sum(), columns, lines(outcome));
        if (!keeps || !outcome.kind().bringsPairs()) return List.of(whole);
        Tally tally = outcome.matching().orElseThrow().tally();
        List<ResultRow> pairs = outcome.first(Math.min(MOST_LOOKED_AT, outcome.size())).stream()
                .filter(ResultRow.Met.class::isInstance).toList();
        long last = pairs.isEmpty() ? timeline.start(number) : timeline.start(number) + match.decided(pairs.getLast());
        return List.of(new StageSummary(number, last, StageKind.MATCH, joins, tally.pairs(),
                new Sum.OfPairs(tally.leftRows(), tally.rightRows()),
                columns, lines(outcome, pairs.subList(0, Math.min(MOST, pairs.size())))), whole);
    }

    private static List<StageSummary> of(Timeline timeline, TableHues hues, int number) {
        Part part = timeline.parts().get(number);
        long end = timeline.end(number);
        return switch (part) {
            case MatchTimeline match -> matched(timeline, hues, number, match);
            case RowTimeline rows -> {
                int before = rows.stage().inputs().stream().mapToInt(input -> input.rows().size()).sum();
                boolean fewer = IntStream.range(0, before).anyMatch(rows::strikesOut);
                yield List.of(new StageSummary(number, end, part.kind(), new Clause.Words(rows.clause()),
                        rows.stage().rows().size(), before == rows.stage().rows().size() ? new Sum.Nothing()
                                : new Sum.OfRows(before),
                        hues(hues, fewer ? rows.stage().inputs().getFirst() : rows.stage()),
                        fewer ? struckLines(rows) : lines(rows.stage())));
            }
            case ResultPart(Stage result) ->
                List.of(new StageSummary(number, end, part.kind(), new Clause.Result(), result.rows().size(),
                        new Sum.Nothing(),
                        hues(hues, result), lines(result)));
        };
    }

    private static List<Optional<TableHue>> hues(TableHues hues, Stage stage) {
        return IntStream.range(0, Math.min(MOST, stage.headings().size())).mapToObj(column -> hues.of(stage, column))
                .toList();
    }

    private static List<Line> lines(JoinResult outcome) {
        return lines(outcome, outcome.first(Math.min(MOST, outcome.size())));
    }

    private static List<Line> lines(JoinResult outcome, List<ResultRow> rows) {
        return rows.stream().map(row -> new Line(
                outcome.columns().stream().limit(MOST).map(column -> switch (outcome.cell(row, column)) {
                    case ResultCell.Padded _ -> Mark.PADDED;
                    case ResultCell.Stored(var value) ->
                        value.isNull() ? Mark.NULL : Mark.VALUE;
                }).toList(), false)).toList();
    }

    private static List<Line> lines(Stage stage) {
        return IntStream.range(0, Math.min(MOST, stage.rows().size()))
                .mapToObj(row -> new Line(marks(stage, row), false)).toList();
    }

    private static List<Line> struckLines(RowTimeline rows) {
        List<Line> lines = new ArrayList<>();
        int offset = 0;
        for (Stage input : rows.stage().inputs()) {
            for (int row = 0; row < input.rows().size() && lines.size() < MOST; row++)
                lines.add(new Line(marks(input, row), rows.strikesOut(offset + row)));
            offset += input.rows().size();
        }
        return lines;
    }

    private static List<Mark> marks(Stage stage, int row) {
        return IntStream.range(0, Math.min(MOST, stage.headings().size())).mapToObj(column -> stage.pads(row, column)
                ? Mark.PADDED : stage.rows().get(row).get(column).isNull() ? Mark.NULL : Mark.VALUE).toList();
    }
}
