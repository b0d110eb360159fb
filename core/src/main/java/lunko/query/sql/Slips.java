package lunko.query.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.problem.SyntaxFault.Slip;
import lunko.query.sql.grammar.SqlLexer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.misc.IntervalSet;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * What learners write in the place of SQL, recognised by the words around the one that cannot be read; a fix is offered
 * where only one thing can be meant.
 *
 * @param words those of the statement
 * @param at which of them cannot be read; the number of all at the end
 * @param expected the sorts of words that could stand there
 */
record Slips(List<Token> words, int at, IntervalSet expected, Fix fix) {
    /** The clauses of a query in their order. */
    private static final List<Integer> CLAUSES = List.of(SqlLexer.SELECT, SqlLexer.FROM, SqlLexer.WHERE,
            SqlLexer.GROUP, SqlLexer.HAVING, SqlLexer.ORDER, SqlLexer.OFFSET, SqlLexer.FETCH, SqlLexer.LIMIT);
    private static final Set<Integer> NAMES = Set.of(SqlLexer.IDENTIFIER, SqlLexer.QUOTED_IDENTIFIER);
    private static final Set<Integer> LITERALS = Set.of(SqlLexer.INTEGER, SqlLexer.DECIMAL, SqlLexer.STRING,
            SqlLexer.TRUE, SqlLexer.FALSE);
    /** Two signs that are meant for one. */
    private static final Map<String, String> SIGNS = Map.of("==", "=", "=>", ">=", "=<", "<=", "><", "<>");
    private static final String OPENING = "‘“‚„«´`’";
    private static final String CLOSING = "’”‘“»´`";

    /** A slip, the words that it is about, and the text mended. */
    record Found(Slip slip, Token from, Optional<Fix> mended) {}

