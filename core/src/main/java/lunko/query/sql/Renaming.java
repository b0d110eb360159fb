package lunko.query.sql;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.IntPredicate;
import lunko.query.SqlName;
import lunko.query.sql.grammar.SqlLexer;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.Token;

/**
 * A query's text under new names of tables and columns; everything else in it, white space and comments, stays as it
 * is.
 */
public final class Renaming {
    private final String text;
    private final List<Token> words = new ArrayList<>();
    /** The tables that names before a dot mean: those of the tables themselves, and their aliases. */
    private final Map<String, String> tables = new HashMap<>();

    private Renaming(String text) {
        this.text = text;
        SqlLexer lexer = new SqlLexer(CharStreams.fromString(text));
        lexer.removeErrorListeners();
        for (Token word = lexer.nextToken(); word.getType() != Token.EOF; word = lexer.nextToken()) words.add(word);
        for (int at = 0; at < words.size(); at++) if (isTable(at)) note(at);
    }

    /** The text with a table under another name. */
    public static String table(String text, String from, String to) {
        Renaming renaming = new Renaming(text);
        return renaming.replaced(
                at -> (renaming.isTable(at) || renaming.isFollowedBy(at, SqlLexer.DOT) && !renaming.isAlias(at))
                        && renaming.means(at, from),
                to);
    }

    /**
     * The text with a column of a table under another name. A name without its table is taken for it if no other column
     * is meant by it.
     */
    public static String column(String text, String table, String from, String to) {
        Renaming renaming = new Renaming(text);
        return renaming.replaced(at -> renaming.means(at, from) && renaming.isColumnOf(at, table), to);
    }

    private void note(int at) {
        String table = name(at);
        tables.put(table, table);
        int next = at + 1 < words.size() && words.get(at + 1).getType() == SqlLexer.AS ? at + 2 : at + 1;
        if (next < words.size() && isName(next)) tables.put(name(next), table);
    }

    private boolean isTable(int at) {
        if (!isName(at) || at == 0) return false;
        int before = words.get(at - 1).getType();
        return before == SqlLexer.FROM || before == SqlLexer.JOIN || before == SqlLexer.COMMA && inFrom(at);
    }

    /** Whether the last clause that began before a word, on its level, is FROM. */
    private boolean inFrom(int at) {
        int depth = 0;
        for (int i = at - 1; i >= 0; i--) {
            int type = words.get(i).getType();
            if (type == SqlLexer.RIGHT_PAREN) depth++;
            if (type == SqlLexer.LEFT_PAREN && --depth < 0) return false;
            if (depth > 0) continue;
            if (type == SqlLexer.FROM) return true;
            if (type == SqlLexer.SELECT || type == SqlLexer.WHERE || type == SqlLexer.ON || type == SqlLexer.GROUP
                    || type == SqlLexer.ORDER)
                return false;
        }
        return false;
    }

    private boolean isAlias(int at) {
        String table = tables.get(name(at));
        return table != null && !table.equals(name(at));
    }

    private boolean isColumnOf(int at, String table) {
        if (isFollowedBy(at, SqlLexer.DOT) || isFollowedBy(at, SqlLexer.LEFT_PAREN) || isTable(at)) return false;
        if (at > 1 && words.get(at - 1).getType() == SqlLexer.DOT)
            return table.toLowerCase(Locale.ROOT).equals(tables.get(name(at - 2)));
        boolean named = at > 0 && words.get(at - 1).getType() == SqlLexer.AS;
        return !named && tables.containsValue(table.toLowerCase(Locale.ROOT));
    }

    private boolean isFollowedBy(int at, int type) {
        return at + 1 < words.size() && words.get(at + 1).getType() == type;
    }

    private boolean isName(int at) {
        int type = words.get(at).getType();
        return type == SqlLexer.IDENTIFIER || type == SqlLexer.QUOTED_IDENTIFIER;
    }

    private boolean means(int at, String name) {
        return isName(at) && name(at).equals(name.toLowerCase(Locale.ROOT));
    }

    private String name(int at) {
        String word = words.get(at).getText();
        return (word.startsWith("\"") ? word.substring(1, word.length() - 1).replace("\"\"", "\"") : word)
                .toLowerCase(Locale.ROOT);
    }

    private String replaced(IntPredicate wanted, String to) {
        StringBuilder changed = new StringBuilder(text);
        for (int at = words.size() - 1; at >= 0; at--) {
            if (!wanted.test(at)) continue;
            int start = text.offsetByCodePoints(0, words.get(at).getStartIndex());
            int end = text.offsetByCodePoints(0, words.get(at).getStopIndex() + 1);
            changed.replace(start, end, new SqlName(to).text());
        }
        return changed.toString();
    }
}
