package lunko.query.sql;

import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.problem.SyntaxFault.Slip;
import lunko.query.SqlName;
import lunko.query.sql.grammar.SqlLexer;

/** Clauses that are nearly right, or stand where they cannot. */
final class ClauseSlips extends SlipsAt {
    ClauseSlips(Spot spot) {
        super(spot);
    }

    @Override
    Stream<Supplier<Optional<Found>>> all() {
        return Stream.of(this::comma, this::commaForAnd, this::noName, this::nameInQuotes, this::nameOfWords,
                this::direction, this::noFrom, this::minus, this::top, this::nothingSelected,
                this::distinctLate, this::noBy, this::noCondition, this::noValue, this::twoComparisons, this::order,
                this::twice,
                this::parenthesesTooMuch, this::twoDots, this::noComma, this::noStatement);
    }

    /** A comma behind which nothing comes, or one in LIMIT. */
    private Optional<Found> comma() {
        if (is(at, SqlLexer.COMMA) && is(at - 2, SqlLexer.LIMIT) && is(at + 1, SqlLexer.INTEGER))
            return found(new Slip.LimitWithComma(), at, fix.instead(words.get(at - 1), text(at + 1))
                    .instead(words.get(at), " OFFSET ").instead(words.get(at + 1), text(at - 1)));
        if (is(at, SqlLexer.COMMA) && (is(at - 1, SqlLexer.COMMA) || is(at - 1, SqlLexer.SELECT)))
            return found(new Slip.CommaTooMuch(""), at, fix.instead(words.get(at), ""));
        if (isDirection(at) && is(at - 1, SqlLexer.COMMA))
            return found(new Slip.CommaTooMuch(upper(at)), at - 1, fix.instead(words.get(at - 1), ""));
        boolean ends = at == words.size() || isClause(at) || is(at, SqlLexer.RIGHT_PAREN);
        return !is(at - 1, SqlLexer.COMMA) || !ends ? Optional.empty()
                : found(new Slip.CommaTooMuch(text(at)), at - 1, fix.instead(words.get(at - 1), ""));
    }

    /** {@code WHERE hive_no = 1, keeper_id = 11}. */
    private Optional<Found> commaForAnd() {
        return is(at, SqlLexer.COMMA) && clauseOf(at).filter(type -> type == SqlLexer.WHERE).isPresent()
                ? found(new Slip.CommaForAnd(), at, fix.instead(words.get(at), " AND")) : Optional.empty();
    }

    /** The clause that a word stands in, if no parenthesis is open there. */
    private Optional<Integer> clauseOf(int index) {
        for (int i = index - 1; i >= 0; i--) {
            if (is(i, SqlLexer.LEFT_PAREN) || is(i, SqlLexer.RIGHT_PAREN)) return Optional.empty();
            if (isClause(i)) return Optional.of(words.get(i).getType());
        }
        return Optional.empty();
    }

    /** {@code SELECT FROM hives}. */
    private Optional<Found> nothingSelected() {
        boolean begun = is(at - 1, SqlLexer.SELECT) || (is(at - 1, SqlLexer.ALL) || is(at - 1, SqlLexer.DISTINCT))
                && is(at - 2, SqlLexer.SELECT);
        return begun && is(at, SqlLexer.FROM)
                ? found(new Slip.NothingSelected(), at, fix.before(words.get(at), "* ")) : Optional.empty();
    }

    /** {@code SELECT hive, DISTINCT keeper_id}. */
    private Optional<Found> distinctLate() {
        if (!is(at, SqlLexer.DISTINCT) || !is(at - 1, SqlLexer.COMMA)) return Optional.empty();
        for (int i = at - 1; i >= 0 && !is(i, SqlLexer.LEFT_PAREN); i--) {
            if (is(i, SqlLexer.SELECT)) return found(new Slip.DistinctLate(), at,
                    fix.after(words.get(i), " DISTINCT").without(words.get(at - 1), words.get(at)));
        }
        return Optional.empty();
    }

    /** {@code ORDER hive}. */
    private Optional<Found> noBy() {
        boolean clause = is(at - 1, SqlLexer.ORDER) || is(at - 1, SqlLexer.GROUP);
        return clause && isName(at) ? found(new Slip.ByMissing(upper(at - 1)), at - 1,
                fix.after(words.get(at - 1), " BY")) : Optional.empty();
    }

