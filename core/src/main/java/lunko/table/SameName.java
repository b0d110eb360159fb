package lunko.table;

import java.util.Locale;

/**
 * Whether two names are the same: of tables, columns and aliases, upper and lower case make no difference (ISO/IEC
 * 9075-2, identifier, of such as are not delimited).
 */
public final class SameName {
    private SameName() {}

    /** Whether they are. */
    public static boolean of(String one, String other) {
        return one.equalsIgnoreCase(other);
    }

    /** What all names that are the same have in common, to be looked up by. */
    public static String key(String name) {
        return name.toUpperCase(Locale.ROOT).toLowerCase(Locale.ROOT);
    }
}
