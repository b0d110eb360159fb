package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.table.Type;
import lunko.table.TypeSize;

/** Writes queries as SQL text, with no more parentheses than they need; {@link SqlParser} reads the same query back. */
public final class SqlWriter {

    /** How tightly the parts of an expression hold together, from the loosest. */
    private enum Tightness {
        OR, AND, NOT, TEST, PREDICATE, CONCATENATION, SUM, PRODUCT, SIGN, PRIMARY
    }

    /** The words that parts already have; without parentheses around them. */
    private final Function<Object, Optional<String>> known;

    /** A writer that writes everything its own way. */
    public SqlWriter() {
        this(_ -> Optional.empty());
    }

    /** A writer that takes over the words that parts already have. */
    SqlWriter(Function<Object, Optional<String>> known) {
        this.known = known;
    }

    /** A query as SQL text. */
    public String query(QueryExpression query) {
        return known.apply(query).orElseGet(() -> written(query));
    }

    private String written(QueryExpression query) {
        StringBuilder text = new StringBuilder(query.with().isEmpty() ? ""
                : (query.with().getFirst().recursive() ? "WITH RECURSIVE " : "WITH ")
                        + query.with().stream().map(this::common).collect(Collectors.joining(", ")) + " ");
        text.append(body(query.body()));
        if (!query.orderBy().isEmpty()) {
            text.append(" ORDER BY ")
                    .append(query.orderBy().stream().map(this::sortKey).collect(Collectors.joining(", ")));
        }
        query.offset().ifPresent(rows -> text.append(" OFFSET ").append(rows).append(" ROWS"));
        query.limit().ifPresent(rows -> text.append(" FETCH FIRST ").append(rows).append(" ROWS ONLY"));
        return text.toString();
    }

    private String common(QueryExpression.Common common) {
        return known.apply(common).orElseGet(() -> common.name().sql()
                + called(common.columns()) + " AS (" + query(common.query()) + ")");
    }

    /** Names for the columns of what stands before them, if there are any. */
    private static String called(List<Name> columns) {
        return columns.isEmpty() ? "" : " " + names(columns);
    }

    /** What rows are sorted by as SQL text: {@code name DESC NULLS LAST}. */
    public String sortKey(SortKey key) {
        return known.apply(key).orElseGet(() -> written(key));
    }

    private String written(SortKey key) {
        return expression(key.by()) + (key.descending() ? " DESC" : "")
                + key.nulls().map(nulls -> " NULLS " + nulls.name()).orElse("");
    }

    String body(QueryBody body) {
        return known.apply(body).orElseGet(() -> written(body));
    }

    private String written(QueryBody body) {
        return switch (body) {
            case QueryBody.Select select -> select(select);
            case QueryBody.Nested(QueryExpression query) -> "(" + query(query) + ")";
            case QueryBody.Values(var rows) ->
                "VALUES " + rows.stream().map(this::row).collect(Collectors.joining(", "));
            case QueryBody.Compound(var operator, boolean all, QueryBody left, QueryBody right) ->
                body(left) + " " + operator + (all ? " ALL " : " ") + body(right);
        };
    }

    private String row(List<Expression> values) {
        return "(" + list(values) + ")";
    }

    private String select(QueryBody.Select select) {
        StringBuilder text = new StringBuilder("SELECT ");
        if (select.distinct()) text.append("DISTINCT ");
        text.append(select.items().stream().map(this::item).collect(Collectors.joining(", ")));
        if (!select.from().isEmpty()) {
            text.append(" FROM ")
                    .append(select.from().stream().map(item -> from(item, false)).collect(Collectors.joining(", ")));
        }
        select.where().ifPresent(condition -> text.append(" WHERE ").append(expression(condition)));
        if (!select.groupBy().isEmpty()) text.append(" GROUP BY ").append(list(select.groupBy()));
        select.having().ifPresent(condition -> text.append(" HAVING ").append(expression(condition)));
        return text.toString();
    }

    /** An item of a SELECT list as SQL text. */
    public String item(SelectItem item) {
        return known.apply(item).orElseGet(() -> written(item));
    }

    private String written(SelectItem item) {
        return switch (item) {
            case SelectItem.Everything _ -> "*";
            case SelectItem.EverythingOf(Name table) -> table.sql() + ".*";
            case SelectItem.Item(Expression expression, Optional<Name> name) ->
                expression(expression) + name.map(n -> " AS " + n.sql()).orElse("");
        };
    }

