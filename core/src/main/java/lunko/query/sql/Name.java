package lunko.query.sql;

import lunko.query.SqlName;
import lunko.table.SameName;

/** An identifier. Unquoted it means any name that differs from it in case alone; quoted it means exactly itself. */
public record Name(String text, boolean quoted) {

    /** An unquoted identifier. */
    public static Name of(String text) {
        return new Name(text, false);
    }

    /** Whether this identifier means something of that name. */
    public boolean means(String name) {
        return quoted ? text.equals(name) : SameName.of(text, name);
    }

    /** The identifier as SQL text. */
    public String sql() {
        return quoted ? SqlName.quoted(text) : new SqlName(text).text();
    }
}
