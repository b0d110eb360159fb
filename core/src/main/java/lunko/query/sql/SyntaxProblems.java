package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.problem.Problem;
import lunko.problem.SyntaxFault;
import lunko.problem.Unread;
import lunko.query.sql.grammar.SqlLexer;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.Parser;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.TokenStream;
import org.antlr.v4.runtime.misc.IntervalSet;

/** Turns the first complaint of the parser into a sentence for a learner. */
final class SyntaxProblems extends BaseErrorListener {
    /** Words with which a query goes on, or the one around it. */
    private static final Set<Integer> GO_ON = Set.of(SqlLexer.AND, SqlLexer.OR, SqlLexer.UNION, SqlLexer.INTERSECT,
            SqlLexer.EXCEPT, SqlLexer.GROUP, SqlLexer.HAVING, SqlLexer.ORDER, SqlLexer.OFFSET, SqlLexer.FETCH,
            SqlLexer.LIMIT, SqlLexer.JOIN, SqlLexer.IS);

    private final SqlSource source;
    private final List<Token> words;
    private final Fix fix;
    private final boolean mending;
    private Optional<Problem> first = Optional.empty();

    /**
     * Complaints about the statement of a text that these words are.
     *
     * @param mending whether what would mend it is wanted
     */
    SyntaxProblems(SqlSource source, List<Token> words, boolean mending) {
        this.source = source;
        this.mending = mending;
        this.words = List.copyOf(words);
        this.fix = Fix.of(source.text(), source.stretch(words.getFirst(), words.getLast()),
                part -> Optional.of(part).filter(Token.class::isInstance).map(Token.class::cast)
                        .map(token -> source.stretch(token, token)));
    }

    Optional<Problem> first() {
        return first;
    }

    @Override
    public void syntaxError(Recognizer<?, ?> recognizer, Object symbol, int line, int column, String message,
            RecognitionException cause) {
        if (first.isPresent() || !(symbol instanceof Token token) || !(recognizer instanceof Parser parser)) return;
        if (!mending) {
            first = Optional.of(Problem.at(source.place(token), fault(token, parser)));
            return;
        }
        int at = words.indexOf(token) < 0 ? words.size() : words.indexOf(token);
        Optional<UnreadWords.Found> unread = new UnreadWords(words, at).found();
        if (unread.isPresent()) {
            first = unread.map(found -> Problem.at(source.place(found.at()), new SyntaxFault.NotRead(found.unread()))
                    .with(found.unread() != Unread.OUTER_MARK ? List.of()
                            : new OuterMark(words, fix).asJoin().flatMap(Fix::text).stream().toList()));
            return;
        }
        Optional<SlipsAt.Found> slip =
                SlipsAt.found(new SlipsAt.Spot(words, at, parser.getExpectedTokens(), fix));
        first = slip.map(known -> Problem.at(source.place(known.from()), known.slip())
                .with(known.mended().flatMap(Fix::text).stream().toList()))
                .or(() -> Optional.of(Problem.at(source.place(token), fault(token, parser))
                        .with(fix(token, parser).flatMap(Fix::text).stream().toList())));
    }

    private static SyntaxFault fault(Token token, Parser parser) {
        String word = token.getText();
        boolean inParentheses = isInParentheses(token, parser.getTokenStream());
        return switch (token.getType()) {
            case SqlLexer.OPEN_STRING -> new SyntaxFault.OpenText();
            case SqlLexer.OPEN_IDENTIFIER -> word.equals("\"\"")
                    ? new SyntaxFault.EmptyName()
                    : new SyntaxFault.OpenName();
            case SqlLexer.OPEN_COMMENT -> new SyntaxFault.OpenComment();
            case SqlLexer.NUMBER_AND_NAME -> new SyntaxFault.NumberAndName(word);
            case SqlLexer.OTHER -> new SyntaxFault.StrangeSign(word);
            case Token.EOF -> inParentheses
                    ? new SyntaxFault.EndsInParentheses()
                    : new SyntaxFault.EndsTooSoon();
            case SqlLexer.FROM, SqlLexer.WHERE, SqlLexer.GROUP, SqlLexer.HAVING, SqlLexer.ORDER, SqlLexer.SEMICOLON ->
                inParentheses ? new SyntaxFault.MissingParenthesis(word) : other(token, parser);
            default -> other(token, parser);
        };
    }

