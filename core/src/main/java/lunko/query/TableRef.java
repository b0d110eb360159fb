package lunko.query;

import java.util.Locale;
import lunko.table.Table;

/** A table in a query, by name, and the alias that its columns are qualified with. */
public record TableRef(String table, String alias) {

    /** The first letter of a table's name, lower case: its alias where no other table has the same. */
    static String initial(Table table) {
        return table.name().codePoints().filter(Character::isLetter).limit(1)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString().toLowerCase(Locale.ROOT);
    }
}