    /** What has been slipped, if it is known. */
    Optional<Found> found() {
        return Stream.<Supplier<Optional<Found>>>of(this::curlyQuotes, this::openText, this::pattern, this::doubleColon,
                this::twoSigns, this::comma, this::misspelt, this::onTooMuch, this::outer, this::noTable,
                this::noName, this::minus, this::top, this::caseWithoutEnd, this::order, this::list, this::isValue,
                this::notNull, this::using, this::noComma, this::noOn).map(Supplier::get).flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<Token> word(int index) {
        return index >= 0 && index < words.size() ? Optional.of(words.get(index)) : Optional.empty();
    }

    private boolean is(int index, int type) {
        return word(index).filter(word -> word.getType() == type).isPresent();
    }

    private boolean isName(int index) {
        return word(index).filter(word -> NAMES.contains(word.getType())).isPresent();
    }

    private String text(int index) {
        return word(index).map(Token::getText).orElse("");
    }

    private boolean says(int index, String word) {
        return text(index).equalsIgnoreCase(word);
    }

    private boolean touches(int index) {
        return index > 0 && word(index).isPresent()
                && words.get(index - 1).getStopIndex() + 1 == words.get(index).getStartIndex();
    }

    private boolean isClause(int index) {
        return word(index).filter(word -> CLAUSES.contains(word.getType())).isPresent();
    }

    private Optional<Found> found(Slip slip, int from, Fix mended) {
        return Optional.of(new Found(slip, words.get(from), Optional.of(mended)));
    }

    private Optional<Found> found(Slip slip, int from) {
        return Optional.of(new Found(slip, words.get(from), Optional.empty()));
    }

    /** Quotes as a word processor makes them: what stands between two of them is a text. */
    private Optional<Found> curlyQuotes() {
        if (text(at).isEmpty() || OPENING.indexOf(text(at).charAt(0)) < 0) return Optional.empty();
        for (int i = at + 1; i < words.size(); i++) {
            if (CLOSING.indexOf(text(i).charAt(0)) >= 0)
                return found(new Slip.CurlyQuotes(text(at)), at,
                        fix.instead(words.get(at), "'").instead(words.get(i), "'"));
        }
        return found(new Slip.CurlyQuotes(text(at)), at);
    }

    /** A text without its end: a semicolon at the end of it is that of the statement. */
    private Optional<Found> openText() {
        if (!is(at, SqlLexer.OPEN_STRING) || !text(at).stripTrailing().endsWith(";")) return Optional.empty();
        String inside = text(at).stripTrailing();
        return found(new Slip.OpenText(), at,
                fix.instead(words.get(at), inside.substring(0, inside.length() - 1).stripTrailing() + "'"));
    }

    /** {@code LIKE Cl%}. */
    private Optional<Found> pattern() {
        // Where a name stands before it, what is missed is the number behind it.
        int percent = is(at, SqlLexer.PERCENT) ? at : at - 1;
        if (!is(percent, SqlLexer.PERCENT)) return Optional.empty();
        int first = percent;
        while (touches(first)) first--;
        if (!is(first - 1, SqlLexer.LIKE)) return Optional.empty();
        int last = percent;
        while (touches(last + 1)) last++;
        return found(new Slip.PatternWithoutQuotes(), first,
                fix.before(words.get(first), "'").after(words.get(last), "'"));
    }

    /** {@code kg::integer}. */
    private Optional<Found> doubleColon() {
        if (!text(at).equals(":") || !text(at + 1).equals(":")) return Optional.empty();
        boolean qualified = is(at - 2, SqlLexer.DOT);
        if (!isName(at - 1) && !word(at - 1).filter(w -> LITERALS.contains(w.getType())).isPresent()
                || word(at + 2).isEmpty())
            return found(new Slip.DoubleColon(), at);
        return found(new Slip.DoubleColon(), at, fix.before(words.get(qualified ? at - 3 : at - 1), "CAST(")
                .instead(words.get(at), " AS ").instead(words.get(at + 1), "").after(words.get(at + 2), ")"));
    }

    /** {@code ==} and {@code =>}. */
    private Optional<Found> twoSigns() {
        String both = text(at - 1) + text(at);
        return !touches(at) || !SIGNS.containsKey(both) ? Optional.empty()
                : found(new Slip.TwoSigns(both, SIGNS.get(both)), at - 1,
                        fix.instead(words.get(at - 1), SIGNS.get(both)).instead(words.get(at), ""));
    }

    /** A comma behind which nothing comes, or one in LIMIT. */
    private Optional<Found> comma() {
        if (is(at, SqlLexer.COMMA) && is(at - 2, SqlLexer.LIMIT) && is(at + 1, SqlLexer.INTEGER))
            return found(new Slip.LimitWithComma(), at, fix.instead(words.get(at - 1), text(at + 1))
                    .instead(words.get(at), " OFFSET ").instead(words.get(at + 1), text(at - 1)));
        boolean ends = at == words.size() || isClause(at) || is(at, SqlLexer.RIGHT_PAREN);
        return !is(at - 1, SqlLexer.COMMA) || !ends ? Optional.empty()
                : found(new Slip.CommaTooMuch(text(at)), at - 1, fix.instead(words.get(at - 1), ""));
    }

    /** A word of SQL with a letter wrong: the one that cannot be read, or the one before it, taken for a name. */
    private Optional<Found> misspelt() {
        for (int index : new int[] {at, at - 1}) {
            if (!is(index, SqlLexer.IDENTIFIER)) continue;
            Token word = words.get(index);
            Optional<
                    String> meant = keywords(text(index))
                            .filter(one -> word == words.get(Math.min(at, words.size() - 1))
                                    && expected.contains(type(one)) || fix.instead(word, one).text().isPresent())
                            .findFirst();
            if (meant.isPresent()) return found(new Slip.Misspelt(text(index), meant.get()), index,
                    fix.instead(word, meant.get()));
        }
        return Optional.empty();
    }

    /** The words of SQL that a word is nearly. */
    private static Stream<String> keywords(String written) {
        String wanted = written.toUpperCase(Locale.ROOT);
        return Stream
                .of("SELECT", "FROM", "WHERE", "GROUP", "ORDER", "HAVING", "JOIN", "INNER", "LEFT", "RIGHT", "FULL",
                        "CROSS", "NATURAL", "UNION", "EXCEPT", "INTERSECT", "LIMIT", "BETWEEN", "LIKE", "INSERT",
                        "UPDATE",
                        "DELETE", "USING", "WHEN", "THEN", "VALUES", "BY", "ON", "AND")
                .filter(word -> isSlip(wanted, word));
    }

    /** One letter more, less, or another, or two of them exchanged. */
    private static boolean isSlip(String written, String meant) {
        if (Math.min(written.length(), meant.length()) < 3 || written.equals(meant)) return false;
        int apart = LevenshteinDistance.getDefaultInstance().apply(written, meant);
        return apart == 1 || apart == 2 && written.length() == meant.length() && sorted(written).equals(sorted(meant));
    }

    private static List<Integer> sorted(String text) {
        return text.chars().sorted().boxed().toList();
    }

    private static int type(String word) {
        return Lexeme.tokens(word).getFirst().getType();
    }

    /** ON behind a join that has no condition, or behind a comma. */
    private Optional<Found> onTooMuch() {
        if (!is(at, SqlLexer.ON)) return Optional.empty();
        for (int i = at - 1; i >= 0 && !isClause(i) && !is(i, SqlLexer.ON); i--) {
            if (is(i, SqlLexer.CROSS)) return found(new Slip.OnAfterCross(), at, fix.instead(words.get(i), "INNER"));
            if (is(i, SqlLexer.NATURAL)) return found(new Slip.OnAfterNatural(), at,
                    fix.instead(words.get(i), ""));
            if (is(i, SqlLexer.COMMA)) return found(new Slip.OnAfterComma(), at, fix.instead(words.get(i), " JOIN"));
            if (is(i, SqlLexer.JOIN) && i + 1 == at) return found(new Slip.TableMissing("ON"), at);
        }
        return Optional.empty();
    }

    /** {@code OUTER JOIN} alone. */
    private Optional<Found> outer() {
        return is(at, SqlLexer.OUTER) ? found(new Slip.OuterOfWhichSide(), at) : Optional.empty();
    }

    /** {@code FROM JOIN hives}. */
    private Optional<Found> noTable() {
        boolean wanted = is(at - 1, SqlLexer.FROM) || is(at - 1, SqlLexer.JOIN);
        // A table may be meant to be called so, unless it can only be the clause.
        boolean name = (is(at, SqlLexer.GROUP) || is(at, SqlLexer.ORDER)) && !is(at + 1, SqlLexer.BY);
        return wanted && !name && word(at).isPresent() && (isClause(at) || is(at, SqlLexer.JOIN) || is(at, SqlLexer.ON))
                ? found(new Slip.TableMissing(text(at).toUpperCase(Locale.ROOT)), at) : Optional.empty();
    }

    /** {@code hive AS FROM}. */
    private Optional<Found> noName() {
        // With another clause behind it, the word is to be the name.
        boolean named = at + 1 >= words.size() || isClause(at + 1) || is(at + 1, SqlLexer.COMMA);
        return is(at - 1, SqlLexer.AS) && isClause(at) && !named
                ? found(new Slip.NameMissing(text(at).toUpperCase(Locale.ROOT)), at - 1,
                        fix.instead(words.get(at - 1), ""))
                : Optional.empty();
    }

    /** A word that some databases have for EXCEPT. */
    private Optional<Found> minus() {
        return is(at, SqlLexer.SELECT) && says(at - 1, "MINUS")
                ? found(new Slip.OtherWord("MINUS", "EXCEPT"), at - 1, fix.instead(words.get(at - 1), "EXCEPT"))
                : Optional.empty();
    }

    /** A number of rows behind SELECT. */
    private Optional<Found> top() {
        return is(at, SqlLexer.INTEGER) && says(at - 1, "TOP")
                ? found(new Slip.OtherWord("TOP", "FETCH FIRST " + text(at) + " ROWS ONLY"), at - 1,
                        fix.between(words.get(at - 2), words.get(at + 1 < words.size() ? at + 1 : at), " ")
                                .after(words.getLast(), " FETCH FIRST " + text(at) + " ROWS ONLY"))
                : Optional.empty();
    }

    private Optional<Found> caseWithoutEnd() {
        if (at < words.size() && !isClause(at)) return Optional.empty();
        int open = 0;
        for (int i = 0; i < at; i++) open += is(i, SqlLexer.CASE) ? 1 : is(i, SqlLexer.END) ? -1 : 0;
        if (open == 0) return Optional.empty();
        return found(new Slip.CaseWithoutEnd(), Math.min(at, words.size() - 1), at < words.size()
                ? fix.before(words.get(at), "END ") : fix.after(words.getLast(), " END"));
    }

    /** A clause that comes too late: another that follows it in SQL stands before it. */
    private Optional<Found> order() {
        if (!isClause(at)) return Optional.empty();
        int depth = 0;
        for (int i = at - 1; i >= 0; i--) {
            if (is(i, SqlLexer.RIGHT_PAREN)) depth++;
            if (is(i, SqlLexer.LEFT_PAREN) && depth-- == 0) return Optional.empty();
            if (depth > 0 || !isClause(i) || is(i, SqlLexer.SELECT)) continue;
            if (CLAUSES.indexOf(words.get(i).getType()) > CLAUSES.indexOf(words.get(at).getType()))
                return found(new Slip.ClauseTooLate(clause(at), clause(i)), at);
        }
        return Optional.empty();
    }

    private String clause(int index) {
        String word = text(index).toUpperCase(Locale.ROOT);
        return is(index, SqlLexer.GROUP) || is(index, SqlLexer.ORDER) ? word + " BY" : word;
    }

    /** {@code IN 1, 2}. */
    private Optional<Found> list() {
        if (!is(at - 1, SqlLexer.IN) || word(at).isEmpty()) return Optional.empty();
        int last = at;
        while (is(last + 1, SqlLexer.COMMA)) last += 2;
        List<Integer> all = new ArrayList<>();
        for (int i = at; i <= last; i += 2) all.add(i);
        boolean values = all.stream().allMatch(i -> word(i).filter(w -> LITERALS.contains(w.getType())).isPresent());
        return values ? found(new Slip.Parentheses("IN"), at,
                fix.before(words.get(at), "(").after(words.get(last), ")")) : found(new Slip.Parentheses("IN"), at);
    }

    /** {@code IS 'Clover'} and {@code IS NOT 11}. */
    private Optional<Found> isValue() {
        boolean negated = is(at - 1, SqlLexer.NOT) && is(at - 2, SqlLexer.IS);
        if (!negated && !is(at - 1, SqlLexer.IS)) return Optional.empty();
        if (word(at).isEmpty() || isClause(at)) return Optional.empty();
        return found(new Slip.IsWithValue(negated ? "<>" : "="), at, negated
                ? fix.instead(words.get(at - 2), "<>").between(words.get(at - 2), words.get(at), " ")
                : fix.instead(words.get(at - 1), "="));
    }

    /** {@code keeper_id NOT NULL}. */
    private Optional<Found> notNull() {
        return is(at, SqlLexer.NULL) && is(at - 1, SqlLexer.NOT)
                ? found(new Slip.IsMissing(), at - 1, fix.before(words.get(at - 1), "IS ")) : Optional.empty();
    }

    /** {@code USING keeper_id}. */
    private Optional<Found> using() {
        return is(at - 1, SqlLexer.USING) && isName(at)
                ? found(new Slip.Parentheses("USING"), at, fix.before(words.get(at), "(").after(words.get(at), ")"))
                : Optional.empty();
    }

    /** {@code h.hive k.keeper}: what was taken for another name of the first is the next thing. */
    private Optional<Found> noComma() {
        boolean inSelect = false;
        for (int i = at; i >= 0 && !inSelect; i--) {
            if (isClause(i)) {
                if (!is(i, SqlLexer.SELECT)) return Optional.empty();
                inSelect = true;
            }
        }
        return is(at, SqlLexer.DOT) && isName(at - 1) && isName(at - 2)
                ? found(new Slip.CommaMissing(text(at - 1) + "." + text(at + 1)), at - 1,
                        fix.after(words.get(at - 2), ","))
                : Optional.empty();
    }

    /** {@code JOIN keepers k h.keeper_id = k.keeper_id}. */
    private Optional<Found> noOn() {
        boolean condition = isName(at) && is(at + 1, SqlLexer.DOT) && isName(at - 1);
        for (int i = at - 1; condition && i >= Math.max(0, at - 4); i--) {
            if (is(i, SqlLexer.JOIN)) return found(new Slip.OnMissing(), at, fix.before(words.get(at), "ON "));
        }
        return Optional.empty();
    }
}
