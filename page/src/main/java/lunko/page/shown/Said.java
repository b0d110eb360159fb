package lunko.page.shown;

import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.exchange.json.Json;
import lunko.insight.picture.TableHue;
import lunko.phrase.Phrase;
import lunko.phrase.Tone;
import lunko.table.Entry;
import lunko.table.Value;

/** The smallest things that are to be seen: sentences in their tones, cells, colours. */
final class Said {
    private Said() {}

    /** A sentence: its parts, each a tone and a text. */
    static Json.Items phrase(Phrase phrase) {
        return Json.list(phrase.parts().stream()
                .map(part -> Json.texts(Stream.of(tone(part.tone()), part.text()))));
    }

    private static String tone(Tone tone) {
        return switch (tone) {
            case PLAIN -> "plain";
            case LEFT -> "left";
            case RIGHT -> "right";
            case CODE -> "code";
            case STRONG -> "strong";
        };
    }

    /** A colour: {@code first}. */
    static String hue(TableHue hue) {
        return hue.name().toLowerCase(Locale.ROOT);
    }

    /** A cell: of which sort it is, and what stands in it. */
    static Json cell(Entry entry) {
        return entry.misfit().map(typed -> cell("misfit", typed)).orElseGet(() -> cell(entry.value()));
    }

    /** A cell of a result. */
    static Json cell(ResultCell cell) {
        return cell instanceof ResultCell.Padded ? cell("padded", "NULL") : cell(cell.value());
    }

    private static Json cell(Value value) {
        return switch (value) {
            case Value.Null _ -> cell("null", "NULL");
            case Value.TextValue(String text) -> cell("text", text);
            case Value.IntegerValue _,Value.DecimalValue _,Value.BooleanValue _,Value.DateValue _ ->
                cell("figure", value.shown());
        };
    }

    private static Json cell(String sort, String text) {
        return Json.texts(Stream.of(sort, text));
    }

    /** The cells of a row of a stage. */
    static Json.Items cells(Stage stage, int row) {
        return Json.list(IntStream.range(0, stage.headings().size())
                .mapToObj(column -> cell(ResultCell.of(stage, row, column))));
    }

    /** The cells of a row of a join. */
    static Json.Items cells(JoinResult outcome, ResultRow row) {
        return Json.list(outcome.columns().stream().map((ResultColumn column) -> cell(outcome.cell(row, column))));
    }
}
