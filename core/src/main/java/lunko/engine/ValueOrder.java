package lunko.engine;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Comparator;
import java.util.List;
import lunko.table.Value.BooleanValue;
import lunko.table.Value.DateValue;
import lunko.table.Value.DecimalValue;
import lunko.table.Value.IntegerValue;
import lunko.table.Value.TextValue;
import lunko.table.Value;

/**
 * How SQL compares values (ISO/IEC 9075-2, comparison predicate): numbers by size whatever their type, texts by their
 * characters, with blanks and case counting; and which values and rows count as the same.
 */
public final class ValueOrder {
    /** Of values that are not NULL and can be compared: numbers by size, texts by code points, false before true. */
    public static final Comparator<Value> VALUES = ValueOrder::compare;

    /** The digits of the largest integer. */
    private static final int LONGEST_INTEGER = 19;

    private ValueOrder() {}

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
        // Arrays.compare is none of the things that a browser has.
        for (int i = 0; i < Math.min(l.length, r.length); i++) if (l[i] != r[i]) return Integer.compare(l[i], r[i]);
        return Integer.compare(l.length, r.length);
    }

    /** The number that a value is; a defect if it is none. */
    public static BigDecimal number(Value value) {
        return switch (value) {
            case IntegerValue(long number) -> BigDecimal.valueOf(number);
            case DecimalValue(BigDecimal number) -> number;
            default -> throw new IllegalStateException("no number: " + value);
        };
    }

    /** What rows have in common exactly if none of their values are distinct; NULL is not distinct from NULL. */
    public static List<Object> identity(List<Value> row) {
        return row.stream().map(ValueOrder::identity).toList();
    }

    /** Whole numbers are the same as integers, and so have the identity of one where there is one. */
    private static Object identity(BigDecimal number) {
        if (number.scale() > 0 || number.precision() - number.scale() > LONGEST_INTEGER) return number;
        BigInteger integer = number.toBigInteger();
        return integer.bitLength() < Long.SIZE ? (Object) integer.longValue() : number;
    }

    /**
     * What values have in common exactly if they are not distinct: numbers their size, whatever their type and scale.
     */
    public static Object identity(Value value) {
        return switch (value) {
            case IntegerValue(long number) -> number;
            case DecimalValue(BigDecimal number) -> identity(number.stripTrailingZeros());
            case TextValue(String text) -> text;
            case BooleanValue(boolean truth) -> truth;
            case DateValue(var day) -> day;
            case Value.Null none -> none;
        };
    }
}
