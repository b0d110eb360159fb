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
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Signs, quotes and words that are nearly right. */
final class WordSlips extends SlipsAt {
    private static final Set<Integer> LITERALS = Set.of(SqlLexer.INTEGER, SqlLexer.DECIMAL, SqlLexer.STRING,
            SqlLexer.TRUE, SqlLexer.FALSE);
    /** Two signs that are meant for one. */
    private static final Map<String, String> SIGNS = Map.of("==", "=", "=>", ">=", "=<", "<=", "><", "<>", "=!", "<>");
    private static final Map<String, String> MEANT = Map.of("ORDERBY", "ORDER BY", "GROUPBY", "GROUP BY",
            "DESCENDING", "DESC", "ASCENDING", "ASC");
    private static final String OPENING = "‘“‚„«´`’";
    private static final String CLOSING = "’”‘“»´`";

    WordSlips(Spot spot) {
        super(spot);
    }

    @Override
    Stream<Supplier<Optional<Found>>> all() {
        return Stream.of(this::otherQuotes, this::decimalComma, this::interval, this::distinctStar, this::castComma,
                this::listOfOne, this::quoteWithin, this::parenthesisTooMuch, this::noWhen, this::noThen,
                this::curlyQuotes,
                this::openText, this::pattern, this::twoSigns, this::notSign, this::oneWord, this::between,
                this::countOfAll, this::misspelt, this::caseWithoutEnd, this::list, this::isValue, this::notNull);
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

    /** {@code `hive`} and {@code [hive]}: names, as some databases have them. */
    private Optional<Found> otherQuotes() {
        boolean quoted = text(at).equals("`") && text(at + 2).equals("`") || text(at).equals("[") && text(at + 2)
                .equals("]");
        return quoted && isName(at + 1) ? found(new Slip.OtherQuotes(text(at + 1)), at,
                fix.instead(words.get(at), "").instead(words.get(at + 2), "")) : Optional.empty();
    }

    /** {@code kg > 4,5}. */
    private Optional<Found> decimalComma() {
        return is(at, SqlLexer.COMMA) && is(at - 1, SqlLexer.INTEGER) && is(at + 1, SqlLexer.INTEGER) && touches(at)
                && touches(at + 1) && !is(at - 2, SqlLexer.LIMIT) && !is(at - 2, SqlLexer.BETWEEN)
                && !is(at - 2, SqlLexer.IN)
                        ? found(new Slip.DecimalComma(), at, fix.instead(words.get(at), ".")) : Optional.empty();
    }

    /** {@code day + INTERVAL '1' DAY}. */
    private Optional<Found> interval() {
        if (!is(at, SqlLexer.STRING) || !says(at - 1, "INTERVAL")) return Optional.empty();
        String number = text(at).replace("'", "");
        return says(at + 1, "DAY") && number.chars().allMatch(Character::isDigit) && !number.isEmpty()
                ? found(new Slip.Interval(), at - 1, fix.instead(words.get(at - 1), number)
                        .without(words.get(at - 1), words.get(at + 1)))
                : found(new Slip.Interval(), at - 1);
    }

    /** {@code COUNT(DISTINCT *)}. */
    private Optional<Found> distinctStar() {
        return is(at, SqlLexer.STAR) && is(at - 1, SqlLexer.DISTINCT) && is(at - 2, SqlLexer.LEFT_PAREN)
                ? found(new Slip.DistinctStar(), at) : Optional.empty();
    }

    /** {@code CAST(keeper_id, TEXT)}. */
    private Optional<Found> castComma() {
        return is(at, SqlLexer.COMMA) && is(at - 2, SqlLexer.LEFT_PAREN) && is(at - 3, SqlLexer.CAST)
                ? found(new Slip.CastWithComma(), at, fix.instead(words.get(at), " AS")) : Optional.empty();
    }

    /** {@code village = ('Ashholt', 'Reedmere')}. */
    private Optional<Found> listOfOne() {
        if (!is(at, SqlLexer.COMMA) || !is(at - 2, SqlLexer.LEFT_PAREN)) return Optional.empty();
        if (is(at - 3, SqlLexer.LIKE)) return found(new Slip.OnePattern(), at);
        return is(at - 3, SqlLexer.EQUAL) ? found(new Slip.ListNeedsIn(), at - 3, fix.instead(words.get(at - 3), "IN"))
                : Optional.empty();
    }

    /** {@code 'Low Fold's'}. */
    private Optional<Found> quoteWithin() {
        return is(at - 1, SqlLexer.STRING) && touches(at) && Character.isLetter(text(at).charAt(0))
                ? found(new Slip.QuoteInText(), at - 1) : Optional.empty();
    }

    /** {@code UPPER(keeper))}. */
    private Optional<Found> parenthesisTooMuch() {
        if (!is(at, SqlLexer.RIGHT_PAREN)) return Optional.empty();
        int open = 0;
        boolean ofFunctions = true;
        for (int i = 0; i < at; i++) {
            open += is(i, SqlLexer.LEFT_PAREN) ? 1 : is(i, SqlLexer.RIGHT_PAREN) ? -1 : 0;
            ofFunctions &= !is(i, SqlLexer.LEFT_PAREN) || isName(i - 1);
        }
        if (open > 0) return Optional.empty();
        // Around a condition, it may as well be an opening one that is missing.
        return ofFunctions && is(at - 1, SqlLexer.RIGHT_PAREN)
                ? found(new Slip.ParenthesisTooMuch(), at, fix.instead(words.get(at), ""))
                : found(new Slip.ParenthesisTooMuch(), at);
    }

    /** {@code CASE kg > 4 THEN …}. */
    private Optional<Found> noWhen() {
        for (int i = at - 1; is(at, SqlLexer.THEN) && i >= 0 && !is(i, SqlLexer.WHEN); i--) {
            if (is(i, SqlLexer.CASE)) return found(new Slip.WhenMissing(), at, fix.after(words.get(i), " WHEN"));
        }
        return Optional.empty();
    }

    /** {@code WHEN kg > 4 'much'}. */
    private Optional<Found> noThen() {
        boolean value = word(at).filter(word -> LITERALS.contains(word.getType())).isPresent();
        for (int i = at - 1; value && i >= 0 && !is(i, SqlLexer.THEN); i--) {
            if (is(i, SqlLexer.WHEN)) return found(new Slip.ThenMissing(), at, fix.before(words.get(at), "THEN "));
        }
        return Optional.empty();
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

    /** {@code ==} and {@code =>}. */
    private Optional<Found> twoSigns() {
        if (text(at).equals("&") && text(at + 1).equals("&"))
            return found(new Slip.TwoSigns("&&", "AND"), at,
                    fix.instead(words.get(at), "AND").instead(words.get(at + 1), ""));
        String both = text(at - 1) + text(at);
        return !touches(at) || !SIGNS.containsKey(both) ? Optional.empty()
                : found(new Slip.TwoSigns(both, SIGNS.get(both)), at - 1,
                        fix.instead(words.get(at - 1), SIGNS.get(both)).instead(words.get(at), ""));
    }

    /** {@code hive NOT = 'Clover'} and {@code hive NOT 'Clover'}. */
    private Optional<Found> notSign() {
        if (!is(at - 1, SqlLexer.NOT) || word(at - 2).isEmpty()) return Optional.empty();
        if (is(at, SqlLexer.EQUAL)) return found(new Slip.NotWithSign(), at - 1,
                fix.instead(words.get(at - 1), "<>").without(words.get(at - 1), words.get(at)));
        boolean value = word(at).filter(word -> LITERALS.contains(word.getType())).isPresent();
        return value && isName(at - 2)
                ? found(new Slip.NotWithSign(), at - 1, fix.instead(words.get(at - 1), "<>")) : Optional.empty();
    }

    /** Two words in one, or one that is written out. */
    private Optional<Found> oneWord() {
        for (int index : new int[] {at, at - 1}) {
            String meant = MEANT.get(upper(index));
            boolean sorts = says(index, "SORT") && is(index + 1, SqlLexer.BY);
            if (meant == null && !sorts) continue;
            String other = sorts ? "ORDER" : meant;
            return found(new Slip.Misspelt(text(index), other), index, fix.instead(words.get(index), other));
        }
        return Optional.empty();
    }

    /** {@code BETWEEN 1, 2}. */
    private Optional<Found> between() {
        return is(at, SqlLexer.COMMA) && is(at - 2, SqlLexer.BETWEEN)
                ? found(new Slip.BetweenWithComma(), at, fix.instead(words.get(at), " AND")) : Optional.empty();
    }

    /** {@code COUNT *}. */
    private Optional<Found> countOfAll() {
        return is(at - 1, SqlLexer.STAR) && says(at - 2, "COUNT") ? found(new Slip.Parentheses("COUNT"), at - 1,
                fix.between(words.get(at - 2), words.get(at - 1), "(").after(words.get(at - 1), ")"))
                : Optional.empty();
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

    private Optional<Found> caseWithoutEnd() {
        if (at < words.size() && !isClause(at)) return Optional.empty();
        int open = 0;
        for (int i = 0; i < at; i++) open += is(i, SqlLexer.CASE) ? 1 : is(i, SqlLexer.END) ? -1 : 0;
        if (open == 0) return Optional.empty();
        return found(new Slip.CaseWithoutEnd(), Math.min(at, words.size() - 1), at < words.size()
                ? fix.before(words.get(at), "END ") : fix.after(words.getLast(), " END"));
    }

    /** {@code IN 1, 2}. */
    private Optional<Found> list() {
        if (!is(at - 1, SqlLexer.IN) || word(at).isEmpty() || is(at, SqlLexer.SELECT)) return Optional.empty();
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
}