    /** A table of FROM as SQL text. */
    public String table(FromItem item) {
        return from(item, false);
    }

    /** A table of FROM; a join on the right side of another needs parentheses. */
    String from(FromItem item, boolean right) {
        Optional<String> own = known.apply(item);
        if (own.isEmpty()) return written(item, right);
        return right && item instanceof FromItem.JoinedTable ? "(" + own.get() + ")" : own.get();
    }

    private String written(FromItem item, boolean right) {
        return switch (item) {
            case FromItem.NamedTable(Name table, Optional<Name> alias) ->
                table.sql() + alias.map(name -> " " + name.sql()).orElse("");
            case FromItem.DerivedTable(boolean lateral, var query, Optional<Name> alias, List<Name> columns) ->
                (lateral ? "LATERAL " : "") + "(" + query(query) + ")" + alias.map(name -> " " + name.sql()).orElse("")
                        + called(columns);
            case FromItem.JoinedTable joined -> right ? "(" + joined(joined) + ")" : joined(joined);
        };
    }

    private String joined(FromItem.JoinedTable joined) {
        boolean natural = joined.specification() instanceof JoinSpecification.Natural;
        return from(joined.left(), false) + (natural ? " NATURAL " : " ") + joined.kind().words().orElseThrow() + " "
                + from(joined.right(), true) + specification(joined.specification());
    }

    /** Which rows match, with a blank before it. */
    String specification(JoinSpecification specification) {
        return switch (specification) {
            case JoinSpecification.Nothing _,JoinSpecification.Natural _ -> "";
            case JoinSpecification.On(Expression condition) -> " ON " + expression(condition);
            case JoinSpecification.Using(List<Name> columns) -> " USING " + names(columns);
        };
    }

    private static String names(List<Name> names) {
        return names.stream().map(Name::sql).collect(Collectors.joining(", ", "(", ")"));
    }

    /** An expression as SQL text. */
    public String expression(Expression expression) {
        return expression(expression, Tightness.OR);
    }

    private String list(List<Expression> expressions) {
        return expressions.stream().map(this::expression).collect(Collectors.joining(", "));
    }

    /** A condition that others stand beside, with AND between them. */
    String conjunct(Expression condition) {
        return expression(condition, Tightness.NOT);
    }

    /** An expression where one is needed that holds together at least so tightly. */
    private String expression(Expression expression, Tightness needed) {
        String text = known.apply(expression).orElseGet(() -> bare(expression));
        return tightness(expression).compareTo(needed) < 0 ? "(" + text + ")" : text;
    }

    private static Tightness tightness(Expression expression) {
        return switch (expression) {
            case Expression.Or _ -> Tightness.OR;
            case Expression.And _ -> Tightness.AND;
            case Expression.Not _ -> Tightness.NOT;
            case Expression.IsTruth _ -> Tightness.TEST;
            case Expression.Comparison _,Expression.IsNull _,Expression.IsDistinct _ -> Tightness.PREDICATE;
            case Expression.Between _,Expression.Like _,Expression.InList _ -> Tightness.PREDICATE;
            case Expression.InQuery _,Expression.RowInQuery _,Expression.Quantified _ -> Tightness.PREDICATE;
            case Expression.Exists _ -> Tightness.PREDICATE;
            case Expression.Calculation(var operator, var _, var _) -> tightness(operator);
            case Expression.Signed _ -> Tightness.SIGN;
            case Expression.Literal _,Expression.ColumnName _,Expression.ScalarQuery _ -> Tightness.PRIMARY;
            case Expression.Case _,Expression.Cast _,Expression.Call _,Expression.CountRows _ -> Tightness.PRIMARY;
            case Expression.Extract _,Expression.Position _,Expression.TextsOfGroup _ -> Tightness.PRIMARY;
        };
    }

    private static Tightness tightness(Expression.Operator operator) {
        return switch (operator) {
            case CONCATENATE -> Tightness.CONCATENATION;
            case PLUS, MINUS -> Tightness.SUM;
            case TIMES, DIVIDE -> Tightness.PRODUCT;
        };
    }

    private static Tightness next(Tightness tightness) {
        return Tightness.values()[tightness.ordinal() + 1];
    }

    private String value(Expression expression) {
        return expression(expression, Tightness.CONCATENATION);
    }

