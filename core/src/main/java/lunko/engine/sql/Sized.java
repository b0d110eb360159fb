package lunko.engine.sql;

import java.math.BigDecimal;
import java.math.RoundingMode;
import lunko.problem.Checked;
import lunko.problem.RunFault;
import lunko.query.sql.TypeSize;
import lunko.table.Value;

/** A value as large as a type allows (ISO/IEC 9075-2, store assignment, and CAST specification). */
final class Sized {
    private Sized() {}

    /**
     * A value that is stored: digits behind the point are rounded, and what is too large or too long is a problem;
     * blanks at the end of a text may go.
     */
    static Checked<Value> stored(Value value, TypeSize size) {
        return switch (size) {
            case TypeSize.Characters(int most) when value instanceof Value.TextValue(String text)
                    && text.stripTrailing().codePointCount(0, text.stripTrailing().length()) > most ->
                Checked.invalid(new RunFault.TooLongFor(value.sql(), most));
            case TypeSize.Characters _,TypeSize.Digits _,TypeSize.Bits _,TypeSize.Any _ -> cast(value, size);
        };
    }

    /** A value that is made another: a text that is too long loses its end. */
    static Checked<Value> cast(Value value, TypeSize size) {
        return switch (size) {
            case TypeSize.Any() -> Checked.valid(value);
            case TypeSize.Characters(int most) -> Checked.valid(value instanceof Value.TextValue(String text)
                    && text.codePointCount(0, text.length()) > most
                            ? Value.of(text.substring(0, text.offsetByCodePoints(0, most))) : value);
            case TypeSize.Bits(int bits) -> value instanceof Value.IntegerValue(long number)
                    && (number >= 1L << bits - 1 || number < -(1L << bits - 1))
                            ? Checked.invalid(new RunFault.TooLargeFor(value.sql(), bits)) : Checked.valid(value);
            case TypeSize.Digits(int precision, int scale) -> value instanceof Value.DecimalValue(BigDecimal number)
                    // Digits that nobody has written are not added.
                    ? rounded(value, number.scale() <= scale ? number : number.setScale(scale, RoundingMode.HALF_UP),
                            precision, scale)
                    : Checked.valid(value);
        };
    }

    private static Checked<Value> rounded(Value value, BigDecimal number, int precision, int scale) {
        return number.signum() != 0 && number.precision() - number.scale() > precision - scale
                ? Checked.invalid(new RunFault.TooManyDigitsFor(value.sql(), precision, scale))
                : Checked.valid(new Value.DecimalValue(number));
    }
}
