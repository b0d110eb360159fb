package lunko.query.sql;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import lunko.problem.Problem;
import lunko.problem.Spelling;
import lunko.problem.SyntaxFault;
import lunko.query.JoinKind;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.query.sql.QueryExpression.Nulls;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.grammar.SqlParser.*;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;

/** Makes statements of the parse tree, and notes where each part of them stands. */
final class SqlReader {
    private final SqlSource source;
    private final Spans spans;
    private final ExpressionReader expressions = new ExpressionReader(this);
    private Optional<Problem> problem = Optional.empty();

    SqlReader(SqlSource source, Spans spans) {
        this.source = source;
        this.spans = spans;
    }

    /** The first thing that is grammatical and yet not right, such as a day that no calendar has. */
    Optional<Problem> problem() {
        return problem;
    }

    /** Reads the expressions in them. */
    ExpressionReader expressions() {
        return expressions;
    }

    Statement statement(StatementContext tree) {
        return at(tree, switch (tree) {
            case QueryStatementContext t -> new Statement.Query(query(t.query()));
            case CreateTableContext t -> new TableReader(this).createTable(t);
            case InsertContext t -> insert(t);
            case AddToContext t -> new TableReader(this).addTo(t);
            case IndexContext _ -> new Statement.Nothing();
            case TransactionContext t -> new Statement.Transaction(t.COMMIT() != null ? Statement.Edge.COMMIT
                    : t.ROLLBACK() != null ? Statement.Edge.ROLLBACK : Statement.Edge.BEGIN);
            case CreateTableAsContext t -> new Statement.CreateTableAs(table(t.tableName()), t.IF() != null,
                    names(t.columnNames()), query(t.query()));
            case CreateViewContext t -> new Statement.CreateView(t.REPLACE() != null, new QueryExpression.Common(false,
                    table(t.tableName()), names(t.columnNames()), query(t.query())));
            case UpdateContext t -> new Statement.Update(table(t.tableName()), alias(t.alias), t.assignment().stream()
                    .map(a -> new Statement.Assignment(name(a.name()), expressions.expression(a.expression())))
                    .toList(),
                    optional(t.expression()));
            case DeleteContext t ->
                new Statement.Delete(table(t.tableName()), alias(t.alias), optional(t.expression()));
            case DropTableContext t -> new Statement.DropTable(table(t.tableName()), t.IF() != null);
            default -> throw unknown(tree);
        });
    }

    /** New rows as they are written down, or as a query gives them. */
    private Statement insert(InsertContext tree) {
        Name table = table(tree.tableName());
        List<Name> columns = names(tree.columnNames());
        QueryExpression query = query(tree.query());
        return query.body() instanceof QueryBody.Values values && query.equals(QueryExpression.of(values))
                ? new Statement.Insert(table, columns, values.rows())
                : new Statement.InsertQuery(table, columns, query);
    }

    QueryExpression query(QueryContext tree) {
        List<SortKey> keys = keys(tree.orderBy());
        OptionalLong offset = tree.offset() == null ? OptionalLong.empty() : count(tree.offset().INTEGER().getSymbol());
        OptionalLong limit = tree.limit() == null ? OptionalLong.empty()
                : tree.limit().INTEGER() == null ? OptionalLong.of(1) : count(tree.limit().INTEGER().getSymbol());
        QueryExpression query = at(tree, new QueryExpression(
                tree.with() == null ? List.of() : common(tree.with()),
                body(tree.queryBody()), keys, offset, limit));
        if (tree.orderBy() != null)
            clause(query, Clause.ORDER_BY, tree.orderBy().getStart(), tree.orderBy().BY().getSymbol(), tree.orderBy());
        if (tree.offset() != null)
            clause(query, Clause.OFFSET, tree.offset().getStart(), tree.offset().getStart(), tree.offset());
        if (tree.limit() != null)
            clause(query, Clause.LIMIT, tree.limit().getStart(), tree.limit().getStart(), tree.limit());
        return query;
    }

    private List<QueryExpression.Common> common(WithContext tree) {
        return tree.commonTable().stream().map(one -> at(one, new QueryExpression.Common(tree.RECURSIVE() != null,
                name(one.name()), names(one.columnNames()), query(one.query())))).toList();
    }

    List<SortKey> keys(OrderByContext tree) {
        return tree == null ? List.of() : tree.sortKey().stream().map(this::sortKey).toList();
    }

    private SortKey sortKey(SortKeyContext tree) {
        boolean descending = tree.direction != null && tree.direction.getText().equalsIgnoreCase("DESC");
        Optional<Nulls> nulls = Optional.ofNullable(tree.nulls)
                .map(token -> Nulls.valueOf(token.getText().toUpperCase(Locale.ROOT)));
        return at(tree, new SortKey(expressions.expression(tree.expression()), descending, nulls));
    }