    private String bare(Expression expression) {
        return switch (expression) {
            case Expression.Literal(var value) -> value.sql();
            case Expression.ColumnName(Optional<Name> table, Name column) ->
                table.map(name -> name.sql() + ".").orElse("") + column.sql();
            case Expression.Or(var left, var right) ->
                expression(left, Tightness.OR) + " OR " + expression(right, Tightness.AND);
            case Expression.And(var left, var right) ->
                expression(left, Tightness.AND) + " AND " + expression(right, Tightness.NOT);
            case Expression.Not(var of) -> "NOT " + expression(of, Tightness.NOT);
            case Expression.IsTruth(var of, var truth, boolean negated) ->
                value(of) + " IS" + not(negated) + " " + truth.name();
            case Expression.Comparison(var comparator, var left, var right) ->
                value(left) + " " + comparator.sign() + " " + value(right);
            case Expression.IsNull(var of, boolean negated) -> value(of) + " IS" + not(negated) + " NULL";
            case Expression.IsDistinct(var left, var right, boolean negated) ->
                value(left) + " IS" + not(negated) + " DISTINCT FROM " + value(right);
            case Expression.Between(var of, var low, var high, boolean negated) ->
                value(of) + not(negated) + " BETWEEN " + value(low) + " AND " + value(high);
            case Expression.Like(var of, var pattern, var escape, boolean negated) -> value(of) + not(negated)
                    + " LIKE " + value(pattern) + escape.map(character -> " ESCAPE " + value(character)).orElse("");
            case Expression.InList(var of, var list, boolean negated) ->
                value(of) + not(negated) + " IN (" + list(list) + ")";
            case Expression.InQuery(var of, var query, boolean negated) ->
                value(of) + not(negated) + " IN (" + query(query) + ")";
            case Expression.RowInQuery(var of, var query, boolean negated) ->
                row(of) + not(negated) + " IN (" + query(query) + ")";
            case Expression.Quantified(var of, var comparator, boolean all, var query) ->
                value(of) + " " + comparator.sign() + (all ? " ALL (" : " ANY (") + query(query) + ")";
            case Expression.Exists(var query) -> "EXISTS (" + query(query) + ")";
            case Expression.ScalarQuery(var query) -> "(" + query(query) + ")";
            case Expression.Calculation(var operator, var left, var right) ->
                expression(left, tightness(operator)) + " "
                        + operator.sign() + " " + expression(right, next(tightness(operator)));
            // A blank between two signs: -- would begin a comment.
            case Expression.Signed(boolean negative, var of) ->
                (negative ? "-" : "+") + (of instanceof Expression.Signed ? " " : "") + expression(of, Tightness.SIGN);
            case Expression.Case(var subject, var branches, var otherwise) -> "CASE"
                    + subject.map(of -> " " + expression(of)).orElse("")
                    + branches.stream()
                            .map(when -> " WHEN " + expression(when.condition()) + " THEN " + expression(when.then()))
                            .collect(Collectors.joining())
                    + otherwise.map(of -> " ELSE " + expression(of)).orElse("") + " END";
            case Expression.Cast(var of, Type type, TypeSize size) ->
                "CAST(" + expression(of) + " AS " + size.sql(type) + ")";
            case Expression.TextsOfGroup texts -> texts(texts, !texts.order().isEmpty());
            case Expression.Extract(DatePart part, var of) ->
                "EXTRACT(" + part.name() + " FROM " + expression(of) + ")";
            case Expression.Position(var part, var of) -> "POSITION(" + value(part) + " IN " + value(of) + ")";
            case Expression.Call(Name function, boolean distinct, var arguments) ->
                function.sql() + "(" + (distinct ? "DISTINCT " : "") + list(arguments) + ")";
            case Expression.CountRows _ -> "COUNT(*)";
        };
    }

    /** The texts of a group as the standard writes them, or as some databases do. */
    public String texts(Expression.TextsOfGroup texts, boolean standard) {
        String order = texts.order().isEmpty() ? "" : "ORDER BY " + texts.order().stream().map(this::sortKey)
                .collect(Collectors.joining(", "));
        String what = (texts.distinct() ? "DISTINCT " : "") + expression(texts.of()) + ", "
                + expression(texts.between());
        return standard ? "LISTAGG(" + what + ")" + (order.isEmpty() ? "" : " WITHIN GROUP (" + order + ")")
                : "STRING_AGG(" + what + (order.isEmpty() ? "" : " " + order) + ")";
    }

    private static String not(boolean negated) {
        return negated ? " NOT" : "";
    }
}
