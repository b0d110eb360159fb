package lunko.query.sql;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import lunko.problem.Origin;
import lunko.problem.Stretch;
import lunko.query.sql.grammar.SqlLexer;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.Token;

/** A word, sign or comment of a text, whether the text is SQL or not yet. */
public record Lexeme(Stretch at, Kind kind) {

    /** What a word of a text can be. */
    public enum Kind {
        /** A word of SQL. */
        WORD,
        /** A name. */
        NAME,
        /** A number. */
        NUMBER,
        /** A text between quotes. */
        TEXT,
        /** A comma, a parenthesis, a sign of comparison or calculation. */
        SIGN,
        /** A comment. */
        COMMENT,
        /** Something that has no meaning, or is not closed. */
        STRANGE
    }

    /** All of a text, in order. */
    public static List<Lexeme> of(String text) {
        List<Lexeme> all = new ArrayList<>();
        SqlSource source = new SqlSource(new Origin.Query(), text);
        int end = 0;
        for (Token token : tokens(text)) {
            Stretch at = source.stretch(token, token);
            addComment(text, end, at.start(), all);
            end = at.end();
            all.add(new Lexeme(at, kind(token)));
        }
        addComment(text, end, text.length(), all);
        return all;
    }

    /** A text in one line: between its lexemes stands a blank where there was anything, and no comment. */
    public static String inOneLine(String text) {
        StringBuilder line = new StringBuilder();
        int end = 0;
        for (Lexeme lexeme : of(text)) {
            if (lexeme.kind() == Kind.COMMENT) continue;
            if (lexeme.at().start() > end && !line.isEmpty()) line.append(' ');
            line.append(lexeme.at().of(text));
            end = lexeme.at().end();
        }
        return line.toString();
    }

    static List<Token> tokens(String text) {
        SqlLexer lexer = new SqlLexer(CharStreams.fromString(text));
        lexer.removeErrorListeners();
        List<Token> tokens = new ArrayList<>();
        for (Token token = lexer.nextToken(); token.getType() != Token.EOF; token = lexer.nextToken())
            tokens.add(token);
        return tokens;
    }

    /** Between two words there is white space or a comment. */
    private static void addComment(String text, int start, int end, List<Lexeme> all) {
        String gap = text.substring(start, end);
        if (!gap.isBlank()) all.add(new Lexeme(
                new Stretch(start + gap.length() - gap.stripLeading().length(), start + gap.stripTrailing().length()),
                Kind.COMMENT));
    }

    private static Kind kind(Token token) {
        return switch (token.getType()) {
            case SqlLexer.IDENTIFIER, SqlLexer.QUOTED_IDENTIFIER -> Kind.NAME;
            case SqlLexer.INTEGER, SqlLexer.DECIMAL, SqlLexer.APPROXIMATE -> Kind.NUMBER;
            case SqlLexer.STRING -> Kind.TEXT;
            case SqlLexer.OPEN_STRING, SqlLexer.OPEN_IDENTIFIER, SqlLexer.OPEN_COMMENT, SqlLexer.NUMBER_AND_NAME,
                    SqlLexer.OTHER ->
                Kind.STRANGE;
            default -> Character.isLetter(token.getText().codePointAt(0)) ? Kind.WORD : Kind.SIGN;
        };
    }

    /**
     * Of a text and all of its lexemes, the two parentheses that belong together, where the caret stands at one of
     * them; one alone, if it has no other.
     */
    public static List<Stretch> parentheses(String text, List<Lexeme> lexemes, int caret) {
        Deque<Stretch> open = new ArrayDeque<>();
        Optional<Stretch> alone = Optional.empty();
        for (Lexeme lexeme : lexemes) {
            if (lexeme.kind() != Kind.SIGN) continue;
            String sign = lexeme.at().of(text);
            if (sign.equals("(")) open.push(lexeme.at());
            if (!sign.equals(")")) continue;
            Optional<Stretch> other = Optional.ofNullable(open.poll());
            boolean there = lexeme.at().holds(caret) || other.filter(at -> at.holds(caret)).isPresent();
            if (there && other.isPresent()) return List.of(other.get(), lexeme.at());
            if (there) alone = Optional.of(lexeme.at());
        }
        return alone.or(() -> open.stream().filter(at -> at.holds(caret)).findFirst()).map(List::of).orElse(List.of());
    }
}