    private QueryBody body(QueryBodyContext tree) {
        return at(tree, switch (tree) {
            case SelectBodyContext t -> select(t.select());
            case NestedBodyContext t -> new QueryBody.Nested(query(t.query()));
            case ValuesBodyContext t -> new QueryBody.Values(
                    t.rowValues().stream().map(row -> expressions.expressions(row.expressions())).toList());
            case IntersectContext t -> new QueryBody.Compound(SetOperator.INTERSECT, all(t.quantifier()),
                    body(t.queryBody(0)), body(t.queryBody(1)));
            case UnionOrExceptContext t -> new QueryBody.Compound(
                    SetOperator.valueOf(t.op.getText().toUpperCase(Locale.ROOT)), all(t.quantifier()),
                    body(t.queryBody(0)), body(t.queryBody(1)));
            default -> throw unknown(tree);
        });
    }

    private QueryBody.Select select(SelectContext tree) {
        QueryBody.Select select = at(tree, new QueryBody.Select(distinct(tree.quantifier()),
                tree.selectItem().stream().map(this::selectItem).toList(),
                tree.tableReference().stream().map(this::from).toList(),
                optional(tree.where), tree.groupBy.stream().map(expressions::expression).toList(),
                optional(tree.having)));
        Token selectWord = tree.quantifier() == null ? tree.getStart() : tree.quantifier().getStop();
        clause(select, Clause.SELECT, tree.getStart(), selectWord, tree.selectItem().getLast());
        if (tree.FROM() != null) clause(select, Clause.FROM, tree.FROM().getSymbol(), tree.FROM().getSymbol(),
                tree.tableReference().getLast());
        if (tree.where != null)
            clause(select, Clause.WHERE, tree.WHERE().getSymbol(), tree.WHERE().getSymbol(), tree.where);
        if (tree.GROUP() != null)
            clause(select, Clause.GROUP_BY, tree.GROUP().getSymbol(), tree.BY().getSymbol(), tree.groupBy.getLast());
        if (tree.having != null)
            clause(select, Clause.HAVING, tree.HAVING().getSymbol(), tree.HAVING().getSymbol(), tree.having);
        return select;
    }

    private SelectItem selectItem(SelectItemContext tree) {
        return at(tree, switch (tree) {
            case EverythingContext _ -> new SelectItem.Everything();
            case EverythingOfContext t -> new SelectItem.EverythingOf(name(t.name()));
            case ColumnContext t ->
                new SelectItem.Item(expressions.expression(t.expression()),
                        Optional.ofNullable(t.name()).map(this::name));
            default -> throw unknown(tree);
        });
    }

    private FromItem from(TableReferenceContext tree) {
        return at(tree, switch (tree) {
            case PrimaryReferenceContext t -> primary(t.tablePrimary());
            case CrossJoinContext t -> joined(new FromItem.JoinedTable(from(t.tableReference()), JoinKind.CROSS,
                    primary(t.tablePrimary()), new JoinSpecification.Nothing()), t.CROSS().getSymbol(),
                    t.JOIN().getSymbol(), null);
            case NaturalJoinContext t -> joined(new FromItem.JoinedTable(from(t.tableReference()), kind(t.joinType()),
                    primary(t.tablePrimary()), new JoinSpecification.Natural()), t.NATURAL().getSymbol(),
                    t.JOIN().getSymbol(), null);
            case QualifiedJoinContext t -> joined(
                    new FromItem.JoinedTable(from(t.tableReference(0)), kind(t.joinType()),
                            from(t.tableReference(1)), specification(t.joinSpecification())),
                    t.joinType() == null ? t.JOIN().getSymbol() : t.joinType().getStart(), t.JOIN().getSymbol(),
                    t.joinSpecification());
            default -> throw unknown(tree);
        });
    }

    private FromItem.JoinedTable joined(FromItem.JoinedTable join, Token first, Token word,
            JoinSpecificationContext specification) {
        spans.note(join, Clause.JOIN, new Spans.OfClause(source.stretch(first, word), source.stretch(first, word)));
        if (specification != null)
            clause(join, Clause.SPECIFICATION, specification.getStart(), specification.getStart(), specification);
        return join;
    }

