package lunko.engine.sql;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The functions of values, by the names that SQL has for them (ISO/IEC 9075-2, value functions and COALESCE). */
enum ValueFunction {
    UPPER, LOWER, TRIM, ABS, CHAR_LENGTH, COALESCE, NULLIF;

    /** The function of a name in any case, of which CHAR_LENGTH has two. */
    static Optional<ValueFunction> named(String name) {
        String upper = name.toUpperCase(Locale.ROOT);
        return upper.equals("CHARACTER_LENGTH") ? Optional.of(CHAR_LENGTH)
                : Arrays.stream(values()).filter(function -> function.name().equals(upper)).findFirst();
    }
}
