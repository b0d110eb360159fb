package lunko.page.shown;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.ResultColumn;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.exchange.json.Json;
import lunko.insight.picture.TableHue;
import lunko.lesson.Lesson;
import lunko.query.Side;
import lunko.show.RowsAtHand;
import lunko.show.Showing;
import lunko.table.Table;
import lunko.table.Type;
import lunko.words.Language;

/**
 * The stage at hand: the rows that go in, and the columns of what comes out. It stays the same from step to step of one
 * part. Of long tables the first rows are shown.
 */
record StageJson(Showing showing, Covers covers, Language in) {
    /** So many rows of a table are shown. */
    static final int MOST_ROWS = 200;
    private static final int MOST_ROOM = 12;

    /** What it is, by what is at hand. */
    Json of() {
        Optional<RowsAtHand> rows = showing.rowsAtHand();
        if (rows.isPresent()) return rows(rows.get());
        if (showing.outcome().isPresent()) return join(showing.outcome().get());
        return showing.wholeAtHand().<Json>map(whole -> Json.EMPTY.with("sort", "result").with("inputs", Stream.of())
                .with("result", result(whole))).orElse(Json.NULL);
    }

    private Json join(JoinResult outcome) {
        Json.Members join = Json.EMPTY.with("sort", "join")
                .with("inputs", Stream.of(Side.values()).map(side -> side(outcome, side)))
                .with("compares", outcome.kind().compares());
        return join.with("result", showing.wholeAtHand().map(this::result).orElseGet(() -> result(outcome)));
    }

    private Json side(JoinResult outcome, Side side) {
        Set<Integer> keys = outcome.kind().compares() ? outcome.keys(side) : Set.of();
        return table(outcome.join().on(side), showing.hue(side), keys).with("side", side.id())
                .withIf("unseen", !outcome.kind().shows(side));
    }

    private Json rows(RowsAtHand rows) {
        Stage stage = rows.timeline().stage();
        return Json.EMPTY.with("sort", "rows")
                .with("inputs", stage.inputs().stream()
                        .map(input -> table(input, showing.hues().ofRows(input), Set.of())))
                .with("result", result(stage).with("title", rows.timeline().clause()));
    }

    private Json.Members result(JoinResult outcome) {
        return result(outcome.size(), Math.max(outcome.join().left().rows().size(),
                outcome.join().right().rows().size()))
                .with("columns", outcome.columns().stream().map((ResultColumn column) -> column(outcome.name(column),
                        showing.hues().of(outcome.join().on(column.side()), column.index()),
                        outcome.type(column).isNumeric(), false)
                        .with("side", column.side().id()).with("of", column.index())));
    }

    private Json.Members result(Stage stage) {
        return result(stage.rows().size(),
                stage.inputs().stream().mapToInt(input -> input.rows().size()).max().orElse(0))
                .with("columns", columns(stage, Set.of()));
    }

    /** A result, with room for all of its rows from the first step on; where their number is covered, for others. */
    private Json.Members result(long rows, int covered) {
        return Json.EMPTY.with("title", in.handouts().result()).with("room",
                Math.min(MOST_ROOM, covers.counts() ? covered : rows));
    }

    private Json.Members table(Stage stage, TableHue hue, Set<Integer> keys) {
        int rows = stage.rows().size();
        Json.Members table = Json.EMPTY.with("title", in.names().rows(stage.title())).with("hue", Said.hue(hue))
                .with("count", in.counts().rows(rows)).with("columns", columns(stage, keys))
                .with("names", IntStream.range(0, Math.min(rows, MOST_ROWS))
                        .mapToObj(row -> Json.of(in.names().shortRow(stage.name(row)))))
                .with("rows", IntStream.range(0, Math.min(rows, MOST_ROWS))
                        .mapToObj(row -> stored(stage).map(of -> cells(of, row))
                                .orElseGet(() -> Said.cells(stage, row))));
        if (rows > MOST_ROWS) table = table.with("more", in.handouts().moreRows(rows - MOST_ROWS));
        return table.with("table", stored(stage).map(of -> Json.of(of.name())));
    }

    private static Json.Items cells(Table table, int row) {
        return Json.list(table.rows().get(row).entries().stream().map(Said::cell));
    }

    /** The table of the lesson whose rows these are, where they can be changed. */
    private Optional<Table> stored(Stage stage) {
        Lesson lesson = showing.lesson();
        return stage instanceof Source source ? lesson.find(source.table().name())
                .filter(table -> table == source.table() && !lesson.views().has(table.name())) : Optional.empty();
    }

    /** The columns; where there is not room for all, those that decide and the first text stay. */
    private Stream<Json> columns(Stage stage, Set<Integer> keys) {
        List<Stage.Heading> headings = stage.headings();
        OptionalInt called = IntStream.range(0, headings.size())
                .filter(at -> headings.get(at).type().filter(type -> type == Type.TEXT).isPresent()).findFirst();
        return IntStream.range(0, headings.size()).mapToObj(at -> {
            Stage.Heading heading = headings.get(at);
            String name = stage instanceof Source ? heading.name()
                    : heading.table().map(table -> table + "." + heading.name()).orElse(heading.name());
            return column(name, showing.hues().of(stage, at), heading.type().filter(Type::isNumeric).isPresent(),
                    keys.contains(at))
                    .withIf("main", keys.contains(at) || called.orElse(0) == at);
        });
    }

    private static Json.Members column(String name, Optional<TableHue> hue, boolean figures, boolean key) {
        return Json.EMPTY.with("name", name).with("hue", hue.map(of -> Json.of(Said.hue(of))))
                .withIf("figures", figures).withIf("key", key);
    }
}
