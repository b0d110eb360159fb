package lunko.engine;

import lunko.table.Truth;
import lunko.table.Value;

/** Two values of comparable types, compared by {@code =}. */
public record Comparison(Value left, Value right) {
    /** A value longer than that would fill the line. */
    private static final int LONGEST = 30;

    /** Whether the values are equal; unknown if either is NULL, and so if both are. */
    public Truth equal() {
        if (left.isNull() || right.isNull()) return Truth.UNKNOWN;
        return Truth.of(ValueOrder.VALUES.compare(left, right) == 0);
    }

    /** The comparison as SQL: {@code 12 = 12}, {@code NULL = 'Oda'}; long values are cut. */
    public String sql() {
        return literal(left) + " = " + literal(right);
    }

    /** A value as SQL writes it, cut where it would fill the line. */
    public static String literal(Value value) {
        return shortened(value.sql());
    }

    /** A text, cut where it would fill the line. */
    public static String shortened(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
    }
}
