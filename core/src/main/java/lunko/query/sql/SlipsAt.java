package lunko.query.sql;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.problem.SyntaxFault.Slip;
import lunko.query.sql.grammar.SqlLexer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.misc.IntervalSet;

/**
 * What learners write in the place of SQL, recognised by the words around the one that cannot be read; a fix is offered
 * where only one thing can be meant.
 */
abstract sealed class SlipsAt permits WordSlips, JoinSlips, ClauseSlips, QuerySlips {
    /** The clauses of a query in their order. */
    static final List<Integer> CLAUSES = List.of(SqlLexer.SELECT, SqlLexer.FROM, SqlLexer.WHERE,
            SqlLexer.GROUP, SqlLexer.HAVING, SqlLexer.ORDER, SqlLexer.OFFSET, SqlLexer.FETCH, SqlLexer.LIMIT);
    private static final Set<Integer> NAMES = Set.of(SqlLexer.IDENTIFIER, SqlLexer.QUOTED_IDENTIFIER);

    /**
     * The place in a statement.
     *
     * @param words those of the statement
     * @param at which of them cannot be read; the number of all at the end
     * @param expected the sorts of words that could stand there
     */
    record Spot(List<Token> words, int at, IntervalSet expected, Fix fix) {}

    /** A slip, the word where it begins, and the text mended. */
    record Found(Slip slip, Token from, Optional<Fix> mended) {}

    final List<Token> words;
    final int at;
    final IntervalSet expected;
    final Fix fix;

    SlipsAt(Spot spot) {
        this.words = spot.words();
        this.at = spot.at();
        this.expected = spot.expected();
        this.fix = spot.fix();
    }

    /** What has been slipped, if it is known. */
    static Optional<Found> found(Spot spot) {
        return Stream.of(new WordSlips(spot), new JoinSlips(spot), new QuerySlips(spot),
                new ClauseSlips(spot)).flatMap(SlipsAt::all)
                .map(Supplier::get).flatMap(Optional::stream).findFirst();
    }

    /** What may have been slipped, the surest first. */
    abstract Stream<Supplier<Optional<Found>>> all();

    Optional<Token> word(int index) {
        return index >= 0 && index < words.size() ? Optional.of(words.get(index)) : Optional.empty();
    }

    boolean is(int index, int type) {
        return word(index).filter(word -> word.getType() == type).isPresent();
    }

    boolean isName(int index) {
        return word(index).filter(word -> NAMES.contains(word.getType())).isPresent();
    }

    String text(int index) {
        return word(index).map(Token::getText).orElse("");
    }

    /** A word in capitals. */
    String upper(int index) {
        return text(index).toUpperCase(Locale.ROOT);
    }

    boolean says(int index, String word) {
        return text(index).equalsIgnoreCase(word);
    }

    boolean touches(int index) {
        return index > 0 && word(index).isPresent()
                && words.get(index - 1).getStopIndex() + 1 == words.get(index).getStartIndex();
    }

    boolean isClause(int index) {
        return word(index).filter(word -> CLAUSES.contains(word.getType())).isPresent();
    }

    Optional<Found> found(Slip slip, int from, Fix mended) {
        return Optional.of(new Found(slip, words.get(from), Optional.of(mended)));
    }

    Optional<Found> found(Slip slip, int from) {
        return Optional.of(new Found(slip, words.get(from), Optional.empty()));
    }
}
