package lunko.engine.sql;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import lunko.query.sql.DatePart;
import lunko.query.sql.Expression.Operator;
import lunko.table.Type;
import lunko.table.Value.DateValue;
import lunko.table.Value.IntegerValue;
import lunko.table.Value;

/** Calculation with days. */
final class Days {
    private static final LocalDate FIRST = LocalDate.of(1, 1, 1);
    private static final LocalDate LAST = LocalDate.of(9999, 12, 31);

    private Days() {}

    /** The type of what is calculated, if that is something with days. */
    static Optional<Type> type(Operator operator, Optional<Type> left, Optional<Type> right) {
        boolean fromDay = left.filter(Type.DATE::equals).isPresent();
        boolean toDay = right.filter(Type.DATE::equals).isPresent();
        return switch (operator) {
            case PLUS -> fromDay && isCount(right) || isCount(left) && toDay ? Optional.of(Type.DATE)
                    : Optional.empty();
            case MINUS -> !fromDay ? Optional.empty() : toDay ? Optional.of(Type.INTEGER)
                    : isCount(right) ? Optional.of(Type.DATE) : Optional.empty();
            case TIMES, DIVIDE, CONCATENATE -> Optional.empty();
        };
    }

    private static boolean isCount(Optional<Type> type) {
        return type.isEmpty() || type.get() == Type.INTEGER;
    }

    /** What is calculated; nothing, where the day is none from year 1 to year 9999. */
    static Optional<Value> calculate(Operator operator, Value left, Value right) {
        if (left instanceof DateValue(LocalDate one) && right instanceof DateValue(LocalDate other))
            return Optional.of(Value.of(ChronoUnit.DAYS.between(other, one)));
        if (left instanceof DateValue(LocalDate day) && right instanceof IntegerValue(long days))
            return operator == Operator.MINUS ? later(day, days, -1) : later(day, days, 1);
        if (left instanceof IntegerValue(long days) && right instanceof DateValue(LocalDate day))
            return later(day, days, 1);
        return Optional.of(Value.NULL);
    }

    private static Optional<Value> later(LocalDate day, long days, int sign) {
        // So many days are between the first and the last.
        if (Math.abs(days) > ChronoUnit.DAYS.between(FIRST, LAST) || days == Long.MIN_VALUE) return Optional.empty();
        LocalDate later = day.plusDays(sign * days);
        return later.isBefore(FIRST) || later.isAfter(LAST) ? Optional.empty() : Optional.of(new DateValue(later));
    }

    /** A part of a day. */
    static Value part(DatePart part, LocalDate day) {
        return Value.of(switch (part) {
            case YEAR -> day.getYear();
            case MONTH -> day.getMonthValue();
            case DAY -> day.getDayOfMonth();
        });
    }
}
