package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.sql.DatePart;
import lunko.query.sql.Expression.Comparator;
import lunko.query.sql.Expression.Operator;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;

/** Makes tables and queries over the whole language that make sense, and have one answer on every database. */
public final class QueryMaker {
    private static final List<Type> TYPES = List.of(Type.INTEGER, Type.TEXT, Type.DECIMAL, Type.DATE);

    /** A column that a query can name. */
    record Col(Name table, Name name, Type type) {
        Expression expression() {
            return new Expression.ColumnName(Optional.of(table), name);
        }
    }

    private final Random random;
    /** The queries that have a name in the query that is being made. */
    private final List<QueryExpression.Common> with = new ArrayList<>();
    private int aliases;

    /** One that makes the same for the same seed. */
    public QueryMaker(long seed) {
        random = new Random(seed);
    }

    /** Three tables of a few rows. */
    public List<Table> tables() {
        return List.of(table("hives", Type.INTEGER, "hive_no", Type.TEXT, "hive", Type.INTEGER, "keeper_id"),
                table("keepers", Type.INTEGER, "keeper_id", Type.TEXT, "keeper", Type.TEXT, "village", Type.BOOLEAN,
                        "active"),
                table("visits", Type.INTEGER, "keeper_id", Type.INTEGER, "hive_no", Type.DECIMAL, "kg", Type.DATE,
                        "day"));
    }

    private Table table(String name, Object... columns) {
        List<Column> heads = IntStream.range(0, columns.length / 2)
                .mapToObj(i -> new Column((String) columns[2 * i + 1], (Type) columns[2 * i])).toList();
        List<List<Value>> rows = IntStream.range(0, random.nextInt(6)).mapToObj(_ -> heads.stream()
                .map(head -> random.nextInt(5) == 0 ? Value.NULL : value(head.type())).toList()).toList();
        return Table.of(name, heads, rows);
    }

    private Value value(Type type) {
        return switch (type) {
            case INTEGER -> Value.of(random.nextInt(4));
            case DECIMAL -> Type.DECIMAL.read(pick(List.of("0.5", "1.0", "2", "2.50"))).orElseThrow();
            case TEXT -> Value.of(pick(List.of("", "oda", "Oda", "tam", "ash ")));
            case BOOLEAN -> new Value.BooleanValue(random.nextBoolean());
            case DATE -> Type.DATE.read("2026-05-0" + (1 + random.nextInt(3))).orElseThrow();
        };
    }