    private boolean joinsConditions(int index) {
        return is(index, SqlLexer.AND) || is(index, SqlLexer.OR);
    }

    private boolean wantsCondition(int index) {
        return joinsConditions(index) || is(index, SqlLexer.WHERE) || is(index, SqlLexer.ON)
                || is(index, SqlLexer.HAVING);
    }

    /** {@code hive_no = 1 AND WHERE}, or nothing more. */
    private Optional<Found> noCondition() {
        boolean ends = at == words.size() || isClause(at);
        if (!ends || !wantsCondition(at - 1)) return Optional.empty();
        return joinsConditions(at - 1) && at < words.size()
                ? found(new Slip.ConditionMissing(upper(at - 1)), at - 1, fix.instead(words.get(at - 1), ""))
                : found(new Slip.ConditionMissing(upper(at - 1)), at - 1);
    }

    /** {@code hive_no = 1 OR = 2}. */
    private Optional<Found> noValue() {
        boolean asks = is(at, SqlLexer.EQUAL) || is(at, SqlLexer.NOT_EQUAL) || is(at, SqlLexer.LESS)
                || is(at, SqlLexer.GREATER) || is(at, SqlLexer.LESS_OR_EQUAL) || is(at, SqlLexer.GREATER_OR_EQUAL)
                || is(at, SqlLexer.LIKE) || is(at, SqlLexer.IN) || is(at, SqlLexer.IS) || is(at, SqlLexer.BETWEEN);
        if (!asks || !wantsCondition(at - 1)) return Optional.empty();
        return isName(at - 4) && isSign(at - 3)
                ? found(new Slip.ValueMissing(upper(at)), at, fix.before(words.get(at), column(at - 4) + " "))
                : found(new Slip.ValueMissing(upper(at)), at);
    }

    private boolean isSign(int index) {
        return is(index, SqlLexer.EQUAL) || is(index, SqlLexer.LESS) || is(index, SqlLexer.GREATER)
                || is(index, SqlLexer.LESS_OR_EQUAL) || is(index, SqlLexer.GREATER_OR_EQUAL);
    }

    /** A column that ends there, with its table. */
    private String column(int index) {
        return (is(index - 1, SqlLexer.DOT) ? text(index - 2) + "." : "") + text(index);
    }

    /** {@code 4 < kg < 6}. */
    private Optional<Found> twoComparisons() {
        int first = is(at - 2, SqlLexer.DOT) ? at - 4 : at - 2;
        return isSign(at) && isName(at - 1) && isSign(first)
                ? found(new Slip.TwoComparisons(), at, fix.before(words.get(at), "AND " + column(at - 1) + " "))
                : Optional.empty();
    }

    private boolean isDirection(int index) {
        return is(index, SqlLexer.DESC) || is(index, SqlLexer.ASC);
    }

    /** {@code ORDER BY DESC hive}, or two directions. */
    private Optional<Found> direction() {
        if (!isDirection(at)) return Optional.empty();
        if (isDirection(at - 1)) return found(new Slip.TwoDirections(), at - 1);
        return is(at - 1, SqlLexer.BY) && isName(at + 1)
                ? found(new Slip.DirectionFirst(upper(at)), at,
                        fix.instead(words.get(at), text(at + 1)).instead(words.get(at + 1), text(at)))
                : Optional.empty();
    }

    /** {@code SELECT * keepers}. */
    private Optional<Found> noFrom() {
        return isName(at) && is(at - 1, SqlLexer.STAR) && is(at - 2, SqlLexer.SELECT)
                ? found(new Slip.FromMissing(), at, fix.before(words.get(at), "FROM ")) : Optional.empty();
    }

    /** A text that begins with nothing that a statement begins with. */
    private Optional<Found> noStatement() {
        return at == 0 && words.size() > 0 && Character.isLetter(text(0).charAt(0))
                ? found(new Slip.NoStatement(text(0)), 0) : Optional.empty();
    }

