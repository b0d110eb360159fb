package lunko.exchange.json;

import java.math.BigDecimal;
import java.util.Iterator;
import java.util.Map;

/** JSON as a text (RFC 8259), in one line or in many. */
public final class JsonWriter {
    private static final int FIRST_PRINTABLE = 0x20;

    private final StringBuilder text = new StringBuilder();
    private final boolean lines;
    private int depth;

    private JsonWriter(boolean lines) {
        this.lines = lines;
    }

    /** A value in one line. */
    public static String compact(Json json) {
        return new JsonWriter(false).write(json).text.toString();
    }

    /** A value as people read it: each member of an object in a line of its own. */
    public static String inLines(Json json) {
        return new JsonWriter(true).write(json).text.toString();
    }

    private JsonWriter write(Json json) {
        switch (json) {
            case Json.Null() -> text.append("null");
            case Json.Flag(boolean truth) -> text.append(truth);
            case Json.Figure(BigDecimal number) -> text.append(number.toPlainString());
            case Json.Text(String characters) -> quote(characters);
            case Json.Items items -> list(items);
            case Json.Members members -> object(members);
        }
        return this;
    }

    private void list(Json.Items items) {
        text.append(lines && !items.all().isEmpty() ? "[ " : "[");
        for (Iterator<Json> all = items.all().iterator(); all.hasNext();) {
            write(all.next());
            if (all.hasNext()) text.append(lines ? ", " : ",");
        }
        text.append(lines && !items.all().isEmpty() ? " ]" : "]");
    }

    private void object(Json.Members members) {
        text.append('{');
        depth++;
        for (Iterator<Map.Entry<String, Json>> all = members.all().entrySet().iterator(); all.hasNext();) {
            Map.Entry<String, Json> member = all.next();
            newLine();
            quote(member.getKey());
            text.append(lines ? " : " : ":");
            write(member.getValue());
            if (all.hasNext()) text.append(',');
        }
        depth--;
        if (!members.all().isEmpty()) newLine();
        text.append('}');
    }

    private void newLine() {
        if (lines) text.append('\n').append("  ".repeat(depth));
    }

    private void quote(String characters) {
        text.append('"');
        for (int i = 0; i < characters.length(); i++) {
            char sign = characters.charAt(i);
            switch (sign) {
                case '"' -> text.append("\\\"");
                case '\\' -> text.append("\\\\");
                case '\n' -> text.append("\\n");
                case '\r' -> text.append("\\r");
                case '\t' -> text.append("\\t");
                default -> {
                    // The two line separators end a line in a script, and half a character is none in UTF-8.
                    boolean plain = sign >= FIRST_PRINTABLE && sign != '\u2028' && sign != '\u2029'
                            && !Character.isSurrogate(sign);
                    if (plain || isWhole(characters, i)) text.append(sign);
                    else escape(sign);
                }
            }
        }
        text.append('"');
    }

    private static boolean isWhole(String characters, int at) {
        char sign = characters.charAt(at);
        return Character.isHighSurrogate(sign) && at + 1 < characters.length()
                && Character.isLowSurrogate(characters.charAt(at + 1))
                || Character.isLowSurrogate(sign) && at > 0 && Character.isHighSurrogate(characters.charAt(at - 1));
    }

    private void escape(char sign) {
        String digits = Integer.toHexString(sign);
        text.append("\\u").append("0000", 0, 4 - digits.length()).append(digits);
    }
}
