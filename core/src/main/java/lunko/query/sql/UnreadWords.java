package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.problem.Unread;
import lunko.query.sql.grammar.SqlLexer;
import org.antlr.v4.runtime.Token;

/**
 * What cannot be read because Lunko reads no such thing, recognised by the words around the one that cannot be read.
 *
 * @param words those of the statement
 * @param at which of them cannot be read; the number of all at the end
 */
record UnreadWords(List<Token> words, int at) {
    private static final Set<Integer> BEFORE_CONDITION =
            Set.of(SqlLexer.WHERE, SqlLexer.ON, SqlLexer.AND, SqlLexer.OR, SqlLexer.NOT, SqlLexer.HAVING);
    private static final Set<Integer> BEFORE_TABLE = Set.of(SqlLexer.FROM, SqlLexer.JOIN, SqlLexer.COMMA);

    /** What it is, and the word that it is known by. */
    record Found(Unread unread, Token at) {}

    /** What is not read, if it is known. */
    Optional<Found> found() {
        return isAny(at, "OVER", "FILTER").or(() -> isAny(at - 1, "OVER", "FILTER"))
                .map(word -> new Found(says(word, "OVER") ? Unread.WINDOW : Unread.FILTER, words.get(word)))
                .or(() -> isAny(at, "LATERAL", "APPLY").or(() -> isAny(at - 1, "LATERAL"))
                        .map(word -> new Found(Unread.LATERAL, words.get(word))))
                .or(() -> isAny(at, "SEMI", "ANTI").map(word -> new Found(Unread.SEMI_OR_ANTI, words.get(word))))
                .or(() -> isAny(at, "ILIKE").map(word -> new Found(Unread.ILIKE, words.get(word))))
                .or(() -> isAny(at, "ESCAPE").map(word -> new Found(Unread.ESCAPE, words.get(word))))
                .or(this::outerMark).or(this::rowOfValues).or(this::functions).or(this::tables).or(this::statements);
    }

    private boolean says(int index, String word) {
        return index >= 0 && index < words.size() && words.get(index).getText().equalsIgnoreCase(word);
    }

    private boolean is(int index, Set<Integer> types) {
        return index >= 0 && index < words.size() && types.contains(words.get(index).getType());
    }

    /** Where it is, if a word is one of these. */
    private Optional<Integer> isAny(int index, String... any) {
        return List.of(any).stream().anyMatch(word -> says(index, word)) ? Optional.of(index) : Optional.empty();
    }

    private Optional<Found> found(boolean is, Unread unread, int index) {
        return is ? Optional.of(new Found(unread, words.get(index))) : Optional.empty();
    }

    private Optional<Found> outerMark() {
        return found(says(at, "(") && says(at + 1, "+") && says(at + 2, ")"), Unread.OUTER_MARK, at)
                .or(() -> found(says(at, "=") && says(at - 1, "*"), Unread.OUTER_MARK, at - 1));
    }

    /** {@code (a, b) IN}, where the comma cannot be read. */
    private Optional<Found> rowOfValues() {
        if (!says(at, ",")) return Optional.empty();
        int open = IntStream.iterate(at - 1, i -> i >= 0, i -> i - 1).filter(i -> says(i, "(")).findFirst().orElse(-1);
        return found(open > 0 && (is(open - 1, BEFORE_CONDITION) || says(open - 1, "=")), Unread.ROW_OF_VALUES, open);
    }

    private Optional<Found> functions() {
        return found(says(at, "FROM") && says(at - 2, "(") && says(at - 3, "EXTRACT"), Unread.EXTRACT, at - 3)
                .or(() -> found(says(at - 1, "IN") && says(at - 3, "(") && says(at - 4, "POSITION"), Unread.POSITION,
                        at - 4))
                .or(() -> found(says(at, "ON") && says(at - 1, "DISTINCT"), Unread.DISTINCT_ON, at - 1));
    }

    private Optional<Found> tables() {
        return found(says(at - 1, "VALUES") && says(at, "("), Unread.VALUES, at - 1)
                .or(() -> found(says(at, ".") && is(at - 2, BEFORE_TABLE) && words.subList(0, at).stream()
                        .anyMatch(word -> word.getType() == SqlLexer.FROM), Unread.SCHEMA, at - 1));
    }

    private Optional<Found> statements() {
        return found(says(at, "VIEW") && says(0, "CREATE"), Unread.VIEW, at)
                .or(() -> found(says(at, "INTO") && says(0, "SELECT"), Unread.INTO, at))
                .or(() -> found(at == 0 && says(at, "ROLLBACK"), Unread.ROLLBACK, at))
                .or(() -> found(at == 0 && says(at, "MERGE"), Unread.MERGE, at));
    }
}
