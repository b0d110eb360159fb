package lunko.table;

import java.math.BigDecimal;
import java.time.LocalDate;

/** What a cell holds: a value of one of the five types, or NULL. */
public sealed interface Value {

    /** A whole number that fits 64 bits. */
    record IntegerValue(long number) implements Value {}

    /** An exact number; its scale is kept as it was written. */
    record DecimalValue(BigDecimal number) implements Value {}

    /** A text, which may be empty. */
    record TextValue(String text) implements Value {}

    /** True or false; unknown is NULL. */
    record BooleanValue(boolean truth) implements Value {}

    /** A day of the calendar. */
    record DateValue(LocalDate day) implements Value {}

    /** The absence of a value. */
    enum Null implements Value {
        /** The only one. */
        NULL
    }

    /** The absence of a value. */
    Value NULL = Null.NULL;

    /** A whole number. */
    static Value of(long number) {
        return new IntegerValue(number);
    }

    /** A text. */
    static Value of(String text) {
        return new TextValue(text);
    }

    /** Whether this is NULL. */
    default boolean isNull() {
        return this == NULL;
    }

    /** The value as a table shows it: {@code Oda}, {@code 12}, {@code NULL}. */
    default String shown() {
        return switch (this) {
            case IntegerValue(long number) -> Long.toString(number);
            case DecimalValue(BigDecimal number) -> number.toPlainString();
            case TextValue(String text) -> text;
            case BooleanValue(boolean truth) -> Boolean.toString(truth);
            case DateValue(LocalDate day) -> day.toString();
            case Null _ -> "NULL";
        };
    }

    /** The value as an SQL literal: {@code 'Oda'}, {@code 12}, {@code DATE '2026-05-01'} (ISO/IEC 9075-2, literal). */
    default String sql() {
        return switch (this) {
            case TextValue(String text) -> "'" + text.replace("'", "''") + "'";
            case BooleanValue(boolean truth) -> truth ? "TRUE" : "FALSE";
            case DateValue(LocalDate day) -> "DATE '" + day + "'";
            case IntegerValue _,DecimalValue _,Null _ -> shown();
        };
    }
}
