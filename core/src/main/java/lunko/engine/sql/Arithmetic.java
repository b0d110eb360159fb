package lunko.engine.sql;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import lunko.engine.ValueOrder;
import lunko.query.sql.Expression.Operator;
import lunko.table.Type;
import lunko.table.Value.DecimalValue;
import lunko.table.Value.IntegerValue;
import lunko.table.Value;

/**
 * Exact calculation, and the change of a value into another type. What does not fit its type is an ArithmeticException.
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

    static boolean isZero(Value value) {
        return switch (value) {
            case IntegerValue(long number) -> number == 0;
            case DecimalValue(BigDecimal number) -> number.signum() == 0;
            default -> false;
        };
    }

    static BigDecimal quotient(BigDecimal dividend, BigDecimal divisor) {
        int scale = Math.max(QUOTIENT_SCALE, Math.max(dividend.scale(), divisor.scale()));
        return dividend.divide(divisor, scale, RoundingMode.HALF_UP);
    }

    /** What is left when the one is divided by the other, which is not zero. */
    static Value remainder(Value left, Value right) {
        if (left.isNull() || right.isNull()) return Value.NULL;
        return left instanceof IntegerValue(long l) && right instanceof IntegerValue(long r) ? Value.of(l % r)
                : new DecimalValue(ValueOrder.number(left).remainder(ValueOrder.number(right)));
    }

    /** A number with so many digits behind the point; fewer than none round to tens, hundreds and so on. */
    static Value rounded(Value value, Value digits) {
        if (value.isNull() || digits.isNull()) return Value.NULL;
        int scale = ValueOrder.number(digits).min(BigDecimal.valueOf(Type.MOST_DIGITS))
                .max(BigDecimal.valueOf(-Type.MOST_DIGITS)).intValue();
        BigDecimal number = ValueOrder.number(value);
        // Digits that nobody has written are not added.
        if (number.scale() <= scale) return value;
        BigDecimal rounded = number.setScale(scale, RoundingMode.HALF_UP);
        if (value instanceof IntegerValue) return Value.of(rounded.longValueExact());
        return new DecimalValue(rounded.setScale(Math.max(0, scale), RoundingMode.UNNECESSARY));
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

    /** A value as one of another type (ISO/IEC 9075-2, cast specification), if it is one. */
    static Optional<Value> cast(Value value, Type type) {
        if (value.isNull()) return Optional.of(value);
        return switch (type) {
            case TEXT -> Optional.of(Value.of(
                    value instanceof Value.BooleanValue(boolean truth) ? (truth ? "true" : "false") : value.shown()));
            case INTEGER -> switch (value) {
                case IntegerValue _ -> Optional.of(value);
                case DecimalValue(BigDecimal number) ->
                    Optional.of(Value.of(number.setScale(0, RoundingMode.HALF_UP).longValueExact()));
                default -> read(value, type);
            };
            case DECIMAL -> switch (value) {
                case IntegerValue(long number) -> Optional.of(new DecimalValue(BigDecimal.valueOf(number)));
                case DecimalValue _ -> Optional.of(value);
                default -> read(value, type);
            };
            case BOOLEAN -> value instanceof Value.BooleanValue ? Optional.of(value) : read(value, type);
            case DATE -> value instanceof Value.DateValue ? Optional.of(value) : read(value, type);
        };
    }

    private static Optional<Value> read(Value value, Type type) {
        return type.read(value.shown().strip());
    }
}
