package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import lunko.problem.Origin;
import lunko.query.JoinKind;
import lunko.query.sql.Expression.Calculation;
import lunko.query.sql.Expression.Comparison;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.query.sql.QueryExpression.Nulls;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import net.jqwik.api.domains.DomainContextBase;

/** Queries of the whole language; they need not make sense, only be grammatical. */
public final class Queries extends DomainContextBase {
    private static final Arbitrary<Boolean> EITHER = Arbitraries.of(true, false);

    @Provide
    Arbitrary<QueryExpression> queries() {
        return query(2);
    }

    private static Arbitrary<Name> name() {
        return Arbitraries.of(Name.of("hives"), Name.of("keeper_id"), Name.of("größe"), Name.of("date"),
                new Name("Order", true), new Name("a \"b\"", true), Name.of("unknown"));
    }

    private static Arbitrary<Value> value() {
        return Arbitraries.of(Value.of(0), Value.of(12), Type.DECIMAL.read("9223372036854775808").orElseThrow(),
                Type.DECIMAL.read("2.50").orElseThrow(), Value.of(""), Value.of("o'da -- x"), Value.NULL,
                new Value.BooleanValue(true), Type.DATE.read("2026-05-01").orElseThrow());
    }

    private static Arbitrary<Expression> leaf() {
        return Arbitraries.oneOf(value().map(Expression.Literal::new),
                Combinators.combine(name().optional(), name()).as(Expression.ColumnName::new),
                Arbitraries.just(new Expression.CountRows()));
    }

    private static Arbitrary<Expression> expression(int depth) {
        if (depth == 0) return leaf();
        Arbitrary<Expression> part = expression(depth - 1);
        Arbitrary<QueryExpression> query = query(0);
        return Arbitraries.oneOf(List.of(leaf(),
                Combinators.combine(EITHER, part).as(Expression.Signed::new),
                Combinators.combine(Arbitraries.of(Expression.Operator.class), part, part).as(Calculation::new),
                Combinators.combine(Arbitraries.of(Expression.Comparator.class), part, part).as(Comparison::new),
                Combinators.combine(part, part).as(Expression.And::new),
                Combinators.combine(part, part).as(Expression.Or::new),
                part.map(Expression.Not::new),
                Combinators.combine(part, EITHER).as(Expression.IsNull::new),
                Combinators.combine(part, Arbitraries.of(Truth.class), EITHER).as(Expression.IsTruth::new),
                Combinators.combine(part, part, EITHER).as(Expression.IsDistinct::new),
                Combinators.combine(part, part, part, EITHER).as(Expression.Between::new),
                Combinators.combine(part, part, part.optional(), EITHER).as(Expression.Like::new),
                // A list of nothing but a query in parentheses is that query.
                Combinators.combine(part, part.list().ofMinSize(2).ofMaxSize(3), EITHER).as(Expression.InList::new),
                Combinators.combine(part, query, EITHER).as(Expression.InQuery::new),
                Combinators.combine(part, Arbitraries.of(Expression.Comparator.class), EITHER, query)
                        .as(Expression.Quantified::new),
                Combinators.combine(part.list().ofMinSize(2).ofMaxSize(3), query, EITHER)
                        .as(Expression.RowInQuery::new),
                Combinators.combine(Arbitraries.of(DatePart.class), part).as(Expression.Extract::new),
                Combinators.combine(EITHER, part, part, Combinators.combine(part, EITHER, Arbitraries.of(Nulls.class)
                        .optional()).as(SortKey::new).list().ofMaxSize(2)).as(Expression.TextsOfGroup::new),
                Combinators.combine(part, part).as(Expression.Position::new),
                query.map(Expression.Exists::new),
                query.map(Expression.ScalarQuery::new),
                Combinators.combine(part.optional(), Combinators.combine(part, part).as(Expression.When::new).list()
                        .ofMinSize(1).ofMaxSize(2), part.optional()).as(Expression.Case::new),
                Combinators.combine(part, Arbitraries.of(Type.class)).as(Expression.Cast::new),
                Combinators.combine(name(), EITHER, part.list().ofMinSize(1).ofMaxSize(2)).as(Expression.Call::new)));
    }

