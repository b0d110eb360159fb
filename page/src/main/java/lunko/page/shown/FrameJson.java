package lunko.page.shown;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.exchange.json.Json;
import lunko.phrase.Phrase;
import lunko.query.Side;
import lunko.show.RowsAtHand;
import lunko.show.Showing;
import lunko.steps.Frame;
import lunko.steps.MatchFrame;
import lunko.steps.RowFrame.RowProgress;
import lunko.steps.RowState;
import lunko.steps.Step;
import lunko.table.Truth;
import lunko.words.Language;

/** What is visible after the step at hand, and changes with it. */
record FrameJson(Showing showing, Covers covers, Language in) {

    /** All of it. */
    Json of() {
        Optional<Frame> frame = showing.frame();
        if (frame.isEmpty()) return Json.NULL;
        Json.Members shown = Json.EMPTY.with("number", showing.number()).with("last", showing.last())
                .with("step", in.pages().stepOf(showing.number(), showing.last()))
                .with("part", frame.get().part())
                .with("title", showing.timeline().orElseThrow().title(frame.get().part(), in).text())
                .with("why", Said.phrase(covers.why() ? Phrase.EMPTY : frame.get().shown().why().in(in)));
        Optional<RowsAtHand> rows = showing.rowsAtHand();
        if (rows.isPresent()) return rows(shown, rows.get());
        Optional<Stage> whole = showing.wholeAtHand();
        if (showing.match().isPresent()) {
            Json.Members with = match(shown, showing.match().get());
            return whole.map(stage -> with.with("landed", rows(stage, stage.rows().size()))).orElse(with);
        }
        return whole.map(stage -> shown.with("landed", rows(stage, stage.rows().size()))).orElse(shown);
    }

    private Json.Members rows(Json.Members shown, RowsAtHand rows) {
        return shown
                .with("inputs", IntStream.range(0, rows.timeline().stage().inputs().size()).mapToObj(input -> {
                    int offset = rows.offset(input);
                    int size = Math.min(StageJson.MOST_ROWS,
                            rows.timeline().stage().inputs().get(input).rows().size());
                    return Json.EMPTY.with("states",
                            IntStream.range(offset, offset + size).mapToObj(row -> Json.of(fate(rows.fate(row)))))
                            .with("now", now(rows, offset, size));
                })).with("landed", rows(rows.timeline().stage(), rows.frame().landed()));
    }

    private static Optional<Json> now(RowsAtHand rows, int offset, int size) {
        return rows.frame().now().stream().filter(row -> row >= offset && row < offset + size)
                .mapToObj(row -> Json.of(row - offset)).findFirst();
    }

    private static String fate(RowProgress fate) {
        return switch (fate) {
            case OPEN -> "open";
            case TAKEN -> "taken";
            case STRUCK_OUT -> "struck";
        };
    }

    /** The last of the rows that are there: which is the first of them, and each with its cells. */
    private Json.Members rows(Stage stage, int landed) {
        int first = Math.max(0, landed - StageJson.MOST_ROWS);
        return Json.EMPTY.with("first", first).with("count", landed)
                .with("said", said(landed, stage.rows().size(), in.counts().rows(landed)))
                .with("rows", IntStream.range(first, landed)
                        .mapToObj(row -> Json.EMPTY.with("id", String.valueOf(row))
                                .with("cells", Said.cells(stage, row))));
    }

    private Json.Members match(Json.Members shown, MatchFrame match) {
        JoinResult outcome = showing.outcome().orElseThrow();
        Json.Members with = shown
                .with("inputs", Stream.of(Side.values()).map(side -> side(match, side)))
                .with("lanes", lanes(match)).with("landed", landed(outcome, match));
        if (match.step() instanceof Step.Compare(int left, int right, Truth verdict))
            with = with.with("verdict", Json.EMPTY.with("left", left).with("right", right)
                    .with("truth", verdict.name().toLowerCase(Locale.ROOT))
                    .with("said", in.names().truth(verdict)));
        return with;
    }

    private Json side(MatchFrame match, Side side) {
        List<RowState> states = match.rows(side);
        int size = Math.min(StageJson.MOST_ROWS, states.size());
        return Json.EMPTY.with("states", IntStream.range(0, size).mapToObj(row -> Json.of(state(states.get(row)))))
                .with("marks", IntStream.range(0, size)
                        .mapToObj(row -> Json.of(match.marks().of(side).get(row).text(in))))
                .with("now", match.now(side).stream().mapToObj(row -> Json.of(row)).findFirst());
    }

    private static String state(RowState state) {
        return switch (state) {
            case OPEN -> "open";
            case MET -> "met";
            case UNKNOWN -> "unknown";
            case KEPT -> "kept";
            case LEFT_OUT -> "out";
        };
    }

    /** Each lane: its left row, its right row, and whether it is certain. */
    private static Stream<Json> lanes(MatchFrame match) {
        int most = StageJson.MOST_ROWS;
        return IntStream.range(0, Math.min(most, match.lanes().size())).boxed()
                .flatMap(left -> match.lanes().get(left).stream().filter(lane -> lane.right() < most)
                        .map(lane -> Json.list(Stream.of(Json.of(left), Json.of(lane.right()),
                                Json.of(lane.verdict() == Truth.TRUE ? 1 : 0)))));
    }

    private Json.Members landed(JoinResult outcome, MatchFrame match) {
        int landed = match.landed().size();
        int first = Math.max(0, landed - StageJson.MOST_ROWS);
        return Json.EMPTY.with("first", first).with("count", landed)
                .with("said", said(landed, outcome.size(), in.results().sum(outcome.size(), outcome.sum())))
                .with("lands", match.step().lands())
                .with("rows", IntStream.range(first, landed)
                        .mapToObj(row -> row(outcome, match.landed().get(row))));
    }

    /** How many rows there are so far, and of how many, unless that is covered. */
    private String said(int landed, long all, String sum) {
        if (covers.counts()) return in.counts().rows(landed);
        return landed < all ? in.handouts().soFar(landed, all) : sum;
    }

    /** A row of a join, told apart by the rows that it comes from. */
    private static Json row(JoinResult outcome, ResultRow row) {
        Json.Members described = Json.EMPTY;
        StringBuilder id = new StringBuilder();
        StringBuilder from = new StringBuilder();
        for (Side side : Side.values()) {
            int source = row.source(side).orElse(-1);
            id.append(side.of("", "-")).append(source);
            from.append(side.of("", " – ")).append(source < 0 ? "·" : String.valueOf(source + 1));
            if (source >= 0) described = described.with(side.id(), source);
        }
        return described.with("id", id.toString()).with("from", from.toString())
                .with("cells", Said.cells(outcome, row));
    }
}
