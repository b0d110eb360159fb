package lunko.query.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.query.change.Rephrasing.Caveat;
import lunko.query.sql.Clause;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Rewording;
import lunko.query.sql.Script;
import lunko.query.sql.SelectItem;
import lunko.query.sql.Statement;
import lunko.table.Column;
import lunko.table.Table;

/** All ways in which a query of a text can be said; those that it is said in already are left out. */
public final class Rephrasings {
    private final Script script;
    private final Statement.Query statement;
    private final QueryExpression query;
    private final List<Table> tables;
    private final int join;
    private final Optional<PlainJoin> plain;

    private Rephrasings(Script script, Statement.Query statement, List<Table> tables, int join, String right) {
        this.script = script;
        this.statement = statement;
        this.query = statement.query();
        this.tables = tables;
        this.join = join;
        this.plain = PlainJoin.in(query, tables, right);
    }

    /**
     * The ways to say a query over tables; of a chain, those that speak of one join mean this one, counted from 0.
     * {@code right} is the right table where the text does not say.
     */
    public static List<Rephrasing> of(Script script, Statement.Query statement, List<Table> tables, int join,
            String right) {
        Rephrasings rephrasings = new Rephrasings(script, statement, tables, join, right);
        return List.of(RephrasingKind.values()).stream().flatMap(kind -> rephrasings.say(kind).stream())
                .filter(said -> said.text().filter(text -> text.equals(script.text())).isEmpty()).toList();
    }

    private Optional<Rephrasing> say(RephrasingKind kind) {
        return switch (kind) {
            case SHORT_WORDS -> words(kind, Rephrasings::shortened);
            case LONG_WORDS -> words(kind, Rephrasings::lengthened);
            case SWAPPED -> Joins.of(query).isEmpty() ? Optional.empty() : new QueryChange.Swap(join).applyTo(query)
                    .either(after -> said(kind, after), _ -> Optional.empty());
            case NESTED -> chain()
                    .flatMap(of -> namesNothingOf(of.last(), of.first().left())
                            ? said(kind, replacingLast(new FromItem.JoinedTable(of.first().left(), of.first().kind(),
                                    new FromItem.JoinedTable(of.first().right(), of.last().kind(), of.last().right(),
                                            of.last().specification()),
                                    of.first().specification())))
                            : Optional.empty());
            case REORDERED -> chain().flatMap(of -> namesNothingOf(of.last(), of.first().right()) ? said(kind,
                    replacingLast(new FromItem.JoinedTable(
                            new FromItem.JoinedTable(of.first().left(), of.last().kind(), of.last().right(),
                                    of.last().specification()),
                            of.first().kind(), of.first().right(), of.first().specification())))
                    : Optional.empty());
            case USING -> using();
            case NATURAL -> natural();
            case COMMA -> comma();
            case CROSS_WHERE -> inner().flatMap(on -> said(kind,
                    replaced(
                            new FromItem.JoinedTable(on.left(), JoinKind.CROSS, on.right(),
                                    new JoinSpecification.Nothing()),
                            condition(on))));
            case EXISTS -> oneSided().flatMap(of -> said(kind, of.query()));
            case IN -> oneSided().filter(of -> of.on().size() == 1 && of.kind().takesMatched())
                    .flatMap(of -> said(kind, new PlainForms(of).member(false)));
            case NOT_IN -> oneSided().filter(of -> of.on().size() == 1 && !of.kind().takesMatched())
                    .flatMap(of -> said(kind, new PlainForms(of).member(true)));
            case OUTER_IS_NULL -> oneSided().filter(of -> !of.kind().takesMatched())
                    .flatMap(of -> said(kind, new PlainForms(of).outerIsNull()));
            case DISTINCT -> oneSided().filter(of -> of.kind().takesMatched())
                    .flatMap(of -> said(kind, new PlainForms(of).distinct()));
            case HAVING -> oneSided().map(of -> new PlainForms(of).having(columns(of)))
                    .flatMap(after -> said(kind, after));
            case LATERAL -> lateral();
            case WITH -> with();
            case UNION -> full().flatMap(of -> said(kind, new PlainForms(of).union()));
            case UNION_ALL -> full().flatMap(of -> said(kind, new PlainForms(of).unionAll()));
        };
    }

