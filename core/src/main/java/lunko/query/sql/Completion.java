package lunko.query.sql;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.problem.Origin;
import lunko.problem.Stretch;
import lunko.query.SqlName;
import lunko.query.sql.grammar.SqlLexer;
import lunko.table.Column;
import lunko.table.SameName;
import lunko.table.Table;
import lunko.table.Type;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.CommonToken;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ListTokenSource;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.atn.PredictionMode;

/**
 * What can be written at a place of a text.
 *
 * @param from where the word begins that is being written; the place itself, if there is none
 * @param proposals what it can become, the likeliest first
 */
public record Completion(int from, List<Proposal> proposals) {

    /** Something that can be written: what is inserted, what it is, and what is to be known of it. */
    public record Proposal(String text, Kind kind, About about) {}

    /** What is to be known of a proposal. */
    public sealed interface About {
        /** A column of a table. */
        record ColumnOf(Type type, String table) implements About {}

        /** A table of so many rows. */
        record Rows(long count) implements About {}

        /** A query that WITH has given a name. */
        record NamedQuery() implements About {}

        /** A column of such a query. */
        record ColumnOfQuery(String query) implements About {}

        /** What stands before the columns of a table. */
        record ColumnsOf(String table) implements About {}

        /** A word of SQL. */
        record Word() implements About {}
    }

    /** What a proposal is. */
    public enum Kind {
        /** A column of a table. */
        COLUMN,
        /** A table of the query, to be followed by one of its columns. */
        ALIAS,
        /** A table of the lesson. */
        TABLE,
        /** A word of SQL. */
        WORD
    }

    /** What can be written at a place in a text, counted from 0, by somebody who has these tables. */
    public static Completion at(String text, int caret, List<Table> tables) {
        return new Spot(text, caret, tables).completion();
    }

    /** Words that mean something in one place only, and are names everywhere else. */
    private static final Set<Integer> FREE = Set.of(SqlLexer.DATE, SqlLexer.FIRST, SqlLexer.KEY, SqlLexer.LAST,
            SqlLexer.NEXT, SqlLexer.NULLS, SqlLexer.ROW, SqlLexer.ROWS,
            SqlLexer.UNKNOWN, SqlLexer.VALUES, SqlLexer.IF, SqlLexer.ANY,
            SqlLexer.SOME, SqlLexer.ACTION, SqlLexer.ADD, SqlLexer.BEGIN, SqlLexer.CASCADE, SqlLexer.COLUMN,
            SqlLexer.COMMIT, SqlLexer.INDEX, SqlLexer.NO, SqlLexer.RESTRICT, SqlLexer.START, SqlLexer.TRANSACTION,
            SqlLexer.WORK, SqlLexer.FOR, SqlLexer.ILIKE, SqlLexer.ALWAYS, SqlLexer.AUTOINCREMENT,
            SqlLexer.AUTO_INCREMENT, SqlLexer.GENERATED, SqlLexer.IDENTITY, SqlLexer.REPLACE, SqlLexer.ROLLBACK,
            SqlLexer.TIME, SqlLexer.TIMESTAMP, SqlLexer.VIEW);

    /** Words that begin something in parentheses, and are names everywhere else. */
    private static final Set<Integer> CALLED = Set.of(SqlLexer.EXTRACT, SqlLexer.LISTAGG, SqlLexer.POSITION,
            SqlLexer.STRING_AGG, SqlLexer.SUBSTRING);

    /** Words of SQL as often as they are meant, the most frequent first; all others come after them. */
    private static final List<String> FREQUENT = List.of("ON", "AND", "WHERE", "JOIN", "LEFT", "FROM", "SELECT",
            "INNER", "IS", "NULL", "NOT", "ORDER", "GROUP", "BY", "AS", "RIGHT",
            "FULL", "CROSS", "USING", "NATURAL", "EXISTS", "IN", "BETWEEN", "OR", "DISTINCT", "UNION", "HAVING",
            "FETCH", "LIKE");

    private static int rank(String word) {
        int at = FREQUENT.indexOf(word);
        return at < 0 ? FREQUENT.size() : at;
    }

    /** The place: the words before it in its statement, and the tables of that statement. */
    private static final class Spot {
        private final String text;
        private final SqlSource source;
        private final List<Table> tables;
        private final List<Table> queries;
        private final List<Token> before = new ArrayList<>();
        private final Map<String, Table> named = new LinkedHashMap<>();
        private final String prefix;
        private final int from;
        private final boolean small;
        private final boolean silent;

