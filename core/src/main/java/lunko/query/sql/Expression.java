package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/** Something that has a value for each row: a column, a literal, and what can be made of them. */
public sealed interface Expression {

    /** A value written down. */
    record Literal(Value value) implements Expression {}

    /** A column, with or without the name of its table before it. */
    record ColumnName(Optional<Name> table, Name column) implements Expression {}

    /** A number with a sign before it. */
    record Signed(boolean negative, Expression of) implements Expression {}

    /** Two values calculated into one. */
    record Calculation(Operator operator, Expression left, Expression right) implements Expression {}

    /** Two values compared. */
    record Comparison(Comparator comparator, Expression left, Expression right) implements Expression {}

    /** Both. */
    record And(Expression left, Expression right) implements Expression {}

    /** Either. */
    record Or(Expression left, Expression right) implements Expression {}

    /** The opposite; of unknown, unknown. */
    record Not(Expression of) implements Expression {}

    /** Whether a value is NULL, or is not. */
    record IsNull(Expression of, boolean negated) implements Expression {}

    /** Whether a condition has this truth value, or has not. */
    record IsTruth(Expression of, Truth truth, boolean negated) implements Expression {}

    /** Whether two values differ, NULL taken for a value like others; or do not differ. */
    record IsDistinct(Expression left, Expression right, boolean negated) implements Expression {}

    /** Whether a value lies in a range, its ends included, or does not. */
    record Between(Expression of, Expression low, Expression high, boolean negated) implements Expression {}

    /** Whether a text has the form of a pattern, or has not. */
    record Like(Expression of, Expression pattern, boolean negated) implements Expression {}

    /** Whether a value is one of these, or is none of them. */
    record InList(Expression of, List<Expression> list, boolean negated) implements Expression {}

    /** Whether a value is one that a query gives, or is none of them. */
    record InQuery(Expression of, QueryExpression query, boolean negated) implements Expression {}

    /** Whether a query gives any row. */
    record Exists(QueryExpression query) implements Expression {}

    /** The one value that a query gives, or NULL if it gives no row. */
    record ScalarQuery(QueryExpression query) implements Expression {}

    /** The first branch whose condition holds, or whose value equals the subject. */
    record Case(Optional<Expression> subject, List<When> branches, Optional<Expression> otherwise)
            implements Expression {}

    /** A branch of a CASE. */
    record When(Expression condition, Expression then) {}

    /** A value as one of another type. */
    record Cast(Expression of, Type type) implements Expression {}

    /** A function of arguments; of an aggregate function, of those of a group, each once if it is DISTINCT. */
    record Call(Name function, boolean distinct, List<Expression> arguments) implements Expression {}

    /** The number of rows of a group. */
    record CountRows() implements Expression {}

    /** The signs of calculation. */
    enum Operator {
        /** Sum. */
        PLUS("+"),
        /** Difference. */
        MINUS("-"),
        /** Product. */
        TIMES("*"),
        /** Quotient; of two integers, truncated toward zero. */
        DIVIDE("/"),
        /** Two texts in one. */
        CONCATENATE("||");

        private final String sign;

        Operator(String sign) {
            this.sign = sign;
        }

        /** The sign as SQL text. */
        public String sign() {
            return sign;
        }
    }

    /** The signs of comparison. */
    enum Comparator {
        /** Equal. */
        EQUAL("="),
        /** Not equal. */
        NOT_EQUAL("<>"),
        /** Less. */
        LESS("<"),
        /** Less or equal. */
        LESS_OR_EQUAL("<="),
        /** Greater. */
        GREATER(">"),
        /** Greater or equal. */
        GREATER_OR_EQUAL(">=");

        private final String sign;

        Comparator(String sign) {
            this.sign = sign;
        }

        /** The sign as SQL text. */
        public String sign() {
            return sign;
        }
    }
}
