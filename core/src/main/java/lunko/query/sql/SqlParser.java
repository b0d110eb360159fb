package lunko.query.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.Stretch;
import lunko.problem.SyntaxFault;
import lunko.problem.TableFault;
import lunko.query.sql.grammar.SqlLexer;
import lunko.query.sql.grammar.SqlParser.ScriptContext;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonToken;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ListTokenSource;
import org.antlr.v4.runtime.Token;

/** Reads SQL text. The grammar is {@code Sql.g4}; what it does not accept gives a problem for a learner. */
public record SqlParser(Origin source) {
    /** How deep parentheses may be nested; the deepest that people write is about five. */
    static final int DEEPEST = 60;
    /**
     * How many things may be put together by AND, by + or by UNION; of a longer row, the end is as deep as its length.
     */
    static final int MOST_CHAINED = 200;
    /** How many words a statement may have. */
    static final int LONGEST = 200_000;

    /** The script that a text is; a problem at the first place where it is none. */
    public Checked<Script> parse(String text) {
        return whole(text, statements(text));
    }

    private Checked<Script> whole(String text, List<Checked<Script>> statements) {
        List<Script> scripts = new ArrayList<>();
        for (Checked<Script> statement : statements) {
            switch (statement) {
                case Checked.Valid<Script>(Script script) -> scripts.add(script);
                case Checked.Invalid<Script>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        return Checked.valid(Script.of(new SqlSource(source, text), scripts));
    }

    /** The statements of a text one by one, each a script of its own or the problem that it is none. */
    public List<Checked<Script>> statements(String text) {
        return statements(text, true);
    }

    /**
     * Where a text stops being one that can be read, counted from 0; nothing, if all of it can. Nothing is looked for
     * that would mend it.
     */
    static OptionalInt stops(String text) {
        return new SqlParser(new Origin.Query()).statements(text, false).stream()
                .flatMap(statement -> statement.either(_ -> Stream.<Problem>empty(), Stream::of))
                .flatMap(problem -> problem.place().stream()).mapToInt(SqlParser::start).findFirst();
    }

    private static int start(Place place) {
        return place instanceof Place.InText(var _, var _, Stretch at) ? at.start() : 0;
    }

    private List<Checked<Script>> statements(String text, boolean mending) {
        SqlSource from = new SqlSource(source, text);
        SqlLexer lexer = new SqlLexer(CharStreams.fromString(text));
        lexer.removeErrorListeners();
        List<Checked<Script>> statements = new ArrayList<>();
        List<Token> words = new ArrayList<>();
        for (Token token = lexer.nextToken();; token = lexer.nextToken()) {
            boolean end = token.getType() == Token.EOF || token.getType() == SqlLexer.SEMICOLON;
            if (!end) {
                words.add(token);
                continue;
            }
            if (!words.isEmpty()) statements.add(statement(from, words, token, mending));
            words.clear();
            if (token.getType() == Token.EOF) return statements;
        }
    }

    /** Where the statements of a text stand that {@link #statements} gives, each from its first word to its last. */
    public static List<Stretch> stretches(String text) {
        List<Stretch> stretches = new ArrayList<>();
        SqlSource source = new SqlSource(new Origin.Query(), text);
        Optional<Stretch> open = Optional.empty();
        for (Token token : Lexeme.tokens(text)) {
            if (token.getType() == SqlLexer.SEMICOLON) {
                open.ifPresent(stretches::add);
                open = Optional.empty();
            } else {
                Stretch at = source.stretch(token, token);
                open = Optional.of(new Stretch(open.map(Stretch::start).orElse(at.start()), at.end()));
            }
        }
        open.ifPresent(stretches::add);
        return stretches;
    }

    /** One statement; {@code end} is the semicolon behind it, or the end of the text. */
    private static Checked<Script> statement(SqlSource text, List<Token> words, Token end, boolean mending) {
        Optional<Problem> tooMuch = limits(text, words);
        if (tooMuch.isPresent()) return Checked.invalid(tooMuch.get());
        CommonToken eof = new CommonToken(end);
        eof.setType(Token.EOF);
        List<Token> all = new ArrayList<>(words);
        all.add(eof);
        var parser = new lunko.query.sql.grammar.SqlParser(new CommonTokenStream(new ListTokenSource(all)));
        SyntaxProblems problems = new SyntaxProblems(text, words, mending);
        parser.removeErrorListeners();
        parser.addErrorListener(problems);
        ScriptContext tree = parser.script();
        if (problems.first().isPresent()) return Checked.invalid(problems.first().get());
        Spans spans = new Spans();
        SqlReader reader = new SqlReader(text, spans);
        List<Statement> statements = tree.statement().stream().map(reader::statement).toList();
        return reader.problem().<Checked<Script>>map(Checked::invalid)
                .orElseGet(() -> Checked.valid(new Script(text, statements, spans)));
    }

    /** Keeps a text from going deeper than the machine's stack, and from taking longer than anybody waits. */
    private static Optional<Problem> limits(SqlSource text, List<Token> tokens) {
        if (tokens.size() > LONGEST) {
            return Optional.of(Problem.at(text.place(tokens.getFirst()),
                    new SyntaxFault.TooManyWords(LONGEST)));
        }
        Depth depth = new Depth();
        for (Token token : tokens) {
            depth.see(token.getType());
            Optional<TableFault> tooLong = switch (token.getType()) {
                case SqlLexer.INTEGER, SqlLexer.DECIMAL -> Limits.ofDigits(token.getText());
                case SqlLexer.APPROXIMATE -> Limits.ofPower(token.getText());
                default -> Optional.empty();
            };
            if (tooLong.isPresent()) return Optional.of(Problem.at(text.place(token), tooLong.get()));
            if (depth.nested() > DEEPEST) {
                return Optional.of(Problem.at(text.place(token), new SyntaxFault.NestedTooDeep(DEEPEST)));
            }
            if (depth.chained() > MOST_CHAINED) {
                return Optional.of(Problem.at(text.place(token), new SyntaxFault.ChainTooLong(MOST_CHAINED)));
            }
        }
        return Optional.empty();
    }
}