    private static Arbitrary<FromItem> from(int depth) {
        Arbitrary<FromItem> named = Combinators.combine(name(), name().optional()).as(FromItem.NamedTable::new);
        if (depth == 0) return named;
        Arbitrary<FromItem> part = from(depth - 1);
        Arbitrary<JoinKind> conditional =
                Arbitraries.of(JoinKind.class).filter(kind -> kind.compares() && kind.words().isPresent());
        Arbitrary<JoinSpecification> specification = Arbitraries.oneOf(
                expression(1).map(JoinSpecification.On::new),
                name().list().ofMinSize(1).ofMaxSize(2).map(JoinSpecification.Using::new),
                Arbitraries.just(new JoinSpecification.Natural()));
        return Arbitraries.oneOf(named,
                Combinators.combine(EITHER, query(0), name().optional(), name().list().ofMaxSize(2))
                        .as((lateral, query, alias, names) -> new FromItem.DerivedTable(lateral, query, alias,
                                alias.isPresent() ? names : List.of())),
                Combinators.combine(part, conditional, part, specification).as(FromItem.JoinedTable::new),
                Combinators.combine(part, part)
                        .as((l, r) -> new FromItem.JoinedTable(l, JoinKind.CROSS, r, new JoinSpecification.Nothing())));
    }

    private static Arbitrary<QueryBody> select(int depth) {
        Arbitrary<SelectItem> item = Arbitraries.oneOf(Arbitraries.just(new SelectItem.Everything()),
                name().map(SelectItem.EverythingOf::new),
                Combinators.combine(expression(depth), name().optional()).as(SelectItem.Item::new));
        return Combinators.combine(EITHER, item.list().ofMinSize(1).ofMaxSize(3), from(depth).list().ofMaxSize(2),
                expression(depth).optional(), expression(depth).list().ofMaxSize(2), expression(depth).optional())
                .as(QueryBody.Select::new);
    }

    private static Arbitrary<QueryBody> body(int depth) {
        if (depth == 0) return select(0);
        Arbitrary<QueryBody> operand =
                Arbitraries.oneOf(select(depth - 1), query(depth - 1).map(QueryBody.Nested::new));
        Arbitrary<QueryBody> values = expression(1).list().ofMinSize(1).ofMaxSize(2).list().ofMinSize(1).ofMaxSize(3)
                .map(QueryBody.Values::new);
        return Arbitraries.frequencyOf(Tuple.of(3, select(depth)), Tuple.of(1, values), Tuple.of(1,
                Combinators.combine(Arbitraries.of(SetOperator.class), EITHER, operand, operand)
                        .as(QueryBody.Compound::new)));
    }

    private static Arbitrary<QueryExpression> query(int depth) {
        Arbitrary<SortKey> key = Combinators.combine(expression(Math.min(depth, 1)), EITHER,
                Arbitraries.of(Nulls.class).optional()).as(SortKey::new);
        Arbitrary<OptionalLong> rows = Arbitraries.longs().between(0, 20).optional()
                .map(n -> n.map(OptionalLong::of).orElse(OptionalLong.empty()));
        Arbitrary<List<QueryExpression.Common>> with = depth == 0 ? Arbitraries.just(List.of())
                : EITHER.flatMap(recursive -> Combinators.combine(name(), name().list().ofMaxSize(2),
                        select(0).map(QueryExpression::of))
                        .as((name, columns, query) -> new QueryExpression.Common(recursive, name, columns, query))
                        .list().ofMaxSize(2));
        return Combinators.combine(with, body(depth), key.list().ofMaxSize(2), rows, rows).as(QueryExpression::new);
    }

    /** The query of a text that is one. */
    static QueryExpression parsed(String text) {
        Statement statement = new SqlParser(new Origin.Query()).parse(text).expect().statements().getFirst();
        return statement instanceof Statement.Query(QueryExpression query) ? query
                : Optional.<QueryExpression>empty().orElseThrow();
    }
}
