package lunko.table;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How large the values of a type may be, as a statement says it behind the name of the type. */
public sealed interface TypeSize {

    /** As large as values of the type are. */
    record Any() implements TypeSize {}

    /** So many digits, and so many of them behind the point (ISO/IEC 9075-2, exact numeric type). */
    record Digits(int precision, int scale) implements TypeSize {
        private Optional<Value> rounded(BigDecimal written) {
            // Digits that nobody has written are not added.
            BigDecimal number =
                    written.scale() <= scale ? written : written.setScale(scale, RoundingMode.HALF_UP);
            return number.signum() != 0 && number.precision() - number.scale() > precision - scale ? Optional.empty()
                    : Optional.of(new Value.DecimalValue(number));
        }
    }

    /** So many characters (ISO/IEC 9075-2, character string type). */
    record Characters(int most) implements TypeSize {}

    /** A whole number of so many bits. */
    record Bits(int bits) implements TypeSize {}

    /** The lengths that scripts say where one must be said and none is meant. */
    List<Integer> LENGTHS = List.of(50, 255, 4000);

    /** The digits that scripts say where they must be said and none are meant. */
    int DIGITS = 38;

    /** A size for texts of any length, where one must be said, some of which have so many characters. */
    static TypeSize roomForCharacters(int characters) {
        return new Characters(
                LENGTHS.stream().filter(length -> length >= characters).findFirst().orElse(characters));
    }

    /** A size for decimals of any number of digits, where one must be said, some with so many behind the point. */
    static TypeSize roomForDigits(int behindPoint) {
        return new Digits(DIGITS, Math.min(20, behindPoint));
    }

    /** Whether a script says this size because it must say one, and means none. */
    default boolean isRoom() {
        return switch (this) {
            case Any() -> true;
            case Bits _ -> false;
            case Digits(int precision, _) -> precision >= DIGITS;
            case Characters(int most) -> LENGTHS.contains(most) || most > LENGTHS.getLast();
        };
    }

    /** The sizes that columns of a type usually have, the first of them any; none where a type has no sizes. */
    static List<TypeSize> usual(Type type) {
        return switch (type) {
            case INTEGER -> List.of(new Any(), new Bits(Short.SIZE));
            case DECIMAL -> List.of(new Any(), new Digits(4, 1), new Digits(5, 2), new Digits(6, 2), new Digits(8, 2),
                    new Digits(10, 2), new Digits(10, 4));
            case TEXT -> List.of(new Any(), new Characters(1), new Characters(2), new Characters(3), new Characters(5),
                    new Characters(10), new Characters(20), new Characters(40), new Characters(100));
            case BOOLEAN, DATE -> List.of();
        };
    }

    /** Whether a value can be of that size. */
    default boolean isPossible() {
        return switch (this) {
            case Any() -> true;
            case Bits(int bits) -> bits >= 1 && bits < Long.SIZE;
            case Digits(int precision, int scale) -> precision >= 1 && scale >= 0 && scale <= precision;
            case Characters(int most) -> most >= 1;
        };
    }

    /** Whether values of a type have sizes of this kind. */
    default boolean isOf(Type type) {
        return switch (this) {
            case Any() -> true;
            case Bits _ -> type == Type.INTEGER;
            case Digits _ -> type == Type.DECIMAL;
            case Characters _ -> type == Type.TEXT;
        };
    }

    /**
     * A value as it is stored: digits behind the point are rounded, blanks at the end of a text may go; nothing, if it
     * is too large or too long (ISO/IEC 9075-2, store assignment).
     */
    default Optional<Value> stored(Value value) {
        return this instanceof Characters(int most) && value instanceof Value.TextValue(String text)
                && text.stripTrailing().codePointCount(0, text.stripTrailing().length()) > most ? Optional.empty()
                        : cast(value);
    }

    /**
     * A value that is made one of this size: a text that is too long loses its end; nothing, if it is a number that is
     * too large (ISO/IEC 9075-2, cast specification).
     */
    default Optional<Value> cast(Value value) {
        return switch (this) {
            case Any() -> Optional.of(value);
            case Characters(int most) -> Optional.of(value instanceof Value.TextValue(String text)
                    && text.codePointCount(0, text.length()) > most
                            ? Value.of(text.substring(0, text.offsetByCodePoints(0, most))) : value);
            case Bits(int bits) -> Optional.of(value).filter(whole -> !(whole instanceof Value.IntegerValue(long number)
                    && (number >= 1L << bits - 1 || number < -(1L << bits - 1))));
            case Digits digits -> value instanceof Value.DecimalValue(BigDecimal number) ? digits.rounded(number)
                    : Optional.of(value);
        };
    }

    /** A type of this size, as a statement declares it: {@code DECIMAL(8, 2)}. */
    default String sql(Type type) {
        return switch (this) {
            case Any _ -> type.id().toUpperCase(Locale.ROOT);
            case Bits _ -> "SMALLINT";
            case Digits(int precision, int scale) -> "DECIMAL(" + precision + ", " + scale + ")";
            case Characters(int most) -> "VARCHAR(" + most + ")";
        };
    }
}
