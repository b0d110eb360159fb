package lunko.page.shown;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.exchange.json.Json;
import lunko.insight.explanation.StageSummary;
import lunko.insight.picture.KindChart;
import lunko.insight.picture.PairGrid;
import lunko.insight.picture.TableHue;
import lunko.insight.picture.ThreeCircles;
import lunko.insight.picture.VennRegions;
import lunko.page.session.PagePicture;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.words.Language;

/** The picture below the rows. */
record PictureJson(Showing showing, Language in) {
    private static final int MOST_NAMES = 6;
    private static final int MOST_PAIRS = 50;
    private static final int MOST_LINES = 40;

    /** A picture, if there is one. */
    Json of(PagePicture picture) {
        Optional<? extends Json> drawn = switch (picture) {
            case VENN -> circles();
            case PAIRS -> showing.outcome().map(this::grid);
            case KINDS -> showing.outcome().flatMap(KindChart::of).map(this::chart);
            case STAGES -> showing.timeline().map(timeline -> Json.EMPTY.with("stages",
                    StageSummary.all(timeline, showing.hues()).stream().map(this::stage)));
        };
        return drawn.<Json>map(there -> there).orElseGet(() -> Json.EMPTY.with("none", in.pages().noCircles()));
    }

    private Optional<Json> circles() {
        Optional<ThreeCircles> three = showing.joining().flatMap(joining -> joining.circles());
        if (three.isPresent()) return three.map(this::three);
        return showing.regions().filter(regions -> regions.kind().compares())
                .map(regions -> two(regions, showing.outcome().orElseThrow().join()));
    }

    private Json two(VennRegions regions, Join join) {
        JoinKind kind = regions.kind();
        Json.Items matched = kind.only().isPresent()
                ? names(regions.of(kind.only().get()).matched().size(),
                        n -> name(join, kind.only().get(), regions.of(kind.only().get()).matched().get(n)))
                : names(regions.pairCount(), n -> in.results().two(name(join, Side.LEFT, regions.pairs().get(n).left()),
                        name(join, Side.RIGHT, regions.pairs().get(n).right())));
        return Json.EMPTY.with("circles", Stream.of(Side.values()).map(side -> circle(regions, join, side)))
                .with("both", Json.EMPTY.with("count", kind.only().isPresent()
                        ? regions.of(kind.only().get()).matched().size() : regions.pairCount())
                        .with("names", matched).withIf("taken", kind.givesMatched())
                        .with("said", kind.only().isPresent() ? in.results().matched() : in.results().pairs()));
    }

    private Json circle(VennRegions regions, Join join, Side side) {
        List<String> names = Stream.concat(regions.of(side).alone().stream().map(row -> name(join, side, row)),
                regions.of(side).unknown().stream().map(row -> name(join, side, row) + " ?")).toList();
        return Json.EMPTY.with("title", in.names().rows(join.on(side).title()))
                .with("hue", Said.hue(showing.hue(side))).with("count", names.size())
                .with("names", names(names.size(), names::get))
                .withIf("taken", regions.kind().takesAlone(side)).with("said", in.results().noMatch());
    }

    private Json.Items names(long count, IntFunction<String> name) {
        long fits = count <= MOST_NAMES ? count : MOST_NAMES - 1;
        Stream<String> first = IntStream.range(0, (int) fits).mapToObj(name);
        return Json.texts(fits < count ? Stream.concat(first, Stream.of(in.results().more(count - fits))) : first);
    }

    private String name(Join join, Side side, int row) {
        return in.names().shortRow(join.on(side).name(row));
    }

    private Json three(ThreeCircles circles) {
        return Json.EMPTY.with("three", IntStream.range(0, circles.tables().size())
                .mapToObj(table -> Json.EMPTY.with("title", in.names().rows(circles.names().get(table)))
                        .with("hue", Said.hue(showing.hues().ofRows(circles.tables().get(table))))))
                .with("regions", Stream.of(ThreeCircles.Region.values())
                        .map(region -> region(region, circles.regions().get(region))));
    }

