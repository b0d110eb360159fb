package lunko.query.sql;

import java.util.ArrayList;
import java.util.List;
import lunko.query.sql.grammar.SqlLexer;
import lunko.table.Column;
import lunko.table.Table;
import org.antlr.v4.runtime.Token;

/**
 * The queries that WITH gives names to in a text that is being written, as tables without rows: their columns as far as
 * the words tell what they are called, of types that nobody knows yet.
 */
final class NamedQueries {
    private final List<Token> words;

    private NamedQueries(List<Token> words) {
        this.words = words;
    }

    /** Those of a statement. */
    static List<Table> in(List<Token> statement) {
        return new NamedQueries(statement).all();
    }

    private List<Table> all() {
        List<Table> all = new ArrayList<>();
        if (!is(0, SqlLexer.WITH)) return all;
        int at = is(1, SqlLexer.RECURSIVE) ? 2 : 1;
        while (at < words.size()) {
            int name = at;
            int names = is(name + 1, SqlLexer.LEFT_PAREN) ? name + 1 : -1;
            int as = names < 0 ? name + 1 : end(names) + 1;
            if (!is(as, SqlLexer.AS) || !is(as + 1, SqlLexer.LEFT_PAREN)) return all;
            List<String> columns = names < 0 ? selected(as + 2) : listed(names);
            all.add(Table.of(text(name), columns.stream().distinct().map(Column::open).toList(), List.of()));
            int end = end(as + 1);
            if (!is(end + 1, SqlLexer.COMMA)) return all;
            at = end + 2;
        }
        return all;
    }

    private boolean is(int index, int type) {
        return index >= 0 && index < words.size() && words.get(index).getType() == type;
    }

    private boolean isName(int index) {
        return is(index, SqlLexer.IDENTIFIER) || is(index, SqlLexer.QUOTED_IDENTIFIER);
    }

    private String text(int index) {
        String word = words.get(index).getText();
        return word.startsWith("\"") ? word.substring(1, word.length() - 1).replace("\"\"", "\"") : word;
    }

    /** Where a parenthesis is closed; behind all words, if it is not. */
    private int end(int open) {
        int depth = 0;
        for (int i = open; i < words.size(); i++) {
            if (is(i, SqlLexer.LEFT_PAREN)) depth++;
            if (is(i, SqlLexer.RIGHT_PAREN) && --depth == 0) return i;
        }
        return words.size();
    }

    private List<String> listed(int open) {
        List<String> names = new ArrayList<>();
        for (int i = open + 1; i < end(open); i++) if (isName(i)) names.add(text(i));
        return names;
    }

    /** The names that end the items of a SELECT. */
    private List<String> selected(int select) {
        List<String> names = new ArrayList<>();
        int depth = 0;
        for (int i = select + 1; i < words.size() && depth >= 0; i++) {
            if (is(i, SqlLexer.LEFT_PAREN)) depth++;
            if (is(i, SqlLexer.RIGHT_PAREN)) depth--;
            boolean itemEnds = depth == 0 && (is(i, SqlLexer.COMMA) || is(i, SqlLexer.FROM))
                    || depth < 0 && is(i, SqlLexer.RIGHT_PAREN);
            if (itemEnds && isName(i - 1)) names.add(text(i - 1));
            if (depth == 0 && is(i, SqlLexer.FROM)) return names;
        }
        return names;
    }
}