    private Optional<Rephrasing> said(RephrasingKind kind, QueryExpression after) {
        return Optional.of(Rephrasing.of(kind, Rewording.of(script, statement, after)));
    }

    /** The words of all joins changed, from the last to the first. */
    private Optional<Rephrasing> words(RephrasingKind kind, UnaryOperator<String> change) {
        List<FromItem.JoinedTable> joins = Joins.of(query);
        if (joins.isEmpty()) return Optional.empty();
        StringBuilder text = new StringBuilder(script.text());
        joins.stream().flatMap(joined -> script.words(joined, Clause.JOIN).stream())
                .sorted((one, other) -> Integer.compare(other.start(), one.start()))
                .forEach(there -> text.replace(there.start(), there.end(), change.apply(there.of(script.text()))));
        return Optional.of(Rephrasing.of(kind, text.toString()));
    }

    private static String shortened(String words) {
        return words.replaceAll("(?i)\\b(INNER|OUTER)\\s+", "");
    }

    private static String lengthened(String words) {
        String brief = shortened(words);
        if (brief.matches("(?is).*\\b(LEFT|RIGHT|FULL)\\s+JOIN")) return brief.replaceAll("(?i)JOIN$", "OUTER JOIN");
        return brief.matches("(?is).*CROSS\\s+JOIN") ? words : brief.replaceAll("(?i)JOIN$", "INNER JOIN");
    }

    private Optional<FromItem.JoinedTable> atHand() {
        List<FromItem.JoinedTable> joins = Joins.of(query);
        return join >= 0 && join < joins.size() ? Optional.of(joins.get(join)) : Optional.empty();
    }

    /** Two joins, the first on the left side of the last, both by ON. */
    private record Chain(FromItem.JoinedTable first, FromItem.JoinedTable last) {}

    private Optional<Chain> chain() {
        List<FromItem.JoinedTable> joins = Joins.of(query);
        return joins.size() >= 2 && query.body() instanceof Select select && select.from().size() == 1
                && select.from().getFirst() == joins.getLast()
                && joins.getLast().left() instanceof FromItem.JoinedTable first
                && first.specification() instanceof JoinSpecification.On
                && joins.getLast().specification() instanceof JoinSpecification.On
                        ? Optional.of(new Chain(first, joins.getLast())) : Optional.empty();
    }

    private QueryExpression replacingLast(FromItem.JoinedTable other) {
        return replacing(Joins.of(query).getLast(), other);
    }

    /** Whether the condition of a join names columns by their tables, and none of some tables. */
    private static boolean namesNothingOf(FromItem.JoinedTable join, FromItem tables) {
        List<Name> called = Naming.allCalled(tables);
        return condition(join).stream().flatMap(Rephrasings::columns).allMatch(column -> column.table().isPresent()
                && called.stream().noneMatch(name -> name.means(column.table().get().text())));
    }

    private static Stream<Expression.ColumnName> columns(Expression expression) {
        return expression instanceof Expression.ColumnName column ? Stream.of(column)
                : expression.parts().stream().flatMap(Rephrasings::columns);
    }

    /**
     * The names of the columns that the join at hand wants to be equal, where they are the same on both sides and
     * nothing else is wanted.
     */
    private Optional<List<Name>> common(FromItem.JoinedTable joined) {
        if (!(joined.specification() instanceof JoinSpecification.On(Expression condition))) return Optional.empty();
        List<Name> names = new ArrayList<>();
        for (Expression one : condition.conjuncts()) {
            Optional<Expression.Columns> equal = one.equalColumns();
            if (equal.isEmpty()) return Optional.empty();
            Expression.ColumnName a = equal.get().left();
            Expression.ColumnName b = equal.get().right();
            if (a.table().isEmpty() || b.table().isEmpty() || a.table().equals(b.table())
                    || !a.column().means(b.column().text()))
                return Optional.empty();
            names.add(a.column());
        }
        return Optional.of(names);
    }

    private Optional<Rephrasing> using() {
        return atHand().flatMap(joined -> isTwoTables(joined)
                ? common(joined).flatMap(names -> said(RephrasingKind.USING,
                        replacing(joined, new FromItem.JoinedTable(joined.left(), joined.kind(), joined.right(),
                                new JoinSpecification.Using(names)))))
                : Optional.empty());
    }

