package lunko.handout.figure;

import lunko.engine.ResultCell;
import lunko.insight.picture.TableHue;
import lunko.table.Entry;
import lunko.table.Value;

/** What stands in a cell of a drawing. */
sealed interface Cell {

    /** A value; {@code figures} where its digits are to stand under each other. */
    record Shown(String text, boolean figures) implements Cell {}

    /** NULL, as a table stores it. */
    record Null() implements Cell {}

    /** The NULL of an outer join, in columns of a table. */
    record Padded(TableHue hue) implements Cell {}

    /** What was typed and does not fit its column. */
    record Misfit(String typed) implements Cell {}

    /** Nothing: somebody is to write there. */
    record Blank() implements Cell {}

    /** A cell of a stage or a join, in columns of a table. */
    static Cell of(ResultCell cell, TableHue hue) {
        return cell instanceof ResultCell.Padded ? new Padded(hue) : of(cell.value());
    }

    /** A cell of a table. */
    static Cell of(Entry entry) {
        return entry.misfit().<Cell>map(Misfit::new).orElseGet(() -> of(entry.value()));
    }

    private static Cell of(Value value) {
        return switch (value) {
            case Value.Null _ -> new Null();
            case Value.TextValue(String text) -> new Shown(text.replaceAll("\\R", "↵"), false);
            case Value.IntegerValue _,Value.DecimalValue _,Value.BooleanValue _,Value.DateValue _ ->
                new Shown(value.shown(), true);
        };
    }
}
