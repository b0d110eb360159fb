package lunko.engine.sql;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Locale;
import lunko.engine.ValueOrder;
import lunko.query.sql.Expression.Operator;
import lunko.table.Type;
import lunko.table.Value.DecimalValue;
import lunko.table.Value.IntegerValue;
import lunko.table.Value;

/**
 * Exact calculation, and the change of a value into another type. What has no exact answer is an ArithmeticException.
 */
final class Arithmetic {
    /** The digits behind the point that a quotient has at least; the standard leaves it to the implementation. */
    private static final int QUOTIENT_SCALE = 16;

    private Arithmetic() {}

    static Value calculate(Operator operator, Value left, Value right) {
        if (left.isNull() || right.isNull()) return Value.NULL;
        if (operator == Operator.CONCATENATE) return Value.of(left.shown() + right.shown());
        if (left instanceof IntegerValue(long l) && right instanceof IntegerValue(long r)) {
            return Value.of(switch (operator) {
                case PLUS -> Math.addExact(l, r);
                case MINUS -> Math.subtractExact(l, r);
                case TIMES -> Math.multiplyExact(l, r);
                case DIVIDE -> Math.divideExact(l, r);
                case CONCATENATE -> throw new IllegalStateException("no calculation: " + operator);
            });
        }
        BigDecimal l = ValueOrder.number(left);
        BigDecimal r = ValueOrder.number(right);
        return new DecimalValue(switch (operator) {
            case PLUS -> l.add(r);
            case MINUS -> l.subtract(r);
            case TIMES -> l.multiply(r);
            case DIVIDE -> quotient(l, r);
            case CONCATENATE -> throw new IllegalStateException("no calculation: " + operator);
        });
    }

    static BigDecimal quotient(BigDecimal dividend, BigDecimal divisor) {
        int scale = Math.max(QUOTIENT_SCALE, Math.max(dividend.scale(), divisor.scale()));
        return dividend.divide(divisor, scale, RoundingMode.HALF_UP);
    }

    static Value negated(Value value) {
        return switch (value) {
            case IntegerValue(long number) -> Value.of(Math.negateExact(number));
            case DecimalValue(BigDecimal number) -> new DecimalValue(number.negate());
            default -> value;
        };
    }

    static Value absolute(Value value) {
        return switch (value) {
            case IntegerValue(long number) -> Value.of(Math.absExact(number));
            case DecimalValue(BigDecimal number) -> new DecimalValue(number.abs());
            default -> value;
        };
    }

    /** A value as one of another type (ISO/IEC 9075-2, cast specification); ArithmeticException where it is none. */
    static Value cast(Value value, Type type) {
        if (value.isNull()) return value;
        return switch (type) {
            case TEXT -> Value.of(
                    value instanceof Value.BooleanValue(boolean truth) ? (truth ? "true" : "false") : value.shown());
            case INTEGER -> switch (value) {
                case IntegerValue _ -> value;
                case DecimalValue(BigDecimal number) ->
                    Value.of(number.setScale(0, RoundingMode.HALF_UP).longValueExact());
                default -> read(value, type);
            };
            case DECIMAL -> switch (value) {
                case IntegerValue(long number) -> new DecimalValue(BigDecimal.valueOf(number));
                case DecimalValue _ -> value;
                default -> read(value, type);
            };
            case BOOLEAN -> value instanceof Value.BooleanValue ? value : read(value, type);
            case DATE -> value instanceof Value.DateValue(LocalDate _) ? value : read(value, type);
        };
    }

    private static Value read(Value value, Type type) {
        return type.read(value.shown().strip()).orElseThrow(() -> new ArithmeticException(
                value.sql() + " is no " + type.title().toLowerCase(Locale.ROOT)));
    }
}