    private Json region(ThreeCircles.Region region, ThreeCircles.Content content) {
        List<ThreeCircles.Member> rows = content.rows();
        return Json.EMPTY.with("id", region.name().toLowerCase(Locale.ROOT)).with("count", rows.size())
                .withIf("taken", content.kept())
                .with("names", names(rows.size(), n -> in.names().shortRow(rows.get(n).name())));
    }

    private Json grid(JoinResult outcome) {
        PairGrid grid = PairGrid.of(outcome);
        int lefts = Math.min(MOST_PAIRS, grid.lefts());
        int rights = Math.min(MOST_PAIRS, grid.rights());
        return Json.EMPTY.with("rows", side(outcome, Side.LEFT, lefts))
                .with("columns", side(outcome, Side.RIGHT, rights))
                .with("cells", IntStream.range(0, lefts).mapToObj(left -> Json.list(IntStream.range(0, rights)
                        .mapToObj(right -> Json.of(switch (grid.verdict(left, right)) {
                            case TRUE -> "true";
                            case FALSE -> "false";
                            case UNKNOWN -> "unknown";
                        })))))
                .with("sum", grid.sum(in))
                .with("more", Json.texts(Stream.of(grid.lefts() - lefts, grid.rights() - rights)
                        .filter(more -> more > 0).map(more -> in.handouts().moreRows(more))));
    }

    private Json side(JoinResult outcome, Side side, int rows) {
        return Json.EMPTY.with("title", in.names().rows(outcome.join().on(side).title()))
                .with("hue", Said.hue(showing.hue(side))).with("names", Json.texts(IntStream.range(0, rows)
                        .mapToObj(row -> name(outcome.join(), side, row))));
    }

    private Json chart(KindChart chart) {
        return Json.EMPTY.with("kinds", KindChart.kinds().stream().map(kind -> kind(chart, kind)))
                .with("lines", chart.shown(MOST_LINES).stream().map(line -> line(chart, line)))
                .with("foot", in.handouts().rows())
                .with("hues", Json.texts(Stream.of(Side.values()).map(side -> Said.hue(showing.hue(side)))));
    }

    private Json kind(KindChart chart, JoinKind kind) {
        return Json.EMPTY.with("id", kind.id()).with("name", in.names().kind(kind)).with("rows", chart.rows(kind))
                .withIf("chosen", kind == chart.outcome().kind())
                .withIf("possible", showing.choices().contains(kind));
    }

    private Json line(KindChart chart, KindChart.Lines lines) {
        KindChart.Line line = lines.first();
        return Json.EMPTY.with("names", Json.texts(Stream.of(Side.values()).map(side -> {
            OptionalInt row = line.on(side);
            return row.isEmpty() ? "·" : name(chart.outcome().join(), side, row.getAsInt());
        }))).with("count", lines.count()).with("cells", KindChart.kinds().stream().map(kind -> Json.texts(Stream.concat(
                Stream.of(chart.cell(line, kind) == KindChart.Cell.NOT_REPEATED ? "repeated" : "given"),
                Stream.of(Side.values()).map(side -> switch (chart.half(line, kind, side)) {
                    case ROW -> "row";
                    case NULLS -> "nulls";
                    case NOTHING -> "nothing";
                })))));
    }

    private Json stage(StageSummary stage) {
        String sum = in.counts().sum(stage.sum());
        String rows = in.counts().rows(stage.rows());
        return Json.EMPTY.with("clause", stage.clause(in)).with("step", stage.step()).with("part", stage.part())
                .with("rows", sum.isEmpty() ? rows : rows + ": " + sum)
                .with("hues", Json.texts(stage.hues().stream()
                        .map(hue -> Said.hue(hue.orElse(TableHue.JOINED)))))
                .with("lines", stage.lines().stream().map(line -> Json.EMPTY.withIf("struck", line.struckOut())
                        .with("marks", Json.texts(line.marks().stream().map(mark -> switch (mark) {
                            case VALUE -> "value";
                            case NULL -> "null";
                            case PADDED -> "padded";
                        })))));
    }
}
