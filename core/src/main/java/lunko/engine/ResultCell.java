package lunko.engine;

import lunko.table.Value;

/** A cell of a result. A NULL that a table stores and one that an outer join made are not the same thing to show. */
public sealed interface ResultCell {

    /** A value from a source table. */
    record Stored(Value value) implements ResultCell {}

    /** The NULL of an outer join, where the other side had nothing to give. */
    enum Padded implements ResultCell {
        /** The only one. */
        PADDED
    }

    /** A cell of a stage of a query, rows and columns counted from 0. */
    static ResultCell of(Stage stage, int row, int column) {
        return stage.pads(row, column) ? Padded.PADDED : new Stored(stage.rows().get(row).get(column));
    }

    /** The value, which for a padded cell is NULL. */
    default Value value() {
        return switch (this) {
            case Stored(Value value) -> value;
            case Padded _ -> Value.NULL;
        };
    }
}