        Spot(String text, int caret, List<Table> tables) {
            this.text = text;
            this.source = new SqlSource(new Origin.Query(), text);
            this.tables = tables;
            List<Token> statement = new ArrayList<>();
            boolean passed = false;
            String begun = "";
            int start = caret;
            for (Token token : Lexeme.tokens(text)) {
                int first = source.stretch(token, token).start();
                int end = source.stretch(token, token).end();
                if (token.getType() == SqlLexer.SEMICOLON) {
                    if (first >= caret) break;
                    statement.clear();
                    before.clear();
                    continue;
                }
                statement.add(token);
                if (passed || first >= caret) {
                    passed = true;
                } else if (end >= caret && isWord(token)) {
                    passed = true;
                    start = first;
                    begun = text.substring(first, caret);
                } else {
                    before.add(token);
                }
            }
            this.prefix = begun;
            this.from = start;
            List<String> keywords = statement.stream().filter(Spot::isKeyword).map(Token::getText).toList();
            this.small = !keywords.isEmpty()
                    && keywords.stream().noneMatch(word -> word.equals(word.toUpperCase(Locale.ROOT)));
            this.queries = NamedQueries.in(statement);
            this.silent = isInComment(text, caret)
                    || statement.stream().anyMatch(token -> token.getType() == SqlLexer.STRING && within(token, caret));
            note(statement);
        }

        private boolean within(Token token, int caret) {
            Stretch at = source.stretch(token, token);
            return at.start() < caret && caret < at.end();
        }

        private static boolean isInComment(String text, int caret) {
            return Lexeme.of(text).stream()
                    .anyMatch(lexeme -> (lexeme.kind() == Lexeme.Kind.COMMENT || lexeme.kind() == Lexeme.Kind.STRANGE)
                            && lexeme.at().start() < caret && lexeme.at().holds(caret));
        }

        private static boolean isWord(Token token) {
            return Character.isLetter(token.getText().codePointAt(0));
        }

        private static boolean isKeyword(Token token) {
            return isWord(token) && token.getType() != SqlLexer.IDENTIFIER;
        }

        private static boolean isName(Token token) {
            return token.getType() == SqlLexer.IDENTIFIER || token.getType() == SqlLexer.QUOTED_IDENTIFIER;
        }

        /** Notes which tables the statement has, by the names that their columns can have before them. */
        private void note(List<Token> statement) {
            for (int i = 1; i < statement.size(); i++) {
                if (!isName(statement.get(i)) || !opensTable(statement, i)) continue;
                Optional<Table> table = table(name(statement.get(i)));
                int next = i + 1 < statement.size() && statement.get(i + 1).getType() == SqlLexer.AS ? i + 2 : i + 1;
                String alias = next < statement.size() && isName(statement.get(next))
                        && statement.get(next - 1) != statement.get(i - 1) ? name(statement.get(next))
                                : name(statement.get(i));
                table.ifPresent(found -> named.put(alias, found));
            }
        }

        /** Whether a name stands where a table is named. */
        private static boolean opensTable(List<Token> words, int at) {
            int type = words.get(at - 1).getType();
            if (type == SqlLexer.FROM || type == SqlLexer.JOIN) return true;
            if (type != SqlLexer.COMMA) return false;
            for (int i = at - 1; i >= 0; i--) {
                int clause = words.get(i).getType();
                if (clause == SqlLexer.FROM) return true;
                if (clause == SqlLexer.SELECT || clause == SqlLexer.WHERE || clause == SqlLexer.ON
                        || clause == SqlLexer.BY || clause == SqlLexer.LEFT_PAREN)
                    return false;
            }
            return false;
        }

        private static String name(Token token) {
            String word = token.getText();
            return word.startsWith("\"") ? word.substring(1, word.length() - 1).replace("\"\"", "\"") : word;
        }

        private Optional<Table> table(String name) {
            return Stream.concat(queries.stream(), tables.stream())
                    .filter(table -> SameName.of(table.name(), name)).findFirst();
        }

        Completion completion() {
            if (silent) return new Completion(from, List.of());
            Stream<Proposal> all;
            if (!before.isEmpty() && before.getLast().getType() == SqlLexer.DOT) {
                all = before.size() > 1 ? ofTable(name(before.get(before.size() - 2))) : Stream.empty();
            } else {
                all = Stream.concat(names(), words());
            }
            return new Completion(from, all.filter(proposal -> !proposal.text().equalsIgnoreCase(prefix)
                    && (begins(proposal.text()) || begins(proposal.text().substring(proposal.text().indexOf('.') + 1))
                            && !prefix.isEmpty()))
                    .distinct().toList());
        }

        private boolean begins(String word) {
            int first = word.startsWith("\"") && !prefix.startsWith("\"") ? 1 : 0;
            return word.regionMatches(true, first, prefix, 0, prefix.length());
        }

        private Stream<Proposal> ofTable(String owner) {
            return named.entrySet().stream().filter(entry -> SameName.of(entry.getKey(), owner)).findFirst()
                    .map(Map.Entry::getValue).or(() -> table(owner)).stream()
                    .flatMap(table -> table.columns().stream().map(column -> column(column, table, "")));
        }

