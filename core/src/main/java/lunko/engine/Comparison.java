package lunko.engine;

import lunko.table.Truth;
import lunko.table.Value;

/** Two values of comparable types, compared by {@code =}. */
public record Comparison(Value left, Value right) {

    /** Whether the values are equal; unknown if either is NULL, and so if both are. */
    public Truth equal() {
        if (left.isNull() || right.isNull()) return Truth.UNKNOWN;
        return Truth.of(ValueOrder.VALUES.compare(left, right) == 0);
    }
}
