package lunko.query.sql;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lunko.problem.Spelling;
import lunko.problem.SyntaxFault;
import lunko.query.sql.grammar.SqlParser.*;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;
import org.antlr.v4.runtime.Token;

/** Makes expressions of the parse tree. */
final class ExpressionReader {
    private final SqlReader parts;

    /** Reads with one that reads the names and queries in them. */
    ExpressionReader(SqlReader parts) {
        this.parts = parts;
    }

    /** Anything that has a value, or is true or false. */
    Expression expression(ExpressionContext tree) {
        return parts.at(tree, switch (tree) {
            case NotContext t -> new Expression.Not(expression(t.expression()));
            case AndContext t -> new Expression.And(expression(t.expression(0)), expression(t.expression(1)));
            case OrContext t -> new Expression.Or(expression(t.expression(0)), expression(t.expression(1)));
            case TestContext t -> t.IS() == null ? predicate(t.predicate()) : new Expression.IsTruth(
                    predicate(t.predicate()), Truth.valueOf(t.truth().getText().toUpperCase(Locale.ROOT)),
                    t.NOT() != null);
            default -> throw SqlReader.unknown(tree);
        });
    }

    private Expression predicate(PredicateContext tree) {
        return parts.at(tree, switch (tree) {
            case PlainValueContext t -> value(t.value());
            case ComparisonContext t ->
                new Expression.Comparison(comparator(t.comparator()), value(t.value(0)), value(t.value(1)));
            case IsNullContext t -> new Expression.IsNull(value(t.value()), t.NOT() != null);
            case IsDistinctContext t ->
                new Expression.IsDistinct(value(t.value(0)), value(t.value(1)), t.NOT() != null);
            case BetweenContext t ->
                new Expression.Between(value(t.value(0)), value(t.value(1)), value(t.value(2)), t.NOT() != null);
            case LikeContext t -> like(t);
            case RowComparisonContext t -> compared(t);
            case RowInListContext t -> among(t);
            case RowInQueryContext t ->
                new Expression.RowInQuery(row(t.row()), parts.query(t.query()), t.NOT() != null);
            case InQueryContext t -> new Expression.InQuery(value(t.value()), parts.query(t.query()), t.NOT() != null);
            case QuantifiedContext t -> new Expression.Quantified(value(t.value()), comparator(t.comparator()),
                    t.ALL() != null, parts.query(t.query()));
            case InListContext t ->
                new Expression.InList(value(t.value()), expressions(t.expressions()), t.NOT() != null);
            default -> throw SqlReader.unknown(tree);
        });
    }

    private Expression like(LikeContext tree) {
        boolean caseless = tree.ILIKE() != null;
        Optional<Expression> escape = tree.ESCAPE() == null ? Optional.empty() : Optional.of(value(tree.value(2)));
        Expression like = new Expression.Like(upper(caseless, value(tree.value(0))),
                upper(caseless, value(tree.value(1))), escape, tree.NOT() != null);
        if (caseless) parts.spelled(tree, Spelling.ILIKE, new SqlWriter().expression(like));
        return like;
    }

    private static Expression upper(boolean caseless, Expression text) {
        return caseless ? new Expression.Call(Name.of("UPPER"), false, List.of(text)) : text;
    }

    private Expression compared(RowComparisonContext tree) {
        List<Expression> left = row(tree.left);
        List<Expression> right = row(tree.right);
        refuseOtherWidth(tree.right, left, right);
        return left.size() == right.size() ? RowReader.compared(comparator(tree.comparator()), left, right)
                : Expression.ALWAYS;
    }

    private Expression among(RowInListContext tree) {
        List<Expression> of = row(tree.of);
        List<RowContext> list = tree.row().stream().skip(1).toList();
        list.forEach(row -> refuseOtherWidth(row, of, row(row)));
        List<List<Expression>> rows = list.stream().map(this::row).filter(row -> row.size() == of.size()).toList();
        return rows.isEmpty() ? Expression.ALWAYS : RowReader.among(of, rows, tree.NOT() != null);
    }

    private List<Expression> row(RowContext tree) {
        return tree.expression().stream().map(this::expression).toList();
    }

    private void refuseOtherWidth(RowContext where, List<Expression> one, List<Expression> other) {
        if (one.size() != other.size())
            parts.refuse(where.getStart(), new SyntaxFault.RowsOfOtherWidths(one.size(), other.size()));
    }

    private static Expression.Comparator comparator(ComparatorContext tree) {
        // Two signs for it: one is the standard's, the other what most people type.
        if (tree.NOT_EQUAL() != null) return Expression.Comparator.NOT_EQUAL;
        for (Expression.Comparator comparator : Expression.Comparator.values()) {
            if (comparator.sign().equals(tree.getText())) return comparator;
        }
        throw SqlReader.unknown(tree);
    }