    private FromItem primary(TablePrimaryContext tree) {
        return at(tree, switch (tree) {
            case NamedTableContext t ->
                new FromItem.NamedTable(table(t.tableName()), alias(t.alias));
            case DerivedTableContext t -> new FromItem.DerivedTable(t.LATERAL() != null, query(t.query()),
                    alias(t.name()), names(t.columnNames()));
            // A join that has a name is known by that alone: so it is a query for all of it.
            case NestedTableContext t -> t.name() == null ? from(t.tableReference())
                    : new FromItem.DerivedTable(false, QueryExpression.everythingOf(from(t.tableReference())),
                            alias(t.name()), names(t.columnNames()));
            default -> throw unknown(tree);
        });
    }

    private static JoinKind kind(JoinTypeContext tree) {
        if (tree == null || tree.INNER() != null) return JoinKind.INNER;
        if (tree.LEFT() != null) return JoinKind.LEFT_OUTER;
        return tree.RIGHT() != null ? JoinKind.RIGHT_OUTER : JoinKind.FULL_OUTER;
    }

    private JoinSpecification specification(JoinSpecificationContext tree) {
        if (tree == null) return new JoinSpecification.Nothing();
        return at(tree, tree.ON() != null ? new JoinSpecification.On(expressions.expression(tree.expression()))
                : new JoinSpecification.Using(names(tree.columnNames())));
    }

    DeclaredType type(TypeNameContext tree) {
        String words =
                String.join(" ", tree.name().stream().map(NameContext::getText).toList()).toUpperCase(Locale.ROOT);
        List<Integer> numbers = tree.INTEGER().stream().map(number -> new BigInteger(number.getText())
                .min(BigInteger.valueOf(Integer.MAX_VALUE)).intValue()).toList();
        Optional<DeclaredType> declared = DeclaredType.of(words, numbers);
        if (declared.isEmpty()) refuse(tree.getStart(), new SyntaxFault.NoType(words));
        else if (!declared.get().size().isPossible()) refuse(tree.getStart(), new SyntaxFault.WrongDigits());
        return declared.orElse(new DeclaredType(Type.TEXT, new TypeSize.Any()));
    }

    /** A whole number that does not fit 64 bits is a decimal. */
    static Value integer(String text) {
        BigInteger number = new BigInteger(text);
        return number.bitLength() < Long.SIZE ? Value.of(number.longValueExact())
                : new Value.DecimalValue(new BigDecimal(number));
    }

    private OptionalLong count(Token token) {
        if (integer(token.getText()) instanceof Value.IntegerValue(long number)) return OptionalLong.of(number);
        refuse(token, new SyntaxFault.RowCountTooLarge());
        return OptionalLong.empty();
    }

    Name name(NameContext tree) {
        String text = tree.getText();
        boolean quoted = tree.QUOTED_IDENTIFIER() != null;
        return at(tree, new Name(quoted ? unquoted(text, '"') : text, quoted));
    }

    /** The name of a table; that of a schema before it is left out. */
    Name table(TableNameContext tree) {
        Name table = name(tree.table);
        if (tree.schema != null) spelled(tree, Spelling.SCHEMA, table.sql());
        return table;
    }

    /** Notes that the text has something as some databases do. */
    void spelled(ParserRuleContext tree, Spelling spelling, String standard) {
        at(tree, new Spelled(spelling, standard));
    }

    private Optional<Name> alias(NameContext tree) {
        return Optional.ofNullable(tree).map(this::name);
    }

    List<Name> names(ColumnNamesContext tree) {
        return tree == null ? List.of() : tree.name().stream().map(this::name).toList();
    }

    Optional<Expression> optional(ExpressionContext tree) {
        return Optional.ofNullable(tree).map(expressions::expression);
    }

    private static boolean all(QuantifierContext tree) {
        return tree != null && tree.ALL() != null;
    }

    static boolean distinct(QuantifierContext tree) {
        return tree != null && tree.DISTINCT() != null;
    }

    static String unquoted(String text, char quote) {
        String one = String.valueOf(quote);
        return text.substring(1, text.length() - 1).replace(one + one, one);
    }

    void refuse(Token token, SyntaxFault fault) {
        if (problem.isEmpty()) problem = Optional.of(Problem.at(source.place(token), fault));
    }

    private void clause(Object owner, Clause clause, Token first, Token lastWord, ParserRuleContext end) {
        spans.note(owner, clause,
                new Spans.OfClause(source.stretch(first, lastWord), source.stretch(first, end.getStop())));
    }

    /** Notes where something stands; what its innermost part has noted before stays. */
    <T> T at(ParserRuleContext tree, T part) {
        spans.note(part, source.stretch(tree.getStart(), tree.getStop()));
        return part;
    }

    static IllegalStateException unknown(ParserRuleContext tree) {
        return new IllegalStateException("a part of the grammar that is not read: " + tree.getClass().getSimpleName());
    }
}
