package lunko.query.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;

/** Something that has a value for each row: a column, a literal, and what can be made of them. */
public sealed interface Expression {
    /** The condition that is always true. */
    Expression ALWAYS = new Literal(new Value.BooleanValue(true));

    /** What is asked of values, or of the rows of a query (ISO/IEC 9075-2, clause 8). */
    sealed interface Predicate extends Expression {}

    /** A value written down. */
    record Literal(Value value) implements Expression {}

    /** A column, with or without the name of its table before it. */
    record ColumnName(Optional<Name> table, Name column) implements Expression {

        /** A column of a table. */
        public static ColumnName of(Name table, String column) {
            return new ColumnName(Optional.of(table), Name.of(column));
        }
    }

    /** Two columns. */
    record Columns(ColumnName left, ColumnName right) {}

    /** A number with a sign before it. */
    record Signed(boolean negative, Expression of) implements Expression {}

    /** Two values calculated into one. */
    record Calculation(Operator operator, Expression left, Expression right) implements Expression {}

    /** Two values compared. */
    record Comparison(Comparator comparator, Expression left, Expression right) implements Predicate {

        /** Two values that must be equal. */
        public static Comparison equal(Expression left, Expression right) {
            return new Comparison(Comparator.EQUAL, left, right);
        }
    }

    /** Both. */
    record And(Expression left, Expression right) implements Expression {}

    /** Either. */
    record Or(Expression left, Expression right) implements Expression {}

    /** The opposite; of unknown, unknown. */
    record Not(Expression of) implements Expression {}

    /** Whether a value is NULL, or is not. */
    record IsNull(Expression of, boolean negated) implements Predicate {}

    /** Whether a condition has this truth value, or has not. */
    record IsTruth(Expression of, Truth truth, boolean negated) implements Expression {}

    /** Whether two values differ, NULL taken for a value like others; or do not differ. */
    record IsDistinct(Expression left, Expression right, boolean negated) implements Predicate {}

    /** Whether a value lies in a range, its ends included, or does not. */
    record Between(Expression of, Expression low, Expression high, boolean negated) implements Predicate {}

    /** Whether a text has the form of a pattern, or has not; behind the escape, % and _ stand for themselves. */
    record Like(Expression of, Expression pattern, Optional<Expression> escape, boolean negated)
            implements Predicate {}

    /** Whether a value is one of these, or is none of them. */
    record InList(Expression of, List<Expression> list, boolean negated) implements Predicate {}

    /** Whether a value is one that a query gives, or is none of them. */
    record InQuery(Expression of, QueryExpression query, boolean negated) implements Predicate {}

    /** Whether several values are a row that a query gives, or are none of them. */
    record RowInQuery(List<Expression> of, QueryExpression query, boolean negated) implements Predicate {}

    /**
     * Whether a value compares so with any of those that a query gives, or with {@code all} of them; with none there
     * are no two to compare, and all do (ISO/IEC 9075-2, quantified comparison predicate).
     */
    record Quantified(Expression of, Comparator comparator, boolean all, QueryExpression query) implements Predicate {}

    /** Whether a query gives any row. */
    record Exists(QueryExpression query) implements Predicate {}

    /** The one value that a query gives, or NULL if it gives no row. */
    record ScalarQuery(QueryExpression query) implements Expression {}

    /** The first branch whose condition holds, or whose value equals the subject. */
    record Case(Optional<Expression> subject, List<When> branches, Optional<Expression> otherwise)
            implements Expression {}

    /** A branch of a CASE. */
    record When(Expression condition, Expression then) {}

    /** A value as one of another type, as large as is said. */
    record Cast(Expression of, Type type, TypeSize size) implements Expression {

        /** As large as values of the type are. */
        public Cast(Expression of, Type type) {
            this(of, type, new TypeSize.Any());
        }
    }

    /** A part of a day, as a number. */
    record Extract(DatePart part, Expression of) implements Expression {}

    /** Where a text begins in another, counted from 1; 0 if it does not. */
    record Position(Expression part, Expression of) implements Expression {}

    /** A function of arguments; of an aggregate function, of those of a group, each once if it is DISTINCT. */
    record Call(Name function, boolean distinct, List<Expression> arguments) implements Expression {

        /** The aggregate function that it is, if it is one. */
        public Optional<AggregateFunction> aggregate() {
            return Stream.of(AggregateFunction.values()).filter(each -> function.means(each.name())).findFirst();
        }
    }

    /**
     * The texts of a group in one, with something between two of them, in an order if one is said (ISO/IEC 9075-2,
     * LISTAGG).
     */
    record TextsOfGroup(boolean distinct, Expression of, Expression between, List<QueryExpression.SortKey> order)
            implements Expression {}

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