    /** Something that has a value. */
    Expression value(ValueContext tree) {
        return parts.at(tree, switch (tree) {
            case ShortCastContext t -> {
                Expression cast = cast(value(t.value()), parts.type(t.typeName()));
                parts.spelled(t, Spelling.DOUBLE_COLON, new SqlWriter().expression(cast));
                yield cast;
            }
            case SignedContext t -> new Expression.Signed(t.sign.getText().equals("-"), value(t.value()));
            // What most databases write for the function of the standard.
            case ArithmeticContext t when t.PERCENT() != null -> new Expression.Call(Name.of("MOD"), false,
                    List.of(value(t.value(0)), value(t.value(1))));
            case ArithmeticContext t ->
                new Expression.Calculation(operator(t.op), value(t.value(0)), value(t.value(1)));
            case PrimaryValueContext t -> primary(t.primary());
            default -> throw SqlReader.unknown(tree);
        });
    }

    private static Expression.Operator operator(Token token) {
        for (Expression.Operator operator : Expression.Operator.values()) {
            if (operator.sign().equals(token.getText())) return operator;
        }
        throw new IllegalStateException("no operator " + token.getText());
    }

    private Expression primary(PrimaryContext tree) {
        return parts.at(tree, switch (tree) {
            case ExistsContext t -> new Expression.Exists(parts.query(t.query()));
            case LiteralValueContext t -> new Expression.Literal(literal(t.literal()));
            case ColumnValueContext t ->
                new Expression.ColumnName(Optional.ofNullable(t.table).map(parts::name), parts.name(t.columnName));
            case ParenthesizedContext t -> expression(t.expression());
            case ScalarQueryContext t -> new Expression.ScalarQuery(parts.query(t.query()));
            case CastContext t ->
                cast(expression(t.expression()), parts.type(t.typeName()));
            case CaseContext t -> new Expression.Case(parts.optional(t.subject), t.whenThen().stream()
                    .map(w -> new Expression.When(expression(w.expression(0)), expression(w.expression(1)))).toList(),
                    parts.optional(t.otherwise));
            case CallContext t -> call(t);
            case ListAggContext t ->
                new Expression.TextsOfGroup(SqlReader.distinct(t.quantifier()), expression(t.expression(0)),
                        t.expression().size() > 1 ? expression(t.expression(1)) : new Expression.Literal(Value.of("")),
                        parts.keys(t.orderBy()));
            case StringAggContext t -> new Expression.TextsOfGroup(SqlReader.distinct(t.quantifier()),
                    expression(t.expression(0)), expression(t.expression(1)), parts.keys(t.orderBy()));
            case ExtractContext t -> new Expression.Extract(part(t.part), expression(t.expression()));
            case PositionContext t -> new Expression.Position(value(t.value(0)), value(t.value(1)));
            case SubstringContext t -> new Expression.Call(Name.of("SUBSTRING"), false,
                    t.expression().stream().map(this::expression).toList());
            default -> throw SqlReader.unknown(tree);
        });
    }

    private DatePart part(NameContext tree) {
        Optional<DatePart> part = DatePart.of(parts.name(tree));
        if (part.isEmpty()) parts.refuse(tree.getStart(), new SyntaxFault.NoDatePart(tree.getText()));
        return part.orElse(DatePart.DAY);
    }

    private Expression call(CallContext tree) {
        Name function = parts.name(tree.function);
        if (tree.STAR() == null) {
            List<Expression> arguments = tree.expressions() == null ? List.of() : expressions(tree.expressions());
            return new Expression.Call(function, SqlReader.distinct(tree.quantifier()), arguments);
        }
        if (!function.means("count")) {
            parts.refuse(tree.getStart(),
                    new SyntaxFault.OnlyCountCounts(function.text()));
        }
        return new Expression.CountRows();
    }

    private Value literal(LiteralContext tree) {
        Token token = tree.getStart();
        String text = token.getText();
        // Lunko has no times: a text that says one is in the same order.
        if (tree.TIME() != null || tree.TIMESTAMP() != null)
            return Value.of(SqlReader.unquoted(tree.STRING().getText(), '\''));
        if (tree.DATE() != null) {
            Optional<Value> day = Type.DATE.read(SqlReader.unquoted(tree.STRING().getText(), '\''));
            if (day.isEmpty()) parts.refuse(token, new SyntaxFault.NoDate(tree.STRING().getText()));
            return day.orElse(Value.NULL);
        }
        if (tree.INTEGER() != null) return SqlReader.integer(text);
        if (tree.DECIMAL() != null) return new Value.DecimalValue(new BigDecimal(text));
        if (tree.APPROXIMATE() != null) return approximate(token);
        if (tree.STRING() != null) return Value.of(SqlReader.unquoted(text, '\''));
        return tree.NULL() != null ? Value.NULL : new Value.BooleanValue(tree.TRUE() != null);
    }

    /** A number with a power of ten, as the decimal that it is exactly. */
    private static Value approximate(Token token) {
        BigDecimal number = new BigDecimal(token.getText());
        return new Value.DecimalValue(number.setScale(Math.max(1, number.scale())));
    }

    private static Expression cast(Expression of, DeclaredType declared) {
        return new Expression.Cast(of, declared.type(), declared.size());
    }

    List<Expression> expressions(ExpressionsContext tree) {
        return tree.expression().stream().map(this::expression).toList();
    }
}
