package lunko.engine;

import java.math.BigDecimal;
import java.time.LocalDate;
import lunko.table.Truth;
import lunko.table.Value.BooleanValue;
import lunko.table.Value.DateValue;
import lunko.table.Value.DecimalValue;
import lunko.table.Value.IntegerValue;
import lunko.table.Value.Null;
import lunko.table.Value.TextValue;
import lunko.table.Value;

/**
 * How SQL compares two values (ISO/IEC 9075-2, comparison predicate): numbers by size whatever their type,
 * texts by their characters with blanks and case counting, and NULL never.
 */
public record Comparison(Value left, Value right) {

    /** Whether the values are equal; unknown if either is NULL. */
    public Truth equal() {
        if (left.isNull() || right.isNull()) return Truth.UNKNOWN;
        return Truth.of(key(left).equals(key(right)));
    }

    /**
     * A thing that two values of comparable types have in common exactly if they are equal. NULL has none, and
     * asking for it is a defect: IllegalArgumentException.
     */
    public static Object key(Value value) {
        return switch (value) {
            case IntegerValue(long number) -> BigDecimal.valueOf(number).stripTrailingZeros();
            case DecimalValue(BigDecimal number) -> number.stripTrailingZeros();
            case TextValue(String text) -> text;
            case BooleanValue(boolean truth) -> truth;
            case DateValue(LocalDate day) -> day;
            case Null _ -> throw new IllegalArgumentException("NULL equals nothing, not even NULL");
        };
    }
}