    /** The expressions that this one is made of, from left to right; those of a query in it are not among them. */
    default List<Expression> parts() {
        List<Expression> parts = new ArrayList<>();
        with(part -> {
            parts.add(part);
            return part;
        });
        return parts;
    }

    /** The columns that it names, from left to right; those that queries in it name are not among them. */
    default List<ColumnName> columns() {
        return this instanceof ColumnName name ? List.of(name)
                : parts().stream().flatMap(part -> part.columns().stream()).toList();
    }

    /** The same expression with its {@link #parts()} changed. */
    default Expression with(UnaryOperator<Expression> change) {
        return switch (this) {
            case Literal _,ColumnName _,CountRows _,Exists _,ScalarQuery _ -> this;
            case Signed(boolean negative, Expression of) -> new Signed(negative, change.apply(of));
            case Calculation(Operator operator, Expression left, Expression right) ->
                new Calculation(operator, change.apply(left), change.apply(right));
            case Comparison(Comparator comparator, Expression left, Expression right) ->
                new Comparison(comparator, change.apply(left), change.apply(right));
            case And(Expression left, Expression right) -> new And(change.apply(left), change.apply(right));
            case Or(Expression left, Expression right) -> new Or(change.apply(left), change.apply(right));
            case Not(Expression of) -> new Not(change.apply(of));
            case IsNull(Expression of, boolean negated) -> new IsNull(change.apply(of), negated);
            case IsTruth(Expression of, Truth truth, boolean negated) -> new IsTruth(change.apply(of), truth, negated);
            case IsDistinct(Expression left, Expression right, boolean negated) ->
                new IsDistinct(change.apply(left), change.apply(right), negated);
            case Between(Expression of, Expression low, Expression high, boolean negated) ->
                new Between(change.apply(of), change.apply(low), change.apply(high), negated);
            case Like(Expression of, Expression pattern, Optional<Expression> escape, boolean negated) ->
                new Like(change.apply(of), change.apply(pattern), escape.map(change), negated);
            case InList(Expression of, List<Expression> list, boolean negated) ->
                new InList(change.apply(of), list.stream().map(change).toList(), negated);
            case InQuery(Expression of, QueryExpression query, boolean negated) ->
                new InQuery(change.apply(of), query, negated);
            case RowInQuery(List<Expression> of, QueryExpression query, boolean negated) ->
                new RowInQuery(of.stream().map(change).toList(), query, negated);
            case Quantified(Expression of, Comparator comparator, boolean all, QueryExpression query) ->
                new Quantified(change.apply(of), comparator, all, query);
            case Case(Optional<Expression> subject, List<When> branches, Optional<Expression> otherwise) -> new Case(
                    subject.map(change), branches.stream()
                            .map(when -> new When(change.apply(when.condition()), change.apply(when.then()))).toList(),
                    otherwise.map(change));
            case Cast(Expression of, Type type, TypeSize size) -> new Cast(change.apply(of), type, size);
            case TextsOfGroup(boolean distinct, Expression of, Expression between, var order) ->
                new TextsOfGroup(distinct, change.apply(of), change.apply(between), order.stream()
                        .map(key -> key.by(change.apply(key.by()))).toList());
            case Extract(DatePart part, Expression of) -> new Extract(part, change.apply(of));
            case Position(Expression part, Expression of) -> new Position(change.apply(part), change.apply(of));
            case Call(Name function, boolean distinct, List<Expression> arguments) ->
                new Call(function, distinct, arguments.stream().map(change).toList());
        };
    }

    /** Whether there is an aggregate function of this query in it, not counting those of queries within it. */
    default boolean isOfGroup() {
        return this instanceof CountRows || this instanceof TextsOfGroup
                || this instanceof Call call && call.aggregate().isPresent()
                || parts().stream().anyMatch(Expression::isOfGroup);
    }

    /** The two columns that this condition wants to be equal, if that is all that it wants. */
    default Optional<Columns> equalColumns() {
        return this instanceof Comparison(Comparator comparator, ColumnName left, ColumnName right)
                && comparator == Comparator.EQUAL
                        ? Optional.of(new Columns(left, right)) : Optional.empty();
    }

    /** The conditions that must all hold for this one to, from left to right. */
    default List<Expression> conjuncts() {
        if (!(this instanceof And(Expression left, Expression right))) return List.of(this);
        return Stream.concat(left.conjuncts().stream(), right.conjuncts().stream()).toList();
    }

    /** All of these conditions in one; there must be one at least. */
    static Expression all(List<Expression> conditions) {
        return conditions.stream().reduce(And::new).orElseThrow();
    }
}
