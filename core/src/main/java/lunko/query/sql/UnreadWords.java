package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import lunko.problem.Unread;
import org.antlr.v4.runtime.Token;

/**
 * What cannot be read because Lunko reads no such thing, recognised by the words around the one that cannot be read.
 *
 * @param words those of the statement
 * @param at which of them cannot be read; the number of all at the end
 */
record UnreadWords(List<Token> words, int at) {
    /** What it is, and the word that it is known by. */
    record Found(Unread unread, Token at) {}

    /** What is not read, if it is known. */
    Optional<Found> found() {
        return isAny(at, "OVER", "FILTER").or(() -> isAny(at - 1, "OVER", "FILTER"))
                .map(word -> new Found(says(word, "OVER") ? Unread.WINDOW : Unread.FILTER, words.get(word)))
                .or(() -> isAny(at, "APPLY").map(word -> new Found(Unread.APPLY, words.get(word))))
                .or(() -> isAny(at, "SEMI", "ANTI").map(word -> new Found(Unread.SEMI_OR_ANTI, words.get(word))))
                .or(this::outerMark).or(this::distinctOn).or(this::statements);
    }

    private boolean says(int index, String word) {
        return index >= 0 && index < words.size() && words.get(index).getText().equalsIgnoreCase(word);
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
                .or(() -> found(says(at, "=") && says(at - 1, "*"), Unread.OUTER_MARK, at - 1))
                .or(() -> found(says(at, "*") && says(at - 1, "="), Unread.OUTER_MARK, at - 1));
    }

    private Optional<Found> distinctOn() {
        return found(says(at, "ON") && says(at - 1, "DISTINCT"), Unread.DISTINCT_ON, at - 1);
    }

    private Optional<Found> statements() {
        return found(says(at, "INTO") && says(0, "SELECT"), Unread.INTO, at)
                .or(() -> found(at == 0 && says(at, "MERGE"), Unread.MERGE, at));
    }
}