    /** What there is to do about a word that cannot stand where it does, if that is clear. */
    private Optional<Fix> fix(Token token, Parser parser) {
        return switch (token.getType()) {
            case SqlLexer.OPEN_STRING -> isAlone(token) ? Optional.of(fix.after(token, "'")) : Optional.empty();
            case SqlLexer.OPEN_IDENTIFIER -> isAlone(token) ? Optional.of(fix.after(token, "\""))
                    : Optional.empty();
            case SqlLexer.OPEN_COMMENT -> Optional.of(fix.after(words.getLast(), " */"));
            case Token.EOF -> isInParentheses(token, parser.getTokenStream()) && closesAt(words.size())
                    ? Optional.of(fix.after(words.getLast(), ")")) : Optional.empty();
            case SqlLexer.FROM, SqlLexer.WHERE, SqlLexer.GROUP, SqlLexer.HAVING, SqlLexer.ORDER ->
                !isInParentheses(token, parser.getTokenStream()) ? quoted(token, parser)
                        : closesAt(words.indexOf(token)) ? Optional.of(fix.before(token, ") ")) : Optional.empty();
            default -> quoted(token, parser);
        };
    }

    /** Whether what has no end is a text or name alone, and nothing that the query would go on with. */
    private static boolean isAlone(Token token) {
        return Lexeme.of(token.getText().substring(1)).stream()
                .allMatch(word -> word.kind() == Lexeme.Kind.NAME || word.kind() == Lexeme.Kind.NUMBER);
    }

    /** Whether what is open at a word goes on to there for sure: nothing in it could stand behind it as well. */
    private boolean closesAt(int end) {
        int closed = 0;
        for (int i = end - 1; i >= 0; i--) {
            int type = words.get(i).getType();
            if (type == SqlLexer.RIGHT_PAREN) closed++;
            if (type == SqlLexer.LEFT_PAREN && closed-- == 0) return true;
            if (closed == 0 && GO_ON.contains(type)) return false;
        }
        return false;
    }

    private Optional<Fix> quoted(Token token, Parser parser) {
        return isReserved(token, parser) ? Optional.of(fix.instead(token, "\"" + token.getText() + "\""))
                : Optional.empty();
    }

    /** Whether a name is wanted and a word of SQL stands there. */
    private static boolean isReserved(Token token, Parser parser) {
        IntervalSet expected = parser.getExpectedTokens();
        boolean nameWanted = expected.contains(SqlLexer.IDENTIFIER) && !expected.contains(SqlLexer.INTEGER);
        return nameWanted && Character.isLetter(token.getText().codePointAt(0));
    }

    private static SyntaxFault other(Token token, Parser parser) {
        String word = token.getText();
        if (token.getType() == SqlLexer.ON) { return new SyntaxFault.MisplacedOn(); }
        if (isReserved(token, parser)) { return new SyntaxFault.ReservedWord(word); }
        IntervalSet expected = parser.getExpectedTokens();
        if (expected.size() == 1) {
            return expected.contains(SqlLexer.INTEGER) ? new SyntaxFault.NumberExpected(word)
                    : new SyntaxFault.Expected(word,
                            SqlLexer.VOCABULARY.getDisplayName(expected.getMinElement()).replace("'", ""));
        }
        return new SyntaxFault.Unexpected(word);
    }

    /** Whether a word stands in parentheses that are not those of a query, where clauses would be at home. */
    private static boolean isInParentheses(Token token, TokenStream tokens) {
        int closed = 0;
        for (int i = token.getTokenIndex() - 1; i >= 0; i--) {
            int type = tokens.get(i).getType();
            if (type == SqlLexer.RIGHT_PAREN) closed++;
            if (type == SqlLexer.LEFT_PAREN && closed-- == 0) {
                return token.getType() == Token.EOF || tokens.get(i + 1).getType() != SqlLexer.SELECT;
            }
        }
        return false;
    }
}
