package lunko.query.sql;

import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.problem.SyntaxFault.Slip;
import lunko.query.sql.grammar.SqlLexer;

/** Joins that are nearly right. */
final class JoinSlips extends SlipsAt {
    /** The words for kinds of join. */
    private static final Set<Integer> KINDS = Set.of(SqlLexer.INNER, SqlLexer.LEFT, SqlLexer.RIGHT, SqlLexer.FULL,
            SqlLexer.CROSS, SqlLexer.OUTER, SqlLexer.NATURAL);

    JoinSlips(Spot spot) {
        super(spot);
    }

    @Override
    Stream<Supplier<Optional<Found>>> all() {
        return Stream.of(this::onTooMuch, this::leftFunction, this::kindBehind, this::twoKinds, this::outer,
                this::noTable, this::beforeFrom, this::noJoin,
                this::comma, this::andForOn, this::commaInOn, this::using, this::usingOfTable, this::noOn);
    }

    /** ON behind a join that has no condition, or behind a comma. */
    private Optional<Found> onTooMuch() {
        if (!is(at, SqlLexer.ON) && !is(at, SqlLexer.USING)) return Optional.empty();
        if (is(at - 1, SqlLexer.WHERE))
            return found(new Slip.WhereBeforeOn(), at - 1, fix.instead(words.get(at - 1), ""));
        for (int i = at - 1; i >= 0 && !isClause(i) && !is(i, SqlLexer.ON); i--) {
            if (is(i, SqlLexer.CROSS)) return found(new Slip.OnAfterCross(), at, fix.instead(words.get(i), "INNER"));
            if (is(i, SqlLexer.NATURAL)) return found(new Slip.OnAfterNatural(), at,
                    fix.instead(words.get(i), ""));
            if (is(i, SqlLexer.COMMA)) return found(new Slip.OnAfterComma(), at, fix.instead(words.get(i), " JOIN"));
            if (is(i, SqlLexer.JOIN) && i + 1 == at) return onBeforeTable();
        }
        return Optional.empty();
    }

    /** {@code JOIN ON keepers hives.keeper_id = …}: the table and ON in each other's place. */
    private Optional<Found> onBeforeTable() {
        boolean table = isName(at + 1) && isName(at + 2) && is(at + 3, SqlLexer.DOT);
        return table ? found(new Slip.TableMissing("ON"), at,
                fix.instead(words.get(at), text(at + 1)).instead(words.get(at + 1), text(at)))
                : found(new Slip.TableMissing("ON"), at);
    }

    /** {@code LEFT(keeper, 2)}. */
    private Optional<Found> leftFunction() {
        if (!is(at, SqlLexer.LEFT) && !is(at, SqlLexer.RIGHT) || !is(at + 1, SqlLexer.LEFT_PAREN))
            return Optional.empty();
        return is(at, SqlLexer.LEFT) && isName(at + 2) && is(at + 3, SqlLexer.COMMA)
                ? found(new Slip.SideAsFunction(upper(at)), at,
                        fix.instead(words.get(at), "SUBSTRING").instead(words.get(at + 3), ", 1,"))
                : found(new Slip.SideAsFunction(upper(at)), at);
    }

    private boolean isKind(int index) {
        return word(index).filter(word -> KINDS.contains(word.getType())).isPresent();
    }

    /** {@code LEFT INNER JOIN}. */
    private Optional<Found> twoKinds() {
        return isKind(at) && isKind(at - 1) && !is(at, SqlLexer.OUTER)
                ? found(new Slip.TwoKinds(upper(at - 1), upper(at)), at - 1) : Optional.empty();
    }

    /** {@code SELECT * JOIN keepers}. */
    private Optional<Found> beforeFrom() {
        if (!is(at, SqlLexer.JOIN) && !isKind(at)) return Optional.empty();
        for (int i = at - 1; i >= 0; i--) {
            if (is(i, SqlLexer.FROM)) return Optional.empty();
            if (is(i, SqlLexer.SELECT)) return found(new Slip.JoinBeforeFrom(), at);
        }
        return Optional.empty();
    }

    /** {@code JOIN LEFT keepers}. */
    private Optional<Found> kindBehind() {
        return is(at - 1, SqlLexer.JOIN) && isKind(at) && isName(at + 1)
                ? found(new Slip.KindBehindJoin(upper(at)), at,
                        fix.instead(words.get(at - 1), text(at)).instead(words.get(at), text(at - 1)))
                : Optional.empty();
    }

    /** {@code LEFT keepers}. */
    private Optional<Found> noJoin() {
        return isKind(at - 1) && isName(at)
                ? found(new Slip.JoinMissing(upper(at - 1)), at, fix.before(words.get(at), "JOIN ")) : Optional.empty();
    }

    /** {@code hives, JOIN keepers}. */
    private Optional<Found> comma() {
        return is(at - 1, SqlLexer.COMMA) && (is(at, SqlLexer.JOIN) || isKind(at))
                ? found(new Slip.CommaTooMuch(upper(at)), at - 1, fix.instead(words.get(at - 1), ""))
                : Optional.empty();
    }

    /** {@code JOIN keepers k AND h.keeper_id = k.keeper_id}; or between two tables. */
    private Optional<Found> andForOn() {
        if (!is(at, SqlLexer.AND) || !isName(at - 1)) return Optional.empty();
        for (int i = at - 2; i >= Math.max(0, at - 4); i--) {
            if (is(i, SqlLexer.JOIN)) return found(new Slip.AndForOn(), at, fix.instead(words.get(at), "ON"));
            if (is(i, SqlLexer.FROM)) return found(new Slip.AndBetweenTables(), at);
        }
        return Optional.empty();
    }

    /** {@code ON h.keeper_id = k.keeper_id, k.village = 'Ashholt'}, where the comma seemed to bring a table. */
    private Optional<Found> commaInOn() {
        boolean column = is(at, SqlLexer.EQUAL) && is(at - 2, SqlLexer.DOT) && is(at - 4, SqlLexer.COMMA);
        for (int i = at - 5; column && i >= 0 && !isClause(i); i--) {
            if (is(i, SqlLexer.ON))
                return found(new Slip.CommaForAnd(), at - 4, fix.instead(words.get(at - 4), " AND"));
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
                ? found(new Slip.TableMissing(upper(at)), at) : Optional.empty();
    }

    /** {@code USING keeper_id}. */
    private Optional<Found> using() {
        return is(at - 1, SqlLexer.USING) && isName(at)
                ? found(new Slip.Parentheses("USING"), at, fix.before(words.get(at), "(").after(words.get(at), ")"))
                : Optional.empty();
    }

    /** {@code USING (hives.keeper_id)}. */
    private Optional<Found> usingOfTable() {
        return is(at, SqlLexer.DOT) && is(at - 2, SqlLexer.LEFT_PAREN) && is(at - 3, SqlLexer.USING)
                ? found(new Slip.UsingOfTable(text(at + 1)), at - 1,
                        fix.instead(words.get(at - 1), "").instead(words.get(at), ""))
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
