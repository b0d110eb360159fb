package lunko.exchange.sheet;

import java.math.BigDecimal;
import java.util.OptionalDouble;
import lunko.problem.Limits;

/** Numbers as a spreadsheet holds them, and as texts that Lunko reads: with all their digits and no exponent. */
final class SheetNumber {
    private SheetNumber() {}

    /** A floating point number of 64 bits (IEEE 754), with so many digits behind the point at least. */
    static String shown(double number, int digits) {
        BigDecimal exact = BigDecimal.valueOf(number).stripTrailingZeros();
        BigDecimal plain = exact.signum() == 0 ? BigDecimal.ZERO : exact;
        return plain(plain.setScale(Math.max(Math.max(plain.scale(), 0), digits)));
    }

    /** A number as it is written; one that is longer than any that is read keeps its exponent. */
    static String plain(BigDecimal number) {
        return Limits.isTooLong(number) ? number.toString() : number.toPlainString();
    }

    /** A number as a floating point one; nothing where it would become another one. */
    static OptionalDouble held(BigDecimal number) {
        double near = number.doubleValue();
        return !Double.isInfinite(near) && BigDecimal.valueOf(near).compareTo(number) == 0 ? OptionalDouble.of(near)
                : OptionalDouble.empty();
    }
}