    /** The columns of the table that rows are taken of. */
    private List<String> columns(PlainJoin of) {
        String taken = of.on(of.kind().outer()).table();
        return tables.stream().filter(table -> table.name().equals(taken)).flatMap(table -> table.columns().stream())
                .map(Column::name).toList();
    }

    /** The right table of the last join, asked for what matches each row. */
    private Optional<Rephrasing> lateral() {
        return atHand().filter(joined -> Joins.of(query).getLast() == joined
                && joined.right() instanceof FromItem.NamedTable
                && joined.specification() instanceof JoinSpecification.On
                && (joined.kind() == JoinKind.INNER || joined.kind() == JoinKind.LEFT_OUTER)).flatMap(joined -> {
                    FromItem asked = new FromItem.DerivedTable(true,
                            QueryExpression.of(new Select(false, List.of(new SelectItem.Everything()),
                                    List.of(joined.right()), all(condition(joined)), List.of(), Optional.empty())),
                            Naming.called(joined.right()), List.of());
                    return said(RephrasingKind.LATERAL, replacing(joined,
                            joined.kind() == JoinKind.INNER
                                    ? new FromItem.JoinedTable(joined.left(), JoinKind.CROSS, asked,
                                            new JoinSpecification.Nothing())
                                    : new FromItem.JoinedTable(joined.left(), joined.kind(), asked,
                                            new JoinSpecification.On(Expression.ALWAYS))));
                });
    }

    /** The queries of FROM under their names, which no table has. */
    private Optional<Rephrasing> with() {
        if (!(query.body() instanceof Select select)) return Optional.empty();
        List<FromItem.DerivedTable> derived = Joins.tables(select.from()).stream()
                .filter(FromItem.DerivedTable.class::isInstance).map(FromItem.DerivedTable.class::cast)
                .filter(one -> !one.lateral() && one.alias().filter(this::isFree).isPresent()).toList();
        if (derived.isEmpty()) return Optional.empty();
        List<QueryExpression.Common> named = new ArrayList<>(query.with());
        List<FromItem> from = select.from();
        for (FromItem.DerivedTable one : derived) {
            named.add(new QueryExpression.Common(false, one.alias().orElseThrow(), one.columns(), one.query()));
            from = Joins.changed(from, one, _ -> new FromItem.NamedTable(one.alias().orElseThrow(), Optional.empty()));
        }
        return said(RephrasingKind.WITH, query.naming(named).selecting(new Select(select.distinct(), select.items(),
                from, select.where(), select.groupBy(), select.having())));
    }

    private boolean isFree(Name name) {
        return tables.stream().noneMatch(table -> name.means(table.name()))
                && query.with().stream().noneMatch(common -> common.name().means(name.text()));
    }

    private static boolean isTwoTables(FromItem.JoinedTable joined) {
        return joined.left() instanceof FromItem.NamedTable && joined.right() instanceof FromItem.NamedTable;
    }

    private Optional<Rephrasing> natural() {
        Optional<FromItem.JoinedTable> joined = atHand().filter(Rephrasings::isTwoTables);
        if (joined.isEmpty() || !joined.get().kind().canBeNatural()) return Optional.empty();
        Optional<List<Name>> names = common(joined.get());
        if (names.isEmpty()) return Optional.empty();
        List<String> shared = table(joined.get().left())
                .flatMap(left -> table(joined.get().right())
                        .map(right -> PlainJoin.common(left, right).stream().map(KeyPair::left).toList()))
                .orElse(List.of());
        QueryExpression after =
                replacing(joined.get(), new FromItem.JoinedTable(joined.get().left(), joined.get().kind(),
                        joined.get().right(), new JoinSpecification.Natural()));
        List<String> more =
                shared.stream().filter(name -> names.get().stream().noneMatch(wanted -> wanted.means(name))).toList();
        return Optional
                .of(new Rephrasing(RephrasingKind.NATURAL, Optional.of(Rewording.of(script, statement, after)),
                        Optional.of(more).filter(others -> !others.isEmpty())
                                .map(columns -> new Caveat.MatchesMore(columns))));
    }

    private Optional<Table> table(FromItem item) {
        return item instanceof FromItem.NamedTable(Name name, var _)
                ? tables.stream().filter(table -> name.means(table.name())).findFirst() : Optional.empty();
    }

