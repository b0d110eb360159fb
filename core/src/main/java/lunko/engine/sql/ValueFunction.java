package lunko.engine.sql;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * The functions of values, by the names that SQL has for them (ISO/IEC 9075-2, value functions, COALESCE, GREATEST and
 * LEAST), and ROUND and CONCAT, which the standard has not and every database has.
 */
enum ValueFunction {
    UPPER, LOWER, TRIM, SUBSTRING, CHAR_LENGTH, CONCAT, ABS, MOD, ROUND, COALESCE, NULLIF, GREATEST, LEAST;

    /** The function of a name in any case, of which CHAR_LENGTH has three and SUBSTRING two. */
    static Optional<ValueFunction> named(String name) {
        String upper = name.toUpperCase(Locale.ROOT);
        return upper.equals("CHARACTER_LENGTH") || upper.equals("LENGTH") ? Optional.of(CHAR_LENGTH)
                : upper.equals("SUBSTR") ? Optional.of(SUBSTRING)
                        : Arrays.stream(values()).filter(function -> function.name().equals(upper)).findFirst();
    }
}