        private Proposal column(Column column, Table table, String owner) {
            return new Proposal(owner + new SqlName(column.name()).text(), Kind.COLUMN,
                    queries.contains(table) ? new About.ColumnOfQuery(table.name())
                            : new About.ColumnOf(column.type(), table.name()));
        }

        private Stream<Proposal> names() {
            if (!fits(SqlLexer.IDENTIFIER, "x") || before.isEmpty()) return Stream.empty();
            Token last = before.getLast();
            if (isName(last) || last.getType() == SqlLexer.RIGHT_PAREN || last.getType() == SqlLexer.AS)
                return Stream.empty();
            List<Token> here = new ArrayList<>(before);
            here.add(last);
            if (opensTable(here, here.size() - 1)) {
                return Stream.concat(
                        queries.stream().map(query -> new Proposal(new SqlName(query.name()).text(), Kind.TABLE,
                                new About.NamedQuery())),
                        tables.stream().map(table -> new Proposal(new SqlName(table.name()).text(), Kind.TABLE,
                                new About.Rows(table.rows().size()))));
            }
            return Stream.concat(columns(),
                    named.entrySet().stream().map(entry -> new Proposal(new SqlName(entry.getKey()).text() + ".",
                            Kind.ALIAS, new About.ColumnsOf(entry.getValue().name()))));
        }

        /**
         * The columns of all tables of the statement, and of all there are where it has none yet; where two tables have
         * one of a name, both with the table before it.
         */
        private Stream<Proposal> columns() {
            Map<String, Table> here = named.isEmpty() ? all() : named;
            return here.entrySet().stream().flatMap(entry -> entry.getValue().columns().stream().map(column -> {
                boolean common =
                        here.values().stream().filter(other -> other.column(column.name()).isPresent()).count() > 1;
                return column(column, entry.getValue(), common ? new SqlName(entry.getKey()).text() + "." : "");
            }));
        }

        private Map<String, Table> all() {
            Map<String, Table> all = new LinkedHashMap<>();
            Stream.concat(queries.stream(), tables.stream()).forEach(table -> all.putIfAbsent(table.name(), table));
            return all;
        }

        /** The words of SQL that can stand here; those that would be nothing but names are left out. */
        private Stream<Proposal> words() {
            boolean nameFits = fits(SqlLexer.IDENTIFIER, "x");
            return IntStream.rangeClosed(1, SqlLexer.VOCABULARY.getMaxTokenType()).boxed()
                    .flatMap(type -> Optional.ofNullable(SqlLexer.VOCABULARY.getLiteralName(type))
                            .map(name -> name.replace("'", ""))
                            .filter(word -> Character.isLetter(word.charAt(0)) && begins(word)
                                    && !(nameFits && isNameHere(type)) && fits(type, word))
                            .stream())
                    .sorted(Comparator.comparingInt(Completion::rank))
                    .map(word -> new Proposal(small ? word.toLowerCase(Locale.ROOT) : word, Kind.WORD,
                            new About.Word()));
        }

        /** Whether a word would be nothing but a name here. */
        private boolean isNameHere(int type) {
            return FREE.contains(type) || type == SqlLexer.RECURSIVE
                    && (before.isEmpty() || before.getLast().getType() != SqlLexer.WITH);
        }

        /** Whether a word can stand behind those before the place. */
        private boolean fits(int type, String word) {
            List<Token> all = new ArrayList<>(before);
            CommonToken added = new CommonToken(Lexeme.tokens(word).getFirst());
            added.setType(type);
            CommonToken end = new CommonToken(added);
            end.setType(Token.EOF);
            all.add(added);
            if (CALLED.contains(type)) all.add(parenthesis(end));
            all.add(end);
            var parser = new lunko.query.sql.grammar.SqlParser(new CommonTokenStream(new ListTokenSource(all)));
            parser.removeErrorListeners();
            // What can stand here is a matter of the words before it alone.
            parser.getInterpreter().setPredictionMode(PredictionMode.SLL);
            FirstError error = new FirstError();
            parser.addErrorListener(error);
            parser.script();
            return error.at.isEmpty() || error.at.get().getType() == Token.EOF;
        }
    }

    private static Token parenthesis(CommonToken like) {
        CommonToken parenthesis = new CommonToken(like);
        parenthesis.setType(SqlLexer.LEFT_PAREN);
        return parenthesis;
    }

    /** Notes the first word that cannot stand where it does. */
    private static final class FirstError extends BaseErrorListener {
        private Optional<Token> at = Optional.empty();

        @Override
        public void syntaxError(Recognizer<?, ?> recognizer, Object symbol, int line, int column, String message,
                RecognitionException cause) {
            if (at.isEmpty() && symbol instanceof Token token) at = Optional.of(token);
        }
    }
}