    /** The comma form: of inner and cross joins; of outer ones, why there is none. */
    private Optional<Rephrasing> comma() {
        List<FromItem.JoinedTable> joins = Joins.of(query);
        if (joins.isEmpty() || !(query.body() instanceof Select select)) return Optional.empty();
        Optional<FromItem.JoinedTable> outer = joins.stream()
                .filter(joined -> joined.kind() != JoinKind.INNER && joined.kind() != JoinKind.CROSS).findFirst();
        if (outer.isPresent()) {
            return Optional.of(Rephrasing.impossible(RephrasingKind.COMMA,
                    new Caveat.CommaCannotKeep(outer.get().kind())));
        }
        if (!joins.stream().allMatch(joined -> joined.specification() instanceof JoinSpecification.On
                || joined.specification() instanceof JoinSpecification.Nothing))
            return Optional.empty();
        List<Expression> conditions = new ArrayList<>();
        joins.forEach(joined -> conditions.addAll(condition(joined)));
        select.where().ifPresent(where -> conditions.addAll(where.conjuncts()));
        return said(RephrasingKind.COMMA,
                with(new Select(select.distinct(), select.items(), Joins.tables(select.from()),
                        all(conditions), select.groupBy(), select.having())));
    }

    /** The join at hand, if it is an inner one with a condition. */
    private Optional<FromItem.JoinedTable> inner() {
        return atHand().filter(joined -> joined.kind() == JoinKind.INNER
                && joined.specification() instanceof JoinSpecification.On && Joins.of(query).getLast() == joined);
    }

    private static List<Expression> condition(FromItem.JoinedTable joined) {
        return joined.specification() instanceof JoinSpecification.On(Expression condition) ? condition.conjuncts()
                : List.of();
    }

    private static Optional<Expression> all(List<Expression> conditions) {
        return conditions.isEmpty() ? Optional.empty() : Optional.of(Expression.all(conditions));
    }

    private QueryExpression replacing(FromItem.JoinedTable joined, FromItem other) {
        Select select = (Select) query.body();
        return with(new Select(select.distinct(), select.items(), Joins.changed(select.from(), joined, _ -> other),
                select.where(), select.groupBy(), select.having()));
    }

    /** The query with another join at hand, and more conditions in WHERE. */
    private QueryExpression replaced(FromItem other, List<Expression> more) {
        Select select = (Select) replacing(atHand().orElseThrow(), other).body();
        List<Expression> conditions = new ArrayList<>(more);
        select.where().ifPresent(where -> conditions.addAll(where.conjuncts()));
        return with(new Select(select.distinct(), select.items(), select.from(), all(conditions), select.groupBy(),
                select.having()));
    }

    private QueryExpression with(QueryBody body) {
        return query.selecting(body);
    }

    /** The semi or anti join that the query is, in any of its ways. */
    private Optional<PlainJoin> oneSided() {
        return plain.filter(of -> of.kind().only().isPresent() && !of.on().isEmpty()).or(this::outerAndNull);
    }

    /** An anti join said by a left join, of which those rows are taken whose key from the other side is NULL. */
    private Optional<PlainJoin> outerAndNull() {
        if (!query.equals(QueryExpression.of(query.body())) || !(query.body() instanceof Select select)
                || select.where().isEmpty() || select.items().size() != 1
                || !(select.items().getFirst() instanceof SelectItem.EverythingOf(Name taken))
                || select.from().size() != 1)
            return Optional.empty();
        QueryExpression bare = QueryExpression.of(new Select(false, List.of(new SelectItem.Everything()), select.from(),
                Optional.empty(), List.of(), Optional.empty()));
        return PlainJoin.in(bare, tables, "")
                .filter(of -> of.kind() == JoinKind.LEFT_OUTER && !of.on().isEmpty() && taken.means(of.left().alias())
                        && new PlainForms(of).saysIsNull(Side.RIGHT, select.where().get()))
                .map(of -> of.of(JoinKind.LEFT_ANTI));
    }

    private Optional<PlainJoin> full() {
        return plain.filter(of -> of.kind() == JoinKind.FULL_OUTER && !of.natural() && !of.on().isEmpty());
    }
}
