package lunko.table;

import java.util.Optional;

/**
 * What stands in a cell.
 *
 * @param value the value that queries see
 * @param misfit what was typed, where that is no value of the column: it is kept, and the value is NULL meanwhile
 */
public record Entry(Value value, Optional<String> misfit) {
    /** Nothing. */
    public static final Entry NULL = of(Value.NULL);

    /** A value that fits. */
    public static Entry of(Value value) {
        return new Entry(value, Optional.empty());
    }

    /** A text that fits no value of its column. */
    public static Entry misfit(String typed) {
        return new Entry(Value.NULL, Optional.of(typed));
    }

    /** What the cell shows. */
    public String shown() {
        return misfit.orElseGet(value::shown);
    }
}
