package lunko.query;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A name as SQL text has it: as it is where that is a regular identifier, in double quotes where not (ISO/IEC 9075-2,
 * identifier).
 */
public record SqlName(String name) {
    private static final Pattern REGULAR = Pattern.compile("\\p{L}[\\p{L}\\p{Nd}_]*");

    // The reserved words that databases refuse as a bare name. The standard reserves more (DAY, NO, VALUE), but a
    // lesson full of quotes would teach nothing.
    private static final Set<String> RESERVED = Set.of("all", "and", "any", "as", "asc", "between", "both", "case",
            "cast", "check", "column", "create", "cross", "default", "desc", "distinct", "else", "end", "escape",
            "except", "exists", "false", "fetch", "for", "foreign", "from", "full", "grant", "group", "having", "in",
            "inner",
            "intersect", "into", "is", "join", "lateral", "left", "like", "limit", "natural", "not", "null", "offset",
            "on",
            "only", "or", "order", "outer", "primary", "references", "right", "select", "some", "table", "then",
            "to", "true", "union", "unique", "user", "using", "when", "where", "with");

    /** The name, quoted where it must be. */
    public String text() {
        boolean plain = REGULAR.matcher(name).matches() && !RESERVED.contains(name.toLowerCase(Locale.ROOT));
        return plain ? name : quoted(name);
    }

    /** A name in double quotes. */
    public static String quoted(String name) {
        return "\"" + name.replace("\"", "\"\"") + "\"";
    }
}
