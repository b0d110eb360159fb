package lunko.query.sql;

import java.util.ArrayDeque;
import java.util.Deque;
import lunko.query.sql.grammar.SqlLexer;

/**
 * How deep the tree of a statement will be, told from its words: by parentheses, by signs before a value, and by what
 * is put together one after the other, of which the first is as deep as the row is long.
 */
final class Depth {

    /** What is known of an open parenthesis: since its last comma, and of the parts before that. */
    private static final class Level {
        private int chained;
        private int deepestWithin;
        private int deepestBefore;

        int sinceComma() {
            return chained + deepestWithin;
        }

        void comma() {
            deepestBefore = Math.max(deepestBefore, sinceComma());
            chained = 0;
            deepestWithin = 0;
        }
    }

    private final Deque<Level> open = new ArrayDeque<>();
    private int prefixes;

    Depth() {
        open.push(new Level());
    }

    /** Takes the next word. */
    void see(int word) {
        boolean isPrefix = word == SqlLexer.NOT || word == SqlLexer.PLUS || word == SqlLexer.MINUS;
        prefixes = isPrefix ? prefixes + 1 : 0;
        switch (word) {
            case SqlLexer.LEFT_PAREN, SqlLexer.CASE -> open.push(new Level());
            case SqlLexer.RIGHT_PAREN, SqlLexer.END -> close();
            case SqlLexer.COMMA -> open.getFirst().comma();
            case SqlLexer.AND, SqlLexer.OR, SqlLexer.PLUS, SqlLexer.MINUS, SqlLexer.STAR, SqlLexer.SLASH,
                    SqlLexer.CONCATENATE,
                    SqlLexer.UNION, SqlLexer.INTERSECT, SqlLexer.EXCEPT, SqlLexer.JOIN ->
                open.getFirst().chained++;
            default -> {}
        }
    }

    private void close() {
        if (open.size() == 1) return;
        Level closed = open.pop();
        closed.comma();
        open.getFirst().deepestWithin = Math.max(open.getFirst().deepestWithin, closed.deepestBefore);
    }

    /** How many parentheses are open, or signs stand one behind the other. */
    int nested() {
        return Math.max(open.size() - 1, prefixes);
    }

    /** How deep the part at hand is by what is put together in it. */
    int chained() {
        return open.getFirst().sinceComma();
    }
}