    /** {@code hive AS 'name'}. */
    private Optional<Found> nameInQuotes() {
        if (!is(at, SqlLexer.STRING) || !is(at - 1, SqlLexer.AS)) return Optional.empty();
        String name = text(at).substring(1, text(at).length() - 1);
        return name.isBlank() ? Optional.empty() : found(new Slip.NameInSingleQuotes(), at,
                fix.instead(words.get(at), new SqlName(name).text()));
    }

    /** {@code COUNT(*) AS number of hives}. */
    private Optional<Found> nameOfWords() {
        if (!is(at - 2, SqlLexer.AS) || !isName(at - 1) || !Character.isLetter(text(at).isEmpty() ? ' '
                : text(at).charAt(0)) || isClause(at))
            return Optional.empty();
        int last = at;
        while (isName(last + 1)) last++;
        return found(new Slip.NameOfWords(), at - 1,
                fix.before(words.get(at - 1), "\"").after(words.get(last), "\""));
    }

    /** {@code WHERE hive_no = 1 WHERE keeper_id = 11}. */
    private Optional<Found> twice() {
        if (!is(at, SqlLexer.WHERE) && !is(at, SqlLexer.HAVING)) return Optional.empty();
        boolean there = clauseOf(at).filter(type -> type == words.get(at).getType()).isPresent();
        return there ? found(new Slip.ClauseTwice(upper(at)), at, fix.instead(words.get(at), "AND"))
                : Optional.empty();
    }

    /** {@code SELECT (hive, keeper_id)}. */
    private Optional<Found> parenthesesTooMuch() {
        if (!is(at - 1, SqlLexer.RIGHT_PAREN)) return Optional.empty();
        int open = at - 2;
        while (open >= 0 && !is(open, SqlLexer.LEFT_PAREN) && !is(open, SqlLexer.RIGHT_PAREN)) open--;
        boolean selects = is(open - 1, SqlLexer.SELECT) || is(open - 1, SqlLexer.DISTINCT);
        return is(open, SqlLexer.LEFT_PAREN) && selects && words.subList(open, at).stream()
                .anyMatch(word -> word.getType() == SqlLexer.COMMA)
                        ? found(new Slip.ParenthesesTooMuch(), open, fix.between(words.get(open - 1),
                                words.get(open + 1), " ").instead(words.get(at - 1), ""))
                        : Optional.empty();
    }

    /** {@code hives.hive.keeper}. */
    private Optional<Found> twoDots() {
        return is(at, SqlLexer.DOT) && is(at - 2, SqlLexer.DOT)
                ? found(new Slip.TwoDots(text(at - 3) + "." + text(at - 1) + "." + text(at + 1)), at - 3)
                : Optional.empty();
    }

    /** {@code hive AS FROM}. */
    private Optional<Found> noName() {
        // With another clause behind it, the word is to be the name.
        boolean named = at + 1 >= words.size() || isClause(at + 1) || is(at + 1, SqlLexer.COMMA);
        return is(at - 1, SqlLexer.AS) && isClause(at) && !is(at, SqlLexer.SELECT) && !named
                ? found(new Slip.NameMissing(upper(at)), at - 1,
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

    /** {@code h.hive k.keeper}: what was taken for another name of the first is the next thing. */
    private Optional<Found> noComma() {
        boolean inSelect = false;
        for (int i = at; i >= 0 && !inSelect; i--) {
            if (isClause(i)) {
                if (!is(i, SqlLexer.SELECT)) return Optional.empty();
                inSelect = true;
            }
        }
        if (is(at - 1, SqlLexer.STAR) && is(at - 2, SqlLexer.DOT) && isName(at))
            return found(new Slip.CommaMissing(text(at) + text(at + 1) + text(at + 2)), at,
                    fix.after(words.get(at - 1), ","));
        return is(at, SqlLexer.DOT) && isName(at - 1) && isName(at - 2)
                ? found(new Slip.CommaMissing(text(at - 1) + "." + text(at + 1)), at - 1,
                        fix.after(words.get(at - 2), ","))
                : Optional.empty();
    }

    private String clause(int index) {
        String word = upper(index);
        return is(index, SqlLexer.GROUP) || is(index, SqlLexer.ORDER) ? word + " BY" : word;
    }
}