    private <T> T pick(List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    private boolean chance(int in) {
        return random.nextInt(in) == 0;
    }

    /** A query; ordered by all its columns, or not at all. */
    public QueryExpression query() {
        if (chance(25)) return recursive();
        List<Type> types = IntStream.rangeClosed(0, random.nextInt(3))
                .mapToObj(_ -> chance(8) ? Type.BOOLEAN : pick(TYPES)).toList();
        QueryBody body = chance(4) ? setOperation(types) : select(types, List.of(), 2);
        if (chance(2)) return with(QueryExpression.of(body));
        List<SortKey> keys = IntStream.rangeClosed(1, types.size()).mapToObj(i -> new SortKey(
                new Expression.Literal(Value.of(i)), random.nextBoolean(),
                chance(2) ? Optional.empty() : Optional.of(pick(List.of(QueryExpression.Nulls.values()))))).toList();
        return with(QueryExpression.of(body).sortedBy(keys).stretch(rows(), rows()));
    }

    /** A query that reads itself, counting on from the numbers that visits have, and is joined with hives. */
    private QueryExpression recursive() {
        Name name = Name.of("r");
        Expression n = new Expression.ColumnName(Optional.of(name), Name.of("n"));
        List<Col> columns = new ArrayList<>(List.of(new Col(name, Name.of("n"), Type.INTEGER)));
        FromItem itself = new FromItem.NamedTable(name, Optional.empty());
        FromItem from = chance(2) ? itself : new FromItem.JoinedTable(itself, JoinKind.INNER, visits(),
                new JoinSpecification.On(new Expression.Comparison(pick(List.of(Comparator.EQUAL, Comparator.LESS)), n,
                        columnsOfVisits().getFirst().expression())));
        QueryBody next = plain(new Expression.Calculation(Operator.PLUS, n, new Expression.Literal(Value.of(1))), from,
                Optional.of(new Expression.Comparison(Comparator.LESS, n, new Expression.Literal(Value.of(3)))));
        QueryBody first = chance(2)
                ? new QueryBody.Values(List.of(List.of(new Expression.Literal(Value.of(random.nextInt(3))))))
                : plain(new Expression.ColumnName(Optional.of(Name.of("s")), Name.of("hive_no")), visits(),
                        Optional.of(new Expression.IsNull(columnsOfVisits().getFirst().expression(), true)));
        QueryExpression.Common common = new QueryExpression.Common(true, name, List.of(Name.of("n")),
                QueryExpression.of(new QueryBody.Compound(QueryBody.SetOperator.UNION, random.nextBoolean(), first,
                        next)));
        FromItem joined = join(itself, columns);
        return new QueryExpression(List.of(common), plain(pick(columns).expression(), joined, Optional.empty()),
                List.of(), OptionalLong.empty(), OptionalLong.empty());
    }

    private static QueryBody plain(Expression item, FromItem from, Optional<Expression> where) {
        return new QueryBody.Select(false, List.of(new SelectItem.Item(item, Optional.of(Name.of("c")))),
                List.of(from), where, List.of(), Optional.empty());
    }

    private QueryExpression with(QueryExpression query) {
        List<QueryExpression.Common> all = List.copyOf(with);
        with.clear();
        return new QueryExpression(all, query.body(), query.orderBy(), query.offset(), query.limit());
    }

    private OptionalLong rows() {
        return chance(2) ? OptionalLong.empty() : OptionalLong.of(random.nextInt(4));
    }

    private QueryBody setOperation(List<Type> types) {
        QueryBody left = chance(4) ? setOperation(types) : select(types, List.of(), 1);
        var operator = pick(List.of(QueryBody.SetOperator.values()));
        boolean safe = operator != QueryBody.SetOperator.INTERSECT || left instanceof QueryBody.Select;
        return new QueryBody.Compound(operator, random.nextBoolean(),
                safe ? left : new QueryBody.Nested(QueryExpression.of(left)), select(types, List.of(), 1));
    }

    /** A SELECT of columns of these types; inside another query it may name the columns of that one. */
    QueryBody.Select select(List<Type> types, List<Col> around, int depth) {
        List<Col> columns = new ArrayList<>();
        List<FromItem> from = new ArrayList<>();
        from.add(from(columns, depth));
        if (chance(4)) from.add(from(columns, 0));
        Optional<Expression> where = chance(2) ? Optional.empty() : Optional.of(condition(columns, around, depth));
        if (chance(3)) return grouped(types, columns, from, where, random.nextInt(3));
        List<SelectItem> items = types.stream().<SelectItem>map(
                type -> new SelectItem.Item(value(type, columns, around, depth), Optional.of(Name.of("c" + aliases++))))
                .toList();
        return new QueryBody.Select(chance(4), items, from, where, List.of(), Optional.empty());
    }

    private QueryBody.Select grouped(List<Type> types, List<Col> columns, List<FromItem> from,
            Optional<Expression> where,
            int keys) {
        List<Col> by = IntStream.range(0, keys).mapToObj(_ -> pick(columns)).distinct().toList();
        List<SelectItem> items = types.stream()
                .<SelectItem>map(
                        type -> new SelectItem.Item(ofGroup(type, by, columns), Optional.of(Name.of("c" + aliases++))))
                .toList();
        Optional<Expression> having = chance(3)
                ? Optional.of(new Expression.Comparison(pick(List.of(Comparator.values())),
                        ofGroup(Type.INTEGER, by, columns), new Expression.Literal(value(Type.INTEGER))))
                : Optional.empty();
        return new QueryBody.Select(chance(5), items, from, where, by.stream().map(Col::expression).toList(), having);
    }

    private Expression ofGroup(Type type, List<Col> by, List<Col> columns) {
        List<Col> fitting = by.stream().filter(col -> col.type() == type).toList();
        if (!fitting.isEmpty() && chance(2)) return pick(fitting).expression();
        if (type == Type.INTEGER && chance(3)) return new Expression.CountRows();
        if (type == Type.INTEGER && chance(3)) return call("count", pick(columns).expression());
        if (type == Type.DECIMAL && chance(2)) return call("avg", value(Type.INTEGER, columns, List.of(), 0));
        if (type == Type.BOOLEAN) return new Expression.Comparison(Comparator.GREATER,
                ofGroup(Type.INTEGER, by, columns), new Expression.Literal(Value.of(1)));
        String function = type == Type.TEXT || type == Type.DATE ? pick(List.of("min", "max"))
                : pick(List.of("min", "max", "sum"));
        return call(function, value(type, columns, List.of(), 0));
    }

    private Expression call(String function, Expression argument) {
        return new Expression.Call(Name.of(function), chance(3), List.of(argument));
    }

    /** One table of a FROM clause; its joins cannot name those before the comma. */
    private FromItem from(List<Col> columns, int depth) {
        List<Col> own = new ArrayList<>();
        FromItem left = primary(own, depth);
        for (int more = random.nextInt(3); more > 0; more--) left = join(left, own);
        columns.addAll(own);
        return left;
    }

    private FromItem join(FromItem left, List<Col> columns) {
        List<Col> before = List.copyOf(columns);
        boolean firstJoin =
                left instanceof FromItem.NamedTable && before.stream().map(Col::table).distinct().count() == 1;
        if (chance(10)) return lateral(left, columns);
        List<Col> added = new ArrayList<>();
        FromItem right = primary(added, 0);
        columns.addAll(added);
        JoinKind kind = pick(Stream.of(JoinKind.values()).filter(each -> each.words().isPresent()).toList());
        if (!kind.compares()) return new FromItem.JoinedTable(left, kind, right, new JoinSpecification.Nothing());
        List<Name> common = before.stream().map(Col::name)
                .filter(name -> added.stream().anyMatch(col -> col.name().equals(name))).toList();
        if (firstJoin && !common.isEmpty() && chance(3)) {
            return new FromItem.JoinedTable(left, kind, right, chance(2) ? new JoinSpecification.Natural()
                    : new JoinSpecification.Using(List.of(pick(common))));
        }
        Col l = pick(before);
        List<Col> fitting = added.stream().filter(col -> col.type().comparesWith(l.type())).toList();
        Expression on = fitting.isEmpty() ? new Expression.Comparison(Comparator.EQUAL, pick(before.stream()
                .filter(col -> col.type() == Type.INTEGER).toList()).expression(), pick(
                        added.stream()
                                .filter(col -> col.type() == Type.INTEGER).toList())
                        .expression())
                : new Expression.Comparison(Comparator.EQUAL, l.expression(), pick(fitting).expression());
        // PostgreSQL has no full join on anything but equalities.
        if (kind != JoinKind.FULL_OUTER && chance(3)) on = new Expression.And(on, condition(columns, List.of(), 0));
        if (kind != JoinKind.FULL_OUTER && chance(6)) on = condition(columns, List.of(), 0);
        return new FromItem.JoinedTable(left, kind, right, new JoinSpecification.On(on));
    }

    /** A query joined that is asked anew for each row before it. */
    private FromItem lateral(FromItem left, List<Col> columns) {
        List<Type> types = List.of(Type.INTEGER, pick(TYPES));
        QueryBody.Select inner = select(types, List.copyOf(columns), 0);
        Name alias = Name.of("t" + aliases++);
        for (int i = 0; i < types.size(); i++)
            columns.add(new Col(alias, ((SelectItem.Item) inner.items().get(i)).name().orElseThrow(), types.get(i)));
        FromItem query =
                new FromItem.DerivedTable(true, QueryExpression.of(inner), Optional.of(alias), List.of());
        return chance(3) ? new FromItem.JoinedTable(left, JoinKind.CROSS, query, new JoinSpecification.Nothing())
                : new FromItem.JoinedTable(left, pick(List.of(JoinKind.INNER, JoinKind.LEFT_OUTER)), query,
                        new JoinSpecification.On(chance(2) ? Expression.ALWAYS : condition(columns, List.of(), 0)));
    }

    private FromItem primary(List<Col> columns, int depth) {
        Name alias = Name.of("t" + aliases++);
        if (chance(30)) return values(alias, columns);
        if (depth > 0 && chance(5)) {
            QueryBody.Select inner = select(List.of(Type.INTEGER, Type.TEXT), List.of(), depth - 1);
            List<Name> own = chance(2) ? List.of() : List.of(Name.of("n" + aliases++), Name.of("N" + aliases++));
            for (int i = 0; i < 2; i++) {
                Name name = own.isEmpty() ? ((SelectItem.Item) inner.items().get(i)).name().orElseThrow() : own.get(i);
                columns.add(new Col(alias, name, i == 0 ? Type.INTEGER : Type.TEXT));
            }
            if (chance(2)) return new FromItem.DerivedTable(false, QueryExpression.of(inner), Optional.of(alias), own);
            Name common = Name.of("w" + with.size());
            with.add(new QueryExpression.Common(false, common, own, QueryExpression.of(inner)));
            return new FromItem.NamedTable(common, Optional.of(alias));
        }
        Table table = pick(new QueryMaker(0).tables());
        table.columns().forEach(column -> columns.add(new Col(alias, Name.of(column.name()), column.type())));
        return new FromItem.NamedTable(Name.of(table.name()), Optional.of(alias));
    }

    /** Rows that are written down, the first of them without a NULL, so that every database knows their types. */
    private FromItem values(Name alias, List<Col> columns) {
        List<Name> names = List.of(Name.of("n" + aliases++), Name.of("n" + aliases++));
        columns.add(new Col(alias, names.getFirst(), Type.INTEGER));
        columns.add(new Col(alias, names.getLast(), Type.TEXT));
        List<List<Expression>> rows = IntStream.range(0, 1 + random.nextInt(3)).mapToObj(row -> List.<Expression>of(
                new Expression.Literal(row == 0 ? Value.of(12) : value(Type.INTEGER)),
                new Expression.Literal(row == 0 ? Value.of("Oda") : value(Type.TEXT)))).toList();
        return new FromItem.DerivedTable(false, QueryExpression.of(new QueryBody.Values(rows)), Optional.of(alias),
                names);
    }

    private Expression condition(List<Col> columns, List<Col> around, int depth) {
        if (chance(3)) {
            Expression left = condition(columns, around, depth - 1);
            Expression right = condition(columns, around, depth - 1);
            return switch (random.nextInt(4)) {
                case 0 -> new Expression.Or(left, right);
                case 1 -> new Expression.Not(left);
                case 2 -> new Expression.IsTruth(left, pick(List.of(Truth.values())), random.nextBoolean());
                default -> new Expression.And(left, right);
            };
        }
        Type type = pick(TYPES);
        Expression value = value(type, columns, around, 0);
        boolean negated = random.nextBoolean();
        List<Col> all = new ArrayList<>(columns);
        all.addAll(around);
        return switch (random.nextInt(depth > 0 ? 10 : 6)) {
            case 0 -> new Expression.IsNull(value, negated);
            case 1 -> new Expression.IsDistinct(value, value(type, columns, around, 0), negated);
            case 2 -> new Expression.Between(value, value(type, columns, around, 0), value(type, columns, around, 0),
                    negated);
            case 3 -> new Expression.InList(value,
                    List.of(new Expression.Literal(value(type)), value(type, columns, around, 0)), negated);
            case 4 -> new Expression.Like(value(Type.TEXT, columns, around, 0),
                    new Expression.Literal(Value.of(pick(List.of("%a%", "_da", "%", "", "o%", "o!%", "!_da")))),
                    chance(3) ? Optional.of(new Expression.Literal(Value.of("!"))) : Optional.empty(), negated);
            case 6 -> chance(2) ? new Expression.Quantified(value, pick(List.of(Comparator.values())),
                    random.nextBoolean(), QueryExpression.of(select(List.of(type), all, depth - 1)))
                    : new Expression.InQuery(value, QueryExpression.of(select(List.of(type), all, depth - 1)), negated);
            case 8, 9 -> matchTest(all);
            case 7 -> new Expression.Exists(QueryExpression.of(select(List.of(type), all, depth - 1)));
            default ->
                new Expression.Comparison(pick(List.of(Comparator.values())), value, value(type, columns, around, 0));
        };
    }

    /** Two values that are a row of a query, or are none. */
    private Expression rowTest(List<Col> around) {
        List<Type> types = List.of(pick(TYPES), pick(TYPES));
        List<Expression> values = types.stream().map(type -> value(type, around, List.of(), 0)).toList();
        return new Expression.RowInQuery(values, QueryExpression.of(select(types, around, 0)), random.nextBoolean());
    }

    /** What says a semi or an anti join. */
    private Expression matchTest(List<Col> around) {
        if (chance(5)) return rowTest(around);
        List<Col> own = new ArrayList<>();
        FromItem table = primary(own, 0);
        Col outer = pick(around.stream().filter(col -> TYPES.contains(col.type())).toList());
        Col inner = own.stream().filter(col -> col.type().comparesWith(outer.type())).findFirst().orElse(outer);
        Optional<Expression> more =
                chance(2) ? Optional.empty() : Optional.of(condition(own, chance(2) ? List.of() : around, 0));
        boolean negated = random.nextBoolean();
        if (chance(2)) {
            return new Expression.InQuery(outer.expression(), QueryExpression.of(new QueryBody.Select(chance(4),
                    List.of(new SelectItem.Item(inner.expression(), Optional.empty())), List.of(table), more, List.of(),
                    Optional.empty())), negated);
        }
        Expression equal = new Expression.Comparison(Comparator.EQUAL, inner.expression(), outer.expression());
        Expression exists = new Expression.Exists(QueryExpression.of(new QueryBody.Select(false,
                List.of(new SelectItem.Everything()),
                List.of(table), Optional.of(more.<Expression>map(one -> new Expression.And(equal, one)).orElse(equal)),
                List.of(), Optional.empty())));
        return negated ? new Expression.Not(exists) : exists;
    }

    private Expression value(Type type, List<Col> columns, List<Col> around, int depth) {
        List<Col> fitting = new ArrayList<>(columns.stream().filter(col -> col.type() == type).toList());
        fitting.addAll(around.stream().filter(col -> col.type() == type).toList());
        if (!fitting.isEmpty() && !chance(3)) return inAnyCase(pick(fitting).expression());
        if (depth <= 0) return new Expression.Literal(value(type));
        Expression one = value(type, columns, around, depth - 1);
        Expression other = value(type, columns, around, depth - 1);
        return switch (random.nextInt(5)) {
            case 0 -> new Expression.Call(Name.of("coalesce"), false, List.of(one, other));
            case 1 -> new Expression.Call(Name.of("nullif"), false, List.of(one, other));
            case 2 ->
                new Expression.Case(Optional.empty(), List.of(new Expression.When(condition(columns, around, 0), one)),
                        chance(2) ? Optional.empty() : Optional.of(other));
            case 3 -> new Expression.ScalarQuery(QueryExpression.of(grouped(List.of(type), columnsOfVisits(),
                    List.of(visits()), Optional.empty(), 0)));
            default -> switch (type) {
                case TEXT -> chance(12)
                        ? new Expression.Cast(one, Type.TEXT, new TypeSize.Characters(1 + random.nextInt(3)))
                        : chance(4) ? new Expression.Cast(value(Type.INTEGER, columns, around, 0), Type.TEXT)
                                : chance(2)
                                        ? new Expression.Call(Name.of(pick(List.of("upper", "lower", "trim"))), false,
                                                List.of(one))
                                        : new Expression.Calculation(Operator.CONCATENATE, one, other);
                case INTEGER ->
                    chance(12) ? new Expression.Extract(pick(List.of(DatePart.values())),
                            value(Type.DATE, columns, around, 0))
                            : chance(12) ? new Expression.Position(new Expression.Literal(Value.of("a")),
                                    value(Type.TEXT, columns, around, 0))
                                    : chance(2)
                                            ? new Expression.Call(Name.of("abs"), false,
                                                    List.of(new Expression.Signed(true, one)))
                                            : chance(2)
                                                    ? new Expression.Call(Name.of("char_length"), false,
                                                            List.of(value(Type.TEXT, columns, around, 0)))
                                                    : chance(4)
                                                            ? new Expression.Calculation(Operator.DIVIDE, one,
                                                                    new Expression.Literal(Value.of(2)))
                                                            : new Expression.Calculation(
                                                                    pick(List.of(Operator.PLUS, Operator.MINUS,
                                                                            Operator.TIMES)),
                                                                    one,
                                                                    other);
                case DATE -> new Expression.Cast(
                        new Expression.Literal(Value.of("2026-05-0" + (1 + random.nextInt(3)))), Type.DATE);
                case BOOLEAN -> condition(columns, around, 0);
                case DECIMAL -> chance(8) ? new Expression.Cast(one, Type.DECIMAL,
                        new TypeSize.Digits(9, random.nextInt(2)))
                        : chance(4) ? new Expression.Cast(value(Type.INTEGER, columns, around, 0), Type.DECIMAL)
                                : new Expression.Calculation(pick(List.of(Operator.PLUS, Operator.TIMES)), one, other);
            };
        };
    }

    /** A name is the same in whatever case it is written. */
    private Expression inAnyCase(Expression column) {
        return column instanceof Expression.ColumnName(Optional<Name> table, Name name) && chance(4)
                ? new Expression.ColumnName(table.map(QueryMaker::capitals), capitals(name)) : column;
    }

    private static Name capitals(Name name) {
        return Name.of(name.text().toUpperCase(Locale.ROOT));
    }

    private static FromItem visits() {
        return new FromItem.NamedTable(Name.of("visits"), Optional.of(Name.of("s")));
    }

    private static List<Col> columnsOfVisits() {
        return List.of(new Col(Name.of("s"), Name.of("hive_no"), Type.INTEGER),
                new Col(Name.of("s"), Name.of("kg"), Type.DECIMAL),
                new Col(Name.of("s"), Name.of("keeper_id"), Type.INTEGER),
                new Col(Name.of("s"), Name.of("day"), Type.DATE));
    }
}
