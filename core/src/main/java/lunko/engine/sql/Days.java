package lunko.engine.sql;

import java.time.DateTimeException;
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

    /** What is calculated; an ArithmeticException, where no calendar has the day. */
    static Value calculate(Operator operator, Value left, Value right) {
        if (left instanceof DateValue(LocalDate one) && right instanceof DateValue(LocalDate other))
            return Value.of(ChronoUnit.DAYS.between(other, one));
        if (left instanceof DateValue(LocalDate day) && right instanceof IntegerValue(long days))
            return later(day, operator == Operator.MINUS ? Math.negateExact(days) : days);
        if (left instanceof IntegerValue(long days) && right instanceof DateValue(LocalDate day))
            return later(day, days);
        return Value.NULL;
    }

    private static Value later(LocalDate day, long days) {
        try {
            LocalDate later = day.plusDays(days);
            if (later.isBefore(FIRST) || later.isAfter(LAST)) throw new ArithmeticException("no such day");
            return new DateValue(later);
        } catch (DateTimeException outOfRange) {
            throw new ArithmeticException(outOfRange.getMessage());
        }
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
