package lunko.query.sql;

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

    /** What stands behind the name of the type, if anything does: {@code (8, 2)}. */
    default String sql() {
        return switch (this) {
            case Any _,Bits _ -> "";
            case Digits(int precision, int scale) -> "(" + precision + ", " + scale + ")";
            case Characters(int most) -> "(" + most + ")";
        };
    }
}
