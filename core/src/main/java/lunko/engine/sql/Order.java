package lunko.engine.sql;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import lunko.engine.Comparison;
import lunko.table.Value;
import lunko.table.Value.BooleanValue;
import lunko.table.Value.DateValue;
import lunko.table.Value.DecimalValue;
import lunko.table.Value.IntegerValue;
import lunko.table.Value.TextValue;

/** How values of one type stand to each other, and which rows count as the same. */
final class Order {
    /** Of values that are not NULL and can be compared: numbers by size, texts by code points, false before true. */
    static final Comparator<Value> VALUES = Order::compare;

    private Order() {}

    private static int compare(Value left, Value right) {
        return switch (left) {
            case TextValue(String l) when right instanceof TextValue(String r) -> compareCodePoints(l, r);
            case BooleanValue(boolean l) when right instanceof BooleanValue(boolean r) -> Boolean.compare(l, r);
            case DateValue(var l) when right instanceof DateValue(var r) -> l.compareTo(r);
            case IntegerValue(long l) when right instanceof IntegerValue(long r) -> Long.compare(l, r);
            default -> number(left).compareTo(number(right));
        };
    }

    private static int compareCodePoints(String left, String right) {
        int[] l = left.codePoints().toArray();
        int[] r = right.codePoints().toArray();
        return Arrays.compare(l, r);
    }

    /** The number that a value is; a defect if it is none. */
    static BigDecimal number(Value value) {
        return switch (value) {
            case IntegerValue(long number) -> BigDecimal.valueOf(number);
            case DecimalValue(BigDecimal number) -> number;
            default -> throw new IllegalStateException("no number: " + value);
        };
    }

    /** What rows have in common exactly if none of their values are distinct; NULL is not distinct from NULL. */
    static List<Object> identity(List<Value> row) {
        return row.stream().map(Order::identity).toList();
    }

    /** What values have in common exactly if they are not distinct. */
    static Object identity(Value value) {
        return value.isNull() ? value : Comparison.key(value);
    }
}
