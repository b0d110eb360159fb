package lunko.query.sql;

import java.util.Locale;
import lunko.table.Type;

/** How large the values of a type may be, as a statement says it behind the name of the type. */
public sealed interface TypeSize {

    /** As large as values of the type are. */
    record Any() implements TypeSize {}

    /** So many digits, and so many of them behind the point (ISO/IEC 9075-2, exact numeric type). */
    record Digits(int precision, int scale) implements TypeSize {}

    /** So many characters (ISO/IEC 9075-2, character string type). */
    record Characters(int most) implements TypeSize {}

    /** A whole number of so many bits. */
    record Bits(int bits) implements TypeSize {}

    /** Whether a value can be of that size. */
    default boolean isPossible() {
        return switch (this) {
            case Any _,Bits _ -> true;
            case Digits(int precision, int scale) -> precision >= 1 && scale <= precision;
            case Characters(int most) -> most >= 1;
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
